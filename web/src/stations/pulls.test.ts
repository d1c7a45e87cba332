import { describe, expect, it } from 'vitest'
import type { BoxPlan } from '../api/client'
import { pulls } from './pulls'

type Fitting = NonNullable<BoxPlan['fittings']>[number]
const of = (fitting: object) => fitting as unknown as Fitting

describe('what moves when a fitting is pulled', () => {
  it('moves a divider the way it does not run, in the box from above alone', () => {
    const across = of({ kind: 'DIVIDER', run: 'ACROSS', at: 80 })
    expect(pulls(across, 2, 'above')).toEqual({
      field: 'at',
      at: 80,
      axis: 'x',
      sign: 1,
      snaps: 'snap-across'
    })
    expect(pulls(of({ kind: 'DIVIDER', run: 'ALONG', at: 60 }), 0, 'above')?.axis).toBe('y')
    expect(pulls(across, 2, 'inside')).toBeUndefined()
  })

  it('lowers a grip and a label as the pointer goes down, and a tray as it goes down too', () => {
    expect(pulls(of({ kind: 'GRIP', wall: 'B', under: 22 }), 1, 'inside')).toMatchObject({
      field: 'under',
      axis: 'y',
      sign: 1,
      snaps: 'snap-fittings.1'
    })
    expect(pulls(of({ kind: 'LABEL', wall: 'B', under: 30 }), 1, 'inside')?.sign).toBe(1)
    // a tray is told from the floor up
    expect(pulls(of({ kind: 'TRAY', over: 60 }), 0, 'inside')).toMatchObject({
      field: 'over',
      at: 60,
      sign: -1
    })
    expect(pulls(of({ kind: 'SECOND_FLOOR', over: 40 }), 0, 'inside')?.sign).toBe(-1)
    expect(pulls(of({ kind: 'TRAY', over: 60 }), 0, 'above')).toBeUndefined()
  })

  it('moves a stay along its own wall: to the right on a side, up from A on an end', () => {
    expect(pulls(of({ kind: 'STAY', wall: 'C', along: 90, under: 12 }), 3, 'above')).toMatchObject({
      axis: 'x',
      sign: 1,
      snaps: 'snap-along-fittings.3'
    })
    expect(pulls(of({ kind: 'STAY', wall: 'B', along: 40, under: 12 }), 3, 'above')).toMatchObject({
      axis: 'y',
      sign: -1
    })
    expect(pulls(of({ kind: 'STAY', wall: 'B', along: 40, under: 12 }), 3, 'inside')?.field).toBe('under')
  })

  it('moves feet inwards and a base outwards, whichever end is taken hold of', () => {
    const feet = of({ kind: 'FEET', inset: 4 })
    expect(pulls(feet, 1, 'above', false)).toMatchObject({ field: 'inset', at: 4, axis: 'x', sign: 1 })
    expect(pulls(feet, 1, 'above', true)?.sign).toBe(-1)
    const base = of({ kind: 'BASE', overhang: 8 })
    expect(pulls(base, 0, 'above', false)).toMatchObject({ field: 'overhang', sign: -1 })
    expect(pulls(base, 0, 'above', true)?.sign).toBe(1)
    expect(pulls(feet, 1, 'inside')).toBeUndefined()
  })

  it('leaves what has no place of its own', () => {
    for (const kind of [
      'PEGS',
      'CORNER_PIN',
      'HANDLE',
      'LINING',
      'CARD_SLIT',
      'FINGERED_BLOCK',
      'UPRIGHT_HANDLE'
    ])
      for (const view of ['above', 'inside'] as const) expect(pulls(of({ kind }), 0, view)).toBeUndefined()
  })
})
