<script setup lang="ts">
import Toast from 'primevue/toast'
import { useBounds } from './api/bounds'
import WordCard from './words/WordCard.vue'

// a field without its bounds is still refused where it is kept
void useBounds().load()
</script>

<template>
  <RouterView />
  <WordCard />
  <Toast position="bottom-center" />
</template>
