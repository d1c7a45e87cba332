<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { pieces } from '../drawing/fraction'
import { layOut } from '../drawing/labels'
import WoodDefs from '../drawing/WoodDefs.vue'
import { useBench } from './store'

/** The wall's height laid out along a rule: on screen at every station. */
const bench = useBench()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const id = useId()
const LEFT = 20
const RIGHT = 40
const LANES = 3
const BAR = 34

const stick = computed(() => bench.answer?.stick)
const scale = computed(() =>
  stick.value ? Math.max(0.01, (width.value - LEFT - RIGHT) / stick.value.width) : 1
)
const x = (mm: number) => LEFT + mm * scale.value
/** Labels in lanes above the bar, where they touch neither each other nor another's leader. */
const wanted = computed(() =>
  (stick.value?.marks ?? []).map((m) => ({
    at: (x(m.from) + x(m.to)) / 2,
    wide: m.label.length * 7.9 + 6
  }))
)
const placed = computed(() => layOut(wanted.value, width.value, 5))
const used = computed(() => placed.value.reduce((n, p) => Math.max(n, p.lane + 1), 0))
/** where the bar begins: under its labels */
const top = computed(() => 7 + 15 * Math.max(LANES, used.value))
const labels = computed(() =>
  (stick.value?.marks ?? []).map((m, i) => ({
    ...m,
    at: wanted.value[i]?.at ?? 0,
    from: placed.value[i]?.from ?? 0,
    // few lanes stand close over the bar
    lane: (placed.value[i]?.lane ?? 0) + Math.max(0, LANES - used.value)
  }))
)

const y = (mm: number) => top.value + (mm * BAR) / 10

const shapes = computed(() =>
  (stick.value?.shapes ?? [])
    .filter((s) => !s.role.startsWith('ticks'))
    .map((s, i) => {
      const p = s.points
      const line = p.length === 4
      return {
        key: i,
        role: s.role,
        mark: s.mark,
        line,
        x1: x(p[0] ?? 0),
        x2: x(p[2] ?? 0),
        y1: y(p[1] ?? 0),
        y2: y((line ? p[3] : p[5]) ?? 0)
      }
    })
)

/** The rule's ticks, many lines to a shape. */
const ticks = computed(() =>
  (stick.value?.shapes ?? [])
    .filter((s) => s.role.startsWith('ticks'))
    .map((s) => {
      let d = ''
      for (let i = 0; i + 3 < s.points.length; i += 4) {
        const long = ((s.points[i + 3] ?? 0) - (s.points[i + 1] ?? 0)) * 3.2
        d += `M${x(s.points[i] ?? 0).toFixed(2)} ${top.value + BAR + 3}v${long.toFixed(2)}`
      }
      return { role: s.role, d }
    })
)

const scaleNotes = computed(() => {
  let last = -100
  return (stick.value?.notes ?? []).filter((n) => {
    const at = x(n.x)
    if (at - last < 30) return false
    last = at
    return true
  })
})

function lights(mark: { id: string; number?: string | undefined }) {
  return bench.lit !== '' && (bench.lit === mark.id || bench.lit === mark.number)
}
</script>

<template>
  <section class="stick" aria-label="The stick">
    <div class="name">
      <h2>The stick</h2>
      <p>wall height from the reference edge</p>
      <a :href="`/api/boxes/${bench.id}/stick.svg`" download @click="bench.keep()">Print at 1:1</a>
    </div>
    <div ref="box" class="bar">
      <svg
        v-if="stick && width > 0"
        :width="width"
        :height="86 + top"
        role="group"
        aria-label="Wall height along a rule"
      >
        <WoodDefs :id="id" />
        <template v-for="s in shapes" :key="s.key">
          <line v-if="s.line" :class="s.role" :x1="s.x1" :x2="s.x2" :y1="s.y1" :y2="s.y2" />
          <rect
            v-else
            :class="[s.role, { lit: s.mark && bench.lit === s.mark }]"
            :x="Math.min(s.x1, s.x2)"
            :y="Math.min(s.y1, s.y2)"
            :width="Math.abs(s.x2 - s.x1)"
            :height="Math.abs(s.y2 - s.y1)"
            :style="{
              fill:
                s.role === 'finger'
                  ? `url(#${id}-grain)`
                  : s.role === 'slot-of-mate'
                    ? `url(#${id}-end)`
                    : s.role === 'waste' || s.role === 'saw-line'
                      ? `url(#${id}-hatch)`
                      : s.role === 'lid-groove'
                        ? `url(#${id}-hatch-lid)`
                        : `url(#${id}-hatch-panel)`
            }"
          />
        </template>
        <path v-for="t in ticks" :key="t.role" :class="t.role" :d="t.d" />
        <text
          v-for="n in scaleNotes"
          :key="n.x"
          class="scale"
          text-anchor="middle"
          :x="x(n.x)"
          :y="top + BAR + 30"
        >
          {{ n.text }}
        </text>
        <path
          v-for="m in labels"
          :key="`to ${m.id}`"
          :class="['leader', m.role]"
          :d="`M${m.at} ${14 + m.lane * 15}V${top - 4}`"
        />
        <g
          v-for="m in labels"
          :key="m.id"
          :class="['mark', m.role, { lit: lights(m) }]"
          role="button"
          tabindex="0"
          :aria-label="m.label"
          @pointerenter="bench.lit = m.number ?? m.id"
          @pointerleave="bench.lit = ''"
          @click="m.number && bench.openWorking(m.number)"
          @keydown.enter="m.number && bench.openWorking(m.number)"
          @keydown.w="m.number && bench.openWorking(m.number)"
        >
          <text :x="m.from" :y="11 + m.lane * 15">
            <tspan v-for="(piece, k) in pieces(m.label)" :key="k" :class="piece.kind">{{ piece.text }}</tspan>
          </text>
        </g>
      </svg>
    </div>
  </section>
