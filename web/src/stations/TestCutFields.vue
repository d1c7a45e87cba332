<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { answer as got, api, problemOf, type Felt, type NewTestCut, type ReadingDoubt } from '../api/client'
import { feelings } from '../bench/feelings'
import LengthField from '../bench/LengthField.vue'
import { useBench } from '../bench/store'
import { hourOf } from '../words/when'

/** The next test cut: read with a caliper or felt, looked at before it is kept. */
const bench = useBench()
const blank = (): (number | undefined)[] => [undefined, undefined, undefined]
const slots = ref(blank())
const fingers = ref(blank())
const moved = ref<number>()
const refused = ref('')
const form = ref(0)
const readings = useTemplateRef<HTMLElement>('readings')

const asked = computed(() => bench.numbers.get('fit.move'))
const direction = computed(() => bench.answer?.direction)
const lastFelt = computed(() => bench.worked?.testCuts.at(-1)?.felt)
const heading = computed(() => {
  const known = (list: (number | undefined)[]) => list.filter((n) => n !== undefined)
  return { slots: known(slots.value), fingers: known(fingers.value) }
})
const keeping = ref(false)
const ready = computed(
  () => !keeping.value && heading.value.slots.length > 0 && heading.value.fingers.length > 0
)

watch(
  () => bench.testCuts.length,
  () => {
    const last = bench.worked?.direction && bench.worked.direction !== 'STAY' ? toMove.value : undefined
    moved.value = last
  }
)

const byFeel = ref(false)
const doubts = ref<ReadingDoubt[]>([])

