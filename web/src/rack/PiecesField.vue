<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref, useId } from 'vue'
import { answer, api, problemOf } from '../api/client'

/** Pieces one after another, each as it measures, parted by semicolons. What cannot be read stays where it was typed. */
const props = defineProps<{ label: string; text: string; unit: 'MILLIMETRE' | 'INCH'; such: string }>()
const emit = defineEmits<{ read: [mm: number[]] }>()
const id = useId()
const failed = ref('')

async function read(typed: string) {
  const pieces = typed
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean)
  try {
    const mm: number[] = []
    for (const text of pieces) {
      const length = await answer(
        api.POST('/api/lengths', {
          body: { field: 'piece', text, unit: props.unit, least: 0.1, most: 1000 }
        })
      )
      mm.push(length.mm)
    }
    failed.value = ''
    emit('read', mm)
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
</script>

<template>
  <div class="pieces">
    <label :for="id">{{ label }}</label>
    <InputText
      :id="id"
      :model-value="text"
      :placeholder="such"
      :aria-invalid="!!failed"
      :aria-describedby="failed ? `${id}-wrong` : undefined"
      size="small"
      autocomplete="off"
      @change="read(($event.target as HTMLInputElement).value)"
    />
    <p v-if="failed" :id="`${id}-wrong`" class="failed" role="alert">{{ failed }}</p>
  </div>
</template>

<style scoped>
.pieces {
  display: grid;
  gap: 0.15rem;
  padding: 0.3rem 0;
}
.failed {
  margin: 0;
  color: var(--cut);
  font-weight: 600;
}
</style>
