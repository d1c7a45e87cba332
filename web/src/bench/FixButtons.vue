<script setup lang="ts">
import { shallowRef } from 'vue'
import { type FixView } from '../api/client'
import { useBench } from './store'

/** Changes that would mend something: pointed at they are shown on the bench, pressed they are made. */
defineProps<{ fixes: FixView[] }>()
const bench = useBench()
const pointedAt = shallowRef<FixView>()

/** Only a pointer that moves points: a fix that comes to lie under a resting one must not change the bench unasked. */
function point(fix: FixView) {
  if (pointedAt.value === fix) return
  pointedAt.value = fix
  void bench.show(fix)
}
function leave() {
  pointedAt.value = undefined
  void bench.show(null)
}
</script>

<template>
  <button
    v-for="fix in fixes"
    :key="fix.label"
    type="button"
    class="fix"
    @pointermove="point(fix)"
    @pointerleave="leave"
    @focus="point(fix)"
    @blur="leave"
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
