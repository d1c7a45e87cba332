<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import FixButtons from '../bench/FixButtons.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlainField from '../bench/PlainField.vue'
import PlanLength from '../bench/PlanLength.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import TheRest from '../bench/TheRest.vue'
import VerdictList from '../bench/VerdictList.vue'
import FigureView from '../drawing/FigureView.vue'
import TradeText from '../words/TradeText.vue'
import DiagonalFields from './DiagonalFields.vue'
import GapsFound from './GapsFound.vue'

/** The glue-up: whether there is time enough, in which order, whether it is square, and what becomes of the tips. */
const bench = useBench()
const views = [
  { id: 'order', words: 'the order' },
  { id: 'gaps', words: 'gaps, once it is together' },
  { id: 'tips', words: 'the tips, once it is hard' }
] as const
const view = ref<(typeof views)[number]['id']>('order')
const glue = computed(() => bench.answer?.glue)
const choice = computed(() => bench.plan?.glueUp)
const steps = computed(() => glue.value?.steps ?? [])
const at = computed(() => Math.max(0, Math.min(bench.step, steps.value.length - 1)))
const step = computed(() => steps.value[at.value])
const figure = (id: string) => bench.answer?.figures.find((f) => f.id === id)
const gained = computed(() =>
  (glue.value?.quicker ?? []).map((q) => ({
    label: `${q.says}: ${q.time}, ${q.enough ? `${q.inHand} in hand` : 'still too long'}`,
    after: q.after
  }))
)
const proud = computed(() => ['SAND', 'TRIM'].includes(bench.plan?.size.tips ?? ''))
const options = (list: { value: string; words: string }[] | undefined) =>
  (list ?? []).map((o) => ({ value: o.value, label: o.words }))
const follows = [
  'glue.spreading',
  'glue.closing',
  'glue.open',
  'glue.corner',
  'fingers.glue-area-all',
  'glue.in-a-row',
  'glue.sets',
  'glue.clamped',
  'glue.handled',
  'glue.hard',
  'glue.difference',
  'glue.angle',
  'glue.allowed',
  'glue.tips-proud',
  'glue.planed-down',
  'glue.shoe',
  'glue.blade-ends',
  'glue.under-ends',
  'glue.top-ends',
  'glue.shoe-ends',
  'glue.blade-sides',
  'glue.under-sides',
  'glue.top-sides',
  'glue.shoe-sides',
  'glue.bevel',
  'glue.bevel-wide',
  'glue.edge-radius',
  'size.outside-length',
  'size.outside-width'
]

/** Begun with two millimetres; what is too much for the wall is said. */
function edges(shape: string) {
  view.value = 'tips'
  const edge = choice.value?.edge
  void bench.set('glueUp.edge', shape === 'SHARP' ? undefined : { shape, by: edge?.by ?? 2 })
}

function show(to: number) {
  if (to < 0 || to >= steps.value.length) return
  bench.step = to
  void bench.work()
}
</script>

