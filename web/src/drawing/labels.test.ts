import { describe, expect, it } from 'vitest'
import { layOut, standsClear, type Wanted } from './labels'

/** No text touches another, nor the leader of one above it. */
function clear(wanted: Wanted[], width: number, lanes: number) {
  const at = layOut(wanted, width, lanes)
  wanted.forEach((a, i) => {
    const one = at[i]
    if (!one) throw new Error('not placed')
    expect(one.from).toBeGreaterThanOrEqual(0)
    expect(one.from + a.wide).toBeLessThanOrEqual(width)
    expect(one.lane).toBeLessThan(lanes)
    wanted.forEach((b, k) => {
      const other = at[k]
      if (k <= i || !other) return
      if (one.lane === other.lane)
        expect(one.from + a.wide <= other.from || other.from + b.wide <= one.from).toBe(true)
      else {
        const [high, highWanted, low, lowWanted] =
          one.lane < other.lane ? [one, a, other, b] : [other, b, one, a]
        expect(high.from).toBeDefined()
        expect(highWanted.at < low.from || highWanted.at > low.from + lowWanted.wide).toBe(true)
      }
    })
  })
}

describe('labels over a bar', () => {
  it('keep apart where a lid line, its groove, the closing height and the first rip crowd at the right end', () => {
    clear(
      [
        { at: 271, wide: 165 },
        { at: 836, wide: 130 },
        { at: 862, wide: 205 },
        { at: 969, wide: 105 },
        { at: 973, wide: 150 }
      ],
      1000,
      5
    )
  })

  it('keep apart wherever six marks stand', { timeout: 30_000 }, () => {
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    for (let i = 0; i < 200; i++)
      clear(
        Array.from({ length: 6 }, () => ({ at: 20 + random() * 960, wide: 60 + random() * 130 })),
        1000,
        6
      )
  })

  it('stand beside each other where there is room for one line', () => {
    const at = layOut(
      [
        { at: 100, wide: 80 },
        { at: 500, wide: 80 }
      ],
      1000,
      4
    )
    expect(at.map((a) => a.lane)).toEqual([0, 0])
  })
})

describe('a word beside what is taken', () => {
  it('stands in the middle where nothing is in its way', () => {
    expect(standsClear(0, 100, 10, [])).toBe(50)
    expect(standsClear(0, 100, 10, [[70, 80]])).toBe(50)
  })
  it('goes to the nearer side of a knot', () => {
    expect(standsClear(0, 100, 10, [[48, 58]])).toBe(38)
    expect(standsClear(0, 100, 10, [[42, 52]])).toBe(62)
  })
  it('stays off the next knot too, and stays in the middle where there is no room', () => {
    expect(
      standsClear(0, 100, 10, [
        [42, 52],
        [54, 58]
      ])
    ).toBe(32)
    expect(standsClear(0, 30, 10, [[14, 16]])).toBe(15)
  })
})
