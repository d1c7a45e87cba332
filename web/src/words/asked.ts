import { shallowRef } from 'vue'
import type { TradeWord } from './glossary'

/** The word that is asked about, and where it stands on the page. */
export const asked = shallowRef<{ word: TradeWord; at: DOMRect }>()

/** a pointer that only passes asks nothing, milliseconds */
const RESTS = 350
let waiting: ReturnType<typeof setTimeout> | undefined

export function ask(word: TradeWord, event: Event) {
  const at = (event.currentTarget as HTMLElement).getBoundingClientRect()
  clearTimeout(waiting)
  if (event.type === 'pointerenter') waiting = setTimeout(() => (asked.value = { word, at }), RESTS)
  else asked.value = { word, at }
}

export function leave() {
  clearTimeout(waiting)
  asked.value = undefined
}
