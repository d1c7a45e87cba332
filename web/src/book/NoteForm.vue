<script setup lang="ts">
import { ref, useId } from 'vue'
import { problemOf } from '../api/client'
import { write } from './notes'

/** A line written by hand, with photos. Nothing typed is lost when it is refused. */
const props = defineProps<{
  box?: string
  about?: string
  label: string
  was?: { ref: string; words: string }
}>()
const emit = defineEmits<{ written: [] }>()
const id = useId()
const words = ref(props.was?.words ?? '')
/** which part it is about, where it hangs on nothing else */
const part = ref('')
const photos = ref<File[]>([])
const refused = ref<string[]>([])
const busy = ref(false)
const files = ref<HTMLInputElement>()

async function keep() {
  busy.value = true
  refused.value = []
  try {
    refused.value = await write({
      words: words.value,
      photos: photos.value,
      ...(props.was ? { ref: props.was.ref } : {}),
      ...(props.box ? { box: props.box } : {}),
      ...(props.about || part.value ? { about: props.about || part.value } : {})
    })
    words.value = ''
    photos.value = []
    if (files.value) files.value.value = ''
    emit('written')
  } catch (error) {
    refused.value = [problemOf(error).detail]
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="note" @submit.prevent="keep">
    <label :for="id">{{ label }}</label>
    <textarea :id="id" v-model="words" rows="2" maxlength="4000" @keydown.ctrl.enter="keep" />
    <div class="under">
      <label class="photo"
        ><span class="word">{{
          photos.length
            ? `${photos.length} ${photos.length === 1 ? 'photo' : 'photos'}: ${photos.map((p) => p.name).join(', ')}`
            : 'add photos'
        }}</span
        ><input
          ref="files"
          type="file"
          accept="image/jpeg,image/png,image/*"
          multiple
          class="sr-only"
          aria-label="Photos"
          @change="photos = [...(($event.target as HTMLInputElement).files ?? [])]"
      /></label>
      <label v-if="box && !about && !was" class="part"
        >about
        <select v-model="part">
          <option value="">the box</option>
          <option v-for="p in ['A', 'B', 'C', 'D']" :key="p" :value="`part ${p}`">part {{ p }}</option>
        </select></label
      >
      <button type="submit" class="plain keep" :disabled="busy || !words.trim()">
        {{ was ? 'Write it anew' : 'Write it down' }}
      </button>
    </div>
    <p v-for="r in refused" :key="r" class="refused" role="alert">{{ r }}</p>
  </form>
</template>

<style scoped>
.note {
  display: grid;
  gap: 0.25rem;
}
label {
  font-weight: 600;
}
textarea {
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  padding: 0.4rem 0.6rem;
  resize: vertical;
  min-height: 3.6rem;
}
.under {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 1rem;
}
.photo {
  cursor: pointer;
}
.photo:focus-within {
  outline: 3px solid var(--edge);
}
.part {
  margin-left: auto;
}
select {
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  padding: 0.25rem;
}
.keep {
  padding: 0.4rem 1rem;
  border-radius: 3px;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
}
.keep:disabled {
  background: var(--rule);
  color: var(--quiet);
}
.refused {
  color: var(--cut);
  font-weight: 600;
  margin: 0.2rem 0 0;
}
</style>
