import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { AheadView, SawEvent } from '../api/client'

/** A pass marked while the shop could not be reached. */
export interface Marked {
  /** in the order they were marked */
  n?: number
  run: string
  event: SawEvent
  mark: string
  /** by the device's clock, ms */
  at: number
}

interface Store extends DBSchema {
  /** runs as they stand at every pass, by the box they cut */
  ahead: { key: string; value: AheadView & { box: string } }
  /** at which pass a run stood last, by the box it cuts */
  stood: { key: string; value: { box: string; run: string; at: number } }
  marked: { key: number; value: Marked; indexes: { run: string } }
}

let opened: Promise<IDBPDatabase<Store>> | undefined
/** The browser's own store: what is in it outlives a reload and an empty battery. */
function store() {
  opened ??= openDB<Store>('cant-hook', 1, {
    upgrade(db) {
      db.createObjectStore('ahead', { keyPath: 'box' })
      db.createObjectStore('stood', { keyPath: 'box' })
      db.createObjectStore('marked', { keyPath: 'n', autoIncrement: true }).createIndex('run', 'run')
    },
    // another window wants a newer form of it
    blocking() {
      void opened?.then((db) => db.close())
      opened = undefined
    }
  })
  return opened
}

export async function putAhead(box: string, ahead: AheadView): Promise<void> {
  await (await store()).put('ahead', { ...ahead, box })
}

export async function aheadOf(box: string): Promise<AheadView | undefined> {
  return (await store()).get('ahead', box)
}

export async function putStood(box: string, run: string, at: number): Promise<void> {
  await (await store()).put('stood', { box, run, at })
}

/** The pass a run stood at last on this device; nothing when another run was at. */
export async function stoodAt(box: string, run: string): Promise<number | undefined> {
  const stood = await (await store()).get('stood', box)
  return stood?.run === run ? stood.at : undefined
}

/** The mark, and at which pass the run stands with it: both or neither, whenever the device is switched off. */
export async function putMarked(box: string, marked: Marked, stands: number): Promise<void> {
  const tx = (await store()).transaction(['marked', 'stood'], 'readwrite')
  await Promise.all([
    tx.objectStore('marked').add(marked),
    tx.objectStore('stood').put({ box, run: marked.run, at: stands }),
    tx.done
  ])
}

/** In the order they were marked. */
export async function markedOf(run: string): Promise<Marked[]> {
  const all = await (await store()).getAllFromIndex('marked', 'run', run)
  return all.sort((a, b) => (a.n ?? 0) - (b.n ?? 0))
}

/** Of every run of a box but one, in the order they were marked: runs that were put aside elsewhere meanwhile. */
export async function markedOfOthers(box: string, run: string): Promise<Marked[]> {
  const all = await (await store()).getAll('marked')
  return all.filter((m) => m.run !== run && m.run.startsWith(`${box}-run-`))
}

/** Once the shop has them. */
export async function forget(sent: Marked[]): Promise<void> {
  const tx = (await store()).transaction('marked', 'readwrite')
  await Promise.all([...sent.map((m) => (m.n === undefined ? undefined : tx.store.delete(m.n))), tx.done])
}
