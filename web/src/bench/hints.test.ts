import { afterEach, describe, expect, it, vi } from 'vitest'
import { later, Refused, shopThat } from '../test-shop'
import { again, hear, hints, reply, silence } from './hints'

const ALL = [
  { call: 'GRAIN_ROUND', silenced: true },
  { call: 'RUN_OUT', silenced: false }
]

describe('hints on the bench', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('are silent where the shop silenced them, and answered on the box they were answered on', async () => {
    const shop = shopThat({
      'GET /api/hints': ALL,
      'GET /api/boxes/tray/hints': [{ call: 'RUN_OUT', answer: 'LATER' }],
      'GET /api/boxes/chest/hints': []
    })
    await hear('tray')
    await hear('tray')
    expect(shop.times('GET /api/hints')).toBe(1)
    expect([...hints.silenced.value]).toEqual(['GRAIN_ROUND'])
    expect(hints.answered.value.get('RUN_OUT' as never)).toBe('LATER')
    await hear('chest')
    expect(hints.answered.value.size).toBe(0)
  })

  it('of the box that is open now are not overwritten by those of the one before', async () => {
    const slow = later<unknown>()
    shopThat({
      'GET /api/hints': ALL,
      'GET /api/boxes/slow/hints': () => slow.promise,
      'GET /api/boxes/quick/hints': [{ call: 'RUN_OUT', answer: 'FOLLOWED' }]
    })
    const first = hear('slow')
    await hear('quick')
    slow.keep([])
    await first
    expect(hints.answered.value.get('RUN_OUT' as never)).toBe('FOLLOWED')
  })

  it('are asked for again when the shop was away', async () => {
    shopThat({ 'GET /api/hints': new Refused(503, 'busy') })
    await expect(hear('box')).rejects.toThrow('busy')
    shopThat({ 'GET /api/hints': ALL, 'GET /api/boxes/box/hints': [{ call: 'RUN_OUT', answer: 'LATER' }] })
    await hear('box')
    expect(hints.answered.value.size).toBe(1)
  })

  it('change on screen only once the shop has it', async () => {
    const shop = shopThat({
      'GET /api/hints': ALL,
      'GET /api/boxes/one/hints': [],
      'PUT /api/boxes/one/hints/RUN_OUT': new Refused(507, 'The disk is full.'),
      'PUT /api/hints/RUN_OUT/silence': {},
      'DELETE /api/hints/RUN_OUT/silence': {},
      'DELETE /api/boxes/one/hints/RUN_OUT': {}
    })
    await hear('one')
    const call = 'RUN_OUT' as never
    await expect(reply(call, 'LATER')).rejects.toThrow('The disk is full.')
    expect(hints.answered.value.has(call)).toBe(false)
    shop.answers['PUT /api/boxes/one/hints/RUN_OUT'] = {}
    await reply(call, 'LATER')
    await silence(call)
    expect(hints.answered.value.get(call)).toBe('LATER')
    expect(hints.silenced.value.has(call)).toBe(true)
    await again(call)
    expect(hints.answered.value.has(call)).toBe(false)
    expect(hints.silenced.value.has(call)).toBe(false)
  })
})
