<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useBounds } from '../api/bounds'

/** A plain number of a thing on the rack. */
const props = defineProps<{
  label: string
  value: number | undefined
  unit: string
  /** place of the field among the bounds */
  at?: string
  /** its bounds where they are not a field's own */
  least?: number
  most?: number
  optional?: boolean
}>()
const bounds = useBounds()
const least = computed(() => props.least ?? bounds.of(props.at ?? '').least)
const most = computed(() => props.most ?? bounds.of(props.at ?? '').most)
const emit = defineEmits<{ read: [value: number | undefined] }>()
const id = useId()
const typed = ref(props.value === undefined ? '' : String(props.value))
const error = ref('')
watch(
  () => props.value,
  (now) => {
    if (now !== Number(typed.value.replace(',', '.'))) typed.value = now === undefined ? '' : String(now)
  }
)
function read() {
  const text = typed.value.trim().replace(',', '.')
  const number = Number(text)
  error.value = ''
  if (!text && props.optional) emit('read', undefined)
  else if (!text || !Number.isFinite(number)) error.value = `“${typed.value}” is not a number.`
  else if (number < least.value || number > most.value)
    error.value = `Between ${least.value} and ${most.value} ${props.unit}; the value before still stands.`
  else if (number !== props.value) emit('read', number)
}
</script>

<template>
  <div class="number-field">
    <label :for="id">{{ label }}</label>
    <span
      ><InputText :id="id" v-model="typed" inputmode="decimal" :invalid="!!error" @change="read" />
      <span class="unit">{{ unit }}</span></span
    >
    <span v-if="error" class="error" role="alert">{{ error }}</span>
  </div>
</template>

<style scoped>
.number-field {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0 0.6rem;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.number-field :deep(input) {
  width: 5rem;
  font: 500 1rem var(--mono);
  text-align: right;
  padding: 0.3rem 0.5rem;
}
.unit {
  display: inline-block;
  min-width: 1.6rem;
  color: var(--quiet);
  padding-left: 0.3rem;
}
.error {
  grid-column: 1/-1;
  color: var(--cut);
  font-size: 0.85rem;
  font-weight: 600;
}
</style>
