<script setup lang="ts">
import type { GlueClockView } from '../api/client'
import { called, clockWords, type Warning } from './glue-clock'

/** The time since the glue was opened, against how long it stays open and when it grabs. */
const props = defineProps<{ clock: GlueClockView; elapsed: number; warning: Warning }>()
const share = (seconds: number) =>
  `${Math.min(100, (100 * seconds) / Math.max(props.clock.total, props.elapsed, 1))}%`
</script>

<template>
  <div class="times">
    <p class="now" :aria-label="`Since the glue was opened: ${clockWords(elapsed)}`">
      {{ clockWords(elapsed) }}
    </p>
    <div class="bar" aria-hidden="true">
      <span class="run" :style="{ width: share(elapsed) }" />
      <span class="mark open" :style="{ left: share(clock.open) }"
        ><i>open </i>{{ clockWords(clock.open) }}</span
      >
      <span class="mark grabs" :style="{ left: share(clock.total) }"
        >grabs {{ clockWords(clock.total) }}</span
      >
    </div>
    <p v-if="warning" class="warning" :class="warning.toLowerCase()" role="alert">{{ called(warning) }}</p>
  </div>
</template>

<style scoped>
.times {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.2rem 1.4rem;
  align-items: center;
}
.now {
  margin: 0;
  font: 700 clamp(3rem, 9vw, 5.6rem) / 1 var(--mono);
}
.bar {
  position: relative;
  height: 3.4rem;
  border-bottom: 3px solid var(--ink);
}
.run {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 1.5rem;
  background: var(--glue);
}
.mark {
  position: absolute;
  bottom: 0;
  top: 0;
  transform: translateX(-100%);
  border-right: 3px solid var(--ink);
  padding-right: 0.4rem;
  font: 600 1rem var(--mono);
  white-space: nowrap;
}
.mark i {
  font-style: normal;
}
.mark.grabs {
  border-color: var(--cut);
  color: var(--cut);
}
.warning {
  grid-column: 1/3;
  margin: 0;
  font-size: 1.7rem;
  font-weight: 800;
  padding: 0.3rem 0.8rem;
  background: var(--mind);
  color: var(--sheet);
}
.warning.late {
  background: var(--cut);
}
@media (max-width: 560px) {
  .mark i {
    display: none;
  }
}
</style>
