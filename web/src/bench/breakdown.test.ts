import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BoxPlan } from '../api/client'
import { quiet } from '../test-mount'
import { later, Refused, shopThat } from '../test-shop'
import { useBreakdown } from './breakdown'
import { useBench } from './store'

const PLAN = { name: 'Drawer' } as BoxPlan
const found = (sentence: string) => ({
  sentence,
  numbers: [{ number: { id: 'batch.boards' } }],
  verdicts: []
})

describe('the search over the boards of the rack', () => {
  beforeEach(() => setActivePinia(createPinia()))
  afterEach(() => vi.unstubAllGlobals())

  it('is looked at until it is over, and its numbers stand on the bench', async () => {
    let looks = 0
    const shop = shopThat({
      'POST /api/breakdowns': { id: 's1', state: 'WAITING' },
      'GET /api/breakdowns/s1': () =>
        ++looks < 3
          ? { id: 's1', state: 'RUNNING' }
          : { id: 's1', state: 'DONE', answer: found('two boards') }
    })
    const search = useBreakdown()
    await search.ask(PLAN)
    expect(shop.times('GET /api/breakdowns/s1')).toBe(3)
    expect(search.running).toBe(false)
    expect(search.answer).toMatchObject({ sentence: 'two boards' })
    expect(useBench().searched.numbers).toHaveLength(1)
  })

  it('keeps the plan before in sight while the next is sought, and no longer', async () => {
    const next = later<unknown>()
    const shop = shopThat({
      'POST /api/breakdowns': { id: 's1', state: 'DONE', answer: found('the first') }
    })
    const search = useBreakdown()
    await search.ask(PLAN)
    shop.answers['POST /api/breakdowns'] = { id: 's2', state: 'RUNNING' }
    shop.answers['GET /api/breakdowns/s2'] = () => next.promise
    const second = search.ask(PLAN)
    await quiet()
    expect(search.running).toBe(true)
    expect(search.answer).toMatchObject({ sentence: 'the first' })
    next.keep({ id: 's2', state: 'NONE' })
    await second
    expect(search.answer).toBeUndefined()
    expect(useBench().searched.numbers).toEqual([])
  })

  it('is not overtaken by the answer of the one before', async () => {
    const slow = later<unknown>()
    const shop = shopThat({
      'POST /api/breakdowns': { id: 's1', state: 'RUNNING' },
      'GET /api/breakdowns/s1': () => slow.promise,
      'DELETE /api/breakdowns/s1': { id: 's1', state: 'STOPPED' }
    })
    const search = useBreakdown()
    const first = search.ask(PLAN)
    await quiet()
    shop.answers['POST /api/breakdowns'] = { id: 's2', state: 'DONE', answer: found('the second') }
    await search.ask(PLAN)
    slow.keep({ id: 's1', state: 'DONE', answer: found('the first') })
    await first
    expect(search.answer).toMatchObject({ sentence: 'the second' })
    expect(shop.times('DELETE /api/breakdowns/s1')).toBe(1)
  })

  it('is stopped although nobody has seen it begin yet', async () => {
    const begun = later<unknown>()
    const shop = shopThat({
      'POST /api/breakdowns': () => begun.promise,
      'DELETE /api/breakdowns/s1': { id: 's1', state: 'STOPPED', answer: found('so far') }
    })
    const search = useBreakdown()
    void search.ask(PLAN)
    const stopped = search.stop()
    begun.keep({ id: 's1', state: 'RUNNING' })
    await stopped
    expect(shop.times('DELETE /api/breakdowns/s1')).toBe(1)
    expect(search.running).toBe(false)
    expect(search.answer).toMatchObject({ sentence: 'so far' })
  })

  it('says why it failed and forgets what it had', async () => {
    shopThat({ 'POST /api/breakdowns': new Refused(422, 'The rack has no board of this wood.') })
    const search = useBreakdown()
    await search.ask(PLAN)
    expect(search.failed).toBe('The rack has no board of this wood.')
    expect(search.view).toBeNull()
    shopThat({ 'POST /api/breakdowns': { id: 's3', state: 'FAILED' } })
    await search.ask(PLAN)
    expect(search.failed).toContain('The search failed')
  })

  it('gives way to the plan that boards are cut by already', async () => {
    const slow = later<unknown>()
    const shop = shopThat({
      'POST /api/breakdowns': { id: 's1', state: 'RUNNING' },
      'GET /api/breakdowns/s1': () => slow.promise,
      'GET /api/boxes/drawer/cut-plan': { answer: found('as it is cut') }
    })
    const search = useBreakdown()
    const seeking = search.ask(PLAN)
    await quiet()
    expect(await search.keptPlan('drawer')).toBe(true)
    slow.keep({ id: 's1', state: 'DONE', answer: found('another') })
    await seeking
    expect(search.answer).toMatchObject({ sentence: 'as it is cut' })
    shop.answers['DELETE /api/boxes/drawer/cut-plan'] = {}
    await search.planAnew('drawer')
    expect(search.kept).toBeNull()
  })
})
