// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { mounted, quiet } from '../test-mount'
import { useBench } from './store'
import VerdictList from './VerdictList.vue'

const verdict = (code: string, weight: string, station: string, fixes: object[] = []) => ({
  code,
  weight,
  station,
  place: `${station}.number`,
  sentence: `What is said of ${code.toLowerCase()}.`,
  fixes
})

function list(station: string, worked: object[], searched: object[] = []) {
  const on = mounted(VerdictList, {}, () => {
    const bench = useBench()
    bench.station = station as never
    bench.worked = { verdicts: worked } as never
    bench.searched = { numbers: [], verdicts: searched as never }
  })
  const codes = () => [...on.page.querySelectorAll('article')].map((a) => a.dataset.code)
  const urgent = () => on.page.querySelector('.verdicts')?.classList.contains('urgent')
  return { ...on, codes, urgent }
}

describe('verdicts at a station', () => {
  it('are those of the station, and at a panel those of the air it lives in too', async () => {
    const all = [verdict('A', 'NOTE', 'size'), verdict('B', 'NOTE', 'lid'), verdict('C', 'MIND', 'seasons')]
    const { codes, close } = list('size', all)
    expect(codes()).toEqual(['A'])
    useBench().station = 'lid'
    await quiet()
    expect(codes()).toEqual(['C', 'B'])
    useBench().station = 'jig'
    await quiet()
    expect(codes()).toEqual([])
    close()
  })

  it('go to the top when one of them must not be missed, those of a search among them', async () => {
    const { urgent, codes, close } = list('blank', [verdict('A', 'NOTE', 'blank')])
    expect(urgent()).toBe(false)
    useBench().searched = { numbers: [], verdicts: [verdict('SHORT', 'STOP', 'blank')] as never }
    await quiet()
    expect(codes()).toEqual(['SHORT', 'A'])
    expect(urgent()).toBe(true)
    close()
  })

  it('stand by their weight, and those of one weight as they were found', () => {
    const { codes, close } = list('lid', [
      verdict('A', 'NOTE', 'lid'),
      verdict('B', 'MIND', 'lid'),
      verdict('C', 'MIND', 'lid'),
      verdict('D', 'STOP', 'lid')
    ])
    expect(codes()).toEqual(['D', 'B', 'C', 'A'])
    close()
  })

  it('do not vanish under the pointer while a fix of theirs is shown', async () => {
    const fix = { label: 'Take 11 sections', after: {} }
    const { codes, close } = list('fingers', [verdict('NARROW', 'STOP', 'fingers', [fix])])
    useBench().preview = { verdicts: [] } as never
    await quiet()
    expect(codes()).toEqual(['NARROW'])
    close()
  })

  it('lead to the number they are about', () => {
    const { page, close } = list('fit', [verdict('LOOSE', 'MIND', 'fit')])
    const open = vi.spyOn(useBench(), 'openWorking').mockResolvedValue()
    const where = page.querySelector<HTMLButtonElement>('.where')
    where?.click()
    expect(open).toHaveBeenCalledWith('fit.number')
    where?.dispatchEvent(new Event('pointerenter'))
    expect(useBench().lit).toBe('fit.number')
    where?.dispatchEvent(new Event('pointerleave'))
    expect(useBench().lit).toBe('')
    close()
  })
})
