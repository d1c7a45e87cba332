import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  answer as got,
  api,
  problemOf,
  type BoxPlan,
  type BreakdownView,
  type CutPlanView,
  type KeptBlank
} from '../api/client'
import { useBench } from './store'

/** The search for a cut plan over the boards on the rack: asked for, waited for, stopped. */
export const useBreakdown = defineStore('breakdown', () => {
  const bench = useBench()
  const view = shallowRef<BreakdownView | null>(null)
  const failed = ref('')
  const running = computed(() => view.value?.state === 'WAITING' || view.value?.state === 'RUNNING')
  /** The plan that boards are being cut by; it stands whatever becomes of the box meanwhile. */
  const kept = shallowRef<CutPlanView | null>(null)
  const answer = computed(() => kept.value?.answer ?? view.value?.answer)
  const rack = shallowRef<KeptBlank[]>([])
  let turn = 0
  let asked: Promise<BreakdownView> | undefined

  /** The boards as they lie on the rack now. */
  async function look() {
    const display = bench.plan?.display ?? 'METRIC'
    rack.value = await got(api.GET('/api/rack/blanks', { params: { query: { display } } }))
  }

  /** Shows the plan that boards are cut by instead of seeking another; nothing when none was cut yet. */
  function follows(plan: CutPlanView) {
    kept.value = plan.answer ? plan : null
    if (plan.answer) {
      turn++
      view.value = null
      bench.searched = { numbers: plan.answer.numbers, verdicts: [] }
    }
    return !!plan.answer
  }
  async function keptPlan(box: string) {
    return follows(await got(api.GET('/api/boxes/{box}/cut-plan', { params: { path: { box } } })))
  }
  async function begin(box: string, boards: string[]) {
    const breakdown = view.value?.id
    if (breakdown)
      follows(
        await got(
          api.POST('/api/boxes/{box}/cut-plan', { params: { path: { box } }, body: { breakdown, boards } })
        )
      )
  }
  async function cut(box: string, board: string, done: boolean) {
    const params = { path: { box, board } }
    follows(
      await got(
        done
          ? api.PUT('/api/boxes/{box}/cut-plan/boards/{board}', { params })
          : api.DELETE('/api/boxes/{box}/cut-plan/boards/{board}', { params })
      )
    )
  }
  async function planAnew(box: string) {
    follows(await got(api.DELETE('/api/boxes/{box}/cut-plan', { params: { path: { box } } })))
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

  return {
    rack,
    look,
    view,
    failed,
    running,
    answer,
    kept,
    keptPlan,
    begin,
    cut,
    planAnew,
    ask,
    stop,
    forget
  }
})
