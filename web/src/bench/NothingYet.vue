<script setup lang="ts">
/** In place of a drawing: what a part would do, and the press that gives it. */
defineProps<{ title: string; gives: string }>()
const emit = defineEmits<{ give: [] }>()
</script>

<template>
  <div class="none">
    <h3>{{ title }}</h3>
    <p><slot /></p>
    <button type="button" class="fix" @click="emit('give')">{{ gives }}</button>
  </div>
</template>

<style scoped>
.none {
  margin: auto;
  max-width: 26rem;
  background: var(--paper);
  padding: 1.2rem 1.4rem;
  border-left: 5px solid var(--edge);
}
.fix {
  border: 1.5px solid var(--edge);
  border-radius: 3px;
  background: var(--edge);
  color: var(--sheet);
  font-weight: 700;
  padding: 0.45rem 0.9rem;
  cursor: pointer;
}
</style>
