import type { GlueClockView } from '../api/client'

/** What the clock warns of: soon, now, too late; nothing while there is time. */
export type Warning = '' | 'SOON' | 'CLOSE' | 'LATE'

/** How long before the open time ends it is said, seconds. */
const BEFORE = 45

/** Minutes and seconds: 3:12. */
export function clockWords(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

/** What to say so many seconds after the glue was opened: while it is spread the open time counts, then the whole. */
export function warningAt(
  elapsed: number,
  phase: GlueClockView['steps'][number]['phase'],
  glue: Pick<GlueClockView, 'open' | 'total'>
): Warning {
  if (elapsed >= glue.total) return 'LATE'
  if (phase === 'SPREADING' && elapsed >= glue.open) return 'CLOSE'
  if (phase === 'SPREADING' && elapsed >= glue.open - Math.min(BEFORE, glue.open / 4)) return 'SOON'
  if (phase === 'CLOSING' && elapsed >= glue.total - Math.min(BEFORE, glue.total / 4)) return 'SOON'
  return ''
}

export function called(warning: Warning): string {
  switch (warning) {
    case 'SOON':
      return 'The time is nearly up.'
    case 'CLOSE':
      return 'Close it now: what was spread first is skinning over.'
    case 'LATE':
      return 'Too late to close: if a corner still stands open, take it apart and wash the glue off.'
    case '':
      return ''
  }
}
