<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { backCloses } from '../bench/back'
import { glossary } from './glossary'
import WordPicture from './WordPicture.vue'

/** Every word of the trade with its picture. */
const open = defineModel<boolean>({ required: true })
backCloses(open, () => (open.value = false))
const words = [...glossary].sort((a, b) => a.word.localeCompare(b.word))
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="Words of the trade"
    :pt="{ content: { tabindex: 0 } }"
    :style="{ width: 'min(60rem, 94vw)' }"
  >
    <dl>
      <div v-for="w in words" :key="w.word">
        <WordPicture :picture="w.picture" />
        <dt>{{ w.word }}</dt>
        <dd>{{ w.says }}</dd>
      </div>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 1.2rem 1rem;
  margin: 0;
}
dt {
  font-weight: 700;
  margin-top: 0.3rem;
}
dd {
  margin: 0;
  font-size: 0.92rem;
}
</style>
