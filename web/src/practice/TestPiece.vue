<script setup lang="ts">
import { computed } from 'vue'
import type { RoundView } from '../api/client'

/** The test piece, end on: press a slot or a finger to hold the caliper there. */
const props = defineProps<{ piece: RoundView['pieces'][number]; off: boolean }>()
const emit = defineEmits<{ read: [spot: 'SLOT' | 'FINGER', place: number] }>()
const teeth = computed(() =>
  [0, 1, 2].flatMap((i) => [
    { spot: 'SLOT' as const, place: i, shown: props.piece.slots[i] ?? '', key: 2 * i + 1 },
    { spot: 'FINGER' as const, place: i, shown: props.piece.fingers[i] ?? '', key: 2 * i + 2 }
  ])
)
</script>

<template>
  <ol class="comb" aria-label="The test piece">
    <li v-for="t in teeth" :key="t.key" :class="t.spot">
      <button
        type="button"
        class="plain"
        :disabled="off"
        :aria-label="`Read ${t.spot === 'SLOT' ? 'slot' : 'finger'} ${t.place + 1}${t.shown ? `, it read ${t.shown}` : ''}`"
        @click="emit('read', t.spot, t.place)"
      >
        <span class="what">{{ t.spot === 'SLOT' ? 'slot' : 'finger' }}</span>
        <b class="mono">{{ t.shown || '?' }}</b>
        <kbd>{{ t.key }}</kbd>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.comb {
  list-style: none;
  margin: 0;
  padding: 0 0 2.2rem;
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  background: linear-gradient(var(--wood), var(--wood)) bottom / 100% 2.2rem no-repeat;
  border-bottom: 2px solid var(--wood-line);
  max-width: 38rem;
}
li {
  display: grid;
}
.plain {
  display: grid;
  justify-items: center;
  gap: 0.1rem;
  padding: 0.5rem 0.2rem;
  min-height: 5.2rem;
}
.FINGER .plain {
  background: repeating-linear-gradient(
    90deg,
    var(--wood) 0 9px,
    color-mix(in srgb, var(--wood-line) 55%, var(--wood)) 9px 10px
  );
  border: 1.5px solid var(--wood-line);
  border-bottom: 0;
  color: #12211b;
}
.SLOT .plain {
  background: var(--ground);
}
.what {
  font-size: 0.85rem;
}
b {
  font-size: 1.15rem;
}
kbd {
  font: 600 0.75rem var(--mono);
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 0 0.3rem;
  background: none;
  color: inherit;
  opacity: 0.75;
}
</style>
