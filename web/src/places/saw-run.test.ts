// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { AheadView, RunView } from '../api/client'
import type { Marked } from '../shop/away'
import { quiet } from '../test-mount'
import { sawRun } from './saw-run'

/** The browser's own store, in memory; can be made full, or so slow that a device is switched off before it wrote where the run stands. */
const store = vi.hoisted(() => ({
  full: false,
  slow: false,
  n: 0,
  marked: [] as Marked[],
  ahead: undefined as AheadView | undefined,
  stood: undefined as number | undefined
}))
vi.mock('../shop/away', () => ({
  putAhead: async (_: string, ahead: AheadView) => void (store.ahead = ahead),
  aheadOf: async () => store.ahead,
  putStood: async (_: string, __: string, at: number) => {
    if (!store.slow) store.stood = at
  },
  stoodAt: async () => store.stood,
  putMarked: async (_: string, marked: Marked, stands: number) => {
    if (store.full) throw new Error('no room')
    store.marked.push({ ...marked, n: ++store.n })
    store.stood = stands
  },
  markedOf: async (run: string) => store.marked.filter((m) => m.run === run),
  markedOfOthers: async (_: string, run: string) => store.marked.filter((m) => m.run !== run),
  forget: async (sent: Marked[]) =>
    void (store.marked = store.marked.filter((m) => !sent.some((s) => s.n === m.n)))
}))

const TOTAL = 5
const at = (pass: number, seq = pass) =>
  ({
    id: 'tray-run-1',
    at: pass,
    seq,
    total: TOTAL,
    open: true,
    finished: pass === TOTAL,
    spoilt: []
  }) as unknown as RunView

/** What goes to the shop: one event, or those of a time away. */
interface Sent {
  mark: string
  event: { kind: string }
  events: { event: { kind: string } }[]
}

/** A shop with one run, that can be away, busy, or have been told by others meanwhile. */
function shop() {
  const state = {
    away: false,
    busy: 0,
    conflict: false,
    refuse: 0,
    ahead: true,
    run: at(0),
    left: [] as string[],
    alike: 0,
    calls: [] as { what: string; body: Sent }[]
  }
  const json = (reply: unknown, status = 200) =>
    new Response(JSON.stringify(reply), { status, headers: { 'content-type': 'application/json' } })
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    const body = (request.method === 'POST' ? await request.json().catch(() => ({})) : {}) as Sent
    state.calls.push({ what: `${request.method} ${path}`, body })
    if (state.away) throw new TypeError('no network')
    if (path.endsWith('/ahead'))
      return state.ahead
        ? json({
            id: 'tray-run-1',
            at: state.run.at,
            places: Array.from({ length: TOTAL + 1 }, (_, i) => at(i))
          })
        : json({ detail: 'not now' }, 404)
    if (path.endsWith('/events/away')) {
      if (state.refuse) return json({ detail: 'The disk is full.' }, state.refuse)
      state.run = at(state.run.at + body.events.length)
      return json({ run: state.run, left: state.left, alike: state.alike })
    }
    if (path.endsWith('/events')) {
      if (state.busy-- > 0) return json({ detail: 'busy' }, 503)
      if (state.conflict) return json({ detail: 'stale' }, 409)
      state.run = at(state.run.at + (body.event.kind === 'DONE' ? 1 : -1), state.run.seq + 1)
    }
    return json(state.run)
  })
  const sent = (what: string) => state.calls.filter((c) => c.what.endsWith(what)).map((c) => c.body)
  return Object.assign(state, { sent })
}

const DONE = { kind: 'DONE' } as const

