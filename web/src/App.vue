<script setup lang="ts">
import Toast from 'primevue/toast'
import { useBounds } from './api/bounds'

// a field without its bounds is still refused where it is kept
void useBounds().load()
</script>

<template>
  <RouterView />
  <Toast position="bottom-center" />
</template>
