<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { CalendarView } from '../api/client'
import { useBench } from '../bench/store'
import FigureView from '../drawing/FigureView.vue'
import { momentAt, said } from './lane'

/** The lane; a block is taken hold of and put elsewhere, the flag at the end is put on another day. */
const props = defineProps<{ calendar: CalendarView }>()
const emit = defineEmits<{ moved: [step: string, to: string]; ready: [day: string] }>()
const bench = useBench()
const place = useTemplateRef<HTMLElement>('place')
const held = ref<{ what: string; grabbed: number; x: number }>()
const figure = computed(() => props.calendar.figure)

/** The pointer’s place in the figure’s units. */
function inFigure(clientX: number): number | undefined {
  // the ground is drawn from the first moment to the last, and tells the scale
  const times = figure.value.marks.filter((m) => m.id === 'time')
  const ground = place.value?.querySelectorAll('.lane-open, .lane-closed')
  const first = ground?.[0]?.getBoundingClientRect()
  const last = ground?.[ground.length - 1]?.getBoundingClientRect()
  const end = times[times.length - 1]
  const begin = times[0]
  if (!first || !last || !begin || !end || end.to <= begin.from) return undefined
  const scale = (last.right - first.left) / (end.to - begin.from)
  return begin.from + (clientX - first.left) / scale
}
const movable = (id: string) => props.calendar.steps.some((s) => s.id === id && !s.done && s.takes)

function begin(event: PointerEvent) {
  const lit = bench.lit
  const step = lit.startsWith('step.') ? lit.slice(5) : ''
  if (lit !== 'ready' && !movable(step)) return
  const block = (event.target as Element).getBoundingClientRect()
  event.preventDefault()
  held.value = {
    what: lit,
    grabbed: lit === 'ready' ? 0 : event.clientX - block.left,
    x: event.clientX
  }
}
useEventListener('pointermove', (event: PointerEvent) => {
  if (held.value) held.value = { ...held.value, x: event.clientX }
})
const to = computed(() => {
  const h = held.value
  if (!h) return undefined
  const x = inFigure(h.x - h.grabbed)
  return x === undefined ? undefined : momentAt(figure.value.marks, x)
})
useEventListener('pointerup', () => {
  const h = held.value
  const moment = to.value
  held.value = undefined
  if (!h || !moment) return
  if (h.what === 'ready') emit('ready', moment.slice(0, 10))
  else emit('moved', h.what.slice(5), moment)
})
useEventListener('pointercancel', () => (held.value = undefined))
const left = computed(() => {
  const h = held.value
  const box = place.value?.getBoundingClientRect()
  return h && box ? h.x - h.grabbed - box.left : 0
})
</script>

<template>
  <div class="long">
    <div
      ref="place"
      class="lane"
      :class="{ held }"
      :style="{ aspectRatio: `${figure.width} / ${figure.height}` }"
      @pointerdown="begin"
    >
      <FigureView :figure="figure" :lit="bench.lit" :most-scale="1.6" :pad="4" @point="bench.lit = $event" />
      <div v-if="held && to" class="ghost" :style="{ left: `${left}px` }" role="status">
        <span>{{ held.what === 'ready' ? said(to).replace(/ \d+:\d+$/, '') : said(to) }}</span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.lane {
  position: relative;
  flex: none;
  width: 100%;
  /* days that are narrower than a word cannot be read: where the window is narrow, the lane is pushed along */
  min-width: 640px;
}
.long {
  display: flex;
  flex: none;
  overflow: auto hidden;
}
.lane :deep(.lane-hands),
.lane :deep(.lane-moved),
.lane :deep(.lane-flag) {
  touch-action: none;
}
.lane :deep(.lane-hands),
.lane :deep(.lane-moved),
.lane :deep(.lane-flag) {
  cursor: grab;
}
.lane.held {
  cursor: grabbing;
}
.ghost {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px dashed var(--ink);
  pointer-events: none;
}
.ghost span {
  display: inline-block;
  background: var(--ink);
  color: var(--sheet);
  font-weight: 700;
  padding: 0.15rem 0.5rem;
  white-space: nowrap;
}
</style>
