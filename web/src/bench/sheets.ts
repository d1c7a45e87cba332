import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer as got, api, problemOf, type BoxPlan, type SheetAnswer } from '../api/client'
import { useBench } from './store'

/** Panels of the box and its batch out of the sheets on the rack: asked for, waited for, ticked as sheets are cut. */
export const useSheets = defineStore('sheets', () => {
  const bench = useBench()
  const answer = shallowRef<SheetAnswer | null>(null)
  const failed = ref('')
  const asked = ref(0)
  const running = computed(() => asked.value > 0)
  let turn = 0

  async function ask(plan: BoxPlan) {
    const mine = ++turn
    asked.value++
    try {
      const body = { plan, ...(bench.id ? { box: bench.id } : {}) }
      const seen = await got(api.POST('/api/panels', { body }))
      if (mine !== turn) return
      failed.value = ''
      answer.value = seen
      bench.searched = { numbers: seen.numbers, verdicts: seen.verdicts }
    } catch (error) {
      if (mine === turn) failed.value = problemOf(error).detail
    } finally {
      asked.value--
    }
  }

  /** A sheet was cut, or was not after all; then the rest is sought anew. */
  async function cut(box: string, sheet: string, done: boolean) {
    const params = { path: { box, sheet } }
    await got(
      done
        ? api.PUT('/api/boxes/{box}/cut-sheets/{sheet}', { params })
        : api.DELETE('/api/boxes/{box}/cut-sheets/{sheet}', { params })
    )
  }

  function forget() {
    turn++
    answer.value = null
    failed.value = ''
    bench.searched = { numbers: [], verdicts: [] }
  }

  return { answer, failed, running, ask, cut, forget }
})
