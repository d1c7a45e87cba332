<script setup lang="ts">
import { computed } from 'vue'
import { useBench } from './store'

/** Offers what was not kept when this box was last left. */
const bench = useBench()
const when = computed(() =>
  new Date(bench.offered?.at ?? '').toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
)
const since = computed(() => (bench.offered?.revision ?? 0) < bench.revision)
</script>

<template>
  <aside v-if="bench.offered" class="offer" role="status">
    <p>
      Changes you made here on {{ when }} could not be kept then.
      <template v-if="since">The box has been changed since, and what you see is as it stands now.</template>
    </p>
    <button type="button" class="take" @click="bench.takeUp()">Take them up again</button>
    <button type="button" class="word" @click="bench.letGo()">let them go</button>
  </aside>
</template>

<style scoped>
.offer {
  display: flex;
  align-items: center;
  gap: 1.2rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
  padding: 0.45rem 1rem;
}
p {
  margin: 0;
}
.take {
  background: #f6d9ae;
  color: #12211b;
  border: 0;
  border-radius: 3px;
  font-weight: 700;
  padding: 0.4rem 0.9rem;
  cursor: pointer;
}
</style>
