import type { Felt } from '../api/client'

/** How a piece goes together where no caliper is at hand: “it …”. */
export const feelings: { value: Felt; label: string }[] = [
  { value: 'WILL_NOT_START', label: 'will not start' },
  { value: 'NEEDS_A_MALLET', label: 'needs a mallet' },
  { value: 'FIRM_HAND', label: 'goes with a firm hand' },
  { value: 'SLIDES', label: 'slides' },
  { value: 'DROPS_APART', label: 'drops apart' }
]
