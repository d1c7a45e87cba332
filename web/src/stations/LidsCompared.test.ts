// @vitest-environment happy-dom
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useBench } from '../bench/store'
import { mounted, quiet } from '../test-mount'
import { Refused, shopThat } from '../test-shop'
import LidsCompared from './LidsCompared.vue'

const kind = (guess: string, name: string, stands = false) => ({
  guess,
  name,
  inside: '71.4 mm',
  outside: '104.3 mm',
  work: 'a groove in 3 walls',
  year: 'held by 4.0 mm on the driest day',
  stands,
  made: guess !== 'LID_SAWN_OFF'
})
const KINDS = [
  kind('LID_NONE', 'none'),
  kind('LID_SLIDING', 'slides', true),
  kind('LID_SAWN_OFF', 'sawn off')
]

describe('kinds of lid beside each other', () => {
  let seen: (visible: boolean) => void = () => undefined
  afterEach(() => vi.unstubAllGlobals())

  function folded(answers: Record<string, unknown>) {
    const shop = shopThat(answers)
    vi.stubGlobal(
      'IntersectionObserver',
      class {
        constructor(tell: (entries: object[]) => void) {
          seen = (isIntersecting) => tell([{ isIntersecting, time: Date.now() }])
        }
        observe() {}
        unobserve() {}
        disconnect() {}
      }
    )
    const on = mounted(LidsCompared, {}, () => {
      const bench = useBench()
      bench.plan = { name: 'Germination box' } as never
      bench.worked = { numbers: [] } as never
    })
    return { shop, ...on }
  }

  it('are worked out when somebody unfolds them, and again for every change while they are in sight', async () => {
    const { shop, page, close } = folded({ 'POST /api/work/lids': KINDS })
    await quiet()
    expect(shop.asked).toEqual([])
    seen(true)
    await quiet()
    expect(shop.times('POST /api/work/lids')).toBe(1)
    expect(shop.asked[0]?.body).toMatchObject({ plan: { name: 'Germination box' } })
    expect(page.querySelectorAll('li')).toHaveLength(3)
    expect(page.querySelector('[aria-pressed=true]')?.textContent).toContain('slides')
    expect(page.textContent).toContain('needs other sizes first')
    useBench().worked = { numbers: [{}] } as never
    await quiet()
    expect(shop.times('POST /api/work/lids')).toBe(2)
    seen(false)
    await quiet()
    useBench().worked = { numbers: [{}, {}] } as never
    await quiet()
    expect(shop.times('POST /api/work/lids')).toBe(2)
    close()
  })

  it('say why they could not be worked out', async () => {
    const { page, close } = folded({ 'POST /api/work/lids': new Refused(503, 'More is being worked out.') })
    await quiet()
    seen(true)
    await quiet()
    expect(page.textContent).toContain('More is being worked out.')
    close()
  })

  it('become the box’s when they are pressed', async () => {
    const { page, close } = folded({ 'POST /api/work/lids': KINDS })
    const begin = vi.spyOn(useBench(), 'begin').mockResolvedValue()
    await quiet()
    seen(true)
    await quiet()
    page.querySelectorAll('button')[2]?.click()
    expect(begin).toHaveBeenCalledWith('LID_SAWN_OFF')
    close()
  })
})
