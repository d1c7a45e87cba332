<script setup lang="ts">
import { useBench } from './store'

/** Leads to where panels are laid on the sheets of the rack. */
const bench = useBench()
</script>

<template>
  <p v-if="bench.id" class="out">
    <RouterLink :to="{ path: `/boxes/${bench.id}/blank`, query: { of: 'panels' } }"
      >Lay it on the rack’s sheets</RouterLink
    >
  </p>
</template>

<style scoped>
.out {
  margin: 0.35rem 0 0;
  font-size: 0.9rem;
}
</style>
