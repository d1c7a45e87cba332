import { ref, shallowRef, toRaw, type Ref, type ShallowRef } from 'vue'
import { answer as got, api, problemOf, type BoxPlan } from '../api/client'
import { mayDecide } from '../shop/asking'
import { named } from '../words/names'
import { letGo as letGoOf, putBy as putByHere, unkeptOf, type Unkept } from './unkept'

type Kept = 'kept' | 'keeping' | 'stale' | 'away' | 'looking'

const SAVE_AFTER = 350
/** A save that failed is tried again after this long, then after twice as long, and so on. */
const FIRST_WAIT = 1000
const LONGEST_WAIT = 30_000

/**
 * Keeps the plan on the bench: shortly after each change, one write at a time, each from the revision the last one left. Until it is kept
 * it lies in this browser's own store as well.
 */
export function keeping(id: Ref<string>, plan: ShallowRef<BoxPlan | null>) {
  const revision = ref(0)
  const kept = ref<Kept>('kept')
  /** why the last save failed, while it is tried again */
  const why = ref('')
  /** what was not kept when this box was last left, until it is taken up or let go */
  const offered = shallowRef<Unkept>()
  /** whether this browser holds what is not kept */
  const putBy = ref(true)
  let currentRevision = 0
  let wait = FIRST_WAIT
  let timer = 0
  let saving: Promise<void> | null = null
  let dirty = false
  /** under which revision a state was kept first, so that undo and redo can say to which they lead */
  const keptAs = new WeakMap<BoxPlan, number>()

  function knownAs(state: BoxPlan, of: number) {
    if (!keptAs.has(toRaw(state))) keptAs.set(toRaw(state), of)
  }

  /** What is on the bench is what is kept. */
  function begin(from: number) {
    revision.value = from
    if (plan.value) knownAs(plan.value, from)
    kept.value = 'kept'
    why.value = ''
    offered.value = undefined
    dirty = false
    window.clearTimeout(timer)
  }

  /** Offers what was left unkept of the box just opened, unless it has been kept since. */
  function lookForUnkept() {
    const left = unkeptOf(id.value)
    if (left && JSON.stringify(left.plan) === JSON.stringify(plan.value)) letGoOf(id.value)
    else offered.value = left
  }

  function letGo() {
    offered.value = undefined
    letGoOf(id.value)
  }

  function holdHere() {
    if (!plan.value) return
    putBy.value = putByHere({
      id: id.value,
      name: plan.value.name,
      revision: revision.value,
      at: new Date().toISOString(),
      plan: plan.value
    })
  }

  function keepSoon() {
    if (!mayDecide.value) {
      kept.value = 'looking'
      return
    }
    dirty = true
    wait = FIRST_WAIT
    holdHere()
    if (kept.value === 'stale') return
    kept.value = 'keeping'
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void keep(), SAVE_AFTER)
  }

  /** A change that was refused has been taken back; nothing of it waits to be kept. */
  function takenBack(nothingElse: boolean) {
    if (!nothingElse) {
      holdHere()
      return
    }
    if (kept.value === 'keeping') {
      window.clearTimeout(timer)
      kept.value = 'kept'
    }
    dirty = false
    letGoOf(id.value)
  }

  /** Writes the plan with the revision it was made from; one write at a time, so none outruns another. */
  async function keep(): Promise<void> {
    window.clearTimeout(timer)
    if (saving) await saving
    if (!dirty || !plan.value || kept.value === 'stale') return
    saving = write(plan.value)
    await saving
    saving = null
    if (dirty && kept.value === 'keeping') await keep()
  }

  async function write(what: BoxPlan) {
    dirty = false
    const backTo = keptAs.get(toRaw(what))
    try {
      const saved = await got(
        api.PUT('/api/boxes/{id}', {
          params: { path: { id: id.value } },
          body: { revision: revision.value, plan: what, ...(backTo === undefined ? {} : { backTo }) }
        })
      )
      revision.value = saved.revision
      knownAs(what, saved.revision)
      kept.value = dirty ? 'keeping' : 'kept'
      why.value = ''
      wait = FIRST_WAIT
      if (!dirty) letGoOf(id.value)
    } catch (error) {
      dirty = true
      const refused = problemOf(error)
      why.value = refused.status === 0 ? 'Cant Hook does not answer. Is it running?' : refused.detail
      if (refused.status === 409 && refused.currentRevision !== undefined) {
        currentRevision = refused.currentRevision
        kept.value = 'stale'
      } else {
        kept.value = 'away'
        window.clearTimeout(timer)
        timer = window.setTimeout(() => void keep(), wait)
        wait = Math.min(LONGEST_WAIT, wait * 2)
      }
    }
  }

  async function keepOnTop() {
    revision.value = currentRevision
    kept.value = 'keeping'
    dirty = true
    await keep()
  }

  async function keepAsCopy(): Promise<string> {
    if (!plan.value) return id.value
    const mine = { ...plan.value, name: named(plan.value.name, { behind: ' (other window)' }) }
    const box = await got(api.POST('/api/boxes', { body: { plan: mine } }))
    kept.value = 'kept'
    dirty = false
    letGoOf(id.value)
    return box.id
  }

  return {
    revision,
    kept,
    why,
    offered,
    putBy,
    begin,
    lookForUnkept,
    letGo,
    keepSoon,
    takenBack,
    keep,
    keepOnTop,
    keepAsCopy,
    knownAs
  }
}