</template>

<style scoped>
.stick {
  display: grid;
  grid-template-columns: 9.4rem minmax(0, 1fr);
  background: var(--sheet);
  border-top: 2px solid var(--ink);
  height: 148px;
}
.name {
  padding: 0.6rem 0.9rem;
}
.name h2 {
  font-size: 1.05rem;
}
.name p {
  margin: 0.2rem 0 0.5rem;
  color: var(--quiet);
  font-size: 0.85rem;
  line-height: 1.25;
}
.name a {
  font-weight: 700;
  font-size: 0.9rem;
}
.bar {
  min-width: 0;
  padding-top: 6px;
}
svg {
  display: block;
  overflow: visible;
}
rect {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.waste {
  stroke: var(--cut);
}
.bottom-groove {
  stroke: var(--panel);
  stroke-width: 1.6;
}
.lid-groove {
  stroke: var(--lid);
  stroke-width: 1.6;
}
rect.lit {
  stroke: var(--edge);
  stroke-width: 3;
}
.ticks,
.ticks-whole {
  stroke: var(--quiet);
  stroke-width: 1;
}
.ticks-whole {
  stroke: var(--ink);
}
.reference-edge {
  stroke: var(--edge);
  stroke-width: 6;
}
line.lid-line {
  stroke: var(--lid);
  stroke-width: 2;
}
line.closing {
  stroke: var(--good);
  stroke-width: 2;
}
.scale {
  font: 400 13px var(--mono);
  fill: var(--ink);
}
.mark {
  cursor: pointer;
}
.mark text {
  font: 600 13px var(--mono);
  fill: var(--ink);
  word-spacing: -2px;
}
.over {
  baseline-shift: 28%;
  font-size: 10px;
}
.under {
  font-size: 10px;
}
.leader {
  stroke: currentColor;
  stroke-width: 1;
}
.mark.bottom-groove,
.leader.bottom-groove {
  color: var(--panel);
  stroke-width: 1;
}
.mark.bottom-groove text {
  fill: var(--panel);
}
.mark.lid-groove,
.mark.lid-line,
.leader.lid-groove,
.leader.lid-line {
  color: var(--lid);
}
.mark.lid-groove text,
.mark.lid-line text {
  fill: var(--lid);
}
rect.saw-line {
  stroke: var(--cut);
}
.mark.saw-line,
.leader.saw-line {
  color: var(--cut);
}
.mark.saw-line text {
  fill: var(--cut);
}
.mark.closing,
.leader.closing {
  color: var(--good);
}
.mark.closing text {
  fill: var(--good);
}
.mark.rip,
.leader.rip {
  color: var(--cut);
}
.mark.rip text {
  fill: var(--cut);
}
.mark text {
  stroke: var(--sheet);
  stroke-width: 4;
  paint-order: stroke;
}
.mark.lit text,
.mark:hover text {
  text-decoration: underline;
}
@media (max-width: 900px) {
  .stick {
    grid-template-columns: 1fr;
    height: auto;
  }
  .name {
    display: flex;
    gap: 1rem;
    align-items: baseline;
    padding-bottom: 0;
  }
  .name p {
    margin: 0;
  }
}
</style>
