// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest'
import { useBench } from '../bench/store'
import { mounted, quiet } from '../test-mount'
import { Refused, shopThat } from '../test-shop'
import PanelSheets from './PanelSheets.vue'

vi.mock('../drawing/BoardDrawing.vue', () => ({ default: { render: () => null } }))
const said: string[] = []
vi.mock('primevue/usetoast', () => ({
  useToast: () => ({ add: (what: { summary: string }) => said.push(what.summary) })
}))

const SHEET = { id: 'ply', name: 'Plywood 4 mm', size: '300 × 200', length: 300, width: 200 }
const laid = {
  panels: [{ kind: 'bottom', name: 'bottom', size: '200 × 100', wanted: 1, cut: 0, laid: 1, box: 'Chest' }],
  sheets: [{ figure: SHEET, wood: {}, scrap: false, cuts: ['rip 1 strip'], across: false }],
  done: [{ sheet: 'old', name: 'Plywood, old', on: '2 March', panels: ['1 × lid'], scraps: 0 }],
  numbers: [],
  verdicts: [],
  proven: true
}

describe('a sheet that is ticked as cut', () => {
  it('is not ticked when the shop refuses it, and why is said', async () => {
    const shop = shopThat({
      'POST /api/panels': laid,
      'PUT /api/boxes/chest/cut-sheets/ply': new Refused(409, 'That sheet is gone.'),
      'DELETE /api/boxes/chest/cut-sheets/old': new Refused(409, 'Its scrap was used.')
    })
    const { page, close } = mounted(PanelSheets, {}, () => {
      const bench = useBench()
      bench.id = 'chest'
      bench.plan = { name: 'Chest' } as never
      bench.keep = vi.fn()
    })
    await quiet()
    const tick = (name: string) => page.querySelector<HTMLInputElement>(`[aria-label="${name} is cut"]`)
    tick('Plywood 4 mm')?.click()
    await quiet()
    expect(shop.times('PUT /api/boxes/chest/cut-sheets/ply')).toBe(1)
    expect(tick('Plywood 4 mm')?.checked).toBe(false)
    tick('Plywood, old')?.click()
    await quiet()
    expect(shop.times('DELETE /api/boxes/chest/cut-sheets/old')).toBe(1)
    expect(tick('Plywood, old')?.checked).toBe(true)
    expect(said).toEqual(['That sheet is gone.', 'Its scrap was used.'])
    close()
  })
})
