// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { mounted } from '../test-mount'
import NumberRow from './NumberRow.vue'
import { useBench } from './store'

function row(id: string, value: number, text: string) {
  return mounted(NumberRow, { id, label: 'Held on the driest day' }, () => {
    useBench().worked = {
      numbers: [{ id, value, text, unit: 'mm', label: 'Held at the driest', residue: '' }],
      verdicts: []
    } as never
  })
}

const read = (page: Element, part: string) =>
  page.querySelector(part)?.textContent?.replace(/\s+/g, ' ').trim()

describe('a number with its label', () => {
  it('says by how much a panel is held', () => {
    const { page, close } = row('bottom.engagement-slid', 2.4, '2.40')
    expect(read(page, '.label')).toBe('Held on the driest day')
    expect(read(page, '.value')).toBe('2.40 mm')
    close()
  })

  it('and of one that falls out how far it is out, not that less than nothing holds it', () => {
    const { page, close } = row('bottom.engagement-slid', -13.51, '−13.51')
    expect(read(page, '.label')).toBe('Out on the driest day, slid to one side')
    expect(read(page, '.value')).toBe('13.51 mm')
    close()
  })

  it('and of a board that is too short by how much', () => {
    const { page, close } = row('blank.left', -60.8, '−60.8')
    expect(read(page, '.label')).toBe('Too short by')
    expect(read(page, '.value')).toBe('60.8 mm')
    close()
  })

  it('keeps the sign of a number that may go either way', () => {
    const { page, close } = row('lid.over-groove', -1.5, '−1.50')
    expect(read(page, '.label')).toBe('Held on the driest day')
    expect(read(page, '.value')).toBe('−1.50 mm')
    close()
  })
})
