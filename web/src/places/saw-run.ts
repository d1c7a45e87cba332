import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, type Ref } from 'vue'
import { answer, api, problemOf, type AheadView, type RunView, type SawEvent } from '../api/client'
import * as away from '../shop/away'
import type { Marked } from '../shop/away'

/** A server that is busy is asked again before that is said; under its mark nothing is written twice. */
const AGAIN = 3
/** A network that swallows what is sent is one that is not there, ms. */
const PATIENCE = 6000
/** Longer ago than this the shop does not want to know when, s. */
const MONTH = 30 * 24 * 3600
const newMark = () => crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`

/**
 * A run at the saw. What is done is kept by the shop before the next cut is shown; while the shop cannot be reached it is kept in this browser's own
 * store and sent, in order and once, when it is back. How the run stands at each pass was fetched before: nothing of it is worked out here.
 */
export function sawRun(box: Ref<string>) {
  const run = shallowRef<RunView>()
  const told = ref('')
  const busy = ref(false)
  /** whether the shop can be reached */
  const gone = ref(false)
  /** marked here and not with the shop yet */
  const waiting = shallowRef<Marked[]>([])
  /** what could not be taken when the shop was back, a line each; stays over a reload until it was read */
  const left = useLocalStorage<string[]>(() => `cant-hook.not-taken.${box.value}`, [])
  const ahead = shallowRef<AheadView>()
  let sent = { what: '', mark: '' }

  const canGoOn = computed(() => Boolean(run.value?.open && ahead.value?.id === run.value.id))

  /** The same event pressed again, because its answer did not come, goes out under the same mark. */
  function markOf(seq: number, event: SawEvent) {
    const what = JSON.stringify([seq, event])
    if (sent.what !== what) sent = { what, mark: newMark() }
    return sent.mark
  }

  async function sure(id: string, body: { seq: number; event: SawEvent; mark: string }): Promise<RunView> {
    for (let tries = 0; ; tries++) {
      try {
        return await answer(
          api.POST('/api/runs/{run}/events', {
            params: { path: { run: id } },
            body,
            signal: AbortSignal.timeout(PATIENCE)
          })
        )
      } catch (error) {
        if (tries === AGAIN || problemOf(error).status < 500) throw error
        await new Promise((again) => setTimeout(again, 400))
      }
    }
  }

  /** Takes how a run stands, and fetches the rest of it while the shop is there. */
  function stands(now: RunView) {
    run.value = now
    remember(now)
    const have = ahead.value
    const same = have?.id === now.id && have.places.length === now.total + 1
    const spoilt = have?.places[0]?.spoilt.length === now.spoilt.length
    if (now.open && !now.finished && !(same && spoilt)) void fetchAhead(now.id)
  }

  /** Where it stands, for a device that is switched off before the shop is back. */
  function remember(now: RunView) {
    // a browser without a store of its own goes on as long as the shop is there
    away.putStood(box.value, now.id, now.at).catch(() => undefined)
  }

  async function fetchAhead(id: string) {
    try {
      const found = await answer(api.GET('/api/runs/{run}/ahead', { params: { path: { run: id } } }))
      if (run.value?.id !== id) return
      ahead.value = found
      await away.putAhead(box.value, found)
    } catch {
      // without it the run goes on as long as the shop is there, and says so when it is not
    }
  }

  /** Begins a run, or goes on with the one that is open; without the shop with the one this device was at. */
  async function begin(which?: 'REST' | 'REST_UNPROVEN') {
    try {
      const found = await answer(
        api.POST('/api/boxes/{id}/runs', {
          params: { path: { id: box.value }, query: which ? { which } : {} }
        })
      )
      told.value = ''
      gone.value = false
      waiting.value = await away.markedOf(found.id)
      stands(found)
      if (waiting.value.length) await sendMarked()
      await tellOfOthers(found.id)
    } catch (error) {
      const problem = problemOf(error)
      if (problem.status === 0 && !which && (await beginAway())) return
      told.value = problem.detail
    }
  }

  /** What was marked here in a run that another device put aside meanwhile is told, not dropped. */
  async function tellOfOthers(now: string) {
    const others = await away.markedOfOthers(box.value, now)
    for (const of of new Set(others.map((m) => m.run))) {
      const all = others.filter((m) => m.run === of)
      const back = await send(of, all)
      left.value = [...left.value, ...back.left]
      await away.forget(all)
    }
  }

  async function beginAway(): Promise<boolean> {
    const found = await away.aheadOf(box.value)
    const stood = found && found.places[(await away.stoodAt(box.value, found.id)) ?? found.at]
    if (!found || !stood) return false
    ahead.value = found
    waiting.value = await away.markedOf(found.id)
    run.value = stood
    gone.value = true
    return true
  }

  /** The pass an event leads to, as it was fetched. */
  function ledTo(now: RunView, event: SawEvent): RunView {
    return ahead.value?.places[now.at + (event.kind === 'DONE' ? 1 : -1)] ?? now
  }

  /** Marks it here: the shop gets it when it is back. */
  async function markHere(event: SawEvent, mark: string) {
    if (!run.value || !canGoOn.value || (event.kind !== 'DONE' && event.kind !== 'BACK')) {
      told.value = canGoOn.value
        ? 'The shop cannot be reached: passes can be marked, this cannot. Lay the part aside until it is back.'
        : 'Not kept yet: the server does not answer. Do not cut on; press again when it is back.'
      return
    }
    const marked: Marked = { run: run.value.id, event, mark, at: Date.now() }
    const next = ledTo(run.value, event)
    try {
      await away.putMarked(box.value, marked, next.at)
    } catch {
      told.value =
        'Not kept: this browser has no room for it. Do not cut on; press again when the shop is back.'
      return
    }
    waiting.value = await away.markedOf(run.value.id)
    run.value = next
    told.value = ''
  }

  async function happened(event: SawEvent) {
    if (!run.value || busy.value) return
    busy.value = true
    const mark = markOf(run.value.seq + waiting.value.length, event)
    try {
      if (waiting.value.length || (gone.value && canGoOn.value)) {
        await markHere(event, mark)
        return
      }
      stands(await sure(run.value.id, { seq: run.value.seq, event, mark }))
      told.value = ''
    } catch (error) {
      const problem = problemOf(error)
      if (problem.status === 409) {
        told.value = 'Another device was first. This is where the run stands now.'
        await look(true)
      } else if (problem.status === 0) {
        gone.value = true
        await markHere(event, mark)
      } else told.value = problem.detail
    } finally {
      busy.value = false
    }
  }

  function send(of: string, all: Marked[]) {
    return answer(
      api.POST('/api/runs/{run}/events/away', {
        params: { path: { run: of } },
        body: {
          events: all.map((m) => ({
            event: m.event,
            mark: m.mark,
            secondsAgo: Math.min(MONTH, Math.max(0, (Date.now() - m.at) / 1000))
          }))
        },
        signal: AbortSignal.timeout(4 * PATIENCE)
      })
    )
  }

  /** Sends what was marked here; what the shop has is forgotten here only then. */
  async function sendMarked() {
    const all = waiting.value
    const of = all[0]?.run
    if (!of) return
    const back = await send(of, all)
    await away.forget(all)
    waiting.value = await away.markedOf(of)
    left.value = [...left.value, ...back.left]
    stands(back.run)
    told.value = back.left.length
      ? ''
      : back.alike
        ? `The shop is back. ${back.alike === 1 ? 'A pass' : `${back.alike} passes`} had been marked on another device as well.`
        : ''
  }

  /** Another device may have gone on, and a shop that was away may be back. */
  async function look(mine = false) {
    // while an answer of its own is on its way, that one is waited for
    if (!run.value || (busy.value && !mine)) return
    try {
      const now = await answer(
        api.GET('/api/runs/{run}', {
          params: { path: { run: run.value.id } },
          signal: AbortSignal.timeout(PATIENCE)
        })
      )
      if (waiting.value.length) {
        if (!busy.value) await sending()
        return
      }
      // events are only ever added: an answer with fewer of them was asked for before, and comes late
      if (now.id === run.value.id && (now.seq > run.value.seq || gone.value) && (mine || !busy.value))
        stands(now)
      if (gone.value) {
        gone.value = false
        told.value = ''
      }
    } catch (error) {
      if (problemOf(error).status === 0) gone.value = true
    }
  }

  async function sending() {
    busy.value = true
    try {
      await sendMarked()
      gone.value = false
    } catch (error) {
      const problem = problemOf(error)
      gone.value = problem.status === 0
      if (!gone.value) told.value = problem.detail
    } finally {
      busy.value = false
    }
  }

  async function putAway() {
    if (!run.value) return
    try {
      await answer(api.DELETE('/api/runs/{run}', { params: { path: { run: run.value.id } } }))
      await begin()
    } catch (error) {
      told.value = problemOf(error).detail
    }
  }

  return { run, told, busy, gone, waiting, left, canGoOn, begin, happened, look, putAway }
}
