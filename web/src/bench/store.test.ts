import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useBench } from './store'
import { allUnkept } from './unkept'

/** A server that remembers what it was told and can be made to refuse. */
function server() {
  const calls: { method: string; path: string; body: Record<string, unknown> }[] = []
  const farther: { back: number[]; forth: number[] } = { back: [], forth: [] }
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
        : path.startsWith('/api/work/')
          ? [200, { number: { id: path.split('/').pop() }, inputs: [] }]
          : request.method === 'PUT'
            ? [200, { revision: (body.revision as number) + 1 }]
            : path.endsWith('/way-back')
              ? [200, { back: farther.back, forth: farther.forth }]
              : path.includes('/history/')
                ? [200, { plan: { name: 'Tray', size: { height: Number(path.split('/').pop()) } } }]
                : path.endsWith('/what-if/of')
                  ? [200, {}]
                  : [
                      200,
                      { id: 'tray', revision: 4, plan: { name: 'Tray', size: { height: 96 } }, testCuts: [] }
                    ]
    return new Response(JSON.stringify(reply), { status, headers: { 'content-type': 'application/json' } })
  })
  return { calls, refuse, farther }
}

describe('a box on the bench', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    const kept: Record<string, string> = {}
    vi.stubGlobal(
      'localStorage',
      new Proxy(kept, {
        get: (all, key: string) =>
          ({
            getItem: (k: string) => all[k] ?? null,
            setItem: (k: string, v: string) => void (all[k] = v),
            removeItem: (k: string) => void Reflect.deleteProperty(all, k)
          })[key]
      })
    )
    vi.stubGlobal('window', { setTimeout: () => 1, clearTimeout: () => undefined })
  })

  async function opened() {
    const shop = server()
    const bench = useBench()
    await bench.open('tray')
    return { ...shop, bench }
  }

  it('says something of what was never spoken of before', async () => {
    const { bench } = await opened()
    await bench.set('lid.pull.stop', 40)
    expect((bench.plan as unknown as { lid: unknown })?.lid).toEqual({ pull: { stop: 40 } })
    await bench.undo()
    expect((bench.plan as unknown as { lid?: unknown })?.lid).toBeUndefined()
  })

  it('undoes what was done before it was opened here, and says to which state that leads', async () => {
    const shop = server()
    shop.farther.back = [3, 2]
    const bench = useBench()
    await bench.open('tray')
    expect(bench.canUndo).toBe(true)
    await bench.undo()
    expect(bench.plan?.size.height).toBe(3)
    await bench.keep()
    expect(shop.calls.findLast((c) => c.method === 'PUT')?.body).toMatchObject({ revision: 4, backTo: 3 })
    await bench.redo()
    expect(bench.plan?.size.height).toBe(96)
    await bench.keep()
    expect(shop.calls.findLast((c) => c.method === 'PUT')?.body).toMatchObject({ revision: 5, backTo: 4 })
    await bench.set('size.height', 50)
    await bench.keep()
    expect(shop.calls.findLast((c) => c.method === 'PUT')?.body.backTo).toBeUndefined()
    expect(bench.canRedo).toBe(false)
  })

  it('takes a wood from a list on the screen and decides on', async () => {
    const { bench } = await opened()
    const woods = ref([{ wood: { id: 'orchard-pear', name: 'Orchard pear' } }])
    await bench.set('walls', { wood: 'orchard-pear', own: woods.value[0]?.wood })
    await bench.set('size.height', 80)
    expect(bench.plan).toEqual({
      name: 'Tray',
      size: { height: 80 },
      walls: { wood: 'orchard-pear', own: { id: 'orchard-pear', name: 'Orchard pear' } }
    })
    await bench.undo()
    expect(bench.plan?.size.height).toBe(96)
  })

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

  it('does not show a fix that the answer no longer offers, however late it is worked', async () => {
    const { bench } = await opened()
    const fix = { after: { name: 'Tray', size: { height: 140 } } } as unknown as Parameters<
      typeof bench.show
    >[0]
    const steps: Promise<void>[] = []
    const undone = bench.set('size.height', 97)
    // the pointer comes to the fix while the plan is being worked, and the picture of it comes last
    const reply = globalThis.fetch
    let release: () => void = () => {}
    const gate = new Promise<void>((done) => {
      release = done
    })
    vi.stubGlobal('fetch', async (request: Request) => {
      await gate
      return reply(request)
    })
    steps.push(bench.show(fix))
    await undone
    expect(bench.worked).not.toBeNull()
    release()
    await Promise.all(steps)
    expect(bench.preview).toBeNull()
  })

  it('leaves a working closed that was closed before the next one came', async () => {
    const { bench } = await opened()
    await bench.openWorking('fingers.slot')
    const next = bench.openWorking('fingers.kerf')
    bench.working = []
    await next
    expect(bench.working).toEqual([])
    // of two pressed quickly the last one is shown
    await Promise.all([bench.openWorking('fingers.slot'), bench.openWorking('fingers.kerf')])
    expect(bench.working.map((w) => w.number.id)).toEqual(['fingers.kerf'])
  })

  it('shows a fix while the pointer rests on it', async () => {
    const { bench } = await opened()
    await bench.show({ after: { name: 'Tray', size: { height: 140 } } } as unknown as Parameters<
      typeof bench.show
    >[0])
    expect(bench.preview).not.toBeNull()
    await bench.show(null)
    expect(bench.preview).toBeNull()
  })

  it('puts the last good plan back when the server refuses, and says where', async () => {
    const { bench, refuse } = await opened()
    refuse['POST /api/work'] = { status: 422, body: { detail: 'Too high.', field: 'plan.size.height' } }
    await bench.set('size.height', 9999)
    expect(bench.plan?.size.height).toBe(96)
    expect(bench.problem).toMatchObject({ field: 'size.height', detail: 'Too high.' })
    expect(bench.done).toHaveLength(0)
    expect(allUnkept()).toEqual([])
    expect(bench.kept).toBe('kept')
  })

  it('asks again when no answer came, and keeps what was chosen meanwhile', async () => {
    const { bench, calls, refuse } = await opened()
    const later: (() => void)[] = []
    vi.stubGlobal('window', {
      setTimeout: (act: () => void) => later.push(act),
      clearTimeout: () => undefined
    })
    refuse['POST /api/work'] = { status: 503, body: { detail: 'busy' } }
    await bench.set('size.height', 70)
    expect(bench.plan?.size.height).toBe(70)
    expect(bench.problem?.detail).toBe('busy')
    Reflect.deleteProperty(refuse, 'POST /api/work')
    const asked = calls.filter((c) => c.path === '/api/work').length
    for (const act of [...later]) act()
    await vi.waitFor(() => expect(bench.problem).toBeNull())
    const works = calls.filter((c) => c.path === '/api/work')
    expect(works.length).toBe(asked + 1)
    expect((works.at(-1)?.body.plan as { size: { height: number } }).size.height).toBe(70)
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

  it('tries a refused save again with growing waits, says why, and lets its own copy go once it is kept', async () => {
    const { bench, refuse, calls } = await opened()
    const waits: [number, () => void][] = []
    vi.stubGlobal('window', {
      setTimeout: (then: () => void, wait: number) => waits.push([wait, then]),
      clearTimeout: () => undefined
    })
    for (const [status, detail] of [
      [503, 'in use by another program'],
      [507, 'The disk is full'],
      [500, 'Something went wrong']
    ] as const) {
      refuse['PUT /api/boxes/tray'] = { status, body: { status, detail } }
      if (bench.kept === 'kept') await bench.set('size.height', 97)
      await bench.keep()
      expect(bench.kept).toBe('away')
      expect(bench.why).toContain(detail)
    }
    expect(waits.map(([wait]) => wait).filter((wait) => wait >= 1000)).toEqual([1000, 2000, 4000])
    expect(allUnkept().map((u) => [u.id, u.plan.size.height])).toEqual([['tray', 97]])
    delete refuse['PUT /api/boxes/tray']
    waits.at(-1)?.[1]()
    await vi.waitFor(() => expect(bench.kept).toBe('kept'))
    expect(calls.filter((c) => c.method === 'PUT').at(-1)?.body.revision).toBe(4)
    expect(allUnkept()).toEqual([])
  })

  it('offers what a crash left unkept, takes it up as a change, and offers nothing that is kept already', async () => {
    const first = await opened()
    first.refuse['PUT /api/boxes/tray'] = { status: 507, body: { detail: 'The disk is full' } }
    await first.bench.set('size.height', 97)
    await first.bench.keep()

    setActivePinia(createPinia())
    const again = await opened()
    expect(again.bench.plan?.size.height).toBe(96)
    expect(again.bench.offered?.plan.size.height).toBe(97)
    await again.bench.takeUp()
    expect(again.bench.plan?.size.height).toBe(97)
    expect(again.bench.done).toHaveLength(1)
    await again.bench.keep()
    expect(again.bench.kept).toBe('kept')

    setActivePinia(createPinia())
    expect((await opened()).bench.offered).toBeUndefined()
  })

  it('is kept beside the other under a name that is no longer than a name may be', async () => {
    for (const name of ['m'.repeat(80), '🌱'.repeat(40), 'Seed chest']) {
      const { bench, calls, refuse } = await opened()
      await bench.decide((draft) => (draft.name = name))
      refuse['PUT /api/boxes/tray'] = { status: 409, body: { detail: 'stale', currentRevision: 9 } }
      await bench.keep()
      expect(bench.kept).toBe('stale')
      await bench.keepAsCopy()
      const made = calls.findLast((c) => c.method === 'POST' && c.path === '/api/boxes')?.body as {
        plan: { name: string }
      }
      expect(made.plan.name.endsWith(' (other window)')).toBe(true)
      expect(made.plan.name.length).toBeLessThanOrEqual(80)
      expect(encodeURIComponent(made.plan.name)).toBeTruthy()
    }
  })
})
