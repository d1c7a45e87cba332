import { describe, expect, it } from 'vitest'
import type { Mark } from '../api/client'
import { momentAt, said } from './lane'

const time = (from: number, to: number, label: string): Mark => ({
  id: 'time',
  role: 'open',
  from,
  to,
  label
})
const marks: Mark[] = [
  time(0, 100, '2026-03-27T09:00/2026-03-27T17:00'),
  time(100, 124, '2026-03-27T17:00/2026-03-30T09:00'),
  time(124, 224, '2026-03-30T09:00/2026-03-30T17:00')
]

describe('a place on the lane', () => {
  it('is the quarter of an hour it stands for, whatever zone this machine is in', () => {
    expect(momentAt(marks, 0)).toBe('2026-03-27T09:00')
    expect(momentAt(marks, 50)).toBe('2026-03-27T13:00')
    expect(momentAt(marks, 51.5)).toBe('2026-03-27T13:00')
    expect(momentAt(marks, 224)).toBe('2026-03-30T17:00')
    expect(momentAt(marks, 174)).toBe('2026-03-30T13:00')
  })
  it('counts no hour twice and loses none when the clocks change in a closed stretch', () => {
    expect(momentAt(marks, 112)).toBe('2026-03-29T01:00')
  })
  it('is a day for a finger’s width beyond the end, and the beginning before it', () => {
    expect(momentAt(marks, 224 + 52)).toBe('2026-04-01T17:00')
    expect(momentAt(marks, -40)).toBe('2026-03-27T09:00')
    expect(momentAt([], 10)).toBeUndefined()
  })
  it('is told in words', () => {
    expect(said('2026-12-03T09:05')).toBe('Thu 3 Dec 9:05')
  })
})
