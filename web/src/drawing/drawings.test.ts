// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Figure, RungView } from '../api/client'
import StickBar from '../bench/StickBar.vue'
import { useBench } from '../bench/store'
import { mounted, quiet } from '../test-mount'
import FigureView from './FigureView.vue'
import LadderRung from './LadderRung.vue'

vi.mock('@vueuse/core', async (real) => ({
  ...(await real<object>()),
  useElementSize: () => ({ width: ref(812), height: ref(400) }),
  useIntersectionObserver: (_: unknown, seen: (e: { isIntersecting: boolean }[]) => void) => {
    seen([{ isIntersecting: true }])
  }
}))

const rung: RungView = {
  name: 'fingers.5',
  sections: 5,
  slot: '20.00 mm',
  aSlot: '2 passes a slot',
  inAll: '20 in all',
  closing: '98.00 mm',
  closesLower: true,
  ripOff: '2.00 mm',
  onePassCloses: '40 mm',
  feasible: true,
  why: '',
  score: 88,
  reasons: ['two passes a slot −3'],
  cutter: 'dado',
  cutterId: 'd1',
  figure: { height: 100, closing: 98, slots: [20, 40, 60, 80], passes: [0, 8] }
}

describe('a rung of the ladder', () => {
  it('shows every slot and what is ripped off where they are on the wall', () => {
    const { page } = mounted(LadderRung, { rung, most: 100, chosen: false, recommended: false })
    // 812 less a margin of 12 for 100 mm: 8 to the millimetre, from 4
    expect(page.querySelector('.slots')?.getAttribute('d')).toMatch(/^M164\.00 9H324\.00.*M484\.00 9H644\.00/)
    const waste = page.querySelector('.waste')
    expect(Number(waste?.getAttribute('x'))).toBeCloseTo(788)
    expect(Number(waste?.getAttribute('width'))).toBeCloseTo(16)
    expect(page.querySelectorAll('.ticks')).toHaveLength(1)
  })

  it('says passes and height, and opens each to its working', () => {
    const { page, said } = mounted(LadderRung, { rung, most: 100, chosen: false, recommended: false })
    expect(page.querySelector('.choose')?.getAttribute('aria-label')).toContain(
      '5 sections of 20.00 mm, 2 passes a slot, 20 in all, closes at 98.00 mm, 2.00 mm to rip off'
    )
    page.querySelector<HTMLElement>('.closes')?.click()
    page.querySelector<HTMLElement>('.choose')?.click()
    expect(said.map((s) => s.slice(0, 2))).toEqual([['open', 'fingers.5.closing-height'], ['choose']])
  })

  it('says why it cannot be cut instead of how', () => {
    const { page } = mounted(LadderRung, {
      rung: { ...rung, feasible: false, why: 'the cutter is wider than the slot' },
      most: 100,
      chosen: false,
      recommended: false
    })
    expect(page.textContent).toContain('the cutter is wider than the slot')
    expect(page.textContent).not.toContain('in all')
    expect(page.querySelector('.ticks')).toBeNull()
  })

  it('far away it is drawn when it is looked at', async () => {
    vi.stubGlobal('fetch', async (request: Request) =>
      request.url.endsWith('/work/rungs/fingers.5')
        ? new Response(JSON.stringify(rung.figure), { headers: { 'content-type': 'application/json' } })
        : new Response('{}', { status: 404 })
    )
    const far = { ...rung } as Partial<RungView>
    delete far.figure
    const given = { rung: far, most: 100, chosen: false, recommended: false }
    const { page } = mounted(LadderRung, given, () => {
      useBench().plan = { fingers: {} } as never
    })
    expect(page.querySelector('.wall')).toBeNull()
    await quiet()
    expect(page.querySelector('.slots')?.getAttribute('d')).toMatch(/^M164\.00 /)
  })
})

const figure: Figure = {
  id: 'joint',
  title: 'A part',
  left: -10,
  top: 0,
  width: 110,
  height: 20,
  shapes: [
    { role: 'stock', points: [0, 0, 100, 0, 100, 20, 0, 20] },
    { role: 'reference-edge', points: [0, 0, 0, 20] }
  ],
  dimensions: [
    {
      x1: 0,
      y1: 0,
      x2: 100,
      y2: 0,
      side: 'ABOVE',
      lane: 0,
      text: '3 15/16',
      label: 'Length',
      number: 'size.height'
    },
    {
      x1: 0,
      y1: 20,
      x2: 50,
      y2: 20,
      side: 'BELOW',
      lane: 0,
      text: '50',
      label: 'Length',
      number: 'a',
      field: 'size.width'
    }
  ],
  notes: [],
  marks: []
}

describe('a figure', () => {
  it('is drawn to one scale both ways, fractions set as such', () => {
    const { page } = mounted(FigureView, { figure })
    const points = page.querySelector('polygon')?.getAttribute('points')?.split(' ') ?? []
    const [a, b, c] = points.map((p) => p.split(',').map(Number))
    const wide = (b?.[0] ?? 0) - (a?.[0] ?? 0)
    const high = (c?.[1] ?? 0) - (b?.[1] ?? 0)
    expect(wide).toBeGreaterThan(300)
    expect(wide / high).toBeCloseTo(5, 1)
    expect(page.textContent).toContain('⁄')
  })

  it('opens the working of a number, and the field of a decision', () => {
    const { page, said } = mounted(FigureView, { figure })
    const buttons = [...page.querySelectorAll('[role=button]')]
    expect(buttons).toHaveLength(2)
    buttons.forEach((b) => b.dispatchEvent(new MouseEvent('click', { bubbles: true })))
    expect(said.map((s) => s.slice(0, 2))).toEqual([
      ['open', 'size.height'],
      ['edit', 'size.width']
    ])
  })
})

describe('the stick', () => {
  it('names its marks side by side, each with its number to open', async () => {
    const { page } = mounted(StickBar, {})
    const mark = (id: string, from: number, to: number, label: string) => ({
      id,
      role: id,
      from,
      to,
      label,
      number: `${id}.number`
    })
    const bench = useBench()
    bench.preview = {
      stick: {
        ...figure,
        width: 100,
        marks: [
          mark('lid-line', 80, 80, 'lid line 80.0'),
          mark('lid-groove', 82, 88, 'lid groove 82–88'),
          mark('closing', 98, 98, 'closes 98.0')
        ]
      }
    } as never
    await quiet()
    const labels = [...page.querySelectorAll('.mark')].map((m) => {
      const text = m.querySelector('text')
      const from = Number(text?.getAttribute('x'))
      return { from, to: from + (text?.textContent?.trim().length ?? 0) * 7.9, y: text?.getAttribute('y') }
    })
    expect(labels).toHaveLength(3)
    for (const a of labels)
      for (const b of labels) if (a !== b && a.y === b.y) expect(a.to < b.from || b.to < a.from).toBe(true)
    expect(page.querySelectorAll('.leader')).toHaveLength(3)
  })
})
