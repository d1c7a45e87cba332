// @vitest-environment happy-dom
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { mounted, quiet } from '../test-mount'
import { shopThat } from '../test-shop'
import JigsShelf from './JigsShelf.vue'

vi.mock('../drawing/FigureView.vue', () => ({ default: { render: () => null } }))

const FIGURE = {
  id: 'jig',
  title: '',
  left: 0,
  top: 0,
  width: 1,
  height: 1,
  shapes: [],
  dimensions: [],
  notes: [],
  marks: []
}
const jig = (id: string, name: string) => ({
  revision: 1,
  says: '',
  fields: {},
  figure: FIGURE,
  jig: { id, name, jig: { way: 'SLED_KEY' }, keys: [], spacers: [], note: '' }
})

async function shelf() {
  const kept: Record<string, unknown>[] = []
  const shop = shopThat({
    'GET /api/rack/jigs': [jig('near', 'Near'), jig('far', 'Far')],
    'GET /api/rack/cutters': [],
    'GET /api/book': { entries: [], total: 0 },
    'GET /api/build/jigs/near/boxes': [],
    'GET /api/build/jigs/far/boxes': [],
    'GET /api/rack/jigs/near/squares': [],
    'GET /api/rack/jigs/far/squares': [],
    'PUT /api/rack/jigs/near': (body: { jig: Record<string, unknown> }) => put(body, 'near'),
    'PUT /api/rack/jigs/far': (body: { jig: Record<string, unknown> }) => put(body, 'far'),
    'POST /api/lengths': (body: { text: string }) => ({ mm: Number(body.text), echo: '' })
  })
  function put(body: { jig: Record<string, unknown> }, id: string) {
    kept.push(body.jig)
    return { ...jig(id, id), jig: body.jig }
  }
  const on = mounted(JigsShelf, {})
  await quiet()
  async function type(label: string, text: string) {
    const field = [...on.page.querySelectorAll('label')].find((l) => l.textContent?.includes(label))
    const input = document.getElementById(field?.getAttribute('for') ?? '') as HTMLInputElement
    input.dispatchEvent(new Event('focus'))
    input.value = text
    input.dispatchEvent(new Event('input'))
    await quiet()
    input.dispatchEvent(new Event('blur'))
    await quiet()
  }
  async function pick(name: string) {
    const row = [...on.page.querySelectorAll<HTMLButtonElement>('.jig')].find((b) =>
      b.textContent?.includes(name)
    )
    row?.click()
    await quiet()
  }
  return { ...on, shop, kept, type, pick }
}

describe('jigs on the rack', () => {
  beforeEach(() => localStorage.clear())

  it('keeps a glued key once both of its measures are said', async () => {
    const { kept, type, close } = await shelf()
    await type('slot it cuts', '6.35')
    expect(kept.filter((j) => j.glued)).toEqual([])
    await type('and the gap', '6.2')
    expect(kept.at(-1)?.glued).toEqual({ kerf: 6.35, gap: 6.2 })
    close()
  })

  it('never takes what was begun on one jig for another', async () => {
    const { kept, type, pick, close } = await shelf()
    await type('slot it cuts', '6.35')
    await pick('Far')
    await type('and the gap', '9.9')
    expect(kept.filter((j) => j.glued)).toEqual([])
    close()
  })
})
