<script setup lang="ts">
import type { BreakdownAnswer } from '../api/client'

/** Each box from above: where the figure runs round a corner the wall is one line, elsewhere it breaks. */
defineProps<{ boxes: BreakdownAnswer['corners']; kinds: string[]; lit: string }>()
const emit = defineEmits<{ point: [box: string] }>()
type Box = BreakdownAnswer['corners'][number]

/** From A at the front round by B, C, D; a corner that does not match leaves a gap. */
function walls(b: Box) {
  const gap = 4
  const side = (x1: number, y1: number, x2: number, y2: number, start: boolean, end: boolean) => {
    const dx = Math.sign(x2 - x1) * gap
    const dy = Math.sign(y2 - y1) * gap
    return `M${x1 + (start ? 0 : dx)} ${y1 + (start ? 0 : dy)}L${x2 - (end ? 0 : dx)} ${y2 - (end ? 0 : dy)}`
  }
  return (
    side(4, 24, 34, 24, b.da, b.ab) +
    side(34, 24, 34, 4, b.ab, b.bc) +
    side(34, 4, 4, 4, b.bc, b.cd) +
    side(4, 4, 4, 24, b.cd, b.da)
  )
}
function matched(b: Box) {
  return [b.ab, b.bc, b.cd, b.da].filter(Boolean).length
}
</script>

<template>
  <div v-for="(kind, k) in kinds" :key="k" class="kind">
    <span v-if="kinds.length > 1" class="kind-name">{{ kind }}</span>
    <ul class="corners" :aria-label="`Corners that match, ${kind}`">
      <li
        v-for="b in boxes.filter((box) => box.wanted === k)"
        :key="b.box"
        :class="{ lit: lit === `${b.wanted}.${b.box}` }"
        @pointerenter="emit('point', `${b.wanted}.${b.box}`)"
        @pointerleave="emit('point', '')"
      >
        <svg width="38" height="28" role="img" :aria-label="`${kind} ${b.box}: ${matched(b)} corners match`">
          <path :d="walls(b)" :class="`kind-${b.wanted}`" />
          <text x="19" y="19">{{ b.box }}</text>
        </svg>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.kind-name {
  font-size: 0.9rem;
  font-weight: 600;
}
.corners {
  display: flex;
  flex-wrap: wrap;
  gap: 0.15rem 0.3rem;
  list-style: none;
  margin: 0.2rem 0;
  padding: 0;
}
li {
  padding: 1px;
}
li.lit {
  outline: 2px solid var(--edge);
}
path {
  fill: none;
  stroke: var(--good);
  stroke-width: 3.4;
  stroke-linecap: butt;
}
.kind-1 {
  stroke: var(--edge);
}
.kind-2 {
  stroke: var(--lid);
}
text {
  font: 500 13px var(--mono);
  text-anchor: middle;
  fill: var(--ink);
}
</style>
