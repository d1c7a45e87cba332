<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import type { Figure } from '../api/client'
import { useBench } from '../bench/store'
import EditableFigure from '../drawing/EditableFigure.vue'
import { pulls, type Pull } from './pulls'

/** Fittings in a drawing; one is taken hold of and moved, and falls into the middle, a finger or an equal share where it comes near. */
const props = defineProps<{ figure: Figure; view: 'above' | 'inside' }>()
const emit = defineEmits<{ chosen: [index: number] }>()
const bench = useBench()
const place = useTemplateRef<HTMLElement>('place')
/** how near, on screen, a place must be to be fallen into */
const NEAR = 7
const held = ref<{ index: number; pull: Pull; from: number; at: number; scale: number }>()

function begin(event: PointerEvent) {
  const index = Number(/^fittings\.(\d+)$/.exec(bench.lit)?.[1] ?? NaN)
  const fitting = bench.plan?.fittings?.[index]
  if (!fitting) return
  emit('chosen', index)
  // pixels to a millimetre, from the drawing as it lies on screen
  const drawn = place.value?.querySelector('.shapes')?.getBoundingClientRect()
  const right = !!drawn && event.clientX > (drawn.left + drawn.right) / 2
  const pull = pulls(fitting, index, props.view, right)
  if (!pull || !drawn?.width) return
  event.preventDefault()
  held.value = {
    index,
    pull,
    from: pull.axis === 'x' ? event.clientX : event.clientY,
    at: pull.at,
    scale: drawn.width / props.figure.width
  }
}
useEventListener('pointermove', (event: PointerEvent) => {
  const h = held.value
  if (!h) return
  const moved = (h.pull.sign * ((h.pull.axis === 'x' ? event.clientX : event.clientY) - h.from)) / h.scale
  let to = Math.max(0, h.at + moved)
  const near = props.figure.marks
    .filter((m) => m.id === h.pull.snaps)
    .map((m) => ({ snap: m.from, off: Math.abs(m.from - to) * h.scale }))
    .sort((a, b) => a.off - b.off)[0]
  to = near && near.off < NEAR ? near.snap : Math.round(to * 2) / 2
  void bench.set(
    `fittings.${h.index}.${h.pull.field}`,
    Math.round(to * 1000) / 1000,
    `drag ${h.index} ${h.pull.field}`
  )
})
useEventListener('pointerup', () => {
  if (held.value) bench.settle()
  held.value = undefined
})
</script>

<template>
  <div ref="place" class="dragged" :class="{ held }" @pointerdown="begin">
    <EditableFigure :figure="figure" />
  </div>
</template>

<style scoped>
.dragged {
  position: relative;
  min-height: 0;
  touch-action: none;
}
.dragged :deep(.divider),
.dragged :deep(.tray),
.dragged :deep(.peg),
.dragged :deep(.divider-collides) {
  cursor: grab;
}
.dragged.held {
  cursor: grabbing;
}
</style>
