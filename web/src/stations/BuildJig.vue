<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { answer as got, api, problemOf, type JigToBuild } from '../api/client'
import { useBench } from '../bench/store'
import BuildSheet from '../building/BuildSheet.vue'

/** The jig of this box, to be built. */
const bench = useBench()
const jig = ref<JigToBuild>()
const failed = ref('')
let turn = 0

async function load() {
  const plan = bench.plan
  if (!plan) return
  const mine = ++turn
  try {
    const found = await got(
      api.POST('/api/build', { body: { plan, testCuts: bench.testCuts.map((c) => c.cut) } })
    )
    if (mine !== turn) return
    jig.value = found
    failed.value = ''
  } catch (error) {
    if (mine === turn) failed.value = problemOf(error).detail
  }
}
onMounted(load)
watch(() => bench.worked, load)
</script>

<template>
  <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
  <BuildSheet v-if="jig" :jig="jig" @open="bench.openWorking($event)">
    <RouterLink :to="{ name: 'first-cut', params: { id: bench.id } }"
      >It stands: the first cut on it</RouterLink
    >
    <a :href="`/api/boxes/${bench.id}/papers/jig-sheet.pdf`" target="_blank">Print it</a>
    <a :href="`/api/boxes/${bench.id}/jig.csv`">Parts for a spreadsheet</a>
    <a :href="`/api/boxes/${bench.id}/jig.dxf`">Plan, DXF</a>
    <template v-if="bench.plan?.jig.way === 'ROUTER_SLED'">
      Plate, 1:1:
      <a :href="`/api/boxes/${bench.id}/papers/plate.pdf`" target="_blank">PDF</a>
      <a :href="`/api/boxes/${bench.id}/plate.svg`">SVG</a>
      <a :href="`/api/boxes/${bench.id}/plate.dxf`">DXF</a>
    </template>
  </BuildSheet>
</template>

<style scoped>
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
