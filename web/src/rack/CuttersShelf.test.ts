// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { mounted, quiet } from '../test-mount'
import { Refused, shopThat } from '../test-shop'
import CuttersShelf from './CuttersShelf.vue'
import { rackDisplay } from './display'

const stacked = (id: string, name: string) => ({
  revision: 1,
  fields: {},
  cutter: {
    id,
    name,
    kind: 'STACK',
    nominal: 20,
    kerf: 6.4,
    stack: { outer: 6.4, chippers: [3.2], shims: [0.1], arbor: 20 },
    note: ''
  }
})

async function shelf(stack: unknown) {
  shopThat({
    'GET /api/rack/cutters': [stacked('one', 'Stack one'), stacked('two', 'Stack two')],
    'GET /api/rack/cutters/one/stack': stack,
    'POST /api/lengths': { mm: 9.525, echo: '3/8 in' }
  })
  const on = mounted(CuttersShelf, {})
  await quiet()
  const input = () => {
    const label = [...on.page.querySelectorAll('label')].find((l) => l.textContent?.trim() === 'Slot')
    return document.getElementById(label?.getAttribute('for') ?? '') as HTMLInputElement
  }
  async function type(text: string) {
    const field = input()
    field.dispatchEvent(new Event('focus'))
    field.value = text
    field.dispatchEvent(new Event('input'))
    await quiet()
    field.dispatchEvent(new Event('blur'))
    await quiet()
  }
  async function pick(name: string) {
    const row = [...on.page.querySelectorAll<HTMLButtonElement>('.cutters button')].find((b) =>
      b.textContent?.includes(name)
    )
    row?.click()
    await quiet()
  }
  return { ...on, input, type, pick }
}

describe('a stacked cutter on the rack', () => {
  beforeEach(() => (rackDisplay.value = 'FRACTION_64'))
  afterEach(() => (rackDisplay.value = 'METRIC'))

  it('is put together for a slot that stays as it was typed', async () => {
    const { page, input, type, close } = await shelf({
      says: 'outer blades',
      width: '3/8',
      off: '0',
      unit: 'in'
    })
    await type('3/8')
    expect(page.querySelector('.stack')?.textContent).toContain('outer blades')
    // millimetres in a field of inches would be read as inches the next time
    expect(input().value).toBe('3/8')
    close()
  })

  it('is not told for another one', async () => {
    const { page, type, pick, close } = await shelf({
      says: 'outer blades',
      width: '3/8',
      off: '0',
      unit: 'in'
    })
    await type('3/8')
    await pick('Stack two')
    expect(page.querySelector('.stack')).toBeNull()
    close()
  })

  it('says at its field why a slot cannot be had', async () => {
    const { page, type, close } = await shelf(
      new Refused(422, 'The slot must lie between 0.1 and 200 mm.', 'slot')
    )
    await type('9')
    expect(page.querySelector('.stack')).toBeNull()
    expect(page.textContent).toContain('must lie between 0.1 and 200 mm')
    close()
  })
})
