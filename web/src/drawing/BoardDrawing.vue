<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { BoardFigure } from '../api/client'
import { standsClear } from './labels'
import { woodTint } from './tint'
import WoodDefs from './WoodDefs.vue'

/** A board with its figure, its defects, and what is cut from it. Defects are dragged along it, or moved by arrow keys. */
const props = defineProps<{
  board: BoardFigure
  wood: string
  /** pixels for a millimetre */
  scale: number
  /** part of the box that is pointed at: kind and number */
  lit?: string
  movable?: boolean
}>()
const emit = defineEmits<{ move: [flaw: number, by: number]; point: [box: string] }>()
const id = useId()
const dragged = ref<{ at: number; from: number; by: number }>()

const px = (mm: number) => mm * props.scale
const high = computed(() => Math.max(18, px(props.board.width)))
const upright = (mm: number) => (mm / props.board.width) * high.value

/** The figure as lines that run through parts and kerfs alike. */
const figure = computed(() => {
  const w = px(props.board.length)
  const h = high.value
  const lines: string[] = []
  if (props.board.runs === 'CATHEDRAL') {
    for (let i = 0; i < 5; i++) {
      const x = w * (0.25 + 0.13 * i)
      const half = h * (0.46 - 0.07 * i)
      lines.push(`M0 ${h / 2 - half}Q${x} ${h / 2 - half * 0.8} ${x + w * 0.1} ${h / 2}`)
      lines.push(`M0 ${h / 2 + half}Q${x} ${h / 2 + half * 0.8} ${x + w * 0.1} ${h / 2}`)
    }
  } else if (props.board.runs === 'CURLY') {
    for (let x = 6; x < w; x += 13) lines.push(`M${x} 0q4 ${h / 4} 0 ${h / 2}t0 ${h / 2}`)
  } else if (props.board.runs !== 'STRAIGHT') {
    const rise = props.board.runs === 'RISING' ? -1 : 1
    for (let y = -h; y < 2 * h; y += h / 5) lines.push(`M0 ${y}L${w} ${y + rise * h * 0.9}`)
  }
  return lines.join('')
})

function from(flaw: { at: number; x: number }) {
  return px(flaw.x) + (dragged.value?.at === flaw.at ? dragged.value.by : 0)
}

/** What fits: of a spare, whose dashes say what it is, at least its letter. */
function label(area: BoardFigure['areas'][number]) {
  const words = [area.label, ...(area.becomes === 'SPARE' ? [area.label.slice(-1)] : [])]
  if (upright(area.height) < 15) return ''
  return words.find((w) => px(area.width) > w.length * 8 + 4) ?? ''
}

/** Its middle, or beside a defect that lies there. */
function middle(area: BoardFigure['areas'][number]) {
  const taken = props.board.flaws
    .filter((f) => f.y < area.y + area.height && f.y + f.height > area.y)
    .map((f): [number, number] => [from(f) - 2, from(f) + Math.max(5, px(f.width)) + 2])
  return standsClear(px(area.x), px(area.x + area.width), label(area).length * 4.2, taken)
}

/** A jagged line from end to end of a check. */
function jagged(width: number, height: number) {
  const steps = Math.max(3, Math.round(width / 7))
  let path = `M0 ${height / 2}`
  for (let i = 1; i <= steps; i++) path += `L${(width * i) / steps} ${height / 2 + (i % 2 ? -3 : 3)}`
  return path
}

function grab(event: PointerEvent, flaw: { at: number }) {
  if (!props.movable) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  dragged.value = { at: flaw.at, from: event.clientX, by: 0 }
}
function drag(event: PointerEvent) {
  if (dragged.value) dragged.value = { ...dragged.value, by: event.clientX - dragged.value.from }
}
function drop() {
  const was = dragged.value
  dragged.value = undefined
  if (was && Math.abs(was.by) > 2) emit('move', was.at, Math.round(was.by / props.scale))
}
function key(event: KeyboardEvent, flaw: { at: number }) {
  const step = event.shiftKey ? 10 : 1
  if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
    event.preventDefault()
    emit('move', flaw.at, event.key === 'ArrowLeft' ? -step : step)
  }
}
</script>

