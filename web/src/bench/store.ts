import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import {
  answer as got,
  api,
  problemOf,
  type Answer,
  type BoxPlan,
  type FirstGuess,
  type FixView,
  type KeptBox,
  type LadderFigure,
  type Problem,
  type VerdictView,
  type WorkingView
} from '../api/client'
import { alike } from './alike'
import { sayTouched } from './assumed'
import { keeping } from './keeping'
import { testCutsOf } from './test-cuts'
import { wayBack } from './way-back'

export type StationId =
  'size' | 'fingers' | 'blank' | 'jig' | 'fit' | 'cut' | 'bottom' | 'lid' | 'fittings' | 'glue' | 'finish'

interface Step {
  plan: BoxPlan
  merge: string
}

/** So long after no answer came it is asked again, ms. */
const AGAIN = 1500

/** One box on the bench: its decisions, what follows from them, and the way back. */
export const useBench = defineStore('bench', () => {
  const id = ref('')
  const plan = shallowRef<BoxPlan | null>(null)
  const { testCuts, damagedTestCuts, addTestCut, removeTestCut } = testCutsOf(id, () => work())
  const worked = shallowRef<Answer | null>(null)
  const preview = shallowRef<Answer | null>(null)
  const station = ref<StationId>('size')
  const day = ref(0)
  const step = ref(0)
  const lit = ref('')
  const problem = ref<Problem | null>(null)
  const working = shallowRef<WorkingView[]>([])
  /** the box whose numbers are open, as it would be; nothing for the one on the bench */
  const wouldBe = shallowRef<{ plan: BoxPlan; says: string }>()
  const undone = shallowRef<Step[]>([])
  const done = shallowRef<Step[]>([])
  let asked = 0
  let opening = 0
  let hovered: FixView | null = null
  const keeper = keeping(id, plan)
  const { revision, kept, why, offered, putBy, letGo, keepSoon, keep, keepOnTop, keepAsCopy } = keeper
  const { farBack, farForth, triedOn, lookFar, lookTriedOn, earlier } = wayBack(
    id,
    plan,
    problem,
    keeper,
    () => !done.value.length && !undone.value.length
  )
  const canUndo = computed(() => done.value.length > 0 || farBack.value.length > 0)
  const canRedo = computed(() => undone.value.length > 0 || farForth.value.length > 0)

  const answer = computed(() => preview.value ?? worked.value)
  /** what a search over the rack found for the plan on the bench: its numbers with their workings, and its verdicts */
  const searched = shallowRef<{ numbers: WorkingView[]; verdicts: VerdictView[] }>({
    numbers: [],
    verdicts: []
  })
  /** how often a change was refused and put back; a field that shows its own choice meanwhile begins anew with it */
  const putBack = ref(0)
  /** the drawing at the size station: the box, or the kinds of corner side by side */
  const corners = ref(false)
  const numbers = computed(
    () =>
      new Map(
        [...(answer.value?.numbers ?? []), ...searched.value.numbers.map((w) => w.number)].map((n) => [
          n.id,
          n
        ])
      )
  )

  function request(of: BoxPlan) {
    return {
      plan: of,
      testCuts: testCuts.value.map((c) => c.cut),
      station: station.value === 'size' && corners.value ? 'corners' : station.value,
      day: day.value,
      step: step.value
    }
  }

  async function open(box: string) {
    const found = await got(api.GET('/api/boxes/{id}', { params: { path: { id: box } } }))
    // back from the rack to the box as it was left: what was done can still be undone
    const same = found.id === id.value && alike(found.plan, plan.value)
    take(found)
    keeper.lookForUnkept()
    if (!same) {
      done.value = []
      undone.value = []
      farBack.value = []
      farForth.value = []
    }
    working.value = []
    searched.value = { numbers: [], verdicts: [] }
    await Promise.all([work(), same ? undefined : lookFar(), lookTriedOn()])
  }

  function take(box: KeptBox) {
    id.value = box.id
    plan.value = box.plan
    testCuts.value = box.testCuts
    damagedTestCuts.value = box.damagedTestCuts ?? []
    keeper.begin(box.revision)
  }

  /**
   * Looks whether the box was changed elsewhere while nothing of it was changed here, and takes that; undo leads back.
   *
   * @returns whether it was
   */
  async function follow(): Promise<boolean> {
    const still = () => keeper.kept.value === 'kept' && !offered.value
    if (!plan.value || !still()) return false
    const box = id.value
    const from = revision.value
    const found = await got(api.GET('/api/boxes/{id}', { params: { path: { id: box } } }))
    if (id.value !== box || revision.value !== from || !still()) return false
    const cuts = JSON.stringify(found.testCuts) !== JSON.stringify(testCuts.value)
    if (found.revision <= from && !cuts) return false
    if (!alike(found.plan, plan.value)) {
      done.value = [...done.value, { plan: plan.value, merge: '' }]
      undone.value = []
    }
    take(found)
    await work()
    return true
  }

  /** Takes up what was not kept, as a change to the box as it stands; it can be undone. */
  async function takeUp() {
    const left = offered.value
    if (!left) return
    offered.value = undefined
    await become(left.plan)
  }

  /** Works the plan; a refused plan is put back to the one before, and the refusal is shown where it came from. */
  async function work(back?: BoxPlan) {
    if (!plan.value) return
    const turn = ++asked
    try {
      const result = await got(api.POST('/api/work', { body: request(plan.value) }))
      if (turn === asked) {
        worked.value = result
        // a fix of the answer before is not offered any more, so its preview, still on its way, must not come
        hovered = null
        preview.value = null
        problem.value = null
      }
    } catch (error) {
      if (turn !== asked) return
      const refused = problemOf(error)
      // no refusal but no answer either: the numbers on the bench are those of the plan before, so it is asked again
      if (refused.status === 0 || refused.status === 408 || refused.status >= 500) {
        if (problem.value?.status !== refused.status) problem.value = refused
        window.setTimeout(() => {
          if (turn === asked) void work(back)
        }, AGAIN)
        return
      }
      problem.value = {
        ...refused,
        field: refused.field?.replace(/^plan\./, '').replace(/\[(\d+)\]/g, '.$1')
      }
      if (back && refused.status >= 400 && refused.status < 500) {
        plan.value = back
        putBack.value++
        done.value = done.value.slice(0, -1)
        keeper.takenBack(done.value.length === 0)
      }
    }
  }

  /**
   * Takes a decision.
   *
   * @param merge decisions of the same merge name become one step to undo (a number being dragged)
   */
  async function decide(change: (draft: BoxPlan) => void, merge = '') {
    if (!plan.value) return
    const before = plan.value
    const after = structuredClone(toRaw(before))
    change(after)
    sayTouched(before, after)
    const said = JSON.stringify(after)
    if (said === JSON.stringify(before)) return
    const last = done.value[done.value.length - 1]
    if (!(merge && last?.merge === merge)) {
      done.value = [...done.value, { plan: before, merge }]
    }
    undone.value = []
    farForth.value = []
    // what was taken from a list on the screen stays the list's own; the plan holds nothing but what it says
    plan.value = JSON.parse(said) as BoxPlan
    keepSoon()
    await work(before)
  }

  async function set(field: string, value: unknown, merge = '') {
    await decide((draft) => {
      const path = field.split('.')
      const last = path.pop() ?? ''
      let at = draft as unknown as Record<string, unknown>
      // what was never said stands nowhere yet
      for (const name of path) at = (at[name] ??= {}) as Record<string, unknown>
      if (value === undefined || value === null) Reflect.deleteProperty(at, last)
      else at[last] = value
    }, merge)
  }

  /** Closes a step that was being merged, so that the next drag is a step of its own. */
  function settle() {
    const last = done.value[done.value.length - 1]
    if (last?.merge) done.value = [...done.value.slice(0, -1), { plan: last.plan, merge: '' }]
  }

  async function undo() {
    const last = done.value[done.value.length - 1]
    const far = farBack.value[0]
    if (!plan.value || (!last && far === undefined)) return
    const to = last ? last.plan : await earlier(far as number)
    if (!to) return
    undone.value = [...undone.value, { plan: plan.value, merge: '' }]
    if (last) done.value = done.value.slice(0, -1)
    else farBack.value = farBack.value.slice(1)
    await stepTo(to)
  }

  async function redo() {
    const next = undone.value[undone.value.length - 1]
    const far = farForth.value[0]
    if (!plan.value || (!next && far === undefined)) return
    const to = next ? next.plan : await earlier(far as number)
    if (!to) return
    done.value = [...done.value, { plan: plan.value, merge: '' }]
    if (next) undone.value = undone.value.slice(0, -1)
    else farForth.value = farForth.value.slice(1)
    await stepTo(to)
  }

  async function stepTo(state: BoxPlan) {
    plan.value = state
    keepSoon()
    await work()
  }

  async function apply(fix: FixView) {
    preview.value = null
    await become(fix.after)
  }

  /** The whole plan as it would be after a change; what that no longer says is gone too. */
  function become(after: BoxPlan) {
    return decide((draft) => {
      for (const key of Object.keys(draft)) if (!(key in after)) Reflect.deleteProperty(draft, key)
      Object.assign(draft, after)
    })
  }

  /** Opens a decision with what it begins with. */
  async function begin(guess: FirstGuess) {
    if (!plan.value) return
    try {
      await become(
        await got(
          api.POST('/api/work/begun/{guess}', { params: { path: { guess } }, body: request(plan.value) })
        )
      )
    } catch (error) {
      problem.value = problemOf(error)
    }
  }

  async function show(fix: FixView | null) {
    hovered = fix
    if (!fix) {
      preview.value = null
      return
    }
    const turn = asked
    try {
      const shown = await got(api.POST('/api/work', { body: request(fix.after) }))
      if (turn === asked && hovered === fix) preview.value = shown
    } catch (error) {
      problem.value = problemOf(error)
    }
  }

  /**
   * Opens a number to its working; what is opened from an open one belongs to the same box.
   *
   * @param of the box as it would be, when the number is not of the one on the bench
   */
  async function openWorking(number: string, of?: { plan: BoxPlan; says: string }) {
    if (!plan.value) return
    const turn = ++opening
    const stood = working.value.length
    try {
      const found = of ? undefined : searched.value.numbers.find((w) => w.number.id === number)
      const opened =
        found ??
        (await got(
          api.POST('/api/work/{number}', {
            params: { path: { number } },
            body: request(of?.plan ?? plan.value)
          })
        ))
      // pressed again, or closed before it came
      if (turn !== opening || working.value.length < stood) return
      const trail = wouldBe.value?.plan === of?.plan ? working.value : []
      const at = trail.findIndex((w) => w.number.id === number)
      wouldBe.value = of
      working.value = at >= 0 ? trail.slice(0, at + 1) : [...trail, opened]
    } catch (error) {
      problem.value = problemOf(error)
    }
  }

  /** A rung of the ladder as it looks; nothing when the ladder has moved on. */
  async function rung(name: string): Promise<LadderFigure | undefined> {
    if (!plan.value) return undefined
    try {
      return await got(
        api.POST('/api/work/rungs/{name}', { params: { path: { name } }, body: request(plan.value) })
      )
    } catch (error) {
      // a ladder that has moved on has no such rung any more; anything else is told
      const refused = problemOf(error)
      if (refused.status !== 422) problem.value = refused
      return undefined
    }
  }

  return {
    id,
    revision,
    follow,
    why,
    offered,
    putBy,
    takeUp,
    letGo,
    plan,
    testCuts,
    damagedTestCuts,
    worked,
    answer,
    preview,
    numbers,
    searched,
    putBack,
    corners,
    station,
    day,
    step,
    lit,
    kept,
    problem,
    working,
    wouldBe,
    done,
    undone,
    triedOn,
    canUndo,
    canRedo,
    open,
    work,
    decide,
    set,
    settle,
    undo,
    redo,
    apply,
    begin,
    show,
    openWorking,
    rung,
    keep,
    keepOnTop,
    keepAsCopy,
    addTestCut,
    removeTestCut
  }
})
