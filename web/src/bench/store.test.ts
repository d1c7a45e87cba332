import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useBench } from './store'

/** A server that remembers what it was told and can be made to refuse. */
function server() {
  const calls: { method: string; path: string; body: Record<string, unknown> }[] = []
  const refuse: Record<string, { status: number; body: unknown }> = {}
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    const body = request.method === 'GET' ? {} : await request.json()
    calls.push({ method: request.method, path, body })
    const refused = refuse[`${request.method} ${path}`]
    const [status, reply] = refused
      ? [refused.status, refused.body]
      : path === '/api/work'
        ? [200, { numbers: [], verdicts: [], stations: [], fields: {}, sections: 3 }]
        : request.method === 'PUT'
          ? [200, { revision: (body.revision as number) + 1 }]
          : [200, { id: 'tray', revision: 4, plan: { name: 'Tray', size: { height: 96 } }, testCuts: [] }]
    return new Response(JSON.stringify(reply), { status, headers: { 'content-type': 'application/json' } })
  })
  return { calls, refuse }
}

describe('a box on the bench', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    vi.stubGlobal('window', { setTimeout: () => 1, clearTimeout: () => undefined })
  })

  async function opened() {
    const shop = server()
    const bench = useBench()
    await bench.open('tray')
    return { ...shop, bench }
  }

  it('takes a dragged number as one step to undo, and redoes it', async () => {
    const { bench } = await opened()
    for (const height of [97, 98, 99]) await bench.set('size.height', height, 'drag')
    bench.settle()
    await bench.set('size.height', 120, 'drag')
    expect(bench.done).toHaveLength(2)
    await bench.undo()
    expect(bench.plan?.size.height).toBe(99)
    await bench.undo()
    expect(bench.plan?.size.height).toBe(96)
    await bench.redo()
    expect(bench.plan?.size.height).toBe(99)
  })

  it('puts the last good plan back when the server refuses, and says where', async () => {
    const { bench, refuse } = await opened()
    refuse['POST /api/work'] = { status: 422, body: { detail: 'Too high.', field: 'plan.size.height' } }
    await bench.set('size.height', 9999)
    expect(bench.plan?.size.height).toBe(96)
    expect(bench.problem).toMatchObject({ field: 'size.height', detail: 'Too high.' })
    expect(bench.done).toHaveLength(0)
  })

  it('writes from the revision it read, and stops at a stale one without losing the change', async () => {
    const { bench, calls, refuse } = await opened()
    await bench.set('size.height', 97)
    await bench.keep()
    expect(calls.filter((c) => c.method === 'PUT').map((c) => c.body.revision)).toEqual([4])
    refuse['PUT /api/boxes/tray'] = {
      status: 409,
      body: { detail: 'Changed elsewhere.', currentRevision: 9 }
    }
    await bench.set('size.height', 98)
    await bench.keep()
    expect(bench.kept).toBe('stale')
    expect(bench.plan?.size.height).toBe(98)
    delete refuse['PUT /api/boxes/tray']
    await bench.keepOnTop()
    expect(calls.filter((c) => c.method === 'PUT').at(-1)?.body.revision).toBe(9)
    expect(bench.kept).toBe('kept')
  })

  it('keeps what was typed while the server is away', async () => {
    const { bench } = await opened()
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('refused')
    })
    await bench.set('size.height', 101)
    await bench.keep()
    expect(bench.plan?.size.height).toBe(101)
    expect(bench.kept).toBe('away')
  })
})
