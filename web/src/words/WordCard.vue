<script setup lang="ts">
import { useEventListener, useWindowSize } from '@vueuse/core'
import { computed } from 'vue'
import { asked, leave } from './asked'
import WordPicture from './WordPicture.vue'

/** What the word that is asked about means: beside it, never over it. */
const { width, height } = useWindowSize()
const WIDE = 236
const HIGH = 210
const place = computed(() => {
  const at = asked.value?.at
  if (!at) return {}
  // beside the slate, whose numbers it would cover
  if (at.left > width.value * 0.6 && width.value > 900) {
    return {
      left: `${at.left - WIDE - 16}px`,
      top: `${Math.max(8, Math.min(at.top - 10, height.value - HIGH - 8))}px`
    }
  }
  const left = Math.max(8, Math.min(at.left, width.value - WIDE - 8))
  const below = at.bottom + 8 + HIGH < height.value
  return below
    ? { left: `${left}px`, top: `${at.bottom + 8}px` }
    : { left: `${left}px`, bottom: `${height.value - at.top + 8}px` }
})
useEventListener('scroll', leave, { capture: true })
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') leave()
})
</script>

<template>
  <div v-if="asked" id="word-card" role="tooltip" class="card" :style="place">
    <WordPicture :picture="asked.word.picture" />
    <p>
      <strong>{{ asked.word.word }}</strong> {{ asked.word.says }}
    </p>
  </div>
</template>

<style scoped>
.card {
  position: fixed;
  z-index: 60;
  width: 236px;
  padding: 0.7rem 0.8rem;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  box-shadow: 0 6px 20px rgb(0 0 0 / 18%);
  pointer-events: none;
}
p {
  margin: 0.45rem 0 0;
  font-size: 0.92rem;
  line-height: 1.32;
}
</style>
