<script setup lang="ts">
import { computed } from 'vue'
import { pieces } from './fraction'

const props = defineProps<{ text: string }>()
const parts = computed(() => pieces(props.text))
</script>

<template>
  <span class="num"
    ><span
      v-for="(part, i) in parts"
      :key="i"
      :class="part.kind === 'plain' ? undefined : `frac-${part.kind}`"
      >{{ part.text }}</span
    ></span
  >
</template>

<style scoped>
.num {
  font-family: var(--mono);
  font-weight: 500;
  white-space: nowrap;
  /* the space before a fraction is thin */
  word-spacing: -0.32em;
}
</style>
