import { describe, expect, it } from 'vitest'
import type { Dimension } from '../api/client'
import { covered, LANE, place, rooms } from './dimensions'
import { pieces } from './fraction'

const at = { x: (mm: number) => mm * 4, y: (mm: number) => mm * 4 }
const bounds = { left: 0, top: 0, right: 400, bottom: 200 }
const picture = { left: -200, top: -200, right: 600, bottom: 400 }
const dimension = (x1: number, x2: number, more: Partial<Dimension> = {}): Dimension => ({
  x1,
  x2,
  y1: 0,
  y2: 0,
  side: 'ABOVE',
  lane: 0,
  text: '7.45',
  label: 'Slot',
  ...more
})

describe('dimension lines', () => {
  it('stand clear of the drawing, lane by lane', () => {
    const [near, far] = place([dimension(0, 50), dimension(0, 100, { lane: 1 })], at, bounds, picture)
    expect(near?.y1).toBeLessThan(bounds.top)
    expect((near?.y1 ?? 0) - (far?.y1 ?? 0)).toBe(LANE)
  })

  it('lift a text that would cover its neighbour, and only that one', () => {
    const placed = place([dimension(0, 7), dimension(7, 14), dimension(60, 100)], at, bounds, picture)
    expect(placed.map((p) => p.level)).toEqual([0, 1, 0])
    expect(placed[1]?.ty).toBeLessThan(placed[0]?.ty ?? 0)
  })

  it('keep a lifted text off the next line out, and off the drawing below it', () => {
    for (const side of ['ABOVE', 'BELOW'] as const) {
      const near = [dimension(0, 7, { side }), dimension(7, 14, { side }), dimension(14, 21, { side })]
      const placed = place([...near, dimension(0, 21, { side, lane: 1 })], at, bounds, picture)
      const texts = placed.map((p) => covered(p)[0])
      for (const p of placed) {
        const line = covered(p)[1]
        for (const text of texts) {
          expect(text && line && text.top < line.bottom && line.top < text.bottom).toBe(false)
        }
      }
      if (side === 'BELOW') texts.forEach((t) => expect(t?.top).toBeGreaterThanOrEqual(bounds.bottom))
    }
  })

  it('keep their texts inside the picture', () => {
    const narrow = { left: 0, top: 0, right: 400, bottom: 300 }
    const [text] = place([dimension(97, 100, { text: '1 23/32' })], at, bounds, narrow).map(
      (p) => covered(p)[0]
    )
    expect(text?.right).toBeLessThanOrEqual(400)
  })

  it('ask for room only on the sides they stand on, and more for lifted texts', () => {
    expect(rooms([dimension(0, 1, { lane: 2 })], 4).top).toBeGreaterThan(3 * LANE)
    expect(rooms([dimension(0, 1)], 4).left).toBe(0)
    expect(rooms([dimension(0, 7), dimension(7, 14)], 4).top).toBeGreaterThan(rooms([dimension(0, 7)], 4).top)
    expect(rooms([dimension(0, 7), dimension(7, 14)], 40).top).toBe(rooms([dimension(0, 7)], 40).top)
  })
})

describe('fractions', () => {
  it('are set as fractions wherever they stand in the text', () => {
    expect(pieces('3 7/16–3 11/16').map((p) => `${p.kind}:${p.text}`)).toEqual([
      'plain:3\u00a0',
      'over:7',
      'plain:⁄',
      'under:16',
      'plain:–3\u00a0',
      'over:11',
      'plain:⁄',
      'under:16'
    ])
    expect(pieces('96.0')).toEqual([{ text: '96.0', kind: 'plain' }])
  })
})
