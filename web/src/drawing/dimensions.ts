import type { Dimension } from '../api/client'

/** A dimension line placed on the page, in pixels. */
export interface Placed {
  source: Dimension
  upright: boolean
  /** end points of the dimension line */
  x1: number
  y1: number
  x2: number
  y2: number
  /** where the extension lines start, at the drawing */
  from: { x1: number; y1: number; x2: number; y2: number }
  tx: number
  ty: number
  level: number
}

export const LANE = 34
const LEVEL = 19
const LETTER = 9

/** Pixels a side needs for its dimension lines. */
export function room(dimensions: readonly Dimension[], side: Dimension['side']): number {
  const lanes = dimensions.filter((d) => d.side === side).map((d) => d.lane + 1)
  return lanes.length ? Math.max(...lanes) * LANE + 22 : 0
}

/**
 * Places dimension lines clear of the drawing and lifts texts that would collide with a neighbour in their lane.
 *
 * @param at turns millimetres into pixels
 * @param bounds of the drawing in pixels
 */
export function place(
  dimensions: readonly Dimension[],
  at: { x: (mm: number) => number; y: (mm: number) => number },
  bounds: { left: number; top: number; right: number; bottom: number }
): Placed[] {
  const taken: { key: string; from: number; to: number; level: number }[] = []
  return dimensions.map((d) => {
    const upright = d.side === 'LEFT' || d.side === 'RIGHT'
    const off = (d.lane + 1) * LANE - 8
    const from = { x1: at.x(d.x1), y1: at.y(d.y1), x2: at.x(d.x2), y2: at.y(d.y2) }
    const line =
      d.side === 'ABOVE'
        ? bounds.top - off
        : d.side === 'BELOW'
          ? bounds.bottom + off
          : d.side === 'LEFT'
            ? bounds.left - off
            : bounds.right + off
    const middle = upright ? (from.y1 + from.y2) / 2 : (from.x1 + from.x2) / 2
    const half = (d.text.length * LETTER) / 2 + 4
    const key = `${d.side} ${d.lane}`
    let level = 0
    while (
      taken.some((t) => t.key === key && t.level === level && t.from < middle + half && t.to > middle - half)
    ) {
      level++
    }
    taken.push({ key, from: middle - half, to: middle + half, level })
    return upright
      ? {
          source: d,
          upright,
          x1: line,
          y1: from.y1,
          x2: line,
          y2: from.y2,
          from,
          tx: line - 7 - level * LEVEL,
          ty: middle,
          level
        }
      : {
          source: d,
          upright,
          x1: from.x1,
          y1: line,
          x2: from.x2,
          y2: line,
          from,
          tx: middle,
          ty: line - 7 - level * LEVEL,
          level
        }
  })
}
