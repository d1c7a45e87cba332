<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import type { Figure } from '../api/client'
import { covered, LANE, place, rooms, type Rooms } from './dimensions'
import { textWidth, sizeOf } from './lettering'
import { settle } from './settle'
import DimensionText from './DimensionText.vue'
import WoodDefs from './WoodDefs.vue'

const props = withDefaults(
  defineProps<{
    figure: Figure
    lit?: string
    mostScale?: number
    pad?: number
    quiet?: boolean
  }>(),
  { lit: '', mostScale: 60, pad: 16, quiet: false }
)
const emit = defineEmits<{
  open: [number: string]
  edit: [field: string, x: number, y: number]
  point: [mark: string]
  pick: [mark: string]
}>()

const box = ref<HTMLElement>()
const { width, height } = useElementSize(box)
const id = useId()

function fits(r: Rooms) {
  const byWidth = (width.value - r.left - r.right - 2 * props.pad) / props.figure.width
  const byHeight = (height.value - r.top - r.bottom - 2 * props.pad) / props.figure.height
  return Math.max(0.0001, Math.min(byWidth, byHeight, props.mostScale))
}

/** The room for dimensions depends on the scale, and the scale on the room: looked at twice, the larger room stands. */
const taken = computed(() => {
  const first = rooms(props.figure.dimensions, fits({ top: 0, bottom: 0, left: 0, right: 0 }))
  const second = rooms(props.figure.dimensions, fits(first))
  return {
    top: Math.max(first.top, second.top),
    bottom: Math.max(first.bottom, second.bottom),
    left: Math.max(first.left, second.left),
    right: Math.max(first.right, second.right)
  }
})
const scale = computed(() => fits(taken.value))

const origin = computed(() => {
  const r = taken.value
  const wide = props.figure.width * scale.value + r.left + r.right
  const high = props.figure.height * scale.value + r.top + r.bottom
  return { x: (width.value - wide) / 2 + r.left, y: (height.value - high) / 2 + r.top }
})

const at = computed(() => ({
  x: (mm: number) => origin.value.x + (mm - props.figure.left) * scale.value,
  y: (mm: number) => origin.value.y + (mm - props.figure.top) * scale.value
}))

const bounds = computed(() => ({
  left: at.value.x(props.figure.left),
  top: at.value.y(props.figure.top),
  right: at.value.x(props.figure.left + props.figure.width),
  bottom: at.value.y(props.figure.top + props.figure.height)
}))

/** To a hundredth of a pixel, as text: drawn again at every turn of a box, so it is kept plain. */
const shapes = computed(() => {
  const { x, y } = at.value
  const px = (value: number) => Math.round(value * 100) / 100
  return props.figure.shapes.map((shape, key) => {
    const ticks = shape.role.startsWith('ticks')
    const line = shape.points.length === 4
    let points = ''
    for (let p = 0; p < shape.points.length; p += 2) {
      const before = ticks ? (p % 4 ? 'L' : 'M') : p ? ' ' : ''
      points += `${before}${px(x(shape.points[p] ?? 0))}${ticks ? ' ' : ','}${px(y(shape.points[p + 1] ?? 0))}`
    }
    return {
      key,
      kind: ticks ? 'strokes' : line ? 'line' : 'area',
      points,
      role: `${ticks || line ? 'line' : 'shape'} ${shape.role}`,
      arrow: shape.role === 'arrow',
      fill: `fill: var(--fill-${shape.role}, none)`,
      mark: shape.mark
    }
  })
})

/** The mark of the shape that is pointed at, if it has one. */
const marked = (event: Event) => (event.target as Element).getAttribute('data-mark')
function over(event: Event, as: 'point' | 'pick') {
  const mark = marked(event)
  if (mark && as === 'point') emit('point', mark)
  else if (mark) emit('pick', mark)
}

const picture = computed(() => ({ left: 1, top: 1, right: width.value - 1, bottom: height.value - 1 }))
const placed = computed(() => place(props.figure.dimensions, at.value, bounds.value, picture.value))
/** Words stand off each other, off the dimensions and inside the picture. */
const notes = computed(() => {
  const wanted = props.figure.notes.map((n) => ({
    text: n.text,
    anchor: n.anchor as 'start' | 'middle' | 'end',
    x: at.value.x(n.x),
    y: at.value.y(n.y),
    size: sizeOf(n.role),
    role: n.role
  }))
  const settled = settle(wanted, placed.value.flatMap(covered), picture.value, (words, line) =>
    textWidth(line, (words as (typeof wanted)[number]).role)
  )
  return settled.map((s, key) => ({
    ...s,
    key,
    role: wanted[key]?.role ?? '',
    number: props.figure.notes[key]?.number,
    wanted: wanted[key]
  }))
})

