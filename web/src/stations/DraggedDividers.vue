<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { Figure } from '../api/client'
import { useBench } from '../bench/store'
import EditableFigure from '../drawing/EditableFigure.vue'

/** The box from above; a divider is taken hold of and moved, and falls into the middle or an equal share where it comes near. */
const props = defineProps<{ figure: Figure }>()
const emit = defineEmits<{ chosen: [index: number] }>()
const bench = useBench()
const place = useTemplateRef<HTMLElement>('place')
/** how near, on screen, a place must be to be fallen into */
const NEAR = 7
const held = ref<{ index: number; across: boolean; from: number; at: number; scale: number }>()
const snaps = computed(() => ({
  across: props.figure.marks.filter((m) => m.id === 'snap-across').map((m) => m.from),
  along: props.figure.marks.filter((m) => m.id === 'snap-along').map((m) => m.from)
}))

function begin(event: PointerEvent) {
  const index = Number(/^fittings\.(\d+)$/.exec(bench.lit)?.[1] ?? NaN)
  const fitting = bench.plan?.fittings?.[index]
  if (!fitting) return
  emit('chosen', index)
  if (fitting.kind !== 'DIVIDER') return
  // pixels to a millimetre, from the drawing as it lies on screen
  const drawn = place.value?.querySelector('.shapes')?.getBoundingClientRect()
  if (!drawn?.width) return
  event.preventDefault()
  const across = fitting.run === 'ACROSS'
  held.value = {
    index,
    across,
    from: across ? event.clientX : event.clientY,
    at: fitting.at,
    scale: drawn.width / props.figure.width
  }
}
useEventListener('pointermove', (event: PointerEvent) => {
  const h = held.value
  if (!h) return
  const moved = ((h.across ? event.clientX : event.clientY) - h.from) / h.scale
  let to = Math.max(0, h.at + moved)
  const near = (h.across ? snaps.value.across : snaps.value.along)
    .map((snap) => ({ snap, off: Math.abs(snap - to) * h.scale }))
    .sort((a, b) => a.off - b.off)[0]
  to = near && near.off < NEAR ? near.snap : Math.round(to * 2) / 2
  void bench.set(`fittings.${h.index}.at`, Math.round(to * 1000) / 1000, `drag ${h.index}`)
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
.dragged :deep(.divider-collides) {
  cursor: grab;
}
.dragged.held {
  cursor: grabbing;
}
</style>
