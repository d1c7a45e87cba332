import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Router } from 'vue-router'
import { Refused, shopThat } from '../test-shop'
import { bringIn } from './bring-in'
import { brought } from './brought'

const file = (name: string, text: string) => new File([text], name)

describe('a file that is dragged on to the window', () => {
  const push = vi.fn(async () => undefined)
  const router = { push } as unknown as Router
  afterEach(() => {
    vi.unstubAllGlobals()
    push.mockClear()
    brought.value = undefined as never
  })

  it('is a box, and lies on the bench', async () => {
    const shop = shopThat({ 'POST /api/boxes/import': { id: 'seed-chest-2' } })
    expect(await bringIn(file('chest.json', '{"format":"box"}'), router)).toBe('')
    expect(shop.asked[0]?.body).toEqual({ format: 'box' })
    expect(push).toHaveBeenCalledWith({ name: 'bench', params: { id: 'seed-chest-2' } })
  })

  it('is a whole shop, and is looked at before any of it is taken', async () => {
    const shop = shopThat({})
    const zip = file('Shop.ZIP', 'PK')
    expect(await bringIn(zip, router)).toBe('')
    expect(brought.value).toStrictEqual(zip)
    expect(push).toHaveBeenCalledWith('/rack/backups')
    expect(shop.asked).toEqual([])
  })

  it('is something else: what is wrong with it is said under its name, and nothing is sent', async () => {
    const shop = shopThat({})
    expect(await bringIn(file('photo.jpg', '\u0000\u0001'), router)).toContain('photo.jpg: This is not a box')
    expect(await bringIn(file('log.json', ' '.repeat(1_000_001)), router)).toContain('over a megabyte')
    expect(shop.asked).toEqual([])
    expect(push).not.toHaveBeenCalled()
  })

  it('is a box the shop refuses: at which field is said', async () => {
    shopThat({ 'POST /api/boxes/import': new Refused(422, 'At least 3 mm.', 'plan.size.thickness') })
    expect(await bringIn(file('thin.json', '{}'), router)).toBe(
      'thin.json: plan.size.thickness: At least 3 mm.'
    )
  })
})
