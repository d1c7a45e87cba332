<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BoxPlan } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import JigOfRack from '../bench/JigOfRack.vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { caution } from '../bench/cautions'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import WayFields from '../bench/WayFields.vue'
import EditableFigure from '../drawing/EditableFigure.vue'
import NumText from '../drawing/NumText.vue'
import TradeText from '../words/TradeText.vue'
import BuildJig from './BuildJig.vue'
import SquareCheck from './SquareCheck.vue'

const bench = useBench()
const figure = computed(() => bench.answer?.figures.find((f) => f.id === 'jig'))
const steps = computed(() => bench.answer?.steps ?? [])
const jig = computed(() => bench.answer?.jig)
const at = computed(() => Math.max(0, Math.min(bench.step, steps.value.length - 1)))
const step = computed(() => steps.value[at.value])
const way = computed<Way>(() => bench.plan?.jig.way ?? 'SLED_KEY')
const views = [
  { id: 'jig', words: 'the jig' },
  { id: 'card', words: 'setting it up' },
  { id: 'build', words: 'building it' },
  { id: 'square', words: 'is it square?' }
] as const
const asks = computed(() =>
  view.value === 'build'
    ? 'What has to be built?'
    : view.value === 'square'
      ? 'Is it square enough for this joint?'
      : undefined
)
const hint = computed(() =>
  view.value === 'build'
    ? 'To scale, from above and cut through. Every size opens to its working.'
    : view.value === 'square'
      ? 'Not by a fixed number: by what it takes of the clearance.'
      : 'Looking down on the jig, to scale, with a part standing in it. Step through its cuts below.'
)
const view = ref<(typeof views)[number]['id']>('jig')
const ends = computed(() => [...new Set(steps.value.map((s) => s.end))])
const ways = computed(() =>
  (jig.value?.ways ?? []).map((w) => ({
    value: w.way,
    label: w.able ? w.words : `${w.words} (not for this joint)`
  }))
)
/** the steps beside the one that is shown: a long list is walked, not read */
const near = computed(() => {
  const from = Math.max(0, Math.min(at.value - 1, steps.value.length - 4))
  return steps.value.slice(from, from + 4).map((s, i) => ({ s, i: from + i }))
})

watch(way, () => (bench.step = 0))

function show(to: number) {
  if (to < 0 || to >= steps.value.length) return
  bench.step = to
  void bench.work()
}
const firstOf = (end: string) => steps.value.findIndex((s) => s.end === end)

type Way = BoxPlan['jig']['way']
/** Another way is another jig: what was of the rack is so no more. */
function otherWay(to: string) {
  if (!bench.plan?.jig.own) return void bench.set('jig.way', to)
  const jig = { ...bench.plan.jig, way: to as Way }
  delete jig.own
  void bench.set('jig', jig)
}
const KEY = 'Where does the key stand?'
/** every way of indexing has its own question and its own numbers; the compiler says which is missing */
const questions: Record<Way, string> = {
  SLED_KEY: KEY,
  ROUTER_SLED: KEY,
  ROD_KEY: KEY,
  SHIM_FENCE: 'How many leaves behind the fence?',
  SCREW: 'How many turns?',
  SPACERS: 'Which spacers stand at the fence?',
  STOPS: 'Where does the stop stand?',
  HAND: 'How are the lines laid out?',
  BAND_SAW: 'Where does the fence stand, and when the shim?'
}
const keyNumbers = ['jig.gap', 'jig.key', 'jig.zero-gap', 'jig.pitch']
const numbers: Record<Way, string[]> = {
  SLED_KEY: keyNumbers,
  ROUTER_SLED: keyNumbers,
  ROD_KEY: keyNumbers,
  SHIM_FENCE: keyNumbers,
  SCREW: ['fingers.slot', 'fingers.clearance', 'fingers.finger', 'fingers.closing-height', 'fingers.quantum'],
  SPACERS: ['jig.fence', 'jig.pitch-spacer', 'jig.odd-spacer', 'jig.worst-stack'],
  STOPS: ['jig.resolution', 'jig.reading-off'],
  HAND: ['jig.dividers', 'jig.dividers-corrected'],
  BAND_SAW: ['jig.shim', 'jig.settings']
}
/** the pass spacers, thickest first: each is a piece to make */
const passSpacers = computed(() => [...bench.numbers.keys()].filter((id) => /^jig\.spacer(-\d+)?$/.test(id)))
const build = computed(() => [...bench.numbers.keys()].filter((id) => id.startsWith('jig.build-')))
</script>

