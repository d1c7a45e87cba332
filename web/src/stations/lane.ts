import type { Mark } from '../api/client'

/** Minutes moments fall on. */
const GRID = 15
/** So wide a day is taken beyond the drawing’s right end, in its own units. */
const DAY_BEYOND = 26

/** A moment of the shop’s clock, as milliseconds of a clock that knows no zone. */
function read(local: string): number {
  return Date.parse(`${local}Z`)
}

function write(ms: number): string {
  const grid = GRID * 60_000
  return new Date(Math.round(ms / grid) * grid).toISOString().slice(0, 16)
}

/**
 * The moment at a place of the lane, by the stretches of time its marks tell of; to the nearest quarter of an hour.
 *
 * @param x in the figure’s own units
 * @returns as the shop’s clock shows it, ISO 8601 without a zone; nothing when the lane is empty
 */
export function momentAt(marks: Mark[], x: number): string | undefined {
  const times = marks.filter((m) => m.id === 'time')
  const first = times[0]
  const last = times[times.length - 1]
  if (!first || !last) return undefined
  const here = times.find((m) => x <= m.to) ?? last
  const [from = '', to = ''] = here.label.split('/')
  if (x > last.to) return write(read(to) + ((x - last.to) / DAY_BEYOND) * 86_400_000)
  const part = (Math.max(x, first.from) - here.from) / Math.max(0.001, here.to - here.from)
  return write(read(from) + part * (read(to) - read(from)))
}

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat']
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** `Thu 3 Dec 9:15`. */
export function said(local: string): string {
  const at = new Date(read(local))
  return `${DAYS[at.getUTCDay()]} ${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]} ${at.getUTCHours()}:${String(at.getUTCMinutes()).padStart(2, '0')}`
}
