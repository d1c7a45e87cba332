import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  answer as got,
  api,
  problemOf,
  type BoxPlan,
  type BreakdownView,
  type KeptBlank
} from '../api/client'
import { useBench } from './store'

/** The search for a cut plan over the boards on the rack: asked for, waited for, stopped. */
export const useBreakdown = defineStore('breakdown', () => {
  const bench = useBench()
  const view = shallowRef<BreakdownView | null>(null)
  const failed = ref('')
  const running = computed(() => view.value?.state === 'WAITING' || view.value?.state === 'RUNNING')
  const answer = computed(() => view.value?.answer)
  const rack = shallowRef<KeptBlank[]>([])
  let turn = 0
  let asked: Promise<BreakdownView> | undefined

  /** The boards as they lie on the rack now. */
  async function look() {
    const display = bench.plan?.display ?? 'METRIC'
    rack.value = await got(api.GET('/api/rack/blanks', { params: { query: { display } } }))
  }

  function take(seen: BreakdownView) {
    // the plan before stays in sight while the next is sought, and no longer
    const waits = seen.state === 'WAITING' || seen.state === 'RUNNING'
    view.value = seen.answer || !waits ? seen : { ...seen, answer: view.value?.answer }
    if (seen.state === 'FAILED') failed.value = 'The search failed. Change something, or ask again.'
    if (view.value.answer) {
      bench.searched = { numbers: view.value.answer.numbers, verdicts: view.value.answer.verdicts }
    } else bench.searched = { numbers: [], verdicts: [] }
  }

  /** Looks again and again until the search is over, or another is asked for. */
  async function follow(first: Promise<BreakdownView>) {
    const mine = ++turn
    try {
      failed.value = ''
      let seen = await first
      while (mine === turn) {
        take(seen)
        if (!running.value) return
        seen = await got(api.GET('/api/breakdowns/{id}', { params: { path: { id: seen.id } } }))
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
      void api.DELETE('/api/breakdowns/{id}', { params: { path: { id: before.id } } })
    }
    asked = got(api.POST('/api/breakdowns', { body: { plan } }))
    await follow(asked)
  }

  /** Stops what was asked for last, be it seen yet or not. */
  async function stop() {
    if (!asked) return
    await follow(
      asked.then(({ id }) => got(api.DELETE('/api/breakdowns/{id}', { params: { path: { id } } })))
    )
  }

  function forget() {
    turn++
    view.value = null
    bench.searched = { numbers: [], verdicts: [] }
  }

  return { rack, look, view, failed, running, answer, ask, stop, forget }
})