<template>
  <StationFrame :question="asks ?? questions[way]" :hint="hint">
    <template #drawing>
      <p class="views">
        <button
          v-for="v in views"
          :key="v.id"
          type="button"
          :class="{ here: view === v.id }"
          :aria-pressed="view === v.id"
          @click="view = v.id"
        >
          {{ v.words }}
        </button>
      </p>
      <BuildJig v-if="view === 'build'" />
      <SquareCheck v-else-if="view === 'square'" />
      <template v-else-if="view === 'card'">
        <div class="set-up">
          <EditableFigure v-if="figure" :figure="figure" class="setting" />
          <ol class="card">
            <li v-for="line in jig?.card ?? []" :key="line"><TradeText :text="line" /></li>
          </ol>
        </div>
        <p>
          <RouterLink :to="{ name: 'first-cut', params: { id: bench.id } }"
            >Step by step to the first test cut</RouterLink
          >, one thing at a time, as at the saw.
        </p>
        <p v-if="jig?.errors" class="errors"><strong>How its errors behave.</strong> {{ jig.errors }}</p>
        <div v-if="jig?.plans.length" class="plans">
          <h3>Whole turns that come nearest, best first</h3>
          <ol>
            <li v-for="(plan, i) in jig.plans" :key="plan" :class="{ taken: i === 0 }">
              <NumText :text="plan" />
            </li>
          </ol>
        </div>
      </template>
      <template v-else>
        <p v-if="step" class="instruction" aria-live="polite">
          <strong>{{ step.end }}, {{ step.title }}.</strong> <TradeText :text="step.instruction" />
        </p>
        <EditableFigure v-if="figure" :figure="figure" class="jig" />
        <div v-if="step" class="walk">
          <button
            type="button"
            class="turn"
            :disabled="at === 0"
            aria-label="The cut before"
            @click="show(at - 1)"
          >
            ◂
          </button>
          <input
            type="range"
            min="0"
            :max="steps.length - 1"
            :value="at"
            :aria-label="`Pass ${at + 1} of ${steps.length}`"
            @input="show(Number(($event.target as HTMLInputElement).value))"
          />
          <button
            type="button"
            class="turn"
            :disabled="at === steps.length - 1"
            aria-label="The next cut"
            @click="show(at + 1)"
          >
            ▸
          </button>
          <button v-for="end in ends" :key="end" type="button" class="word" @click="show(firstOf(end))">
            {{ end }} end
          </button>
        </div>
        <div v-if="step" class="steps" role="group" aria-label="Cuts one after another">
          <div v-for="{ s, i } in near" :key="s.id" class="step" :class="{ here: i === at }">
            <button type="button" class="plain" :aria-pressed="i === at" @click="show(i)">
              <span class="which">{{ s.end }}</span> {{ s.title }}
              <span class="span">cuts <NumText :text="`${s.from}–${s.to}`" /></span>
            </button>
            <button
              v-if="s.place !== s.from"
              type="button"
              class="plain place"
              :title="`${s.placeLabel}: show the working`"
              @click="bench.openWorking(s.number)"
            >
              {{ s.placeLabel }} <strong><NumText :text="s.place" /></strong>
            </button>
          </div>
        </div>
      </template>
      <p class="caution">{{ caution(way) }}</p>
    </template>
    <template #answers>
      <NumberRow v-for="id in numbers[way].slice(0, 2)" :id="id" :key="id" strong />
      <NumberRow id="jig.cutter-height" />
      <NumberRow v-if="step" :id="step.number" :label="`${step.end}, ${step.title}: ${step.placeLabel}`" />
    </template>
    <template #decide>
      <ChoiceField class="way" label="Jig" :value="way" :choices="ways" @choose="otherWay" />
      <WayFields />
      <JigOfRack />
    </template>
    <template #follow>
      <NumberRow v-for="id in numbers[way].slice(2)" :id="id" :key="id" />
      <NumberRow
        v-for="id in passSpacers"
        v-show="(bench.numbers.get(id)?.value ?? 0) > 0"
        :id="id"
        :key="id"
      />
      <NumberRow id="jig.reach-left" />
      <NumberRow id="jig.slots-finger-first" />
      <NumberRow id="jig.slots-slot-first" />
      <NumberRow
        v-if="bench.numbers.has('fit.closing-height-after')"
        id="fit.closing-height-after"
        label="Closing height of the measured fit"
      />
      <NumberRow v-else id="fingers.closing-height" />
      <NumberRow id="jig.pressed-towards" />
      <h4 v-if="build.length">To build it</h4>
      <NumberRow v-for="id in build" :id="id" :key="id" />
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.instruction {
  margin: 0 0 0.2rem;
  font-size: 1.15rem;
}
.jig {
  flex: 1;
  min-height: 220px;
}
.walk {
  display: flex;
  align-items: center;
  gap: 0.7rem;
  padding: 0.2rem 0 0.4rem;
}
.walk input {
  flex: 1;
  accent-color: var(--edge);
}
.turn {
  min-width: 2.6rem;
  min-height: 2.2rem;
  border: 1.5px solid var(--rule);
  background: var(--paper);
  border-radius: 3px;
  cursor: pointer;
}
.turn:disabled {
  opacity: 0.45;
}
.steps {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 0.4rem;
}
@media (max-width: 900px) {
  .steps {
    grid-template-columns: 1fr 1fr;
  }
  .walk {
    flex-wrap: wrap;
  }
}
.step {
  display: grid;
  gap: 0.15rem;
  padding: 0.35rem 0.55rem;
  background: var(--paper);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  line-height: 1.25;
}
.step.here {
  border-color: var(--edge);
  box-shadow: inset 0 4px 0 var(--edge);
}
.which {
  font-weight: 700;
}
.span {
  display: block;
  color: var(--cut);
  font-size: 0.88rem;
}
.place {
  font-size: 0.88rem;
  border-top: 1px dotted var(--rule);
  padding-top: 0.15rem;
}
.set-up {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 1rem;
  align-items: start;
}
.setting {
  height: 21rem;
}
@media (max-width: 900px) {
  .set-up {
    grid-template-columns: 1fr;
  }
}
.card {
  margin: 0;
  padding-left: 1.4rem;
  font-size: 1.1rem;
  display: grid;
  gap: 0.4rem;
}
.errors {
  margin: 0.9rem 0 0;
  padding: 0.4rem 0.8rem;
  border-left: 4px solid var(--mind);
  background: var(--paper);
}
.plans h3 {
  margin: 0.9rem 0 0.2rem;
  font-size: 0.95rem;
}
.plans ol {
  margin: 0;
  padding-left: 1.4rem;
}
.plans li :deep(*) {
  font-family: var(--sans);
  white-space: normal;
}
.taken {
  font-weight: 700;
}
.way {
  grid-template-columns: 1fr;
  gap: 0.2rem;
}
.way :deep(.p-select) {
  justify-self: stretch;
}
h4 {
  margin: 0.7rem 0 0;
  font-size: 0.88rem;
  color: var(--quiet);
}
.caution {
  margin: 0.45rem 0 0.1rem;
  font-size: 0.86rem;
  color: var(--quiet);
}
</style>
