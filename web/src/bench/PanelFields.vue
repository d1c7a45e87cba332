<script setup lang="ts">
import PlanLength from './PlanLength.vue'
import WoodChoice from './WoodChoice.vue'

/** The panel held in grooves, be it bottom or lid. */
defineProps<{ of: 'bottom' | 'lid'; wood: string; thickness: string }>()
</script>

<template>
  <WoodChoice :label="wood" :field="`${of}.stuff`" just="wood" />
  <PlanLength :label="thickness" :field="`${of}.thickness`" />
</template>
