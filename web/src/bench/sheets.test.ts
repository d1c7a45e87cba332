import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BoxPlan } from '../api/client'
import { quiet } from '../test-mount'
import { later, Refused, shopThat } from '../test-shop'
import { useSheets } from './sheets'
import { useBench } from './store'

const PLAN = { name: 'Chest' } as BoxPlan
const laid = (sheets: number) => ({ sheets, numbers: [{ number: { id: 'panels.left' } }], verdicts: [] })

describe('panels out of sheets', () => {
  beforeEach(() => setActivePinia(createPinia()))
  afterEach(() => vi.unstubAllGlobals())

  it('are sought for the plan on the bench, by its box where it has one', async () => {
    const shop = shopThat({ 'POST /api/panels': laid(1) })
    const sheets = useSheets()
    await sheets.ask(PLAN)
    expect(shop.asked[0]?.body).toEqual({ plan: PLAN })
    useBench().id = 'chest'
    await sheets.ask(PLAN)
    expect(shop.asked[1]?.body).toEqual({ plan: PLAN, box: 'chest' })
    expect(useBench().searched.numbers).toHaveLength(1)
  })

  it('are those of the last question, whichever is answered last', async () => {
    const slow = later<unknown>()
    const shop = shopThat({ 'POST /api/panels': () => slow.promise })
    const sheets = useSheets()
    const first = sheets.ask(PLAN)
    await quiet()
    shop.answers['POST /api/panels'] = laid(2)
    await sheets.ask(PLAN)
    expect(sheets.running).toBe(true)
    slow.keep(laid(9))
    await first
    expect(sheets.running).toBe(false)
    expect(sheets.answer).toMatchObject({ sheets: 2 })
  })

  it('stay in sight when the next search is refused, and why is said', async () => {
    const shop = shopThat({ 'POST /api/panels': laid(1) })
    const sheets = useSheets()
    await sheets.ask(PLAN)
    shop.answers['POST /api/panels'] = new Refused(422, 'No sheet of this thickness.')
    await sheets.ask(PLAN)
    expect(sheets.failed).toBe('No sheet of this thickness.')
    expect(sheets.answer).toMatchObject({ sheets: 1 })
    sheets.forget()
    expect(sheets.answer).toBeNull()
    expect(sheets.failed).toBe('')
  })

  it('are forgotten although their search is still on its way', async () => {
    const slow = later<unknown>()
    shopThat({ 'POST /api/panels': () => slow.promise })
    const sheets = useSheets()
    const asked = sheets.ask(PLAN)
    await quiet()
    sheets.forget()
    slow.keep(laid(1))
    await asked
    expect(sheets.answer).toBeNull()
    expect(useBench().searched.numbers).toEqual([])
  })

  it('are ticked as their sheets are cut, and not after all', async () => {
    const shop = shopThat({
      'PUT /api/boxes/chest/cut-sheets/ply-1': {},
      'DELETE /api/boxes/chest/cut-sheets/ply-1': new Refused(409, 'The offcut is used already.')
    })
    const sheets = useSheets()
    await sheets.cut('chest', 'ply-1', true)
    expect(shop.times('PUT /api/boxes/chest/cut-sheets/ply-1')).toBe(1)
    await expect(sheets.cut('chest', 'ply-1', false)).rejects.toThrow('used already')
  })
})
