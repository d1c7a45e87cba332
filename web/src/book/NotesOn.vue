<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { answer as got, api, problemOf, type BookEntry } from '../api/client'
import NoteForm from './NoteForm.vue'
import { dateOf } from '../words/when'

/** Notes that hang on one number, part or cut of a box, and a place to write another. */
const props = defineProps<{ box: string; about: string; label: string }>()
const notes = shallowRef<BookEntry[]>([])
const open = ref(false)
const failed = ref('')

async function load() {
  try {
    const found = await got(
      api.GET('/api/book', { params: { query: { kind: 'NOTE', box: props.box, about: props.about } } })
    )
    notes.value = found.entries
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
watch(
  () => [props.box, props.about],
  () => {
    notes.value = []
    open.value = false
    if (props.box && props.about) void load()
  },
  { immediate: true }
)
function written() {
  open.value = false
  void load()
}
</script>

<template>
  <div class="notes">
    <p v-for="n in notes" :key="n.ref" class="line">
      <span class="when">{{ dateOf(n.at) }}</span> {{ n.says }}
      <a v-for="p in n.photos" :key="p" :href="`/api/book/photos/${p}`" target="_blank" rel="noopener"
        >photo</a
      >
    </p>
    <button v-if="!open" type="button" class="word" @click="open = true">{{ label }}</button>
    <NoteForm v-else :box="box" :about="about" :label="label" @written="written" />
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
  </div>
</template>

<style scoped>
.notes {
  margin-top: 0.8rem;
}
.line {
  margin: 0 0 0.3rem;
  border-left: 4px solid var(--edge);
  padding-left: 0.6rem;
  white-space: pre-line;
}
.when {
  color: var(--quiet);
  font-size: 0.9rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
