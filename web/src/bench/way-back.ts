import { shallowRef, type Ref, type ShallowRef } from 'vue'
import { answer as got, api, problemOf, type BoxPlan, type Problem } from '../api/client'
import type { keeping } from './keeping'

/**
 * How far undo and redo lead beyond what was done in this window, and which box this one is tried on.
 *
 * @param isFresh whether nothing was done or undone here since the box was opened
 */
export function wayBack(
  id: Ref<string>,
  plan: ShallowRef<BoxPlan | null>,
  problem: Ref<Problem | null>,
  keeper: ReturnType<typeof keeping>,
  isFresh: () => boolean
) {
  /** revisions, the nearest first */
  const farBack = shallowRef<number[]>([])
  const farForth = shallowRef<number[]>([])
  /** the box this one is tried on; nothing when it is a box of its own */
  const triedOn = shallowRef<{ id: string; name: string }>()

  /** Looks how far undo and redo reach from what was opened; without it they reach as far as this window remembers. */
  async function lookFar() {
    const box = id.value
    const from = keeper.revision.value
    try {
      const way = await got(api.GET('/api/boxes/{id}/way-back', { params: { path: { id: box } } }))
      if (id.value !== box || keeper.revision.value !== from || !isFresh()) return
      farBack.value = way.back
      farForth.value = way.forth
    } catch (error) {
      problem.value = problemOf(error)
    }
  }

  async function lookTriedOn() {
    const box = id.value
    try {
      const found = await got(api.GET('/api/boxes/{id}/what-if/of', { params: { path: { id: box } } }))
      if (id.value === box) triedOn.value = found.of ?? undefined
    } catch (error) {
      problem.value = problemOf(error)
    }
  }

  /** A state this box was in before it was opened here. */
  async function earlier(of: number): Promise<BoxPlan | undefined> {
    const box = id.value
    const stands = plan.value
    try {
      const state = await got(
        api.GET('/api/boxes/{id}/history/{revision}', { params: { path: { id: box, revision: of } } })
      )
      // something was done meanwhile: that goes before
      if (id.value !== box || plan.value !== stands) return undefined
      keeper.knownAs(state.plan, of)
      return state.plan
    } catch (error) {
      problem.value = problemOf(error)
      return undefined
    }
  }

  return { farBack, farForth, triedOn, lookFar, lookTriedOn, earlier }
}
