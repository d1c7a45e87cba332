import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { answer as got, api, problemOf, type BoxPlan, type CuttingView, type KeptBlank } from '../api/client'
import { useBench } from './store'

/** The search for a cut plan over the boards on the rack: asked for, waited for, stopped. */
export const useCutting = defineStore('cutting', () => {
  const bench = useBench()
  const view = shallowRef<CuttingView | null>(null)
  const failed = ref('')
  const running = computed(() => view.value?.state === 'WAITING' || view.value?.state === 'RUNNING')
  const answer = computed(() => view.value?.answer)
  const rack = shallowRef<KeptBlank[]>([])
  let turn = 0
  let asked: Promise<CuttingView> | undefined

  /** The boards as they lie on the rack now. */
  async function look() {
    const display = bench.plan?.display ?? 'METRIC'
    rack.value = await got(api.GET('/api/rack/blanks', { params: { query: { display } } }))
  }

  function take(seen: CuttingView) {
    // the plan before stays in sight while the next is sought, and no longer
    const waits = seen.state === 'WAITING' || seen.state === 'RUNNING'
    view.value = seen.answer || !waits ? seen : { ...seen, answer: view.value?.answer }
    if (seen.state === 'FAILED') failed.value = 'The search failed. Change something, or ask again.'
    if (view.value.answer) {
      bench.searched = { numbers: view.value.answer.numbers, verdicts: view.value.answer.verdicts }
    } else bench.searched = { numbers: [], verdicts: [] }
  }

  /** Looks again and again until the search is over, or another is asked for. */
  async function follow(first: Promise<CuttingView>) {
    const mine = ++turn
    try {
      failed.value = ''
      let seen = await first
      while (mine === turn) {
        take(seen)
        if (!running.value) return
        seen = await got(api.GET('/api/cuttings/{id}', { params: { path: { id: seen.id } } }))
      }
    } catch (error) {
      if (mine === turn) {
        failed.value = problemOf(error).detail
        forget()
      }
    }
  }

  async function ask(plan: BoxPlan) {
    const before = view.value
    if (before && running.value) {
      void api.DELETE('/api/cuttings/{id}', { params: { path: { id: before.id } } })
    }
    asked = got(api.POST('/api/cuttings', { body: { plan } }))
    await follow(asked)
  }

  /** Stops what was asked for last, be it seen yet or not. */
  async function stop() {
    if (!asked) return
    await follow(asked.then(({ id }) => got(api.DELETE('/api/cuttings/{id}', { params: { path: { id } } }))))
  }

  function forget() {
    turn++
    view.value = null
    bench.searched = { numbers: [], verdicts: [] }
  }

  return { rack, look, view, failed, running, answer, ask, stop, forget }
})
