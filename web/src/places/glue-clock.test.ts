import { describe, expect, it } from 'vitest'
import { called, clockWords, warningAt } from './glue-clock'

const glue = { open: 300, total: 600 }

describe('the clock of a glue-up', () => {
  it('tells minutes and seconds, and never less than none', () => {
    expect([0, 9, 60, 192.9, 3661, -5].map(clockWords)).toEqual([
      '0:00',
      '0:09',
      '1:00',
      '3:12',
      '61:01',
      '0:00'
    ])
  })
  it('warns before the open time ends while glue is spread, and then says to close', () => {
    expect([0, 254, 255, 299, 300, 599].map((s) => warningAt(s, 'SPREADING', glue))).toEqual([
      '',
      '',
      'SOON',
      'SOON',
      'CLOSE',
      'CLOSE'
    ])
  })
  it('once all is spread counts the whole time, and says when it is too late whatever is done', () => {
    expect([300, 554, 555, 600].map((s) => warningAt(s, 'CLOSING', glue))).toEqual(['', '', 'SOON', 'LATE'])
    expect(warningAt(601, 'SPREADING', glue)).toBe('LATE')
    expect(called('LATE')).toContain('take it apart')
  })
  it('a glue that stays open a minute warns in its last quarter, not from the start', () => {
    expect(warningAt(30, 'SPREADING', { open: 60, total: 120 })).toBe('')
    expect(warningAt(45, 'SPREADING', { open: 60, total: 120 })).toBe('SOON')
  })
})
