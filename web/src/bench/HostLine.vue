<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import { answer as got, api, problemOf } from '../api/client'
import { useBench } from './store'

/** Whose tray this is: its width follows that box’s inside, the rest of its size is told there. */
const bench = useBench()
const host = shallowRef<{ id: string; name: string } | null>(null)
watch(
  () => [bench.id, bench.plan?.host, bench.revision] as const,
  async ([id, of]) => {
    if (!of) {
      host.value = null
      return
    }
    try {
      const kin = await got(api.GET('/api/boxes/{id}/kin', { params: { path: { id } } }))
      if (id === bench.id) host.value = kin.host ?? null
    } catch (error) {
      bench.problem = problemOf(error)
    }
  },
  { immediate: true }
)
</script>

<template>
  <p v-if="bench.plan?.host" class="host">
    <template v-if="host">
      A tray in
      <RouterLink :to="{ name: 'bench', params: { id: host.id, station: 'fittings' } }">{{
        host.name
      }}</RouterLink>: as wide as that leaves it; its length and height are told there when you change them
      here.
    </template>
    <template v-else>The box it was a tray of has no place for it any more.</template>
  </p>
</template>

<style scoped>
.host {
  margin: 0.3rem 0;
  color: var(--quiet);
}
</style>
