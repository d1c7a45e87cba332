<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from './ChoiceField.vue'
import PlanLength from './PlanLength.vue'
import { useBench } from './store'
import WoodChoice from './WoodChoice.vue'

/** How a panel's rings stand, and the groove it runs in. */
const props = defineProps<{ of: 'bottom' | 'lid' }>()
const bench = useBench()
const groove = computed(() => bench.plan?.[props.of].groove)
/** a groove that stops nowhere has no round ends */
const stops = computed(() => bench.numbers.has(`${props.of}.saw-arc`))
const corners = computed(() => groove.value?.corners ?? 'NOTCHED')
</script>

<template>
  <WoodChoice label="" :field="`${of}.stuff`" just="rings" rings />
  <PlanLength label="Groove width" :field="`${of}.groove.width`" />
  <PlanLength label="Groove depth" :field="`${of}.groove.depth`" />
  <PlanLength label="Groove above bottom edge" :field="`${of}.groove.offset`" />
  <template v-if="stops">
    <ChoiceField
      label="Where it stops"
      :value="corners"
      :choices="[
        { value: 'NOTCHED', label: 'notch the panel’s corners' },
        { value: 'CLIPPED', label: 'clip the panel’s corners' },
        { value: 'RUN_ON', label: 'let the bit run on' }
      ]"
      @choose="bench.set(`${of}.groove.corners`, $event)"
    />
    <PlanLength label="Bit, diameter" :field="`${of}.groove.bit`" :house="`${of}.groove-width`" fine />
  </template>
</template>
