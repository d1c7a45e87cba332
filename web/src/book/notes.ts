import { answer as got, api, problemOf } from '../api/client'

/** A line that is written: where it hangs, and the photos that go with it. */
export interface Written {
  box?: string
  about?: string
  words: string
  photos: File[]
  /** the note it is the new wording of */
  ref?: string
}

/** Largest photo that is sent, bytes; the server takes no more. */
export const LARGEST_PHOTO = 25_000_000

async function begin(note: Written): Promise<number> {
  const { id } = await got(
    api.POST('/api/book/notes', {
      body: {
        words: note.words,
        ...(note.box ? { box: note.box } : {}),
        ...(note.about ? { about: note.about } : {})
      }
    })
  )
  return id
}

async function reword(id: number, words: string): Promise<number> {
  await got(api.PUT('/api/book/notes/{id}', { params: { path: { id } }, body: { words } }))
  return id
}

/**
 * Writes it, then its photos one after another. What was written stays written when a photo is refused.
 *
 * @returns what was refused, a sentence a photo
 */
export async function write(note: Written): Promise<string[]> {
  const id = note.ref === undefined ? await begin(note) : await reword(Number(note.ref), note.words)
  return hangPhotos(id, note.photos)
}

/**
 * Hangs photos on a line that is written.
 *
 * @returns what was refused, a sentence a photo
 */
export async function hangPhotos(id: number, photos: File[]): Promise<string[]> {
  const refused: string[] = []
  for (const photo of photos) {
    if (photo.size > LARGEST_PHOTO) {
      refused.push(`${photo.name}: a photo of more than 25 megabytes is not taken. Send a smaller one.`)
      continue
    }
    try {
      const sent = await fetch(`/api/book/notes/${id}/photos`, {
        method: 'POST',
        body: photo,
        headers: { 'Content-Type': 'application/octet-stream' }
      })
      if (!sent.ok) {
        const problem = (await sent.json()) as { detail?: string }
        refused.push(`${photo.name}: ${problem.detail ?? 'it was not taken.'}`)
      }
    } catch (error) {
      refused.push(`${photo.name}: ${problemOf(error).detail}`)
    }
  }
  return refused
}
