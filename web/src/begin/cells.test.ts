import { describe, expect, it } from 'vitest'
import { holds, joined, pressed, singles, type Lies } from './cells'

/** how many boxes lie on every cell of a grid */
function lying(boxes: readonly Lies[], columns: number, rows: number) {
  return singles(columns, rows).map((c) => boxes.filter((b) => holds(b, c.column, c.row)).length)
}

describe('the grid of a drawer', () => {
  it('has a box on every cell at first', () => {
    expect(singles(4, 3)).toHaveLength(12)
    expect(new Set(lying(singles(4, 3), 4, 3))).toEqual(new Set([1]))
  })

  it('joins cells, and what they are taken from falls apart: never two boxes on a cell, none lost', () => {
    const wide = joined(singles(4, 3), { column: 0, row: 0, columns: 3, rows: 2 })
    expect(wide).toHaveLength(7)
    const across = joined(wide, { column: 2, row: 1, columns: 2, rows: 2 })
    expect(new Set(lying(across, 4, 3))).toEqual(new Set([1]))
    expect(across.filter((b) => b.columns * b.rows > 1)).toEqual([{ column: 2, row: 1, columns: 2, rows: 2 }])
  })

  it('takes a box apart, then out, then puts one there again', () => {
    const joint = joined(singles(2, 2), { column: 0, row: 0, columns: 2, rows: 1 })
    const apart = pressed(joint, 1, 0)
    expect(apart).toHaveLength(4)
    const out = pressed(apart, 1, 0)
    expect(lying(out, 2, 2)).toEqual([1, 0, 1, 1])
    expect(lying(pressed(out, 1, 0), 2, 2)).toEqual([1, 1, 1, 1])
  })

  it('keeps the last box: a drawer of none is no drawer', () => {
    expect(pressed(singles(1, 1), 0, 0)).toHaveLength(1)
  })
})
