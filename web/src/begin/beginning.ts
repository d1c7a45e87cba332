import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { answer, api, problemOf, type Answer, type BoxPlan, type Wish } from '../api/client'

/** What a new box is for. */
export type Aim = 'CONTENTS' | 'OPENING' | 'DRAWER' | 'OUTSIDE' | 'LIKE'
export type Held = NonNullable<Wish['things']>[number]

/** A box that grows from the first number on: what is said of it, and the plan and picture that follow. */
export function useBeginning() {
  const aim = ref<Aim>('OUTSIDE')
  const inside = ref(false)
  const wish = reactive<Wish>({ unit: localStorage.getItem('unit') === 'INCH' ? 'INCH' : 'MILLIMETRE' })
  const thing = reactive<Held>({})
  const plan = shallowRef<BoxPlan>()
  const begun = shallowRef<Answer>()
  const refused = ref('')
  const refusedAt = ref('')
  let turn = 0

  /** what leads the size, for each aim; a drawer's boxes and a copy have their own */
  const LEADS: Record<Aim, NonNullable<Wish['from']>> = {
    CONTENTS: 'CONTENTS',
    OPENING: 'OPENING',
    OUTSIDE: 'OUTSIDE',
    DRAWER: 'OUTSIDE',
    LIKE: 'OUTSIDE'
  }
  const from = computed(() => (aim.value === 'OUTSIDE' && inside.value ? 'INSIDE' : LEADS[aim.value]))
  const assumed = computed(() => new Set<string>(plan.value?.assumed ?? []))

  function said(): Wish {
    const { length, width, height, ...rest } = wish
    return from.value === 'CONTENTS'
      ? { ...rest, from: from.value, things: [{ ...thing }] }
      : {
          ...rest,
          from: from.value,
          ...(length === undefined ? {} : { length }),
          ...(width === undefined ? {} : { width }),
          ...(height === undefined ? {} : { height })
        }
  }

  function refuse(error: unknown) {
    const problem = problemOf(error)
    refused.value = problem.detail
    refusedAt.value = (problem.field ?? '').replace(/^things\[0\]\./, '')
  }

  async function grow() {
    const mine = ++turn
    try {
      const next = await answer(api.POST('/api/starting-plan', { body: said() }))
      const worked = await answer(api.POST('/api/work', { body: { plan: next, station: 'begun' } }))
      if (mine !== turn) return
      plan.value = next
      begun.value = worked
      refused.value = ''
      refusedAt.value = ''
    } catch (error) {
      if (mine === turn) refuse(error)
    }
  }
  const soon = useDebounceFn(grow, 60)
  watch([wish, thing, aim, inside], () => void soon(), { deep: true })
  watch(
    () => wish.unit,
    (unit) => localStorage.setItem('unit', unit ?? 'MILLIMETRE')
  )
  void grow()

  /** Lays the box on the bench: its number there. Whatever was typed last counts. */
  async function lay(): Promise<string | undefined> {
    turn++
    try {
      const last = await answer(api.POST('/api/starting-plan', { body: said() }))
      return (await answer(api.POST('/api/boxes', { body: { plan: last } }))).id
    } catch (error) {
      refuse(error)
      return undefined
    }
  }

  return { aim, inside, wish, thing, plan, begun, from, assumed, refused, refusedAt, lay }
}

export type Beginning = ReturnType<typeof useBeginning>
