<script setup lang="ts">
import { computed } from 'vue'
import { pieces } from './fraction'

/** A number on a dimension line; a fraction is set as one, close to its whole. */
const props = defineProps<{ text: string }>()
const set = computed(() => {
  const all = pieces(props.text)
  return all.map((piece, i) => ({
    text: piece.text,
    kind: piece.kind,
    dy: piece.kind === 'over' ? -4 : piece.kind === 'plain' && all[i - 1]?.kind === 'over' ? 4 : 0
  }))
})
</script>

<template>
  <text text-anchor="middle"
    ><tspan v-for="(piece, i) in set" :key="i" :class="piece.kind" :dy="piece.dy">{{
      piece.text
    }}</tspan></text
  >
</template>

<style scoped>
text {
  font: 500 15px var(--mono);
  fill: var(--ink);
  /* the space before a fraction is thin */
  word-spacing: -5px;
}
.over,
.under {
  font-size: 10.5px;
}
</style>
