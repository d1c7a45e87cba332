<script lang="ts">
/** Any wood. */
export const ANY = 'ANY'
export type Order = 'NEWEST' | 'NAME' | 'LARGEST'
export type Stage = 'ANY' | 'PLANNED' | 'TESTED' | 'AT_THE_SAW'
</script>

<script setup lang="ts">
import Select from 'primevue/select'
import { onMounted, ref } from 'vue'
import { answer, api, problemOf } from '../api/client'

/** In which order the shelf stands, and what of it. */
defineProps<{ total: number }>()
const emit = defineEmits<{ refused: [why: string] }>()
const order = defineModel<Order>('order', { required: true })
const wood = defineModel<string>('wood', { required: true })
const stage = defineModel<Stage>('stage', { required: true })
const woods = ref<{ value: string; label: string }[]>([])
onMounted(async () => {
  try {
    const [here, known] = await Promise.all([
      answer(api.GET('/api/boxes/woods')),
      answer(api.GET('/api/woods'))
    ])
    woods.value = here.map((id) => ({ value: id, label: known.find((w) => w.id === id)?.name ?? id }))
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
</script>

<template>
  <p class="sieve">
    <Select
      v-model="order"
      :options="[
        { value: 'NEWEST', label: 'newest first' },
        { value: 'NAME', label: 'by name' },
        { value: 'LARGEST', label: 'largest first' }
      ]"
      option-label="label"
      option-value="value"
      size="small"
      aria-label="Order"
    />
    <Select
      v-model="wood"
      :options="[{ value: ANY, label: 'any wood' }, ...woods]"
      option-label="label"
      option-value="value"
      size="small"
      aria-label="Wood"
    />
    <Select
      v-model="stage"
      :options="[
        { value: 'ANY', label: 'however far' },
        { value: 'PLANNED', label: 'planned' },
        { value: 'TESTED', label: 'test cut made' },
        { value: 'AT_THE_SAW', label: 'begun at the saw' },
        { value: 'FINISHED', label: 'finished' }
      ]"
      option-label="label"
      option-value="value"
      size="small"
      aria-label="How far it has come"
    />
    <span>{{ total }} {{ total === 1 ? 'box' : 'boxes' }}</span>
  </p>
</template>

<style scoped>
.sieve {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  margin: 0 0 1rem;
  color: var(--quiet);
}
</style>
