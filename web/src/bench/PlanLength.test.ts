// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { mounted } from '../test-mount'
import PlanLength from './PlanLength.vue'
import { useBench } from './store'

function field(house: string, numbers: { id: string; text: string }[]) {
  return mounted(PlanLength, { label: 'Base the bit passes', field: 'jig.base', house }, () => {
    useBench().plan = { unit: 'MILLIMETRE', jig: {} } as never
    useBench().worked = { numbers, fields: {}, verdicts: [] } as never
  })
}

const shown = (page: Element) => page.querySelector('input')?.placeholder

describe('a length that need not be said', () => {
  it('shows what stands without it', () => {
    const { page, close } = field('jig.base', [{ id: 'jig.base', text: '12.0' }])
    expect(shown(page)).toBe('12.0')
    close()
  })

  it('shows nothing where nothing is worked, and never the name it has in the program', () => {
    const { page, close } = field('jig.base', [])
    expect(shown(page)?.trim()).toBe('')
    close()
  })

  it('shows words as they are', () => {
    const { page, close } = field('not measured', [])
    expect(shown(page)).toBe('not measured')
    close()
  })
})
