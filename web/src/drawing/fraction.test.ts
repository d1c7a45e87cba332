import { describe, expect, it } from 'vitest'
import { pieces, together } from './fraction'

const told = (text: string) => pieces(text).map((p) => `${p.kind} ${p.text}`)

describe('a number as it is set', () => {
  it('has its fraction over and under, with what stands before and behind', () => {
    expect(told('3 17/32 in')).toEqual(['plain 3\u00a0', 'over 17', 'plain ⁄', 'under 32', 'plain  in'])
    expect(told('1/64')).toEqual(['over 1', 'plain ⁄', 'under 64'])
    expect(told('3/8–5/8')).toEqual([
      'over 3',
      'plain ⁄',
      'under 8',
      'plain –',
      'over 5',
      'plain ⁄',
      'under 8'
    ])
  })

  it('is plain where there is none', () => {
    expect(told('104.3 mm')).toEqual(['plain 104.3 mm'])
    expect(told('')).toEqual([])
  })

  it('loses nothing of what it says', () => {
    for (const text of ['11 × 7 × 4 1/8', '248 × 166', '−1/2', 'a/b 3/4 c'])
      expect(
        pieces(text)
          .map((p) => (p.text === '⁄' ? '/' : p.text))
          .join('')
          .replaceAll('\u00a0', ' ')
      ).toBe(text)
  })

  it('stays on one line, and only it', () => {
    expect(together('the front ripped to 3 23/64 in, 2 of 4 parts')).toBe(
      'the front ripped to 3\u00a023/64 in, 2 of 4 parts'
    )
  })
})
