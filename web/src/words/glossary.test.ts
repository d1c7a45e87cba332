import { describe, expect, it } from 'vitest'
import { glossary, stretches } from './glossary'

const words = (text: string) => stretches(text).map((s) => (s.word ? `[${s.text}]` : s.text))

describe('trade words in a text', () => {
  it('are found whole, the longer before the shorter, and once each', () => {
    expect(words('Gap from key to cutter')).toEqual(['[Gap]', ' from ', '[key]', ' to cutter'])
    expect(words('Reference edge to key, the key clamped')).toEqual([
      '[Reference edge]',
      ' to ',
      '[key]',
      ', the key clamped'
    ])
    expect(words('finger-first slots')).toEqual(['[finger-first]', ' ', '[slots]'])
  })

  it('are not taken for what they mean elsewhere', () => {
    for (const text of ['Gap at the wettest', 'Section across the slide', 'use a push stick']) {
      expect(words(text)).toEqual([text])
    }
  })

  it('are not seen inside other words', () => {
    for (const text of ['Keys', 'keyboard', 'passing', 'a stickler', 'upheld']) {
      expect(words(text)).toEqual([text])
    }
  })

  it('lose nothing of the text', () => {
    const text =
      'A fresh backing board behind the work; the last slot hangs on the key, and closes at 96.10 mm.'
    expect(
      stretches(text)
        .map((s) => s.text)
        .join('')
    ).toBe(text)
  })

  it('are each told in one breath, without a word that is not told itself, and drawn inside their picture', () => {
    const names = glossary.map((w) => w.word)
    expect(new Set(names).size).toBe(names.length)
    for (const w of glossary) {
      expect(w.says.length, w.word).toBeLessThan(130)
      expect(w.picture.length, w.word).toBeGreaterThan(1)
      for (const [kind, x, y, a, b] of w.picture) {
        expect(x, w.word).toBeGreaterThanOrEqual(0)
        expect(y, w.word).toBeGreaterThanOrEqual(0)
        if (kind === 'says') continue
        const line = ['edge', 'line', 'mark', 'knife'].includes(kind)
        expect(line ? Number(a) : x + Number(a), w.word).toBeLessThanOrEqual(140)
        expect(line ? Number(b) : y + Number(b), w.word).toBeLessThanOrEqual(72)
      }
    }
  })
})