describe('a run at the saw', () => {
  beforeEach(() => {
    Object.assign(store, { full: false, slow: false, n: 0, marked: [], ahead: undefined, stood: undefined })
    localStorage.clear()
  })
  afterEach(() => vi.unstubAllGlobals())

  async function begun(prepare?: (of: ReturnType<typeof shop>) => void) {
    const there = shop()
    prepare?.(there)
    const saw = sawRun(ref('tray'))
    await saw.begin()
    await quiet()
    return { there, saw }
  }

  it('shows the next pass only when the shop has kept the one that was marked', async () => {
    const { there, saw } = await begun()
    const press = saw.happened(DONE)
    expect(saw.run.value?.at).toBe(0)
    // pressed twice in haste: one pass
    await saw.happened(DONE)
    await press
    expect(saw.run.value?.at).toBe(1)
    expect(there.sent('/events')).toHaveLength(1)
  })

  it('asks a shop that is busy again, under the same mark', async () => {
    const { there, saw } = await begun((of) => (of.busy = 1))
    await saw.happened(DONE)
    const [first, again] = there.sent('/events').map((b) => b.mark)
    expect(first).toBeTruthy()
    expect(again).toBe(first)
    expect(saw.told.value).toBe('')
    expect(saw.run.value?.at).toBe(1)
  })

  it('goes on without the shop, and hands over what was marked in order, once', async () => {
    const { there, saw } = await begun()
    await saw.happened(DONE)
    there.away = true
    await saw.happened(DONE)
    await saw.happened(DONE)
    await saw.happened({ kind: 'BACK' })
    expect(saw.gone.value).toBe(true)
    expect(saw.run.value?.at).toBe(2)
    expect(saw.waiting.value.map((m) => m.event.kind)).toEqual(['DONE', 'DONE', 'BACK'])
    expect(new Set(saw.waiting.value.map((m) => m.mark)).size).toBe(3)
    there.away = false
    await saw.look()
    expect(there.sent('/events/away').map((b) => b.events.map((e) => e.event.kind))).toEqual([
      ['DONE', 'DONE', 'BACK']
    ])
    expect(saw.gone.value).toBe(false)
    expect(saw.waiting.value).toEqual([])
    expect(store.marked).toEqual([])
    await saw.look()
    expect(there.sent('/events/away')).toHaveLength(1)
  })

  it('stands where the last mark led when the device is switched off right after it', async () => {
    const { there, saw } = await begun()
    await saw.happened(DONE)
    there.away = true
    store.slow = true
    await saw.happened(DONE)
    await saw.happened(DONE)
    await saw.happened({ kind: 'BACK' })
    const on = sawRun(ref('tray'))
    await on.begin()
    expect(on.run.value?.at).toBe(2)
    expect(on.waiting.value).toHaveLength(3)
  })

  it('keeps here what the shop could not take when it was back', async () => {
    const { there, saw } = await begun()
    there.away = true
    await saw.happened(DONE)
    there.away = false
    there.refuse = 507
    await saw.look()
    expect(saw.told.value).toBe('The disk is full.')
    expect(store.marked).toHaveLength(1)
    there.refuse = 0
    await saw.look()
    expect(store.marked).toEqual([])
    expect(saw.run.value?.at).toBe(1)
  })

  it('lets nobody cut on where nothing was fetched ahead', async () => {
    const { there, saw } = await begun((of) => (of.ahead = false))
    there.away = true
    await saw.happened(DONE)
    expect(saw.run.value?.at).toBe(0)
    expect(saw.told.value).toContain('Do not cut on')
    expect(store.marked).toEqual([])
  })

  it('lets nobody cut on when this browser has no room for the mark', async () => {
    const { there, saw } = await begun()
    there.away = true
    store.full = true
    await saw.happened(DONE)
    expect(saw.run.value?.at).toBe(0)
    expect(saw.told.value).toContain('no room')
  })

  it('marks passes alone without the shop, and says what to do with a spoilt part', async () => {
    const { there, saw } = await begun()
    there.away = true
    await saw.happened({ kind: 'SPOILT', part: 'A' } as never)
    expect(saw.told.value).toContain('Lay the part aside')
    expect(saw.waiting.value).toEqual([])
  })

  it('sends the same press again under its mark when no answer came', async () => {
    const { there, saw } = await begun((of) => (of.ahead = false))
    there.away = true
    await saw.happened(DONE)
    there.away = false
    saw.gone.value = false
    await saw.happened(DONE)
    await saw.happened(DONE)
    const [unanswered, first, second] = there.sent('/events').map((b) => b.mark)
    expect(first).toBe(unanswered)
    expect(second).not.toBe(first)
    expect(saw.run.value?.at).toBe(2)
  })

  it('says that another device was first, and shows where the run stands', async () => {
    const { there, saw } = await begun()
    there.conflict = true
    there.run = at(3)
    await saw.happened(DONE)
    expect(saw.told.value).toContain('Another device was first')
    expect(saw.run.value?.at).toBe(3)
  })

  it('is not put back by an answer that comes late', async () => {
    const { there, saw } = await begun()
    await saw.happened(DONE)
    const now = there.run
    there.run = at(0)
    await saw.look()
    expect(saw.run.value?.at).toBe(1)
    there.run = at(2, now.seq + 1)
    await saw.look()
    expect(saw.run.value?.at).toBe(2)
  })

  it('says when the passes had been marked on another device as well', async () => {
    const { there, saw } = await begun((of) => (of.alike = 1))
    there.away = true
    await saw.happened(DONE)
    there.away = false
    await saw.look()
    expect(saw.told.value).toBe('The shop is back. A pass had been marked on another device as well.')
  })

  it('begins without the shop where this device left it, with what it had marked', async () => {
    const first = await begun()
    first.there.away = true
    await first.saw.happened(DONE)
    await first.saw.happened(DONE)
    const again = sawRun(ref('tray'))
    await again.begin()
    expect(again.run.value?.at).toBe(2)
    expect(again.waiting.value).toHaveLength(2)
    expect(again.gone.value).toBe(true)
    first.there.away = false
    await again.look()
    expect(first.there.run.at).toBe(2)
  })

  it('cannot begin without the shop on a device that never had the run', async () => {
    const { saw } = await begun((of) => (of.away = true))
    expect(saw.run.value).toBeUndefined()
    expect(saw.told.value).toContain('The server does not answer')
  })

  it('tells what was marked in a run that was put aside elsewhere, until it was read', async () => {
    store.marked = [{ n: 9, run: 'tray-run-0', event: DONE, mark: 'm', at: Date.now() }] as Marked[]
    const { there, saw } = await begun((of) => (of.left = ['A2, slot 3: that run was put aside.']))
    expect(there.sent('tray-run-0/events/away')).toHaveLength(1)
    expect(saw.left.value).toEqual(['A2, slot 3: that run was put aside.'])
    expect(store.marked).toEqual([])
    // reloaded before it was read
    there.left = []
    const again = sawRun(ref('tray'))
    await again.begin()
    expect(again.left.value).toEqual(['A2, slot 3: that run was put aside.'])
    again.left.value = []
    await quiet()
    expect(sawRun(ref('tray')).left.value).toEqual([])
    expect(sawRun(ref('chest')).left.value).toEqual([])
  })
})
