<script setup lang="ts">
import { computed } from 'vue'
import type { BoxPlan } from '../api/client'
import { useBench } from './store'

/** Beside a decision that was begun sensibly and not said yet: a press says that it stays so. */
type Assumed = NonNullable<BoxPlan['assumed']>[number]
const props = defineProps<{ of: Assumed[]; what: string }>()
const bench = useBench()
const still = computed(() => props.of.filter((a) => bench.plan?.assumed?.includes(a)))
function confirm() {
  void bench.decide((plan) => {
    plan.assumed = (plan.assumed ?? []).filter((a) => !props.of.includes(a))
  })
}
</script>

<template>
  <p v-if="still.length" class="mark">
    {{ what }}
    <button type="button" class="assumed" @click="confirm">assumed: press when it is right</button>
  </p>
</template>

<style scoped>
.mark {
  margin: 0.3rem 0 0;
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
  align-items: baseline;
  font-size: 0.9rem;
  color: var(--quiet);
}
button {
  cursor: pointer;
  font-family: inherit;
}
</style>
