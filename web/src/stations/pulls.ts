import type { BoxPlan } from '../api/client'

type Fitting = NonNullable<BoxPlan['fittings']>[number]

/** What moves when a fitting is pulled in a drawing. */
export interface Pull {
  /** the length that changes */
  field: string
  /** what it is now, mm */
  at: number
  axis: 'x' | 'y'
  /** whether it grows with the pointer’s way on screen, or against it */
  sign: 1 | -1
  /** marks of the places it falls into */
  snaps: string
}

/**
 * What moves; nothing for what has no place of its own there.
 *
 * @param right whether it was taken hold of right of the middle: of what stands at both ends one mirrors the other
 */
export function pulls(
  fitting: Fitting,
  index: number,
  view: 'above' | 'inside',
  right = false
): Pull | undefined {
  const here = `snap-fittings.${index}`
  switch (fitting.kind) {
    case 'DIVIDER': {
      const across = fitting.run === 'ACROSS'
      return view === 'above'
        ? {
            field: 'at',
            at: fitting.at,
            axis: across ? 'x' : 'y',
            sign: 1,
            snaps: across ? 'snap-across' : 'snap-along'
          }
        : undefined
    }
    case 'STAY': {
      const side = fitting.wall === 'A' || fitting.wall === 'C'
      return view === 'above'
        ? {
            field: 'along',
            at: fitting.along,
            axis: side ? 'x' : 'y',
            sign: side ? 1 : -1,
            snaps: `snap-along-fittings.${index}`
          }
        : { field: 'under', at: fitting.under, axis: 'y', sign: 1, snaps: here }
    }
    case 'GRIP':
    case 'LABEL':
      return view === 'inside'
        ? { field: 'under', at: fitting.under, axis: 'y', sign: 1, snaps: here }
        : undefined
    case 'TRAY':
    case 'SECOND_FLOOR':
      return view === 'inside'
        ? { field: 'over', at: fitting.over, axis: 'y', sign: -1, snaps: here }
        : undefined
    case 'FEET':
      return view === 'above'
        ? { field: 'inset', at: fitting.inset, axis: 'x', sign: right ? -1 : 1, snaps: here }
        : undefined
    case 'BASE':
      return view === 'above'
        ? { field: 'overhang', at: fitting.overhang, axis: 'x', sign: right ? 1 : -1, snaps: here }
        : undefined
    case 'PEGS':
    case 'CORNER_PIN':
    case 'HANDLE':
    case 'UPRIGHT_HANDLE':
    case 'FINGERED_BLOCK':
    case 'CARD_SLIT':
    case 'LINING':
      return undefined
  }
}
