import { ref } from 'vue'
import { answer, api, type HintCall } from '../api/client'

/** Hints this shop does not want to hear, and what was answered on the box that lies on the bench. */
const silenced = ref<Set<HintCall>>(new Set())
const answered = ref<Map<HintCall, 'FOLLOWED' | 'LATER'>>(new Map())
let box = ''

export const hints = { silenced, answered }

/** Fetched once a box is opened; without it every hint is shown. */
export async function hear(id: string) {
  if (id === box) return
  box = id
  answered.value = new Map()
  const [all, mine] = await Promise.all([
    answer(api.GET('/api/hints')),
    answer(api.GET('/api/boxes/{id}/hints', { params: { path: { id } } }))
  ]).catch((error: unknown) => {
    // asked again when the box is looked at again
    if (id === box) box = ''
    throw error
  })
  if (id !== box) return
  silenced.value = new Set(all.filter((h) => h.silenced).map((h) => h.call))
  answered.value = new Map(mine.map((m) => [m.call, m.answer]))
}

export async function reply(call: HintCall, said: 'FOLLOWED' | 'LATER') {
  await answer(
    api.PUT('/api/boxes/{id}/hints/{call}', { params: { path: { id: box, call } }, body: { answer: said } })
  )
  answered.value = new Map(answered.value).set(call, said)
}

export async function silence(call: HintCall) {
  await answer(api.PUT('/api/hints/{call}/silence', { params: { path: { call } } }))
  silenced.value = new Set(silenced.value).add(call)
}

/** Takes back whatever was said to a hint. */
export async function again(call: HintCall) {
  if (silenced.value.has(call)) {
    await answer(api.DELETE('/api/hints/{call}/silence', { params: { path: { call } } }))
    silenced.value = new Set([...silenced.value].filter((c) => c !== call))
  }
  if (answered.value.has(call)) {
    await answer(api.DELETE('/api/boxes/{id}/hints/{call}', { params: { path: { id: box, call } } }))
    const left = new Map(answered.value)
    left.delete(call)
    answered.value = left
  }
}
