import { describe, expect, it } from 'vitest'
import type { BoxPlan } from '../api/client'
import { sayTouched } from './assumed'

const ALL = ['LENGTH', 'WIDTH', 'HEIGHT', 'WOOD', 'THICKNESS', 'CUTTER', 'BOTTOM', 'LID', 'HOME']

function plan(): BoxPlan {
  return {
    assumed: [...ALL],
    size: {
      length: 248,
      width: 166,
      height: 96,
      thickness: 12,
      opening: { length: 600, width: 400, height: 120 },
      contents: { items: [{ length: 110, width: 70, height: 2 }] }
    },
    walls: { wood: 'cherry-black', ringAngle: 0 },
    fingers: { kerf: 7.45, cutter: 'the stacked cutter', anyCutter: false },
    bottom: { kind: 'NONE' },
    lid: { kind: 'NONE' },
    seasons: { driest: 30 }
  } as unknown as BoxPlan
}

/** What a change takes off the list of assumptions. */
function says(change: (draft: BoxPlan) => void) {
  const after = plan()
  change(after)
  sayTouched(plan(), after)
  return ALL.filter((a) => !(after.assumed as string[]).includes(a))
}

describe('what was assumed', () => {
  it('is said by the change that touches it, and by no other', () => {
    expect(says(() => undefined)).toEqual([])
    expect(says((p) => (p.size.length = 250 as never))).toEqual(['LENGTH'])
    expect(says((p) => (p.size.height = 90 as never))).toEqual(['HEIGHT'])
    expect(says((p) => (p.size.thickness = 10 as never))).toEqual(['THICKNESS'])
    expect(says((p) => (p.walls.wood = 'walnut-black'))).toEqual(['WOOD'])
    expect(says((p) => (p.fingers.kerf = 3.2 as never))).toEqual(['CUTTER'])
    expect(says((p) => (p.fingers.anyCutter = true))).toEqual(['CUTTER'])
    expect(says((p) => (p.bottom = { kind: 'SLATS' } as never))).toEqual(['BOTTOM'])
    expect(says((p) => (p.lid = { kind: 'SLIDING' } as never))).toEqual(['LID'])
    expect(says((p) => (p.seasons = { driest: 40 } as never))).toEqual(['HOME'])
  })

  it('of a place or of contents is said where the place or the things are', () => {
    expect(says((p) => p.size.opening && (p.size.opening.width = 390 as never))).toEqual(['WIDTH'])
    const first = (p: BoxPlan) => p.size.contents?.items[0] as unknown as Record<string, number>
    expect(says((p) => (first(p).height = 3))).toEqual(['HEIGHT'])
  })

  it('stays none where nothing was assumed', () => {
    const before = { ...plan(), assumed: [] } as unknown as BoxPlan
    const after = { ...before, size: { ...before.size, length: 1 } } as unknown as BoxPlan
    sayTouched(before, after)
    expect(after.assumed).toEqual([])
  })
})
