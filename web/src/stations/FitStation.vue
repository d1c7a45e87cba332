<script setup lang="ts">
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import {
  answer as got,
  api,
  problemOf,
  type Felt,
  type Figure,
  type KeptTestCut,
  type NewTestCut,
  type ReadingDoubt
} from '../api/client'
import { feelings } from '../bench/feelings'
import LengthField from '../bench/LengthField.vue'
import GoesTogether from './GoesTogether.vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'

const bench = useBench()
/** what a screw gives is another clearance than the one wanted, and the fit is judged by what is wanted */
const wanted = computed(() =>
  bench.numbers.has('fingers.clearance-wanted') ? 'fingers.clearance-wanted' : 'fingers.clearance'
)
const toast = useToast()
const figure = (id: string) => computed(() => bench.answer?.figures.find((f) => f.id === id))
const joint = figure('joint')
const move = figure('move')
const band = figure('band')
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
const words = computed(() => {
  const loose = direction.value === 'AWAY'
  // what is felt tells which way, and about how far
  return lastFelt.value
    ? `It ${lastFelt.value}: ${loose ? 'tighter' : 'looser'} by`
    : loose
      ? 'Too loose by'
      : 'Too tight by'
})
/** what to do, in the terms of the jig that cuts it */
const correction = computed(
  () => bench.answer?.verdicts.find((v) => v.code === 'CORRECT_THE_FIT')?.sentence ?? ''
)
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

function text(id: string) {
  return bench.numbers.get(id)?.text ?? ''
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

async function takeOut(cut: KeptTestCut) {
  await bench.removeTestCut(cut.id)
  toast.add({
    severity: 'info',
    summary: 'Test cut taken out. Put it back from the list below if that was a slip.',
    life: 5000
  })
  out.value = [...out.value, cut]
}
const whole = shallowRef<Figure>()
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
const out = ref<KeptTestCut[]>([])
async function putBack(cut: KeptTestCut) {
  await bench.removeTestCut(cut.id, true)
  out.value = out.value.filter((c) => c.id !== cut.id)
}

/** The test cut as the answer shows it, in the project's unit. */
function shown(cut: KeptTestCut) {
  return bench.worked?.testCuts[bench.testCuts.findIndex((c) => c.id === cut.id)]
}

function when(iso: string) {
  return new Date(iso).toLocaleString(undefined, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit'
  })
}
</script>

