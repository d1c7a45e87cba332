<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { useBench } from '../bench/store'
import WoodDefs from './WoodDefs.vue'

/** Unequal sections as they stand; the boundary between two is dragged, what one gains the other gives. */
const bench = useBench()
const id = useId()
const el = ref<HTMLElement>()
const { width } = useElementSize(el)
const widths = computed(() => bench.plan?.fingers.widths ?? [])
const sum = computed(() => widths.value.reduce((a, b) => a + b, 0))
const scale = computed(() => Math.max(0.01, (width.value - 24) / Math.max(1, sum.value)))
const sections = computed(() => {
  let at = 0
  return widths.value.map((w, i) => {
    const from = at
    at += w
    return {
      i,
      x: 10 + from * scale.value,
      w: w * scale.value,
      finger: i % 2 === 0,
      text: bench.answer?.fields[`fingers.widths.${i}`] ?? ''
    }
  })
})
const LEAST = 0.5
let from = 0
let dragged = -1

function shift(boundary: number, by: number, merge: string) {
  const left = widths.value[boundary] ?? 0
  const right = widths.value[boundary + 1] ?? 0
  const step = Math.round(Math.min(Math.max(by, LEAST - left), right - LEAST) * 100) / 100
  if (!step) return
  void bench.decide((plan) => {
    const list = plan.fingers.widths
    if (!list) return
    list[boundary] = Math.round((left + step) * 1e6) / 1e6
    list[boundary + 1] = Math.round((right - step) * 1e6) / 1e6
  }, merge)
}
function down(event: PointerEvent, boundary: number) {
  dragged = boundary
  from = event.clientX
  ;(event.target as Element).setPointerCapture(event.pointerId)
}
function move(event: PointerEvent) {
  if (dragged < 0) return
  const by = (event.clientX - from) / scale.value
  if (Math.abs(by) < 0.05) return
  from = event.clientX
  shift(dragged, by, 'drag sections')
}
function up() {
  if (dragged >= 0) bench.settle()
  dragged = -1
}
function key(event: KeyboardEvent, boundary: number) {
  const by =
    (event.shiftKey ? 1 : 0.1) * (event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0)
  if (!by) return
  event.preventDefault()
  shift(boundary, by, 'step sections')
}
</script>

<template>
  <div ref="el" class="bar">
    <svg v-if="width > 0" :width="width" height="96" role="group" aria-label="Your sections; drag a boundary">
      <WoodDefs :id="id" />
      <g v-for="s in sections" :key="s.i">
        <rect
          :x="s.x"
          y="20"
          :width="s.w"
          height="46"
          :fill="`url(#${id}-${s.finger ? 'grain' : 'end'})`"
          class="section"
        />
        <text v-if="s.w > 30" :x="s.x + s.w / 2" y="84" text-anchor="middle">{{ s.text }}</text>
      </g>
      <path d="M10 10V76" class="edge" />
      <rect
        v-for="s in sections.slice(0, -1)"
        :key="s.i"
        :x="s.x + s.w - 6"
        y="12"
        width="12"
        height="62"
        class="handle"
        role="slider"
        tabindex="0"
        :aria-label="`Boundary ${s.i + 1}`"
        :aria-valuenow="widths[s.i]"
        @pointerdown="down($event, s.i)"
        @pointermove="move"
        @pointerup="up"
        @keydown="key($event, s.i)"
        @blur="bench.settle()"
      />
    </svg>
  </div>
</template>

<style scoped>
.bar {
  height: 96px;
  background: var(--paper);
}
.section {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.edge {
  stroke: var(--edge);
  stroke-width: 5;
}
.handle {
  fill: color-mix(in srgb, var(--edge) 18%, transparent);
  stroke: none;
  cursor: ew-resize;
}
.handle:hover,
.handle:focus-visible {
  fill: color-mix(in srgb, var(--edge) 55%, transparent);
}
text {
  font: 500 12px var(--mono);
  fill: var(--ink);
}
</style>
