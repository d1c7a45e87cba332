import type { BoxPlan } from '../api/client'

/**
 * Plans that are not kept on the server yet, in this browser's own store: they outlive a reload and a crash, and are offered when their
 * box is opened again.
 */
export interface Unkept {
  id: string
  name: string
  /** the revision the change was made from */
  revision: number
  at: string
  plan: BoxPlan
}

const PREFIX = 'cant-hook.unkept.'

function store(): Storage | undefined {
  try {
    return globalThis.localStorage
  } catch {
    // a browser that is told to keep nothing
    return undefined
  }
}

/** False when the browser has no room for it, or may keep nothing. */
export function putBy(unkept: Unkept): boolean {
  try {
    const kept = store()
    kept?.setItem(PREFIX + unkept.id, JSON.stringify(unkept))
    return kept !== undefined
  } catch {
    return false
  }
}

export function unkeptOf(id: string): Unkept | undefined {
  const text = store()?.getItem(PREFIX + id)
  if (!text) return undefined
  try {
    return JSON.parse(text) as Unkept
  } catch {
    letGo(id)
    return undefined
  }
}

export function letGo(id: string) {
  store()?.removeItem(PREFIX + id)
}

/** All boxes of which something is not kept. */
export function allUnkept(): Unkept[] {
  const kept = store()
  if (!kept) return []
  return Object.keys(kept)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => unkeptOf(key.slice(PREFIX.length)))
    .filter((u): u is Unkept => u !== undefined)
}
