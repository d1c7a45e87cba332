<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { bringIn } from './bring-in'

/** A file is dragged on to the window, wherever one is, and let go: it is brought in. */
const router = useRouter()
const toast = useToast()
const over = ref(false)

/** Not where hands are at work: there a file that slips is only kept from replacing the page. */
const takes = () => !['saw', 'gluing', 'first-cut', 'join'].includes(String(router.currentRoute.value.name))
const holds = (event: DragEvent) => Boolean(event.dataTransfer?.types.includes('Files'))

useEventListener(document, 'dragover', (event: DragEvent) => {
  if (!holds(event)) return
  event.preventDefault()
  over.value = takes()
})
useEventListener(document, 'dragleave', (event: DragEvent) => {
  if (!event.relatedTarget) over.value = false
})
useEventListener(document, 'drop', async (event: DragEvent) => {
  if (!holds(event)) return
  event.preventDefault()
  over.value = false
  if (!takes()) return
  const files = [...(event.dataTransfer?.files ?? [])]
  const wrong =
    files.length > 1
      ? 'One file at a time, please: nothing was brought in.'
      : files[0]
        ? await bringIn(files[0], router)
        : ''
  if (wrong) toast.add({ severity: 'warn', summary: wrong, life: 8000 })
})
</script>

<template>
  <p v-if="over" class="over" aria-hidden="true">Let go: it is brought in</p>
</template>

<style scoped>
.over {
  position: fixed;
  inset: 1rem;
  z-index: 20;
  display: grid;
  place-items: center;
  margin: 0;
  border: 4px dashed var(--edge);
  border-radius: 6px;
  background: color-mix(in srgb, var(--sheet) 88%, transparent);
  font-size: 2rem;
  font-weight: 700;
  pointer-events: none;
}
</style>
