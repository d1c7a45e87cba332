import { inject, onBeforeUnmount, provide, reactive, type ComputedRef, computed } from 'vue'

/** What the decisions in a fold are set to, in the order they stand in it: told on its line while it is closed. */
const KEY = Symbol('rest')
type Told = Map<symbol, () => string>

export function useRest(): ComputedRef<string> {
  const told: Told = reactive(new Map())
  provide(KEY, told)
  return computed(() =>
    [...told.values()]
      .map((say) => say())
      .filter(Boolean)
      .join(', ')
  )
}

/** Says, on the line of the fold this decision stands in, what it is set to. */
export function tellsItsValue(say: () => string) {
  const told = inject<Told | undefined>(KEY, undefined)
  if (!told) return
  const mine = Symbol('decision')
  told.set(mine, say)
  onBeforeUnmount(() => told.delete(mine))
}

/** Whether everything stands open, as whoever works here likes it. */
export const unfolded = {
  all: () => localStorage.getItem('unfolded') === 'all',
  set: (all: boolean) => localStorage.setItem('unfolded', all ? 'all' : '')
}
