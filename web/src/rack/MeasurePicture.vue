<script setup lang="ts">
import { computed } from 'vue'
import type { MachineMeasure } from '../api/client'

/** How a measure of a machine is taken: what is measured, and from where to where. */
const props = defineProps<{ measure: MachineMeasure }>()
interface Sketch {
  /** x, y, width, height */
  wood?: number[][]
  metal?: number[][]
  /** middle x, y, radius */
  round?: number[][]
  /** from and to */
  arrow: [number, number, number, number]
}
const table = [
  [0, 16, 22, 20],
  [38, 16, 22, 20],
  [22, 26, 16, 10]
]
/** every measure has its own; the compiler says which is missing */
const sketches: Record<MachineMeasure, Sketch> = {
  SLOT_WIDTH: { metal: table, arrow: [22, 11, 38, 11] },
  SLOT_DEPTH: { metal: table, arrow: [44, 16, 44, 26] },
  SLOT_TO_BLADE: {
    metal: [
      [0, 16, 8, 20],
      [18, 16, 42, 20],
      [8, 24, 10, 12],
      [44, 2, 2, 34]
    ],
    arrow: [13, 10, 44, 10]
  },
  BLADE_RADIUS: { round: [[30, 20, 17]], arrow: [30, 20, 47, 20] },
  GREATEST_HEIGHT: { round: [[28, 28, 20]], metal: [[0, 28, 60, 14]], arrow: [53, 8, 53, 28] },
  ARBOR: {
    metal: [
      [4, 18, 52, 4],
      [14, 6, 4, 28],
      [42, 6, 4, 28],
      [20, 2, 3, 36],
      [26, 2, 3, 36],
      [32, 2, 3, 36]
    ],
    arrow: [18, 5, 42, 5]
  },
  THROAT: {
    wood: [[4, 10, 52, 20]],
    metal: [[12, 17, 36, 6]],
    arrow: [30, 17, 30, 23]
  },
  COLLET: {
    round: [
      [30, 20, 14],
      [30, 20, 6]
    ],
    arrow: [24, 20, 36, 20]
  },
  HOLE_CIRCLE: {
    round: [
      [30, 20, 17],
      [30, 5, 2],
      [30, 35, 2],
      [15, 20, 2],
      [45, 20, 2]
    ],
    arrow: [15, 20, 45, 20]
  },
  PLATE_SCREW: {
    metal: [
      [20, 4, 20, 5],
      [26, 9, 8, 24]
    ],
    arrow: [26, 37, 34, 37]
  },
  OPENING: { metal: [[6, 2, 48, 36]], round: [[30, 20, 11]], arrow: [19, 20, 41, 20] },
  UNDER_GUIDE: {
    metal: [
      [4, 32, 52, 6],
      [24, 2, 12, 8],
      [29, 2, 2, 36]
    ],
    arrow: [44, 10, 44, 32]
  },
  BAND_THROAT: {
    metal: [
      [2, 2, 8, 36],
      [44, 2, 2, 36],
      [2, 2, 50, 5]
    ],
    arrow: [10, 24, 44, 24]
  },
  BAND_KERF: {
    wood: [
      [6, 8, 22, 24],
      [32, 8, 22, 24]
    ],
    arrow: [28, 5, 32, 5]
  },
  PRESS_OPENING: {
    metal: [
      [24, 2, 12, 10],
      [8, 33, 44, 5],
      [50, 2, 4, 32]
    ],
    arrow: [30, 12, 30, 33]
  },
  VICE_OPENING: {
    wood: [
      [6, 8, 10, 24],
      [44, 8, 10, 24]
    ],
    metal: [[2, 22, 56, 4]],
    arrow: [16, 12, 44, 12]
  }
}
const sketch = computed(() => sketches[props.measure])
const level = computed(() => sketch.value.arrow[1] === sketch.value.arrow[3])
</script>

<template>
  <svg class="measure" viewBox="-1 -1 62 42" aria-hidden="true">
    <rect
      v-for="(r, i) in sketch.wood"
      :key="`w${i}`"
      class="wood"
      :x="r[0]"
      :y="r[1]"
      :width="r[2]"
      :height="r[3]"
    />
    <circle v-for="(c, i) in sketch.round" :key="`c${i}`" class="metal" :cx="c[0]" :cy="c[1]" :r="c[2]" />
    <rect
      v-for="(r, i) in sketch.metal"
      :key="`m${i}`"
      class="metal"
      :x="r[0]"
      :y="r[1]"
      :width="r[2]"
      :height="r[3]"
    />
    <line
      class="arrow"
      :x1="sketch.arrow[0]"
      :y1="sketch.arrow[1]"
      :x2="sketch.arrow[2]"
      :y2="sketch.arrow[3]"
    />
    <line
      v-for="end in [0, 2] as const"
      :key="end"
      class="arrow"
      :x1="sketch.arrow[end] - (level ? 0 : 3)"
      :x2="sketch.arrow[end] + (level ? 0 : 3)"
      :y1="sketch.arrow[end + 1]! - (level ? 3 : 0)"
      :y2="sketch.arrow[end + 1]! + (level ? 3 : 0)"
    />
  </svg>
</template>

<style scoped>
.measure {
  width: 4.6rem;
  height: 3.1rem;
}
.wood {
  fill: color-mix(in srgb, var(--mind) 22%, var(--sheet));
  stroke: var(--ink);
  stroke-width: 0.8;
}
.metal {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.arrow {
  stroke: var(--edge);
  stroke-width: 1.8;
}
</style>
