<script setup lang="ts">
import { computed } from 'vue'
import NumText from '../drawing/NumText.vue'
import TradeText from '../words/TradeText.vue'
import { useBench } from './store'

/** A worked number: its label, its value, and on a press its working. */
const props = defineProps<{ id: string; label?: string; strong?: boolean }>()
const bench = useBench()
const number = computed(() => bench.numbers.get(props.id))

/** What falls out is not held by less than nothing, and of a board that is too short nothing is left: it is told how far. */
const OUT: Record<string, string> = {
  'blank.left': 'Too short by',
  'engagement-slid': 'Out on the driest day, slid to one side',
  'engagement-centred': 'Out on the driest day, centred'
}
const out = computed(() => {
  const words = OUT[props.id] ?? OUT[props.id.split('.').at(-1) ?? '']
  return words && number.value && number.value.value < 0 ? words : undefined
})
const says = computed(() => out.value ?? props.label ?? number.value?.label ?? '')
const reads = computed(() => number.value?.text.replace(out.value ? /^−/u : /^$/u, '') ?? '')
</script>

<template>
  <button
    v-if="number"
    type="button"
    class="number"
    :class="{ lit: bench.lit === id, strong }"
    :data-number="id"
    title="Show the working"
    @click="bench.openWorking(id)"
    @keydown.w.prevent="bench.openWorking(id)"
    @pointerenter="bench.lit = id"
    @pointerleave="bench.lit = ''"
  >
    <span class="label"><TradeText :text="says" in-button /></span>
    <span class="value"
      ><NumText :text="reads" /><span class="unit">{{
        number.unit ? `\u00a0${number.unit}` : ''
      }}</span></span
    >
    <span v-if="number.residue" class="residue">{{ number.residue }}</span>
  </button>
</template>

<style scoped>
.number {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 0.6rem;
  align-items: baseline;
  width: 100%;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  padding: 0.3rem 0;
  text-align: left;
  cursor: pointer;
}
.value {
  font-size: 1.1rem;
  border-bottom: 2px solid color-mix(in srgb, var(--good) 45%, transparent);
}
.strong .value {
  font-size: 1.35rem;
}
.unit {
  font-size: 0.82rem;
  color: var(--quiet);
}
.residue {
  grid-column: 1/-1;
  text-align: right;
  font-size: 0.8rem;
  color: var(--quiet);
}
.number:hover,
.number.lit {
  background: var(--sheet);
}
.number:hover .value {
  border-bottom-color: var(--edge);
}
</style>
