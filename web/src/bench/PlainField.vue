<script setup lang="ts">
import TradeText from '../words/TradeText.vue'
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useBounds } from '../api/bounds'
import { tellsItsValue } from './rest'
import { useBench } from './store'

/** A plain number of the plan that is no length: percent, degrees. */
const props = defineProps<{
  label: string
  field: string
  unit: string
  /** may be left empty: not said */
  optional?: boolean
  /** a count: no fractions */
  whole?: boolean
  /** what stands while nothing is said */
  usual?: string
}>()
const bench = useBench()
const bounds = useBounds()
const least = computed(() => bounds.of(props.field).least)
const most = computed(() => bounds.of(props.field).most)
const id = useId()
const error = ref('')

const value = computed(() => {
  let at: unknown = bench.plan
  for (const name of props.field.split('.')) at = (at as Record<string, unknown> | undefined)?.[name]
  return typeof at === 'number' ? String(at) : ''
})
tellsItsValue(() =>
  value.value
    ? `${props.label.split(':')[0]?.toLowerCase()} ${value.value}${props.unit ? `\u00a0${props.unit}` : ''}`
    : ''
)
const typed = ref(value.value)
watch(value, (now) => {
  if (!typed.value.trim() !== !now || Number(typed.value.replace(',', '.')) !== Number(now)) typed.value = now
})
/** Beside degrees Celsius, for those who read the other scale; typed with an F behind it is understood. */
const fahrenheit = computed(() =>
  props.unit === '°C' && value.value ? `${Math.round(Number(value.value) * 1.8 + 32)} °F` : ''
)
const shown = computed(
  () => error.value || (bench.problem?.field === props.field ? bench.problem.detail : '')
)

function read() {
  const text = typed.value.trim().replace(',', '.')
  const inF = props.unit === '°C' ? /^(-?[\d.]+)\s*°?F$/i.exec(text) : null
  const number = inF ? Math.round(((Number(inF[1]) - 32) / 1.8) * 10) / 10 : Number(text)
  if (!text && props.optional) {
    error.value = ''
    void bench.set(props.field, undefined, `plain ${props.field}`)
  } else if (!text || !Number.isFinite(number)) {
    error.value = `${props.label}: “${typed.value}” is not a number. Type something such as ${Math.round((least.value + most.value) / 4)}.`
  } else if (props.whole && !Number.isInteger(number)) {
    error.value = `${props.label} is a whole number; the value before still stands.`
  } else if (number < least.value || number > most.value) {
    error.value = `${props.label}: from ${least.value} to ${most.value}${props.unit ? ` ${props.unit}` : ''}; the value before still stands.`
  } else {
    error.value = ''
    void bench.set(props.field, number, `plain ${props.field}`)
  }
}

function leave() {
  if (!error.value) typed.value = value.value
  bench.settle()
}
</script>

<template>
  <div class="plain-field">
    <label :for="id"><TradeText :text="label" in-button /></label>
    <span class="with-unit">
      <InputText
        :id="id"
        v-model="typed"
        inputmode="decimal"
        :placeholder="usual ?? ''"
        :invalid="!!shown"
        :aria-describedby="`${id}-says`"
        autocomplete="off"
        @update:model-value="read"
        @blur="leave"
      />
      <span class="unit"
        >{{ unit }}<template v-if="fahrenheit"> ({{ fahrenheit }})</template></span
      >
    </span>
    <span :id="`${id}-says`" class="error" aria-live="polite">{{ shown }}</span>
  </div>
</template>

<style scoped>
.plain-field {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0 0.6rem;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.with-unit {
  display: inline-flex;
  align-items: center;
  gap: 0.3rem;
}
.with-unit :deep(input) {
  width: 4.6rem;
  font: 500 1rem var(--mono);
  text-align: right;
  padding: 0.3rem 0.5rem;
}
.unit {
  color: var(--quiet);
  min-width: 1.4rem;
}
.error {
  grid-column: 1/-1;
  color: var(--cut);
  font-size: 0.82rem;
  font-weight: 600;
}
.error:empty {
  display: none;
}
</style>