const fills = Object.fromEntries(
  ['end', 'grain', 'grain-up', 'mate-up', 'hatch', 'hatch-panel', 'hatch-lid', 'hatch-glue'].map((name) => [
    `--${name}`,
    `url(#${id}-${name})`
  ])
)

function pressed(d: { number?: string; field?: string }, x: number, y: number) {
  if (d.field?.includes('.')) emit('edit', d.field, x, y)
  else if (d.number) emit('open', d.number)
}

function key(event: KeyboardEvent, d: { number?: string; field?: string }, x: number, y: number) {
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    pressed(d, x, y)
  } else if (event.key === 'w' && d.number) {
    event.preventDefault()
    emit('open', d.number)
  }
}

/** A short slanted tick across a dimension line's end. */
function tick(x: number, y: number) {
  return `M${x - 5} ${y + 5}L${x + 5} ${y - 5}`
}
</script>

<template>
  <div ref="box" class="figure" :class="{ quiet }">
    <svg v-if="width > 0" :width="width" :height="height" :aria-labelledby="`${id}-title`" role="group">
      <title :id="`${id}-title`">{{ figure.title }}</title>
      <WoodDefs :id="id" />
      <g
        :style="fills"
        class="shapes"
        @pointerover="over($event, 'point')"
        @pointerout="marked($event) && emit('point', '')"
        @click="over($event, 'pick')"
      >
        <template v-for="shape in shapes" :key="shape.key">
          <path v-if="shape.kind === 'strokes'" :d="shape.points" :class="shape.role" />
          <polyline
            v-else-if="shape.kind === 'line'"
            :points="shape.points"
            :class="shape.role"
            :marker-end="shape.arrow ? `url(#${id}-arrow)` : undefined"
          />
          <polygon
            v-else
            :points="shape.points"
            :class="lit && shape.mark === lit ? `${shape.role} lit` : shape.role"
            :style="shape.fill"
            :data-mark="shape.mark"
          />
        </template>
      </g>
      <g class="dimensions">
        <g v-for="(d, i) in placed" :key="i" :class="{ lit: lit && d.source.number === lit }">
          <path
            class="extension"
            :d="`M${d.from.x1} ${d.from.y1}L${d.upright ? d.x1 : d.from.x1} ${d.upright ? d.from.y1 : d.y1}M${d.from.x2} ${d.from.y2}L${d.upright ? d.x2 : d.from.x2} ${d.upright ? d.from.y2 : d.y2}`"
          />
          <path class="measure" :d="`M${d.x1} ${d.y1}L${d.x2} ${d.y2}`" />
          <path class="end" :d="tick(d.x1, d.y1) + tick(d.x2, d.y2)" />
          <path
            v-if="d.level > 0"
            class="extension"
            :d="d.upright ? `M${d.x1} ${d.ty}L${d.tx + 3} ${d.ty}` : `M${d.tx} ${d.y1}L${d.tx} ${d.ty + 3}`"
          />
          <g
            :transform="d.upright ? `translate(${d.tx} ${d.ty}) rotate(-90)` : `translate(${d.tx} ${d.ty})`"
            class="text"
            :class="{ decides: d.source.field?.includes('.') }"
            role="button"
            tabindex="0"
            :aria-label="`${d.source.label} ${d.source.text}, ${d.source.field?.includes('.') ? 'change' : 'show working'}`"
            @click="pressed(d.source, d.tx, d.ty)"
            @keydown="key($event, d.source, d.tx, d.ty)"
            @pointerenter="d.source.number && emit('point', d.source.number)"
            @pointerleave="emit('point', '')"
          >
            <rect :x="-d.half" y="-15" :width="2 * d.half" height="20" rx="2" />
            <DimensionText :text="d.source.text" />
          </g>
        </g>
      </g>
      <g class="notes">
        <template v-for="n in notes" :key="n.key">
          <path
            v-if="n.led && n.wanted"
            class="lead"
            :d="`M${n.x} ${n.y - 4}L${n.wanted.x} ${n.wanted.y - 4}`"
          />
          <text
            :text-anchor="n.anchor"
            :class="['note', n.role, { opens: n.number }]"
            :role="n.number ? 'button' : undefined"
            :tabindex="n.number ? 0 : undefined"
            @click="n.number && emit('open', n.number)"
            @keydown="n.number && key($event, { number: n.number }, n.x, n.y)"
          >
            <tspan v-for="(line, k) in n.lines" :key="k" :x="n.x" :y="n.y + k * 16">{{ line }}</tspan>
          </text>
        </template>
      </g>
    </svg>
    <slot :scale="scale" :lane="LANE" />
  </div>
</template>

<style scoped src="./figure-fills.css"></style>
<style scoped src="./figure-roles.css"></style>
