<script setup lang="ts">
import { type FixView } from '../api/client'
import { useBench } from './store'

/** Changes that would mend something: pointed at they are shown on the bench, pressed they are made. */
defineProps<{ fixes: FixView[] }>()
const bench = useBench()
</script>

<template>
  <button
    v-for="fix in fixes"
    :key="fix.label"
    type="button"
    class="fix"
    @pointerenter="bench.show(fix)"
    @pointerleave="bench.show(null)"
    @focus="bench.show(fix)"
    @blur="bench.show(null)"
    @click="bench.apply(fix)"
  >
    {{ fix.label }}
  </button>
</template>

<style scoped>
.fix {
  display: block;
  margin-top: 0.4rem;
  border: 1.5px solid var(--edge);
  border-radius: 3px;
  background: none;
  color: var(--edge);
  font-weight: 700;
  padding: 0.25rem 0.6rem;
  cursor: pointer;
  text-align: left;
}
.fix:hover,
.fix:focus-visible {
  background: var(--edge);
  color: var(--sheet);
}
</style>
