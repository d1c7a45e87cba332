<script setup lang="ts">
/** The head of a place that is not a box: where one is, and the way back. */
defineProps<{ title: string; line?: string; back: string; backTo: string }>()
</script>

<template>
  <header>
    <RouterLink :to="backTo" class="back">{{ back }}</RouterLink>
    <h1>{{ title }}</h1>
    <p v-if="line">{{ line }}</p>
    <slot />
  </header>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 1.1rem;
  padding: 0.7rem 1.3rem 0.55rem;
  background: var(--rail);
  color: var(--rail-ink);
}
p {
  margin: 0;
  color: var(--rail-quiet);
}
.back {
  color: var(--rail-quiet);
}
</style>
