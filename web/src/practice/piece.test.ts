// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { mounted } from '../test-mount'
import TestPiece from './TestPiece.vue'

const piece = { moved: '', slots: ['8.28', '', '–'], fingers: ['', '8.43', ''], clearance: '' }

describe('the test piece', () => {
  it('is a comb of slots and fingers in turn, each told with what it read', () => {
    const { page, close } = mounted(TestPiece, { piece, off: false })
    const teeth = [...page.querySelectorAll('button')]
    expect(teeth.map((b) => b.querySelector('.what')?.textContent)).toEqual([
      'slot',
      'finger',
      'slot',
      'finger',
      'slot',
      'finger'
    ])
    expect(teeth.map((b) => b.querySelector('b')?.textContent)).toEqual(['8.28', '?', '?', '8.43', '–', '?'])
    expect(teeth[0]?.getAttribute('aria-label')).toBe('Read slot 1, it read 8.28')
    expect(teeth[1]?.getAttribute('aria-label')).toBe('Read finger 1')
    close()
  })

  it('is read where it is pressed, and not once the round is over', () => {
    const { page, props, said, close } = mounted(TestPiece, { piece, off: false })
    page.querySelectorAll('button')[3]?.click()
    expect(said).toEqual([['read', 'FINGER', 1]])
    props['off'] = true
    return Promise.resolve().then(() => {
      expect([...page.querySelectorAll('button')].every((b) => b.disabled)).toBe(true)
      close()
    })
  })
})
