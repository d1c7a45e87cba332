<script setup lang="ts">
import { ref } from 'vue'
import type { BookEntry } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import NoteForm from './NoteForm.vue'

/** One line of the diary with its small drawing. */
const props = defineProps<{ entry: BookEntry; lit: boolean; station: string }>()
const emit = defineEmits<{ mark: [out: boolean]; written: [] }>()
const mending = ref(false)

function written() {
  mending.value = false
  emit('written')
}

function hour(iso: string) {
  return new Date(iso).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })
}
const mark = `${props.entry.kind} ${props.entry.ref}`
</script>

<template>
  <li class="entry" :class="{ lit, taken: entry.taken }" :data-entry="mark">
    <div class="small">
      <template v-if="entry.photos.length">
        <a v-for="p in entry.photos" :key="p" :href="`/api/book/photos/${p}`" target="_blank" rel="noopener">
          <img
            :src="`/api/book/photos/${p}?small=true`"
            :alt="`Photo: ${entry.says.slice(0, 80)}`"
            loading="lazy"
          />
        </a>
      </template>
      <FigureView v-else-if="entry.figure" :figure="entry.figure" class="figure-small" :pad="3" quiet />
    </div>
    <div class="words">
      <p class="head">
        <span class="kind" :data-kind="entry.kind">{{ entry.kindWords }}</span>
        <RouterLink v-if="entry.box" :to="`/boxes/${entry.box}${station}`">{{ entry.boxName }}</RouterLink>
        <span v-if="entry.about" class="about">on {{ entry.about }}</span>
        <time :datetime="entry.at">{{ hour(entry.at) }}</time>
      </p>
      <NoteForm
        v-if="mending"
        label="As it is to read"
        :was="{ ref: entry.ref, words: entry.says }"
        @written="written"
      />
      <p v-else class="says">{{ entry.says }}</p>
      <p v-for="l in entry.lines" :key="l" class="line">{{ l }}</p>
    </div>
    <div class="acts">
      <button
        v-if="entry.kind === 'NOTE' && !entry.taken"
        type="button"
        class="word"
        :aria-expanded="mending"
        @click="mending = !mending"
      >
        {{ mending ? 'leave it' : 'reword' }}
      </button>
      <button type="button" class="word" @click="$emit('mark', !entry.taken)">
        {{ entry.taken ? 'put back' : 'take out' }}
      </button>
    </div>
  </li>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 8.5rem minmax(0, 1fr) auto;
  gap: 1rem;
  align-items: start;
  padding: 0.6rem 0.4rem;
  border-bottom: 1px dotted var(--rule);
}
.entry.lit {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--edge);
}
.entry.taken .says,
.entry.taken .line {
  text-decoration: line-through;
  color: var(--quiet);
}
.figure-small {
  height: 4.6rem;
}
.figure-small :deep(.note),
.figure-small :deep(.lead) {
  display: none;
}
img {
  width: 100%;
  max-height: 6.4rem;
  object-fit: cover;
  border-radius: 2px;
  display: block;
  margin-bottom: 0.2rem;
}
p {
  margin: 0;
}
.acts {
  display: grid;
  justify-items: end;
  gap: 0.2rem;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: baseline;
  color: var(--quiet);
  font-size: 0.92rem;
}
.kind {
  font-weight: 700;
  color: var(--ink);
}
.kind[data-kind='SPOILT'] {
  color: var(--cut);
}
time {
  margin-left: auto;
}
.says {
  font-size: 1.08rem;
  white-space: pre-line;
}
.line {
  color: var(--quiet);
}
@media (max-width: 560px) {
  .entry {
    grid-template-columns: 5rem minmax(0, 1fr);
  }
}
</style>
