<script setup lang="ts">
import { ref } from 'vue'
import type { Figure } from '../api/client'
import PlanLength from '../bench/PlanLength.vue'
import { useBench } from '../bench/store'
import FigureView from './FigureView.vue'

/** A figure whose dimensions open their working, or can be typed into where they stand. */
defineProps<{ figure: Figure; mostScale?: number; pad?: number; labels?: Record<string, string> }>()
const bench = useBench()
const typing = ref<{ field: string; x: number; y: number }>()

function edit(field: string, x: number, y: number) {
  typing.value = { field, x, y }
}
</script>

<template>
  <FigureView
    :figure="figure"
    :lit="bench.lit"
    :most-scale="mostScale ?? 60"
    :pad="pad ?? 10"
    @open="bench.openWorking"
    @edit="edit"
    @point="bench.lit = $event"
  >
    <div v-if="typing" class="typing" :style="{ left: `${typing.x}px`, top: `${typing.y}px` }">
      <PlanLength
        :key="typing.field"
        :field="typing.field"
        :label="labels?.[typing.field] ?? 'Length'"
        bare
        autofocus
        @leave="typing = undefined"
      />
    </div>
  </FigureView>
</template>

<style scoped>
.typing {
  position: absolute;
  transform: translate(-50%, -70%);
  width: 8.4rem;
  background: var(--sheet);
  border: 2px solid var(--edge);
  border-radius: 3px;
  padding: 0.25rem;
  z-index: 4;
}
</style>
