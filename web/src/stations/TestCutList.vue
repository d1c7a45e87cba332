<script setup lang="ts">
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import type { KeptTestCut } from '../api/client'
import { useBench } from '../bench/store'
import NumText from '../drawing/NumText.vue'
import { hourOf } from '../words/when'

/** The test cuts so far, the newest first; what is taken out can be put back. */
const bench = useBench()
const toast = useToast()

async function takeOut(cut: KeptTestCut) {
  await bench.removeTestCut(cut.id)
  toast.add({
    severity: 'info',
    summary: 'Test cut taken out. Put it back from the list below if that was a slip.',
    life: 5000
  })
  out.value = [...out.value, cut]
}

const out = ref<KeptTestCut[]>([])
async function putBack(cut: KeptTestCut) {
  await bench.removeTestCut(cut.id, true)
  out.value = out.value.filter((c) => c.id !== cut.id)
}

/** The test cut as the answer shows it, in the project's unit. */
function shown(cut: KeptTestCut) {
  return bench.worked?.testCuts[bench.testCuts.findIndex((c) => c.id === cut.id)]
}
</script>

<template>
  <ul class="cuts" aria-label="Test cuts">
    <li v-for="cut in [...bench.testCuts].reverse()" :key="cut.id">
      <span class="when">{{ hourOf(cut.cut.at) }}</span>
      <span v-if="shown(cut)?.felt" class="felt">felt: {{ shown(cut)?.felt }}</span>
      <NumText v-else-if="shown(cut)" :text="`${shown(cut)?.slots} / ${shown(cut)?.fingers}`" />
      <button
        type="button"
        class="word"
        :aria-label="`Take out the test cut of ${hourOf(cut.cut.at)}`"
        @click="takeOut(cut)"
      >
        take out
      </button>
    </li>
    <li v-for="cut in bench.damagedTestCuts" :key="`damaged-${cut.id}`" class="out">
      {{ cut.name }} cannot be read. {{ cut.why }}
      <button type="button" class="word" @click="bench.removeTestCut(Number(cut.id))">take out</button>
    </li>
    <li v-for="cut in out" :key="`out-${cut.id}`" class="out">
      <span class="when">{{ hourOf(cut.cut.at) }}</span> taken out
      <button type="button" class="word" @click="putBack(cut)">put back</button>
    </li>
  </ul>
</template>

<style scoped>
.felt {
  font-style: italic;
}
.cuts {
  list-style: none;
  padding: 0;
  margin: 0.5rem 0 0;
  font-size: 0.88rem;
}
.cuts li {
  border-bottom: 1px dotted var(--rule);
  padding: 0.25rem 0;
}
.when {
  display: block;
  color: var(--quiet);
  font-size: 0.82rem;
}
.cuts li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.4rem;
  align-items: baseline;
}
.cuts .when {
  flex: 1 0 100%;
}
.cuts .word {
  margin-left: auto;
  font-weight: 500;
}
</style>
