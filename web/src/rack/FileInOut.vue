<script setup lang="ts">
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { problemOf, sendFile, type Problem } from '../api/client'

/** A shelf as a file: out as it is, in whole or not at all. */
const props = defineProps<{ address: string; what: string; columns: string }>()
const emit = defineEmits<{ taken: [] }>()
const toast = useToast()
const refused = ref<{ file: string; problem: Problem }>()

async function bring(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  refused.value = undefined
  try {
    const done = await sendFile<{ added: number; changed: number }>(props.address, file)
    toast.add({
      severity: 'success',
      summary: `${file.name}: ${done.added} added, ${done.changed} changed.`,
      life: 5000
    })
    emit('taken')
  } catch (error) {
    refused.value = { file: file.name, problem: problemOf(error) }
  } finally {
    input.value = ''
  }
}
</script>

<template>
  <span class="files">
    <label class="bring"
      >Bring in a CSV<input type="file" accept=".csv,text/csv" class="sr-only" @change="bring"
    /></label>
    <a :href="address" download>Save as CSV</a>
  </span>
  <section v-if="refused" class="refused" role="alert" :aria-label="`${refused.file} was not taken`">
    <p>
      <strong>{{ refused.file }}</strong> {{ refused.problem.detail }}
      <button type="button" class="word" @click="refused = undefined">close</button>
    </p>
    <ol v-if="refused.problem.lines">
      <li v-for="bad in refused.problem.lines" :key="`${bad.line}${bad.detail}`">
        <span class="mono">line {{ bad.line }}</span> {{ bad.detail }}
      </li>
    </ol>
    <p class="small">Columns of {{ what }}: {{ columns }}</p>
  </section>
</template>

<style scoped>
.files {
  display: inline-flex;
  gap: 1rem;
  align-items: baseline;
}
.bring,
a {
  font-weight: 700;
  color: var(--edge);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.bring:focus-within {
  outline: 3px solid var(--edge);
}
.refused {
  background: var(--sheet);
  border-left: 9px solid var(--cut);
  padding: 0.5rem 0.8rem;
  margin: 0.5rem 0;
  width: 100%;
  max-height: 15rem;
  overflow: auto;
}
.refused p {
  margin: 0.1rem 0;
}
ol {
  list-style: none;
  margin: 0.3rem 0;
  padding: 0;
}
.small {
  color: var(--quiet);
  font-size: 0.88rem;
}
</style>
