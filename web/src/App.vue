<script setup lang="ts">
import Toast from 'primevue/toast'
import { useBounds } from './api/bounds'
import { defineAsyncComponent } from 'vue'
import DroppedFile from './shop/DroppedFile.vue'
import { asked } from './words/asked'

// the card and its pictures come with the first word that is asked about
const WordCard = defineAsyncComponent(() => import('./words/WordCard.vue'))
// a field without its bounds is still refused where it is kept
void useBounds().load()
</script>

<template>
  <RouterView />
  <DroppedFile />
  <WordCard v-if="asked" />
  <Toast position="bottom-center" />
</template>
