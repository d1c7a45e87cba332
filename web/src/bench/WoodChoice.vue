<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, type WoodView } from '../api/client'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import { useBench } from './store'

/** A wood of the rack, and how its rings stand where that matters. */
const props = defineProps<{ label: string; field: string; rings?: boolean }>()
const bench = useBench()
const woods = ref<WoodView[]>([])
onMounted(async () => {
  woods.value = await answer(api.GET('/api/woods'))
})
const stuff = computed(() => {
  let at: unknown = bench.plan
  for (const name of props.field.split('.')) at = (at as Record<string, unknown> | undefined)?.[name]
  return at as { wood: string; ringAngle: number } | undefined
})
const choices = computed(() => woods.value.map((w) => ({ value: w.id, label: w.name })))
const sheet = computed(() => stuff.value?.wood.startsWith('sheet-'))
</script>

<template>
  <ChoiceField
    v-if="stuff"
    :label="label"
    :value="stuff.wood"
    :choices="choices"
    filter
    @choose="bench.set(`${field}.wood`, $event)"
  />
  <PlainField
    v-if="rings && !sheet"
    label="Ring angle: 0 flat-sawn, 90 quarter-sawn"
    :field="`${field}.ringAngle`"
    unit="°"
    :least="0"
    :most="90"
  />
</template>
