// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { useBench } from '../bench/store'
import { mounted, quiet } from '../test-mount'
import { shopThat } from '../test-shop'
import SquareCheck from './SquareCheck.vue'

vi.mock('../drawing/FigureView.vue', () => ({ default: { render: () => null } }))

async function check(own: { id: string; name: string } | undefined, unit = 'MILLIMETRE') {
  const shop = shopThat({
    'POST /api/square': { grade: 'GOOD', says: 'Good enough for this joint', answers: [], symbols: [] },
    'POST /api/lengths': (body: { text: string }) => ({ mm: Number(body.text), echo: '' }),
    'GET /api/rack/jigs/near/squares': [],
    'GET /api/rack/jigs/far/squares': []
  })
  const plan = (jig: unknown) => ({
    unit,
    jig: { way: 'SLED_KEY', ...(jig ? { own: jig } : {}) }
  })
  const on = mounted(SquareCheck, {}, () => {
    useBench().plan = plan(own) as never
  })
  await quiet()
  const input = (words: string) => {
    const label = [...on.page.querySelectorAll('label')].find((l) => l.textContent?.trim() === words)
    return document.getElementById(label?.getAttribute('for') ?? '') as HTMLInputElement
  }
  async function type(words: string, text: string) {
    input(words).dispatchEvent(new Event('focus'))
    input(words).value = text
    input(words).dispatchEvent(new Event('input'))
    await quiet()
    input(words).dispatchEvent(new Event('blur'))
    await quiet()
  }
  async function take(jig: unknown) {
    useBench().plan = plan(jig) as never
    await quiet()
  }
  return { ...on, shop, input, type, take }
}

describe('is it square?', () => {
  it('tells what was read, once all of a reading is there', async () => {
    const { page, shop, type, close } = await check({ id: 'near', name: 'Near' })
    await type('Gap', '0.1')
    expect(page.textContent).toContain('Good enough for this joint')
    expect(shop.asked.find((a) => a.what === 'POST /api/square')?.body.read).toEqual({
      flip: { gap: 0.1, over: 60 }
    })
    close()
  })

  it.each(['MILLIMETRE', 'INCH'])('begins anew on another jig of the rack, in %s', async (unit) => {
    const { page, input, type, take, close } = await check({ id: 'near', name: 'Near' }, unit)
    await type('Gap', '0.1')
    await type('Over', '60')
    expect(page.textContent).toContain('Write it on “Near”')
    await take({ id: 'far', name: 'Far' })
    expect(page.textContent).not.toContain('Good enough for this joint')
    expect(page.textContent).not.toContain('Write it on')
    expect(input('Gap').value).toBe('')
    close()
  })

  it('keeps what was read when this very jig is hung on the rack', async () => {
    const { page, type, take, close } = await check(undefined)
    await type('Gap', '0.1')
    await take({ id: 'near', name: 'Near' })
    expect(page.textContent).toContain('Good enough for this joint')
    close()
  })
})