<template>
  <StationFrame
    question="Does it go together?"
    hint="Cut a few sections in scrap of the same thickness. Read slot and finger, up to three places each."
  >
    <template #drawing>
      <FigureView v-if="joint" :figure="joint" class="joint" :pad="6" @open="bench.openWorking" />
      <template v-if="bench.answer?.fitCauses.length">
        <h3 class="say">Move nothing yet: find the cause first</h3>
        <ol class="causes">
          <li v-for="c in bench.answer.fitCauses" :key="c.words">
            <b>{{ c.words }}</b> {{ c.look }}
          </li>
        </ol>
      </template>
      <template v-else-if="direction && direction !== 'STAY' && asked">
        <h3 class="say">
          {{ words }}
          <button type="button" class="plain amount" @click="bench.openWorking('fit.move')">
            <NumText :text="asked.text.replace('−', '')" /> {{ asked.unit }}
          </button>
        </h3>
        <p v-if="!bench.answer?.fitSteps.length" class="does">{{ correction }}</p>
        <ol
          v-else
          class="anew"
          :class="{ many: (bench.answer?.fitSteps.length ?? 0) > 6 }"
          :tabindex="(bench.answer?.fitSteps.length ?? 0) > 6 ? 0 : undefined"
          aria-label="What is set anew"
        >
          <li v-for="step in bench.answer.fitSteps" :key="step">{{ step }}</li>
        </ol>
        <FigureView v-if="move && move.shapes.length" :figure="move" class="move" :pad="8" />
        <p v-if="correction" class="done-line">
          <span
            >Next test: slot <b><NumText :text="text('fit.next-slot')" /></b>, finger
            <b><NumText :text="text('fit.next-finger')" /></b>.</span
          >
          <button type="button" class="plain done" @click="doneCutAnother">Done, cut another</button>
        </p>
      </template>
      <h3 v-else-if="direction" class="say">Leave the jig as it is</h3>
      <h3 class="sub">Test cuts so far</h3>
      <FigureView v-if="band" :figure="band" class="band" :pad="6" />
      <template v-if="whole && (!direction || direction === 'STAY')">
        <h3 class="sub">
          The whole joint as it may come out, its gaps magnified<template
            v-if="bench.numbers.has('together.gap-median')"
            >; the widest {{ bench.numbers.get('together.gap-median')?.text }}
            {{ bench.numbers.get('together.gap-median')?.unit }}</template
          >
        </h3>
        <FigureView :figure="whole" class="whole" :pad="6" />
      </template>
    </template>
    <template #answers>
      <NumberRow v-if="bench.numbers.has('fit.move')" id="fit.move" strong />
      <NumberRow v-if="bench.numbers.has('fit.clearance')" id="fit.clearance" strong />
      <NumberRow :id="wanted" label="Clearance wanted" :strong="!bench.numbers.has('fit.clearance')" />
      <NumberRow id="fit.closing-height-after" />
      <NumberRow
        v-if="bench.numbers.has('together.formula')"
        id="together.formula"
        label="The whole joint goes together"
      />
    </template>
    <template #decide>
      <div :key="form" ref="readings" class="readings">
        <p v-if="!bench.testCuts.length && before" class="before">
          {{ before.says }} <span class="when">{{ when(before.at) }}</span>
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
      <ul class="cuts" aria-label="Test cuts">
        <li v-for="cut in [...bench.testCuts].reverse()" :key="cut.id">
          <span class="when">{{ when(cut.cut.at) }}</span>
          <span v-if="shown(cut)?.felt" class="felt">felt: {{ shown(cut)?.felt }}</span>
          <NumText v-else-if="shown(cut)" :text="`${shown(cut)?.slots} / ${shown(cut)?.fingers}`" />
          <button
            type="button"
            class="word"
            :aria-label="`Take out the test cut of ${when(cut.cut.at)}`"
            @click="takeOut(cut)"
          >
            take out
          </button>
        </li>
        <li v-for="cut in bench.damagedTestCuts" :key="`damaged-${cut.id}`" class="out">
          {{ cut.name }} cannot be read. {{ cut.why }}
          <button type="button" class="word" @click="bench.removeTestCut(Number(cut.id))">take out</button>
        </li>
        <li v-for="cut in out" :key="`out-${cut.id}`" class="out">
          <span class="when">{{ when(cut.cut.at) }}</span> taken out
          <button type="button" class="word" @click="putBack(cut)">put back</button>
        </li>
      </ul>
    </template>
    <template #follow>
      <NumberRow id="fit.next-slot" />
      <NumberRow id="fit.next-finger" />
      <NumberRow id="fit.closing-height" />
      <NumberRow id="fit.least-move" />
      <NumberRow v-if="bench.numbers.has('fit.pitch')" id="fit.pitch" />
      <NumberRow v-if="bench.numbers.has('fit.pitch-off')" id="fit.pitch-off" />
      <h4>Without reckoning: a graded set</h4>
      <NumberRow v-for="k in 5" :id="`fit.graded-${k}`" :key="k" />
      <h4>Sneaking up on it</h4>
      <NumberRow id="fit.sneak-begin" />
      <NumberRow id="fit.sneak-step" />
    </template>
    <template #verdicts><VerdictList /><GoesTogether @drawn="whole = $event" /></template>
  </StationFrame>
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
.felt {
  font-style: italic;
}

.joint {
  flex: 1.25;
  min-height: 112px;
}
.move {
  flex: 0 0 6.6rem;
  max-width: 25rem;
}
.band {
  flex: 0 0 7.4rem;
}
.whole {
  flex: 0 0 4.4rem;
}
.say {
  font-size: 1.3rem;
  margin-bottom: 0.2rem;
}
.amount {
  color: var(--good);
  font-weight: 700;
  border-bottom: 2px solid currentColor;
}
.sub {
  font-size: 0.95rem;
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
.readings :deep(.p-button) {
  margin-top: 0.4rem;
}
.refused {
  color: var(--cut);
  font-weight: 600;
  margin: 0.3rem 0;
}
.cuts {
  list-style: none;
  padding: 0;
  margin: 0.5rem 0 0;
  font-size: 0.88rem;
}
.cuts li {
  border-bottom: 1px dotted var(--rule);
  padding: 0.25rem 0;
}
.when {
  display: block;
  color: var(--quiet);
  font-size: 0.82rem;
}
.cuts li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.4rem;
  align-items: baseline;
}
.cuts .when {
  flex: 1 0 100%;
}
.cuts .word {
  margin-left: auto;
  font-weight: 500;
}
.causes {
  margin: 0 0 0.5rem;
  padding-left: 1.5rem;
  font-size: 1.05rem;
}
.causes b {
  display: block;
}
.done-line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1.2rem;
  align-items: center;
  margin: 0 0 0.3rem;
}
.done {
  padding: 0.4rem 1rem;
  border-radius: 3px;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
}
h4 {
  margin: 0.7rem 0 0.1rem;
}
.does {
  margin: 0.1rem 0 0.3rem;
  font-size: 1.05rem;
}
.anew {
  font-size: 1.02rem;
  margin: 0 0 0.4rem;
  padding-left: 1.1rem;
  columns: 2;
}
/* a stop for every slot: never more than leaves the rest in view */
.anew.many {
  display: grid;
  grid-template-columns: 1fr 1fr;
  column-gap: 1.6rem;
  font-size: 0.92rem;
  max-height: 9.4rem;
  padding-left: 1.9rem;
  overflow: auto;
}
.anew li {
  break-inside: avoid;
}
</style>