<template>
  <StationFrame
    question="Is everything in its place before the glue sets?"
    hint="Step through the order. Glue is drawn where it goes, and nowhere else."
  >
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
      <GapsFound v-if="view === 'gaps'" />
      <template v-else-if="view === 'tips'">
        <p v-for="t in glue?.tips ?? []" :key="t" class="instruction"><TradeText :text="t" /></p>
        <div class="pair">
          <FigureView
            v-if="figure('trim')"
            :figure="figure('trim')!"
            class="box"
            @open="bench.openWorking($event)"
          />
          <FigureView
            v-if="figure('edges')"
            :figure="figure('edges')!"
            class="box"
            @open="bench.openWorking($event)"
          />
        </div>
        <p class="caution">
          Trim once the glue is hard. Guard on, unplug before you set; at the router feed against the bit’s
          turn. Your machine’s manual, local rules and trained people come first.
        </p>
      </template>
      <template v-else>
        <p v-if="step" class="instruction" aria-live="polite">
          <strong>{{ at + 1 }} of {{ steps.length }}.</strong> <TradeText :text="step.says" />
        </p>
        <p v-if="step" class="why"><TradeText :text="step.why" /></p>
        <FigureView v-if="figure('glue-step')" :figure="figure('glue-step')!" class="box" :pad="8" />
        <div class="walk">
          <button
            type="button"
            class="plain turn"
            :disabled="at === 0"
            aria-label="Step before"
            @click="show(at - 1)"
          >
            ◂
          </button>
          <FigureView
            v-if="figure('glue-time')"
            :figure="figure('glue-time')!"
            class="bar"
            :pad="4"
            @open="bench.openWorking($event)"
          />
          <button
            type="button"
            class="plain turn"
            :disabled="at >= steps.length - 1"
            aria-label="Next step"
            @click="show(at + 1)"
          >
            ▸
          </button>
        </div>
      </template>
    </template>
    <template #answers>
      <NumberRow id="glue.all" strong />
      <NumberRow id="glue.total" />
      <NumberRow id="glue.in-hand" />
      <NumberRow id="glue.grams" />
      <NumberRow id="fingers.glue-faces" />
      <RouterLink class="clock" :to="{ name: 'gluing', params: { id: bench.id } }"
        >To the clock at the bench</RouterLink
      >
    </template>
    <template v-if="choice" #decide>
      <ChoiceField
        label="Glue"
        :value="choice.glue"
        :choices="options(glue?.glues)"
        @choose="
          bench.set('glueUp', { ...choice, glue: $event, openMinutes: undefined, totalMinutes: undefined })
        "
      />
      <ChoiceField
        label="Spread on"
        :value="choice.spread"
        :choices="[
          { value: 'ONE_MATE', label: 'one mate' },
          { value: 'BOTH_MATES', label: 'both mates' }
        ]"
        @choose="bench.set('glueUp.spread', $event)"
      />
      <ChoiceField
        label="Hands"
        :value="String(choice.people)"
        :choices="[
          { value: '1', label: 'one person' },
          { value: '2', label: 'two people' }
        ]"
        @choose="bench.set('glueUp.people', Number($event))"
      />
      <p class="tick">
        <Checkbox
          :model-value="choice.halves"
          binary
          input-id="halves"
          @update:model-value="bench.set('glueUp.halves', $event)"
        />
        <label for="halves">Two halves first, then the two</label>
      </p>
      <TheRest>
        <ChoiceField
          label="Clamps"
          :value="choice.clamps"
          :choices="options(glue?.clamps)"
          @choose="bench.set('glueUp.clamps', $event)"
        />
        <ChoiceField
          v-if="proud"
          label="Tips come off by"
          :value="choice.trim ?? (bench.plan?.size.tips === 'SAND' ? 'SAND' : 'ROUTER')"
          :choices="options(glue?.trims)"
          @choose="bench.set('glueUp.trim', $event)"
        />
        <PlainField
          v-if="bench.plan?.size.tips === 'BY_DESIGN'"
          label="Bevel of the tips"
          field="glueUp.bevel"
          unit="°"
          optional
          usual="45"
        />
        <ChoiceField
          label="Outer edges, after"
          :value="choice.edge?.shape ?? 'SHARP'"
          :choices="[
            { value: 'SHARP', label: 'left sharp' },
            { value: 'ROUND', label: 'rounded' },
            { value: 'CHAMFER', label: 'chamfered' }
          ]"
          @choose="edges"
        />
        <PlanLength v-if="choice.edge" label="Off the edges" field="glueUp.edge.by" />
        <PlainField label="Open time, by the label" field="glueUp.openMinutes" unit="min" optional />
        <PlainField label="Total time, by the label" field="glueUp.totalMinutes" unit="min" optional />
      </TheRest>
      <DiagonalFields />
      <p class="caution">
        Label and data sheet of the glue come first: gloves, air, and what it does to skin.
      </p>
      <details v-if="gained.length" class="quicker">
        <summary>Ways to gain time</summary>
        <FixButtons :fixes="gained" />
      </details>
    </template>
    <template #verdicts>
      <VerdictList />
    </template>
    <template #follow>
      <NumberRow v-for="id in follows" :id="id" :key="id" />
    </template>
  </StationFrame>
</template>

<style scoped>
.instruction {
  margin: 0;
  font-size: 1.3rem;
  line-height: 1.2;
}
.why {
  margin: 0.1rem 0 0;
  color: var(--quiet);
}
.box {
  flex: 1;
  min-height: 160px;
}
.pair {
  flex: 1;
  min-height: 160px;
  display: flex;
  gap: 1rem;
}
.walk {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: center;
}
.turn {
  width: 3rem;
  height: 4rem;
  font-size: 1.4rem;
  border: 1.5px solid var(--rule);
  border-radius: 4px;
  background: var(--paper);
  text-align: center;
}
.turn:disabled {
  opacity: 0.4;
}
.bar {
  height: 6.6rem;
}
.clock {
  display: block;
  margin-top: 0.4rem;
  padding: 0.55rem 0.8rem;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
  text-align: center;
  text-decoration: none;
}
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  margin: 0;
  padding: 0.3rem 0;
}
.quicker summary {
  cursor: pointer;
  font-weight: 600;
  padding: 0.3rem 0;
}
.caution {
  margin: 0;
  font-size: 0.92rem;
  color: var(--quiet);
}
</style>
