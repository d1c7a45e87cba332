/** Moments as they are told, in the hand of who reads them. */

/** A day: 3 Dec. */
export function dayOf(iso: string) {
  return new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short' })
}

/** A day of some year: 3 Dec 2026. */
export function dateOf(iso: string) {
  return new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
}

/** A day and its hour: 3 Dec, 14:05. */
export function hourOf(iso: string) {
  return new Date(iso).toLocaleString(undefined, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit'
  })
}
