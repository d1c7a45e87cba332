import { describe, expect, it } from 'vitest'
import type { Dimension } from '../api/client'
import { LANE, place, room } from './dimensions'
import { pieces } from './fraction'

const at = { x: (mm: number) => mm * 4, y: (mm: number) => mm * 4 }
const bounds = { left: 0, top: 0, right: 400, bottom: 200 }
const dimension = (x1: number, x2: number, more: Partial<Dimension> = {}): Dimension => ({
  x1,
  x2,
  y1: 0,
  y2: 0,
  side: 'ABOVE',
  lane: 0,
  text: '7.45',
  ...more
})

describe('dimension lines', () => {
  it('stand clear of the drawing, lane by lane', () => {
    const [near, far] = place([dimension(0, 50), dimension(0, 100, { lane: 1 })], at, bounds)
    expect(near?.y1).toBeLessThan(bounds.top)
    expect((near?.y1 ?? 0) - (far?.y1 ?? 0)).toBe(LANE)
  })

  it('lift a text that would cover its neighbour, and only that one', () => {
    const placed = place([dimension(0, 7), dimension(7, 14), dimension(60, 100)], at, bounds)
    expect(placed.map((p) => p.level)).toEqual([0, 1, 0])
    expect(placed[1]?.ty).toBeLessThan(placed[0]?.ty ?? 0)
  })

  it('ask for room only on the sides they stand on', () => {
    expect(room([dimension(0, 1, { lane: 2 })], 'ABOVE')).toBeGreaterThan(3 * LANE)
    expect(room([dimension(0, 1)], 'LEFT')).toBe(0)
  })
})

describe('fractions', () => {
  it('are set as fractions wherever they stand in the text', () => {
    expect(pieces('3 7/16–3 11/16').map((p) => `${p.kind}:${p.text}`)).toEqual([
      'plain:3 ',
      'over:7',
      'plain:⁄',
      'under:16',
      'plain:–3 ',
      'over:11',
      'plain:⁄',
      'under:16'
    ])
    expect(pieces('96.0')).toEqual([{ text: '96.0', kind: 'plain' }])
  })
})
