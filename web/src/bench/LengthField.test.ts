// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { useBounds } from '../api/bounds'
import { mounted, quiet } from '../test-mount'
import LengthField from './LengthField.vue'

/** Reads lengths as the server would; what begins with "slow" waits until it is let go. */
function reader() {
  const waiting: (() => void)[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const { text } = (await request.json()) as { text: string }
    if (text.startsWith('slow')) await new Promise<void>((go) => waiting.push(go))
    const number = Number(text.replace('slow', ''))
    return Number.isNaN(number)
      ? new Response(JSON.stringify({ detail: `“${text}” is no length.`, field: 'size.height' }), {
          status: 400,
          headers: { 'content-type': 'application/problem+json' }
        })
      : new Response(JSON.stringify({ mm: number * 25.4, text, echo: `${number} in` }), {
          headers: { 'content-type': 'application/json' }
        })
  })
  return waiting
}

function field(more: Record<string, unknown> = {}) {
  const on = mounted(LengthField, { label: 'Height', text: '4', mm: 101.6, unit: 'INCH', ...more })
  const input = on.page.querySelector('input') as HTMLInputElement
  async function type(text: string) {
    input.dispatchEvent(new Event('focus'))
    input.value = text
    input.dispatchEvent(new Event('input'))
    await quiet()
  }
  return { ...on, input, type }
}

describe('a field for a length', () => {
  it('gives the millimetres of what was typed and says how it was understood', async () => {
    reader()
    const { type, said, page } = field()
    await type('2.5')
    expect(said).toContainEqual(['read', 63.5, false])
    expect(page.querySelector('.says')?.textContent).toBe('2.5 in')
  })

  it('keeps what cannot be read, says why at its place, and gives nothing', async () => {
    reader()
    const { type, said, page, input } = field()
    await type('tall')
    input.dispatchEvent(new Event('blur'))
    await quiet()
    expect(page.querySelector('.says.error')?.textContent).toContain('is no length')
    expect(input.value).toBe('tall')
    expect(said.filter(([what]) => what === 'read')).toEqual([])
  })

  it('is not overtaken by the slow answer to what was typed before', async () => {
    const waiting = reader()
    const { type, said } = field()
    await type('slow9')
    await type('2')
    waiting.forEach((go) => go())
    await quiet()
    expect(said.filter(([what]) => what === 'read')).toEqual([['read', 50.8, false]])
  })

  it('left empty goes back to the house rule, when it has one', async () => {
    reader()
    const { type, said } = field({ house: '0.12' })
    await type(' ')
    expect(said).toContainEqual(['read', undefined, false])
  })

  it('steps by arrow within its bounds: a thirty-second of an inch, half a millimetre, ten with shift', async () => {
    const inches = field()
    inches.input.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp' }))
    expect(inches.said).toContainEqual(['read', 102.39375, true])
    const metric = field({ unit: 'MILLIMETRE', mm: 99, most: 100 })
    metric.input.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown' }))
    metric.input.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', shiftKey: true }))
    expect(metric.said).toEqual([
      ['read', 98.5, true],
      ['read', 100, true]
    ])
  })

  it('puts back on Escape what stood when it was entered', async () => {
    reader()
    const { type, said, input, props } = field()
    await type('7')
    props.mm = 177.8
    await quiet()
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    await quiet()
    expect(said).toContainEqual(['read', 101.6, true])
    expect(input.value).toBe('4')
  })

  it('shows what became of it elsewhere while nothing was typed, and keeps what was', async () => {
    reader()
    const { type, input, props } = field()
    input.dispatchEvent(new Event('focus'))
    props.text = '5'
    await quiet()
    expect(input.value).toBe('5')
    await type('7')
    props.text = '6'
    await quiet()
    expect(input.value).toBe('7')
  })

  it('asks within the bounds the server told for its place, whatever number in a list it is', async () => {
    const asked: { least: number; most: number }[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push((await request.json()) as { least: number; most: number })
      return new Response(JSON.stringify({ mm: 9, text: '9', echo: '9 mm' }), {
        headers: { 'content-type': 'application/json' }
      })
    })
    const known = () => {
      useBounds().all = { 'fingers.widths.*': { least: 0.2, most: 1500 } }
    }
    const on = mounted(
      LengthField,
      { label: '4 slot', text: '', unit: 'MILLIMETRE', at: 'fingers.widths.3' },
      known
    )
    const input = on.page.querySelector('input') as HTMLInputElement
    input.dispatchEvent(new Event('focus'))
    input.value = '9'
    input.dispatchEvent(new Event('input'))
    await quiet()
    expect(asked.at(-1)).toMatchObject({ least: 0.2, most: 1500 })
  })
})
