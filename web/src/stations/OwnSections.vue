<script setup lang="ts">
import PlanLength from '../bench/PlanLength.vue'
import { useBench } from '../bench/store'
import SectionBar from '../drawing/SectionBar.vue'

/** Sections of the maker's own, finger first: dragged, or typed one by one. */
const bench = useBench()
</script>

<template>
  <div class="unequal">
    <h3>Your own sections, finger first; drag a boundary</h3>
    <SectionBar />
    <details>
      <summary>Type them</summary>
      <div class="typed">
        <PlanLength
          v-for="i in bench.plan?.fingers.widths?.keys()"
          :key="i"
          :label="`${i + 1} ${i % 2 ? 'slot' : 'finger'}`"
          :field="`fingers.widths.${i}`"
          fine
        />
      </div>
    </details>
  </div>
</template>

<style scoped>
.unequal h3 {
  font-size: 0.92rem;
  margin: 0 0 0.2rem;
}
.unequal details {
  margin: 0.2rem 0 0.5rem;
}
.typed {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  gap: 0 1rem;
  max-height: 9rem;
  overflow: auto;
}
</style>
