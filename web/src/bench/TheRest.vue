<script setup lang="ts">
import { ref, watch } from 'vue'
import { unfolded, useRest } from './rest'
import { useBench } from './store'

/** Decisions that are seldom changed, folded into a line that tells what they are set to. */
defineProps<{ title?: string }>()
const bench = useBench()
const told = useRest()
const open = ref(unfolded.all())
// a refusal is shown where it came from, folded or not
watch(
  () => bench.problem,
  (problem) => {
    if (problem?.field) open.value = true
  }
)
</script>

<template>
  <details class="rest" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <strong>{{ title ?? 'The rest' }}</strong> <span v-if="!open" class="tells">{{ told }}</span>
    </summary>
    <slot />
  </details>
</template>

<style scoped>
.rest {
  border-bottom: 1px dotted var(--rule);
}
summary {
  cursor: pointer;
  padding: 0.4rem 0;
  line-height: 1.3;
}
.tells {
  color: var(--quiet);
  font-size: 0.9rem;
}
</style>
