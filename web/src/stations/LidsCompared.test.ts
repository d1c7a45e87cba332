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
  insideNumber: 'lid.inside-height',
  outside: '104.3 mm',
  outsideNumber: '',
  work: 'a groove in 3 walls',
  year: 'held by 4.0 mm on the driest day',
  stands,
  made: guess !== 'LID_SAWN_OFF',
  plan: { name: guess }
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
    page.querySelectorAll<HTMLElement>('button.take')[2]?.click()
    expect(begin).toHaveBeenCalledWith('LID_SAWN_OFF')
    close()
  })

  it('open their numbers as they would be, the one that stands as it is', async () => {
    const { shop, page, close } = folded({
      'POST /api/work/lids': KINDS,
      'POST /api/work/lid.inside-height': { number: { id: 'lid.inside-height' }, inputs: [] }
    })
    await quiet()
    seen(true)
    await quiet()
    const numbers = page.querySelectorAll<HTMLElement>('button.height')
    expect(numbers).toHaveLength(3)
    numbers[2]?.click()
    await quiet()
    expect(shop.asked.at(-1)?.body).toMatchObject({ plan: { name: 'LID_SAWN_OFF' } })
    expect(useBench().wouldBe?.says).toContain('sawn off')
    numbers[1]?.click()
    await quiet()
    expect(shop.asked.at(-1)?.body).toMatchObject({ plan: { name: 'Germination box' } })
    expect(useBench().wouldBe).toBeUndefined()
    // of two boxes nothing goes back and forth
    expect(useBench().working).toHaveLength(1)
    close()
  })
})
