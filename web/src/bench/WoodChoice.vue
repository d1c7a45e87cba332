<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, type BoxPlan, type WoodView } from '../api/client'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import { useBench } from './store'

/** A wood of the rack, and how its rings stand where that matters. */
const props = defineProps<{ label: string; field: string; rings?: boolean; just?: 'wood' | 'rings' }>()
const bench = useBench()
const woods = ref<WoodView[]>([])
onMounted(async () => {
  woods.value = await answer(api.GET('/api/woods'))
})
const stuff = computed(() => {
  let at: unknown = bench.plan
  for (const name of props.field.split('.')) at = (at as Record<string, unknown> | undefined)?.[name]
  return at as BoxPlan['walls'] | undefined
})
const choices = computed(() => {
  const known = woods.value.map((w) => ({ value: w.id, label: w.revision ? `${w.name} (yours)` : w.name }))
  const own = stuff.value?.own
  // a wood that left the rack stays in the plan that is made of it
  return own && !known.some((k) => k.value === own.id)
    ? [{ value: own.id, label: own.name }, ...known]
    : known
})
const sheet = computed(() => {
  const kind = stuff.value?.own?.kind ?? woods.value.find((w) => w.id === stuff.value?.wood)?.kind
  return kind === 'PLYWOOD' || kind === 'FIBREBOARD'
})

/** The maker's own wood goes into the plan whole, so that the plan needs no rack to be read. */
function choose(id: string) {
  const wood = woods.value.find((w) => w.id === id)
  void bench.set(props.field, {
    wood: id,
    ringAngle: stuff.value?.ringAngle ?? 0,
    ...(wood?.revision ? { own: wood.wood } : {})
  })
}
</script>

<template>
  <ChoiceField
    v-if="stuff && just !== 'rings'"
    :label="label"
    :value="stuff.wood"
    :choices="choices"
    filter
    @choose="choose"
  />
  <PlainField
    v-if="rings && !sheet"
    label="Ring angle: 0 flat, 90 quarter-sawn"
    :field="`${field}.ringAngle`"
    unit="°"
  />
</template>
