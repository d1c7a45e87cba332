<script setup lang="ts">
import { computed } from 'vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import EditableFigure from '../drawing/EditableFigure.vue'
import NumText from '../drawing/NumText.vue'

const bench = useBench()
const figure = computed(() => bench.answer?.figures.find((f) => f.id === 'jig'))
const steps = computed(() => bench.answer?.steps ?? [])
const at = computed(() => Math.min(bench.step, steps.value.length - 1))

function show(step: number) {
  bench.step = step
  void bench.work()
}
</script>

<template>
  <StationFrame
    question="Where does the key stand?"
    hint="Looking down on the sled, to scale. Press every part away from the cutter, on to the key."
  >
    <template #drawing>
      <p class="instruction" aria-live="polite">
        <strong>{{ steps[at]?.end }}, {{ steps[at]?.title }}.</strong> {{ steps[at]?.instruction }}
      </p>
      <EditableFigure v-if="figure" :figure="figure" class="jig" />
      <div class="steps" role="group" aria-label="First cuts">
        <button
          v-for="(s, i) in steps"
          :key="i"
          type="button"
          :class="{ here: i === at }"
          :aria-pressed="i === at"
          @click="show(i)"
        >
          <span class="which">{{ s.end }}</span>
          <span>{{ s.title }}</span>
          <span class="span">cuts <NumText :text="`${s.from}–${s.to}`" /></span>
        </button>
      </div>
      <p class="caution">
        Unplug before you set or measure. Guard block where the cutter comes out behind the sled, travel stop,
        hands out of the line, never back out of a cut. Your machine's manual, local rules and trained people
        come first.
      </p>
    </template>
    <template #decide>
      <p class="way">Way of indexing: <strong>fixed key</strong></p>
      <PlanLength label="Key slimmer by" field="jig.slimmerBy" house="jig.slimmer" :most="5" fine />
    </template>
    <template #follow>
      <NumberRow id="jig.gap" strong />
      <NumberRow id="jig.key" strong />
      <NumberRow v-if="(bench.numbers.get('jig.spacer')?.value ?? 0) > 0" id="jig.spacer" strong />
      <NumberRow id="jig.pitch" />
      <NumberRow id="jig.cutter-height" />
      <NumberRow id="jig.slots-finger-first" />
      <NumberRow id="jig.slots-slot-first" />
      <NumberRow
        v-if="bench.numbers.has('fit.closing-height-after')"
        id="fit.closing-height-after"
        label="Closing height of the measured fit"
      />
      <NumberRow v-else id="fingers.closing-height" />
      <NumberRow id="jig.pressed-towards" />
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
}
.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
.steps button {
  flex: 1 1 7.4rem;
  display: grid;
  text-align: left;
  padding: 0.35rem 0.55rem;
  background: var(--paper);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  cursor: pointer;
  line-height: 1.25;
}
.steps button.here {
  border-color: var(--edge);
  box-shadow: inset 0 4px 0 var(--edge);
}
.which {
  font-weight: 700;
}
.span {
  color: var(--cut);
  font-size: 0.88rem;
}
.caution {
  margin: 0.45rem 0 0.1rem;
  font-size: 0.86rem;
  color: var(--quiet);
}
.way {
  margin: 0.2rem 0;
}
</style>
