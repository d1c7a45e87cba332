<script setup lang="ts">
import PlanLength from './PlanLength.vue'
import WoodChoice from './WoodChoice.vue'

/** How a panel's rings stand, and the groove it runs in. */
defineProps<{ of: 'bottom' | 'lid' }>()
</script>

<template>
  <WoodChoice label="" :field="`${of}.stuff`" just="rings" rings />
  <PlanLength label="Groove width" :field="`${of}.groove.width`" />
  <PlanLength label="Groove depth" :field="`${of}.groove.depth`" />
  <PlanLength label="Groove above bottom edge" :field="`${of}.groove.offset`" />
</template>
