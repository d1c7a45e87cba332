<script setup lang="ts">
/** What is looked at before work begins: large targets, ticked one by one. */
defineProps<{
  looks: { id: string; says: string; why?: string; checked: boolean }[]
  busy?: boolean
  columns?: number
}>()
defineEmits<{ tick: [id: string, was: boolean] }>()
</script>

<template>
  <ul class="looks" :style="{ gridTemplateColumns: `repeat(${columns ?? 1}, 1fr)` }">
    <li v-for="c in looks" :key="c.id">
      <button
        type="button"
        role="checkbox"
        :aria-checked="c.checked"
        :disabled="busy"
        @click="$emit('tick', c.id, c.checked)"
      >
        <span class="tick" aria-hidden="true">{{ c.checked ? '✓' : '' }}</span>
        <span
          >{{ c.says }} <small v-if="c.why">{{ c.why }}</small></span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.looks {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
  align-content: start;
}
button {
  width: 100%;
  min-height: 3.6rem;
  display: grid;
  grid-template-columns: 2.6rem 1fr;
  gap: 0.8rem;
  align-items: center;
  text-align: left;
  font-size: 1.12rem;
  line-height: 1.2;
  padding: 0.4rem 0.8rem;
  background: var(--paper);
  border: 2px solid var(--rule);
  border-radius: 4px;
  cursor: pointer;
}
button[aria-checked='true'] {
  border-color: var(--good);
  color: var(--quiet);
}
small {
  display: block;
  font-size: 0.95rem;
  color: var(--quiet);
}
.tick {
  width: 2.4rem;
  height: 2.4rem;
  display: grid;
  place-content: center;
  border: 2px solid var(--ink);
  background: var(--sheet);
  font-size: 1.6rem;
  color: var(--good);
  font-weight: 800;
}
@media (max-width: 700px) {
  .looks {
    grid-template-columns: minmax(0, 1fr) !important;
  }
}
</style>
