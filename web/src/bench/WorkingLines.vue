<script setup lang="ts">
import { type WorkingView } from '../api/client'
import NumText from '../drawing/NumText.vue'

/** A formula, the same with this box's values, and what comes of it. */
defineProps<{ of: WorkingView }>()
</script>

<template>
  <div v-if="of.formula" class="formula">
    <p>{{ of.number.symbol }} = {{ of.formula }}</p>
    <p class="values">= {{ of.withValues }}</p>
    <p>= <NumText :text="of.number.text" /> {{ of.number.unit }}</p>
  </div>
</template>

<style scoped>
.formula {
  background: var(--ground);
  padding: 0.55rem 0.7rem;
  font: 500 0.98rem/1.6 var(--mono);
}
.formula p {
  margin: 0;
  overflow-wrap: anywhere;
}
.values {
  color: var(--edge);
}
</style>
