// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { quiet } from '../test-mount'
import { later, Refused, shopThat } from '../test-shop'
import { useBeginning } from './beginning'

/** What is typed is waited for as long as a hand takes to the next key. */
const pause = () => new Promise((go) => setTimeout(go, 90))

describe('a box that is begun', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => vi.unstubAllGlobals())

  /** The shop begins a plan of what was said, as high as that. */
  function begun(more: Record<string, unknown> = {}) {
    const shop = shopThat({
      'POST /api/starting-plan': (wish: Record<string, unknown>) => ({ assumed: ['WOOD'], wish }),
      'POST /api/work': () => ({ figures: [] }),
      'POST /api/boxes': { id: 'new-box' },
      ...more
    })
    const scope = effectScope()
    const beginning = scope.run(useBeginning)
    if (!beginning) throw new Error('not begun')
    return { shop, beginning, close: () => scope.stop() }
  }
  const wishes = (shop: ReturnType<typeof shopThat>) =>
    shop.asked.filter((a) => a.what === 'POST /api/starting-plan').map((a) => a.body)

  it('stands there before a number was said, and grows with each', async () => {
    const { shop, beginning, close } = begun()
    await quiet()
    expect(beginning.plan.value).toBeDefined()
    expect(beginning.assumed.value.has('WOOD')).toBe(true)
    beginning.wish.length = 248
    beginning.wish.width = 166
    await pause()
    await quiet()
    expect(wishes(shop)).toHaveLength(2)
    expect(wishes(shop)[1]).toMatchObject({ from: 'OUTSIDE', length: 248, width: 166 })
    expect(wishes(shop)[1]).not.toHaveProperty('height')
    close()
  })

  it('says the things it is for, and no size of its own, when it is to hold something', async () => {
    const { shop, beginning, close } = begun()
    beginning.wish.length = 248
    beginning.aim.value = 'CONTENTS'
    beginning.thing.length = 110
    await pause()
    await quiet()
    const last = wishes(shop).at(-1)
    expect(last).toMatchObject({ from: 'CONTENTS', things: [{ length: 110 }] })
    expect(last).not.toHaveProperty('length')
    beginning.aim.value = 'OUTSIDE'
    beginning.inside.value = true
    await pause()
    await quiet()
    expect(wishes(shop).at(-1)).toMatchObject({ from: 'INSIDE', length: 248 })
    close()
  })

  it('is not put back by an answer that comes late', async () => {
    const slow = later<unknown>()
    let first = true
    const { beginning, close } = begun({
      'POST /api/starting-plan': (wish: Record<string, unknown>) => {
        if (!first) return { wish }
        first = false
        return slow.promise
      }
    })
    beginning.wish.height = 96
    await pause()
    await quiet()
    slow.keep({ wish: {} })
    await quiet()
    expect(beginning.plan.value).toMatchObject({ wish: { height: 96 } })
    close()
  })

  it('says at which number what was refused, and shows the last box that could be', async () => {
    const { shop, beginning, close } = begun()
    await quiet()
    const stood = beginning.plan.value
    shop.answers['POST /api/starting-plan'] = new Refused(422, 'At most 3 m.', 'things[0].length')
    beginning.wish.length = 9000
    await pause()
    await quiet()
    expect(beginning.refused.value).toBe('At most 3 m.')
    expect(beginning.refusedAt.value).toBe('length')
    expect(beginning.plan.value).toBe(stood)
    shop.answers['POST /api/starting-plan'] = {}
    beginning.wish.length = 900
    await pause()
    await quiet()
    expect(beginning.refused.value).toBe('')
    close()
  })

  it('is laid on the bench with what was typed last, before its picture came', async () => {
    const { shop, beginning, close } = begun()
    await quiet()
    beginning.wish.height = 120
    expect(await beginning.lay()).toBe('new-box')
    const laid = shop.asked.find((a) => a.what === 'POST /api/boxes')?.body
    expect(laid).toMatchObject({ plan: { wish: { height: 120 } } })
    close()
  })

  it('that cannot be laid stays as it is, and says why', async () => {
    const { beginning, close } = begun({ 'POST /api/boxes': new Refused(507, 'The disk is full.') })
    await quiet()
    expect(await beginning.lay()).toBeUndefined()
    expect(beginning.refused.value).toBe('The disk is full.')
    close()
  })

  it('remembers in which unit this shop measures', async () => {
    const { beginning, close } = begun()
    beginning.wish.unit = 'INCH'
    await quiet()
    expect(localStorage.getItem('unit')).toBe('INCH')
    expect(begun().beginning.wish.unit).toBe('INCH')
    close()
  })
})
