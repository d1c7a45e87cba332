<script setup lang="ts">
import PlanLength from './PlanLength.vue'
import WoodChoice from './WoodChoice.vue'

/** What a panel held in grooves asks, be it bottom or lid. */
defineProps<{ of: 'bottom' | 'lid'; wood: string; thickness: string }>()
</script>

<template>
  <WoodChoice :label="wood" :field="`${of}.stuff`" rings />
  <PlanLength :label="thickness" :field="`${of}.thickness`" />
  <PlanLength label="Groove width" :field="`${of}.groove.width`" />
  <PlanLength label="Groove depth" :field="`${of}.groove.depth`" />
  <PlanLength label="Groove above bottom edge" :field="`${of}.groove.offset`" />
</template>
