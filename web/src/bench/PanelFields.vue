<script setup lang="ts">
import PlanLength from './PlanLength.vue'
import WoodChoice from './WoodChoice.vue'

/** What a panel held in grooves asks, be it bottom or lid. */
defineProps<{ of: 'bottom' | 'lid'; wood: string; thickness: string }>()
</script>

<template>
  <WoodChoice :label="wood" :field="`${of}.stuff`" rings />
  <PlanLength :label="thickness" :field="`${of}.thickness`" :least="0.5" :most="100" />
  <PlanLength label="Groove width" :field="`${of}.groove.width`" :least="0.5" :most="100" />
  <PlanLength label="Groove depth" :field="`${of}.groove.depth`" :least="0.5" :most="200" />
  <PlanLength label="Groove above bottom edge" :field="`${of}.groove.offset`" :most="1500" />
</template>
