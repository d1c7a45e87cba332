<script setup lang="ts">
import { computed } from 'vue'
import LengthField from './LengthField.vue'
import { tellsItsValue } from './rest'
import { useBench } from './store'

/** The length field of one decision of the plan. */
const props = withDefaults(
  defineProps<{
    label: string
    field: string
    /** id of the number that shows what the house rule gives, or words; the field may then be left empty */
    house?: string
    fine?: boolean
    bare?: boolean
    autofocus?: boolean
  }>(),
  { house: '', fine: false, bare: false, autofocus: false }
)
const emit = defineEmits<{ leave: [] }>()
const bench = useBench()

const mm = computed(() => {
  let at: unknown = bench.plan
  for (const name of props.field.split('.')) at = (at as Record<string, unknown> | undefined)?.[name]
  return typeof at === 'number' ? at : undefined
})
const text = computed(() => bench.answer?.fields[props.field] ?? '')
/** What stands when nothing is said: a number by its id, nothing while there is none of that id, or words. */
const house = computed(() =>
  /^[a-z-]+\.[a-z-]+$/.test(props.house) ? `${bench.numbers.get(props.house)?.text ?? ' '}` : props.house
)
const refused = computed(() => (bench.problem?.field === props.field ? bench.problem.detail : ''))

tellsItsValue(() => (props.bare ? '' : `${props.label.toLowerCase()} ${text.value || house.value || '–'}`))

function read(value: number | undefined) {
  void bench.set(props.field, value, `length ${props.field}`)
}
</script>

<template>
  <LengthField
    v-if="bench.plan"
    :label="label"
    :text="text"
    :mm="mm"
    :unit="bench.plan.unit"
    :at="field"
    :house="house"
    :refused="refused"
    :fine="fine"
    :bare="bare"
    :autofocus="autofocus"
    @read="read"
    @settled="bench.settle()"
    @leave="emit('leave')"
  />
</template>
