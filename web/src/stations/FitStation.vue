<script setup lang="ts">
import { computed, shallowRef, useTemplateRef } from 'vue'
import type { Figure } from '../api/client'
import GoesTogether from './GoesTogether.vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'
import TestCutFields from './TestCutFields.vue'
import TestCutList from './TestCutList.vue'

const bench = useBench()
/** what a screw gives is another clearance than the one wanted, and the fit is judged by what is wanted */
const wanted = computed(() =>
  bench.numbers.has('fingers.clearance-wanted') ? 'fingers.clearance-wanted' : 'fingers.clearance'
)
const fields = useTemplateRef<{ again: () => void }>('fields')
const figure = (id: string) => computed(() => bench.answer?.figures.find((f) => f.id === id))
const joint = figure('joint')
const move = figure('move')
const band = figure('band')
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
function text(id: string) {
  return bench.numbers.get(id)?.text ?? ''
}
const whole = shallowRef<Figure>()
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
          <button type="button" class="plain done" @click="fields?.again()">Done, cut another</button>
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
      <TestCutFields ref="fields" />
      <TestCutList />
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
  line-height: 1.3;
  /* all the stops of thirteen sections; where there are more, a row cut in half says so. The drawings give way, not the list */
  max-height: 9rem;
  flex: none;
  padding-left: 1.9rem;
  overflow: auto;
}
.anew li {
  break-inside: avoid;
}
</style>