<template>
  <svg
    class="board-drawing"
    :width="px(board.length) + 2"
    :height="high + 6"
    :style="woodTint(wood)"
    role="group"
    :aria-label="`${board.name}, ${board.size}`"
  >
    <WoodDefs :id="id" />
    <g transform="translate(1 1)">
      <rect class="wood" :width="px(board.length)" :height="high" :fill="`url(#${id}-grain)`" />
      <clipPath :id="`${id}-clip`"><rect :width="px(board.length)" :height="high" /></clipPath>
      <path class="figure-lines" :d="figure" :clip-path="`url(#${id}-clip)`" />
      <template v-for="(a, i) in board.areas" :key="i">
        <rect
          class="area"
          :class="[a.becomes.toLowerCase(), `kind-${a.kind}`, { lit: lit && lit === `${a.kind}.${a.box}` }]"
          :x="px(a.x)"
          :y="upright(a.y)"
          :width="px(a.width)"
          :height="upright(a.height)"
          :style="a.becomes === 'LOST' ? { fill: `url(#${id}-hatch)` } : {}"
          @pointerenter="a.box && emit('point', `${a.kind}.${a.box}`)"
          @pointerleave="emit('point', '')"
        />
        <path
          v-if="a.joined"
          class="runs-on"
          :d="`M${px(a.x) - 7} ${upright(a.y + a.height * 0.34)}q3.5 -5 7 0t7 0M${px(a.x) - 7} ${upright(a.y + a.height * 0.66)}q3.5 -5 7 0t7 0`"
        />
      </template>
      <g
        v-for="f in board.flaws"
        :key="f.at"
        class="flaw"
        :class="[f.kind.toLowerCase(), { hides: f.hides, movable, dragged: dragged?.at === f.at }]"
        :transform="`translate(${from(f)} ${upright(f.y)})`"
        :tabindex="movable ? 0 : undefined"
        :role="movable ? 'button' : 'img'"
        :aria-label="`${f.kind.toLowerCase()} at ${Math.round(f.x)} mm${movable ? ', drag it or use the arrow keys' : ''}`"
        @pointerdown="grab($event, f)"
        @pointermove="drag"
        @pointerup="drop"
        @pointercancel="dragged = undefined"
        @keydown="key($event, f)"
      >
        <rect class="reach" :width="Math.max(5, px(f.width))" :height="upright(f.height)" />
        <ellipse
          v-if="f.kind === 'KNOT'"
          class="mark"
          :cx="Math.max(5, px(f.width)) / 2"
          :cy="upright(f.height) / 2"
          :rx="Math.max(3, px(f.width) * 0.36)"
          :ry="Math.max(3, Math.min(upright(f.height) * 0.3, px(f.width) * 0.5))"
        />
        <path
          v-else-if="f.kind === 'CHECK'"
          class="mark open"
          :d="jagged(Math.max(5, px(f.width)), upright(f.height))"
        />
      </g>
      <template v-for="(a, i) in board.areas" :key="i">
        <text
          v-if="label(a)"
          class="label"
          :class="a.becomes.toLowerCase()"
          :x="middle(a)"
          :y="upright(a.y + a.height / 2) + 6"
        >
          {{ label(a) }}
        </text>
      </template>
      <line class="reference" x1="0" :x2="px(board.length)" :y1="high + 2" :y2="high + 2" />
    </g>
  </svg>
</template>

<style scoped>
.board-drawing {
  display: block;
  overflow: visible;
}
.wood {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.figure-lines {
  fill: none;
  stroke: var(--wood-line);
  stroke-width: 1.1;
}
.area {
  fill: none;
  stroke: var(--ink);
}
.area.part {
  fill: color-mix(in srgb, var(--sheet) 26%, transparent);
  stroke-width: 1.6;
}
.area.kind-1 {
  fill: color-mix(in srgb, var(--edge) 20%, transparent);
}
.area.kind-2 {
  fill: color-mix(in srgb, var(--lid) 24%, transparent);
}
.area.spare {
  fill: color-mix(in srgb, var(--good) 16%, transparent);
  stroke-dasharray: 5 3;
}
.area.offcut {
  stroke: var(--good);
  stroke-width: 1.8;
  stroke-dasharray: 7 4;
}
.area.lost {
  stroke: none;
}
.area.lit {
  stroke: var(--edge);
  stroke-width: 3;
}
.runs-on {
  fill: none;
  stroke: var(--good);
  stroke-width: 2.4;
}
.label {
  font: 600 15px var(--sans);
  text-anchor: middle;
  fill: color-mix(in srgb, var(--ink) 90%, var(--wood));
  paint-order: stroke;
  stroke: color-mix(in srgb, var(--wood) 75%, transparent);
  stroke-width: 3px;
  pointer-events: none;
}
.label.offcut {
  font: 500 13px var(--mono);
}
.flaw .reach {
  fill: color-mix(in srgb, var(--cut) 26%, transparent);
  stroke: var(--cut);
  stroke-width: 1.5;
}
.flaw.hides .reach {
  fill: none;
  stroke-dasharray: 3 3;
}
.flaw .mark {
  fill: color-mix(in srgb, var(--ink) 72%, var(--wood-end));
}
.flaw .mark.open {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}
.flaw.movable {
  cursor: ew-resize;
  touch-action: none;
}
.flaw.dragged .reach,
.flaw.movable:hover .reach {
  stroke-width: 3;
}
.reference {
  stroke: var(--edge);
  stroke-width: 3;
}
</style>
