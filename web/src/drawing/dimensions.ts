import type { Dimension } from '../api/client'
import { numberWidth } from './lettering'
import type { Ground } from './settle'

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
  /** half of what its text is wide, with the room about it */
  half: number
}

export const LANE = 34
const LEVEL = 19
/** from the drawing to its first line, and from a line to its text */
const OFF = 26
const OVER = 7

type Side = Dimension['side']

export interface Rooms {
  top: number
  bottom: number
  left: number
  right: number
}

function upright(side: Side) {
  return side === 'LEFT' || side === 'RIGHT'
}

function half(text: string) {
  return numberWidth(text) / 2 + 5
}

/** Lifts texts that would cover a neighbour in their lane; how far each is lifted. */
function levels(dimensions: readonly Dimension[], middle: (d: Dimension) => number): number[] {
  const taken: { key: string; from: number; to: number; level: number }[] = []
  return dimensions.map((d) => {
    const key = `${d.side} ${d.lane}`
    const from = middle(d) - half(d.text)
    const to = middle(d) + half(d.text)
    let level = 0
    while (taken.some((t) => t.key === key && t.level === level && t.from < to && t.to > from)) level++
    taken.push({ key, from, to, level })
    return level
  })
}

/** How far from the drawing each lane's line stands: a lane whose texts are lifted takes more. */
function offsets(dimensions: readonly Dimension[], lifted: readonly number[], side: Side): number[] {
  const mine = dimensions.map((d, i) => ({ d, level: lifted[i] ?? 0 })).filter(({ d }) => d.side === side)
  const most = Math.max(-1, ...mine.map(({ d }) => d.lane))
  const found: number[] = []
  let off = OFF - LANE
  let before = 0
  for (let lane = 0; lane <= most; lane++) {
    const high = LEVEL * Math.max(0, ...mine.filter(({ d }) => d.lane === lane).map(({ level }) => level))
    // texts stand on the far side of their line above and at the left, on the near side below and at the right
    const inside = side === 'BELOW' || side === 'RIGHT'
    off += LANE + (inside ? high : before)
    before = high
    found.push(off)
  }
  return found
}

/** Pixels each side needs for its dimension lines, when the drawing stands at a scale. */
export function rooms(dimensions: readonly Dimension[], scale: number): Rooms {
  const lifted = levels(dimensions, (d) => ((upright(d.side) ? d.y1 + d.y2 : d.x1 + d.x2) / 2) * scale)
  const need = (side: Side) => {
    const off = offsets(dimensions, lifted, side)
    const last = off.at(-1)
    if (last === undefined) return 0
    const outside = side === 'ABOVE' || side === 'LEFT'
    const high = Math.max(
      0,
      ...dimensions.map((d, i) => (d.side === side && d.lane === off.length - 1 ? (lifted[i] ?? 0) : 0))
    )
    return last + (outside ? OVER + LEVEL * (high + 1) : 8)
  }
  return { top: need('ABOVE'), bottom: need('BELOW'), left: need('LEFT'), right: need('RIGHT') }
}

/**
 * Places dimension lines clear of the drawing, each text inside the picture and off its neighbours.
 *
 * @param at turns millimetres into pixels
 * @param bounds of the drawing in pixels
 * @param picture what texts must stay within, pixels
 */
export function place(
  dimensions: readonly Dimension[],
  at: { x: (mm: number) => number; y: (mm: number) => number },
  bounds: Ground,
  picture: Ground
): Placed[] {
  const middle = (d: Dimension) => {
    const least = (upright(d.side) ? picture.top : picture.left) + half(d.text)
    const most = (upright(d.side) ? picture.bottom : picture.right) - half(d.text)
    const wanted = upright(d.side) ? (at.y(d.y1) + at.y(d.y2)) / 2 : (at.x(d.x1) + at.x(d.x2)) / 2
    return Math.max(least, Math.min(wanted, most))
  }
  const lifted = levels(dimensions, middle)
  const off = Object.fromEntries(
    (['ABOVE', 'BELOW', 'LEFT', 'RIGHT'] as const).map((side) => [side, offsets(dimensions, lifted, side)])
  )
  return dimensions.map((d, i) => {
    const level = lifted[i] ?? 0
    const away = off[d.side]?.[d.lane] ?? 0
    const from = { x1: at.x(d.x1), y1: at.y(d.y1), x2: at.x(d.x2), y2: at.y(d.y2) }
    const line =
      d.side === 'ABOVE'
        ? bounds.top - away
        : d.side === 'BELOW'
          ? bounds.bottom + away
          : d.side === 'LEFT'
            ? bounds.left - away
            : bounds.right + away
    const stands = upright(d.side)
      ? { x1: line, y1: from.y1, x2: line, y2: from.y2, tx: line - OVER - level * LEVEL, ty: middle(d) }
      : { x1: from.x1, y1: line, x2: from.x2, y2: line, tx: middle(d), ty: line - OVER - level * LEVEL }
    return { source: d, upright: upright(d.side), from, level, half: half(d.text), ...stands }
  })
}

/** What a dimension covers: its text, and its line. */
export function covered(d: Placed): Ground[] {
  const text = d.upright
    ? { left: d.tx - 15, right: d.tx + 4, top: d.ty - d.half, bottom: d.ty + d.half }
    : { left: d.tx - d.half, right: d.tx + d.half, top: d.ty - 15, bottom: d.ty + 4 }
  const line = {
    left: Math.min(d.x1, d.x2) - 1,
    right: Math.max(d.x1, d.x2) + 1,
    top: Math.min(d.y1, d.y2) - 1,
    bottom: Math.max(d.y1, d.y2) + 1
  }
  return [text, line]
}
