<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed } from 'vue'
import { useBench } from '../bench/store'
import EditableFigure from './EditableFigure.vue'

/** A panel through the year: the section, the map of its groove ends or the panel as it is cut, both edges magnified. */
const props = defineProps<{ of: 'bottom' | 'lid'; caution: string }>()
const bench = useBench()
const figure = (name: string) => bench.answer?.figures.find((f) => f.id === `${props.of}-${name}`)
const ends = computed(() => figure('ends'))
/** the bit leaves the stopped end round: what becomes of it, as it is decided */
const round = computed(
  () =>
    ({
      NOTCHED: 'notch the panel’s corners for the round end.',
      CLIPPED: 'clip the panel’s corners for the round end.',
      RUN_ON: 'the bit runs on by its radius, so the panel’s corners stay whole.'
    })[bench.plan?.[props.of]?.groove?.corners ?? 'NOTCHED']
)

function season(value: number | number[]) {
  bench.day = (Array.isArray(value) ? (value[0] ?? 0) : value) / 100
  void bench.work()
}
</script>

<template>
  <div class="top">
    <EditableFigure v-if="figure('section')" :figure="figure('section')!" class="section" />
    <EditableFigure v-if="figure('flat')" :figure="figure('flat')!" class="flat" />
    <div v-else class="map">
      <EditableFigure v-if="ends && ends.shapes.length" :figure="ends" />
      <p>
        <strong>through</strong>: the mate’s finger covers the groove’s end. <strong>a number</strong>: it
        stops there, runs into the finger and ends before its tip; {{ round }}
        <slot name="ends" />
      </p>
    </div>
  </div>
  <div class="lower" :class="{ two: figure('pull') }">
    <EditableFigure v-if="figure('grooves')" :figure="figure('grooves')!" class="grooves" />
    <EditableFigure v-if="figure('pull')" :figure="figure('pull')!" />
  </div>
  <div class="season">
    <span>driest</span>
    <Slider
      :model-value="Math.round(bench.day * 100)"
      :min="0"
      :max="100"
      aria-label="Day of the year, from the driest to the wettest"
      @update:model-value="season"
    />
    <span>wettest</span>
  </div>
  <p class="caution">{{ caution }}</p>
</template>

<style scoped>
.caution {
  margin: 0.1rem 0;
  font-size: 0.86rem;
  color: var(--quiet);
}
.top {
  flex: 1.1;
  min-height: 0;
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: 0.8rem;
}
.lower {
  flex: 1.25;
  min-height: 0;
  display: grid;
  grid-template-rows: minmax(0, 1fr);
}
.lower.two {
  grid-template-columns: 1fr 1.1fr;
  gap: 0.8rem;
}
.season {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 1rem;
  align-items: center;
  padding: 0.5rem 0.8rem;
}
.map {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
}
@media (max-width: 900px) {
  .top {
    grid-template-columns: 1fr;
    flex: none;
  }
  .section {
    height: 200px;
  }
  .flat {
    height: 190px;
  }
  .map {
    grid-template-rows: 190px auto;
  }
  .lower {
    flex: none;
    height: 260px;
  }
}
.map p {
  font-size: 0.86rem;
  color: var(--quiet);
  margin: 0;
}
</style>
