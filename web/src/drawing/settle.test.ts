import { describe, expect, it } from 'vitest'
import { ground, settle, type Ground, type Words } from './settle'

const within = { left: 0, top: 0, right: 400, bottom: 300 }
const wide = (words: Words, line: string) => line.length * words.size * 0.6
const words = (text: string, x: number, y: number): Words => ({ text, x, y, anchor: 'middle', size: 14 })
const grounds = (all: Words[], taken: Ground[] = [], picture = within) =>
  settle(all, taken, picture, wide).map((s, i) =>
    ground({ ...(all[i] as Words), x: s.x, y: s.y }, s.lines, (line) => wide(all[i] as Words, line))
  )
const apart = (a: Ground, b: Ground) =>
  a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top

describe('labels in a drawing', () => {
  it('stay where they want to when nothing is in the way', () => {
    const [stands] = settle([words('key', 100, 100)], [], within, wide)
    expect(stands).toMatchObject({ x: 100, y: 100, lines: ['key'], led: false })
  })

  it('push apart, whatever number of them wants one place', () => {
    const all = ['key', 'cutter', 'fence', 'stop', 'block', 'guide'].map((t) => words(t, 200, 150))
    const at = grounds(all)
    at.forEach((a, i) => at.slice(i + 1).forEach((b) => expect(apart(a, b)).toBe(true)))
  })

  it('keep off dimension lines and come back into the picture', () => {
    const line = { left: 0, right: 400, top: 99, bottom: 100 }
    const [on] = grounds([words('lid line 3 27/64', 100, 102)], [line])
    expect(apart(on as Ground, line)).toBe(true)
    const [out] = grounds([words('inside out: marks inside', 395, 298)])
    expect(out?.right).toBeLessThanOrEqual(400)
    expect(out?.bottom).toBeLessThanOrEqual(300)
  })

  it('break in two where a line is too long for its place', () => {
    const narrow = { left: 0, top: 0, right: 130, bottom: 100 }
    const [stands] = settle([words('upside down: groove at top', 60, 50)], [], narrow, wide)
    expect(stands?.lines).toEqual(['upside down:', 'groove at top'])
  })

  it('lead back to their place from afar', () => {
    const hill = { left: 60, right: 140, top: 60, bottom: 140 }
    const [stands] = settle([words('key', 100, 100)], [hill], within, wide)
    expect(stands?.led).toBe(true)
  })
})
