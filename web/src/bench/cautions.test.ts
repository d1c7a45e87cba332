import { describe, expect, it } from 'vitest'
import openapi from '../../openapi.json'
import { caution } from './cautions'

type Way = Parameters<typeof caution>[0]
const WAYS = openapi.components.schemas.JigChoice.properties.way.enum as NonNullable<Way>[]

describe('the caution at a jig', () => {
  it('is there for every way of indexing, and defers to manual, rules and trained people', () => {
    expect(WAYS).toHaveLength(9)
    for (const way of WAYS) {
      const says = caution(way)
      expect(says).not.toContain('undefined')
      if (way === 'HAND') continue
      expect(says).toMatch(/^Unplug before you set or measure\./)
      expect(says).toMatch(/manual, local rules and trained people come first\.$/)
    }
  })

  it('is that of the machine the way is cut on', () => {
    expect(caution('BAND_SAW')).toContain('Withdraw straight')
    expect(caution('ROUTER_SLED')).toContain('against the bit’s turn')
    expect(caution('HAND')).toContain('chisel away from you')
    for (const way of ['SLED_KEY', 'ROD_KEY', 'SHIM_FENCE', 'SCREW', 'SPACERS', 'STOPS'] as const)
      expect(caution(way)).toContain('Guard block')
    expect(caution(undefined as never)).toBe(caution('SLED_KEY'))
  })
})
