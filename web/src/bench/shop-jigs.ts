import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { answer, api, problemOf, type BuildOrNot, type JigMakes } from '../api/client'
import { useBench } from './store'

/** Which jigs of the shop make the box on the bench, and of which rungs: asked when the plan has come to rest. */
export function useShopJigs() {
  const bench = useBench()
  const weighed = ref<BuildOrNot>()
  const failed = ref('')
  let turn = 0
  const weigh = useDebounceFn(async () => {
    const plan = bench.plan
    if (!plan) return
    const mine = ++turn
    try {
      const found = await answer(
        api.POST('/api/build/jigs', { body: { plan, testCuts: bench.testCuts.map((c) => c.cut) } })
      )
      if (mine !== turn) return
      weighed.value = found
      failed.value = ''
    } catch (error) {
      if (mine === turn) failed.value = problemOf(error).detail
    }
  }, 300)
  watch(
    () => bench.worked,
    () => void weigh(),
    { immediate: true }
  )
  /** The box as it is cut on that jig. */
  function take(one: JigMakes) {
    const after = one.after
    if (!after) return
    void bench.decide((draft) => {
      draft.jig = after.jig
      draft.fingers = after.fingers
    })
  }
  return { weighed, failed, weigh, take }
}
