import { describe, expect, it } from 'vitest'
import { named } from './names'

describe('a name with something added', () => {
  it('stays whole where there is room', () => {
    expect(named('Seed chest', { behind: ' (other window)' })).toBe('Seed chest (other window)')
    expect(named('oil', { before: 'Our ' }, 60)).toBe('Our oil')
  })

  it('is never longer than a name may be', () => {
    for (let long = 60; long <= 80; long++) {
      const made = named('m'.repeat(long), { behind: ' (other window)' })
      expect(made.length).toBe(Math.min(80, long + 15))
      expect(made.endsWith('m (other window)')).toBe(true)
    }
  })

  it('has no half letters in it, wherever it is cut', () => {
    const letters = ['🌱', 'é', 'שׁ', 'न्', 'm']
    for (const letter of letters) {
      for (let before = 0; before < 4; before++) {
        const name = 'x'.repeat(before) + letter.repeat(40)
        const kept = named(name, { behind: '!' }, 30)
        expect(kept.length).toBeLessThanOrEqual(30)
        expect(() => encodeURIComponent(kept)).not.toThrow()
        const only = kept.slice(before, -1)
        expect(only.replaceAll(letter, '')).toBe('')
      }
    }
  })
})
