import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { LARGEST_PHOTO, write } from './notes'

/** What was sent, and what the server is to say to each photo. */
let sent: { url: string; body: unknown; type: string | null }[] = []
let says: { status: number; detail?: string }[] = []

beforeEach(() => {
  sent = []
  says = []
  vi.stubGlobal(
    'fetch',
    vi.fn(async (input: Request | string, init?: RequestInit) => {
      const url = typeof input === 'string' ? input : new URL(input.url).pathname
      const headers = typeof input === 'string' ? new Headers(init?.headers) : input.headers
      const body = typeof input === 'string' ? init?.body : await input.json()
      sent.push({ url, body, type: headers.get('Content-Type') })
      if (url.endsWith('/notes')) return Response.json({ id: 17 }, { status: 201 })
      const { status, detail } = says.shift() ?? { status: 201 }
      return status < 300 ? new Response(null, { status }) : Response.json({ detail }, { status })
    })
  )
})
afterEach(() => vi.unstubAllGlobals())

const photo = (name: string, size = 10) => {
  const file = new File(['x'], name, { type: 'image/jpeg' })
  Object.defineProperty(file, 'size', { value: size })
  return file
}

describe('a line that is written', () => {
  it('is kept first, then its photos, one after another, as pictures and not as a form', async () => {
    expect(
      await write({ box: 'drawer', about: 'fit.move', words: 'Tight.', photos: [photo('a'), photo('b')] })
    ).toEqual([])
    expect(sent.map((s) => s.url)).toEqual([
      '/api/book/notes',
      '/api/book/notes/17/photos',
      '/api/book/notes/17/photos'
    ])
    expect(sent[0]?.body).toEqual({ box: 'drawer', about: 'fit.move', words: 'Tight.' })
    expect(sent[1]?.type).toBe('application/octet-stream')
  })

  it('says nothing of a box or a number where it hangs on none', async () => {
    await write({ words: 'Damp today.', photos: [] })
    expect(sent[0]?.body).toEqual({ words: 'Damp today.' })
  })

  it('stays written when a photo is refused, and the others are sent all the same', async () => {
    says = [{ status: 422, detail: 'That is no picture this can read.' }, { status: 201 }]
    const refused = await write({ words: 'Two.', photos: [photo('list.jpg'), photo('corner.jpg')] })
    expect(refused).toEqual(['list.jpg: That is no picture this can read.'])
    expect(sent).toHaveLength(3)
  })

  it('does not send a photo that is too large, and says which', async () => {
    const refused = await write({ words: 'Big.', photos: [photo('wall.jpg', LARGEST_PHOTO + 1)] })
    expect(sent).toHaveLength(1)
    expect(refused[0]).toContain('wall.jpg')
    expect(refused[0]).toContain('25 megabytes')
  })
})
