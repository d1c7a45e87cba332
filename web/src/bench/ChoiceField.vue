<script setup lang="ts">
import Select from 'primevue/select'
import { useId } from 'vue'
import { tellsItsValue } from './rest'

/** One decision among a few. */
const props = defineProps<{
  label: string
  value: string
  choices: { value: string; label: string }[]
  filter?: boolean
  placeholder?: string
}>()
const emit = defineEmits<{ choose: [value: string] }>()
const id = useId()
tellsItsValue(
  () =>
    `${props.label.toLowerCase()} ${props.choices.find((c) => c.value === props.value)?.label ?? props.value}`
)
</script>

<template>
  <div class="choice">
    <span :id="id">{{ label }}</span>
    <Select
      :model-value="value"
      :options="choices"
      option-label="label"
      option-value="value"
      :filter="filter ?? false"
      :placeholder="placeholder ?? ''"
      :aria-labelledby="id"
      :pt="{ filterContainer: { 'aria-label': label } }"
      size="small"
      @update:model-value="emit('choose', $event)"
    />
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 0.6rem;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.choice :deep(.p-select-label) {
  white-space: normal;
  line-height: 1.2;
  overflow: visible;
}
.choice :deep(.p-select) {
  min-width: 0;
  justify-self: end;
  max-width: 100%;
}
</style>