/** Looks at the readings first; what is doubted is asked, and kept as it is when the maker says so. */
async function keepCut(sure = false) {
  refused.value = ''
  const cut: NewTestCut = { ...heading.value, moved: moved.value }
  try {
    if (!sure) {
      const look = await got(
        api.POST('/api/boxes/{id}/test-cuts/look', { params: { path: { id: bench.id } }, body: cut })
      )
      doubts.value = look.doubts
      if (look.doubts.length) return
    }
    await keep(cut)
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}

async function keepInstead(doubt: ReadingDoubt) {
  try {
    await keep({ slots: doubt.slots, fingers: doubt.fingers, moved: moved.value })
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}

/** A reading that came from the caliper, as it is typed. */
function pressed(mm: number | undefined) {
  if (mm === undefined) return ''
  return bench.plan?.unit === 'INCH' ? `${mm.toFixed(2)} mm` : mm.toFixed(2)
}

/** It is moved as told: the next reading is begun with it. */
function doneCutAnother() {
  moved.value = toMove.value
  byFeel.value = byFeel.value && Boolean(lastFelt.value)
  void nextTick(() => readings.value?.querySelector<HTMLElement>('input, .feelings button')?.focus())
}

/** what was to be moved, as near as this jig can be set; nothing where no move was told, because a cause is to be found first */
const toMove = computed(() =>
  bench.answer?.fields['fit.made'] ? (bench.numbers.get('fit.made') ?? asked.value)?.value : undefined
)
const movedText = computed(() =>
  moved.value !== undefined && moved.value === toMove.value ? (bench.answer?.fields['fit.made'] ?? '') : ''
)

/** Presses the caliper: each press fills the next place, slot and finger in turn. */
async function pressCaliper() {
  refused.value = ''
  const next = [0, 1, 2].flatMap((i) => [
    { spot: 'SLOT' as const, list: slots, i },
    { spot: 'FINGER' as const, list: fingers, i }
  ])
  const place = next.find((p) => p.list.value[p.i] === undefined)
  if (!place) return
  try {
    const read = await got(
      api.POST('/api/boxes/{id}/caliper', {
        params: { path: { id: bench.id } },
        body: { spot: place.spot, place: place.i, ...(moved.value ? { moved: moved.value } : {}) }
      })
    )
    place.list.value = place.list.value.map((n, i) => (i === place.i ? read.mm : n))
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}

async function keepFelt(felt: string) {
  refused.value = ''
  try {
    await keep({ felt: felt as Felt, moved: moved.value })
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}

async function keep(cut: NewTestCut) {
  keeping.value = true
  try {
    // the form is free again the moment it is kept: what is typed while the box is worked anew is the next test cut
    await bench.addTestCut(cut, () => {
      doubts.value = []
      slots.value = blank()
      fingers.value = blank()
      form.value++
    })
    // what was moved for the next one is known only now
    moved.value = direction.value !== 'STAY' ? toMove.value : undefined
  } finally {
    keeping.value = false
  }
}

/** what worked with the same cutter, jig and wood, while nothing is cut yet */
const before = shallowRef<{ says: string; at: string }>()
watch(
  () => [bench.id, bench.testCuts.length === 0, bench.revision] as const,
  async ([id, none]) => {
    before.value = undefined
    if (!id || !none) return
    try {
      const found = await got(api.GET('/api/boxes/{id}/worked-before', { params: { path: { id } } }))
      if (id === bench.id) before.value = found.before ?? undefined
    } catch (error) {
      refused.value = problemOf(error).detail
    }
  },
  { immediate: true }
)

defineExpose({ again: doneCutAnother })
</script>

<template>
  <div :key="form" ref="readings" class="readings">
    <p v-if="!bench.testCuts.length && before" class="before">
      {{ before.says }} <span class="when">{{ hourOf(before.at) }}</span>
    </p>
    <p class="by" role="group" aria-label="How it is told">
      <button type="button" class="plain" :aria-pressed="!byFeel" @click="byFeel = false">read</button>
      <button type="button" class="plain" :aria-pressed="byFeel" @click="byFeel = true">
        felt, no caliper
      </button>
    </p>
    <template v-if="!byFeel">
      <div v-for="kind in ['Slot', 'Finger'] as const" :key="kind" class="three">
        <span class="kind">{{ kind }}</span>
        <LengthField
          v-for="i in 3"
          :key="i"
          :label="`${kind} reading ${i}`"
          :text="pressed(kind === 'Slot' ? slots[i - 1] : fingers[i - 1])"
          :mm="kind === 'Slot' ? slots[i - 1] : fingers[i - 1]"
          :unit="bench.plan?.unit ?? 'MILLIMETRE'"
          at="testCut.slots.0"
          bare
          :house="i > 1 ? ' ' : ''"
          fine
          @read="(mm) => ((kind === 'Slot' ? slots : fingers)[i - 1] = mm)"
        />
      </div>
      <button type="button" class="word press" @click="pressCaliper">press the caliper</button>
    </template>
    <LengthField
      v-if="bench.testCuts.length"
      label="Moved since, looser to tighter is +"
      :text="movedText"
      :mm="moved"
      :unit="bench.plan?.unit ?? 'MILLIMETRE'"
      at="testCut.moved"
      house="not moved"
      fine
      @read="(mm) => (moved = mm)"
    />
    <ul v-if="byFeel" class="feelings" aria-label="The test piece">
      <li v-for="f in feelings" :key="f.value">
        <button type="button" class="word" @click="keepFelt(f.value)">{{ f.label }}</button>
      </li>
    </ul>
    <Button v-else label="Keep this test cut" :disabled="!ready" size="small" @click="keepCut(false)" />
    <div v-for="doubt in doubts" :key="doubt.kind" class="doubt" role="alert">
      <p>{{ doubt.says }}</p>
      <button type="button" class="word" @click="keepInstead(doubt)">{{ doubt.instead }}</button>
      <button type="button" class="word" @click="keepCut(true)">Keep as typed</button>
    </div>
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
  </div>
</template>

<style scoped>
.before {
  border-left: 4px solid var(--edge);
  padding: 0.1rem 0.6rem;
  margin: 0 0 0.4rem;
}
.by {
  display: flex;
  gap: 0.4rem;
  margin: 0 0 0.3rem;
}
.by .plain {
  padding: 0.1rem 0.5rem;
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
}
.by .plain[aria-pressed='true'] {
  border-color: var(--edge);
  font-weight: 700;
}
.feelings {
  list-style: none;
  margin: 0.2rem 0;
  padding: 0;
}
.feelings li {
  border-bottom: 1px dotted var(--rule);
}
.feelings .word {
  display: block;
  width: 100%;
  min-height: 2.2rem;
  text-align: left;
}
.doubt {
  border-left: 4px solid var(--cut);
  padding: 0.2rem 0.6rem;
  margin-top: 0.4rem;
}
.doubt p {
  margin: 0 0 0.2rem;
}
.doubt .word {
  margin-right: 0.8rem;
}
.three {
  display: grid;
  grid-template-columns: 3.4rem repeat(3, 1fr);
  gap: 0.3rem;
  align-items: start;
  padding: 0.2rem 0;
}
.kind {
  padding-top: 0.3rem;
}
.press {
  margin-right: 0.8rem;
}
.readings :deep(.p-button) {
  margin-top: 0.4rem;
}
.refused {
  color: var(--cut);
  font-weight: 600;
  margin: 0.3rem 0;
}
.when {
  display: block;
  color: var(--quiet);
  font-size: 0.82rem;
}
</style>
