// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { mounted, quiet } from '../test-mount'
import { later, Refused, shopThat } from '../test-shop'
import TabletsShelf from './TabletsShelf.vue'

const door = (may: string) => ({
  open: true,
  may,
  fingerprint: 'AB CD',
  addresses: [{ name: 'shop', url: 'https://shop', size: 1, path: 'M0 0' }],
  code: 'ABCD-2345',
  devices: [{ id: 'saw', name: 'At the saw', may: 'MARK', seenAt: '2026-03-02T10:00:00Z' }]
})

async function shelf(first: unknown = door('MARK')) {
  const shop = shopThat({
    'GET /api/sharing': first,
    'POST /api/sharing/open': (body: { may: string }) => door(body.may)
  })
  const on = mounted(TabletsShelf, {})
  await quiet()
  const radio = (words: string) =>
    [...on.page.querySelectorAll('label')]
      .find((l) => l.querySelector('strong')?.textContent === words)
      ?.querySelector('input') as HTMLInputElement
  async function choose(words: string) {
    radio(words).checked = true
    radio(words).dispatchEvent(new Event('change'))
    await quiet()
  }
  const chosen = () =>
    [...on.page.querySelectorAll('label')]
      .filter((l) => l.querySelector('input')?.checked)
      .map((l) => l.querySelector('strong')?.textContent)
  return { ...on, shop, choose, chosen }
}

describe('what a tablet may do', () => {
  it('is asked of the door although the list is just being looked at', async () => {
    const { shop, choose, chosen, page, close } = await shelf()
    const slow = later<unknown>()
    shop.answers['DELETE /api/sharing/devices/saw'] = () => slow.promise
    page.querySelector<HTMLButtonElement>('[aria-label="Put At the saw out"]')?.click()
    await quiet()
    await choose('look')
    expect(shop.times('POST /api/sharing/open')).toBe(0)
    slow.keep({})
    await quiet()
    expect(shop.asked.find((a) => a.what === 'POST /api/sharing/open')?.body).toEqual({ may: 'READ' })
    expect(chosen()).toEqual(['look'])
    close()
  })

  it('is the last of two choices, made one after the other', async () => {
    const { shop, choose, chosen, close } = await shelf()
    const slow = later<unknown>()
    shop.answers['POST /api/sharing/open'] = () => slow.promise
    await choose('look')
    await choose('everything')
    shop.answers['POST /api/sharing/open'] = (body: { may: string }) => door(body.may)
    slow.keep(door('READ'))
    await quiet()
    expect(shop.asked.filter((a) => a.what === 'POST /api/sharing/open').map((a) => a.body.may)).toEqual([
      'READ',
      'ALL'
    ])
    expect(chosen()).toEqual(['everything'])
    close()
  })

  it('is shown as the door has it when a choice is refused', async () => {
    const { shop, choose, chosen, page, close } = await shelf()
    shop.answers['POST /api/sharing/open'] = new Refused(409, 'The network is away.')
    await choose('look')
    expect(page.querySelector('[role=alert]')?.textContent).toBe('The network is away.')
    expect(chosen()).toEqual(['look, and mark at the saw'])
    close()
  })
})
