// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { useBounds } from '../api/bounds'
import { mounted, quiet } from '../test-mount'
import PlainField from './PlainField.vue'
import { useBench } from './store'

function field(of: Record<string, unknown>, plan: Record<string, unknown>, range = { least: -40, most: 60 }) {
  const on = mounted(PlainField, of, () => {
    useBounds().all = { [of.field as string]: range }
    useBench().plan = plan as never
  })
  const set = vi.spyOn(useBench(), 'set').mockResolvedValue()
  const input = on.page.querySelector('input') as HTMLInputElement
  async function type(text: string) {
    input.value = text
    input.dispatchEvent(new Event('input'))
    await quiet()
  }
  const says = () => on.page.querySelector('.error')?.textContent ?? ''
  const leave = async () => {
    input.dispatchEvent(new Event('blur'))
    await quiet()
  }
  return { ...on, set, input, type, says, leave }
}

const AIR = { label: 'Temperature', field: 'seasons.shop.temperature', unit: '°C' }
const shop = (temperature: number) => ({ seasons: { shop: { temperature } } })

describe('a field for a plain number', () => {
  it('shows what the plan says, in the other scale beside it', () => {
    const { input, page, close } = field(AIR, shop(20))
    expect(input.value).toBe('20')
    expect(page.querySelector('.unit')?.textContent).toContain('68 °F')
    close()
  })

  it('understands a comma, and degrees of the other scale', async () => {
    const { type, set, close } = field(AIR, shop(20))
    await type('18,5')
    expect(set).toHaveBeenLastCalledWith(AIR.field, 18.5, expect.anything())
    await type('50 F')
    expect(set).toHaveBeenLastCalledWith(AIR.field, 10, expect.anything())
    await type('-4°F')
    expect(set).toHaveBeenLastCalledWith(AIR.field, -20, expect.anything())
    close()
  })

  it('refuses what lies outside, and the value before still stands', async () => {
    const { type, set, says, input, leave, close } = field(AIR, shop(20))
    await type('200')
    expect(says()).toBe('Temperature: from -40 to 60 °C; the value before still stands.')
    expect(set).not.toHaveBeenCalled()
    await leave()
    expect(input.value).toBe('200')
    await type('21')
    expect(says()).toBe('')
    expect(set).toHaveBeenCalledOnce()
    close()
  })

  it('says what is no number, with an example that would be one', async () => {
    const { type, set, says, close } = field(AIR, shop(20), { least: 0, most: 100 })
    await type('warm')
    expect(says()).toBe('Temperature: “warm” is not a number. Type something such as 25.')
    await type('')
    expect(says()).toContain('is not a number')
    expect(set).not.toHaveBeenCalled()
    close()
  })

  it('takes whole numbers only where something is counted', async () => {
    const hinges = { label: 'Hinges', field: 'lid.hinges.count', unit: '', whole: true }
    const { type, set, says, close } = field(hinges, { lid: { hinges: { count: 2 } } }, { least: 2, most: 6 })
    await type('2.5')
    expect(says()).toContain('Hinges is a whole number')
    await type('3')
    expect(set).toHaveBeenCalledWith('lid.hinges.count', 3, expect.anything())
    close()
  })

  it('may be left empty where nothing need be said', async () => {
    const optional = { ...AIR, optional: true, usual: '20' }
    const { type, set, says, input, close } = field(optional, shop(18))
    expect(input.placeholder).toBe('20')
    await type('')
    expect(says()).toBe('')
    expect(set).toHaveBeenLastCalledWith(AIR.field, undefined, expect.anything())
    close()
  })

  it('follows the plan when that is changed elsewhere, and shows what the server refused of it', async () => {
    const { input, says, close } = field(AIR, shop(20))
    useBench().plan = shop(12) as never
    await quiet()
    expect(input.value).toBe('12')
    useBench().problem = { status: 422, detail: 'No shop is that warm.', field: AIR.field }
    await quiet()
    expect(says()).toBe('No shop is that warm.')
    useBench().problem = { status: 422, detail: 'Another field.', field: 'size.height' }
    await quiet()
    expect(says()).toBe('')
    close()
  })
})
