<script setup lang="ts">
import TradeText from '../words/TradeText.vue'
import Select from 'primevue/select'
import { ref, useId } from 'vue'
import { tellsItsValue } from './rest'
import { useBench } from './store'

/** One decision among a few. */
const props = defineProps<{
  label: string
  value: string
  choices: { value: string; label: string }[]
  filter?: boolean
  placeholder?: string
}>()
const emit = defineEmits<{ choose: [value: string] }>()
const bench = useBench()
const id = useId()
const typed = ref('')

/** Enter takes what was typed when only one choice has it. */
function key(event: KeyboardEvent) {
  if (event.key !== 'Enter' || !typed.value) return
  const left = props.choices.filter((c) => c.label.toLowerCase().includes(typed.value.toLowerCase()))
  if (left.length === 1 && left[0]) emit('choose', left[0].value)
}
tellsItsValue(
  () =>
    `${props.label.toLowerCase()} ${props.choices.find((c) => c.value === props.value)?.label ?? props.value}`
)
</script>

<template>
  <div class="choice">
    <span :id="id"><TradeText :text="label" in-button /></span>
    <Select
      :key="bench.putBack"
      :model-value="value"
      :options="choices"
      option-label="label"
      option-value="value"
      :filter="filter ?? false"
      :placeholder="placeholder ?? ''"
      :aria-labelledby="id"
      :pt="{ filterContainer: { 'aria-label': label }, pcFilter: { root: { onKeydown: key } } }"
      reset-filter-on-hide
      size="small"
      @filter="typed = $event.value"
      @update:model-value="emit('choose', $event)"
    />
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  /* the longest word of a wood and the arrow beside it; the label breaks before they meet */
  grid-template-columns: minmax(0, auto) minmax(min-content, 1fr);
  align-items: center;
  gap: 0.6rem;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.choice :deep(.p-select-label) {
  white-space: normal;
  line-height: 1.2;
  overflow: visible;
  width: auto;
  min-width: min-content;
}
.choice :deep(.p-select) {
  justify-self: end;
  max-width: 100%;
}
</style>
