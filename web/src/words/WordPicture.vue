<script setup lang="ts">
import { useId } from 'vue'
import WoodDefs from '../drawing/WoodDefs.vue'
import type { Stroke } from './glossary'

/** The picture of a trade word. */
defineProps<{ picture: Stroke[] }>()
const id = useId()
const fills: Record<string, string> = {
  wood: `url(#${id}-grain)`,
  end: `url(#${id}-end)`,
  cut: `url(#${id}-hatch)`,
  panel: `url(#${id}-hatch-panel)`,
  lid: `url(#${id}-hatch-lid)`
}
const lines = ['edge', 'line', 'mark', 'knife']
const isLine = (s: Stroke) => lines.includes(s[0])
</script>

<template>
  <svg viewBox="0 0 140 72" width="210" height="108" aria-hidden="true">
    <WoodDefs :id="id" />
    <template v-for="(s, i) in picture" :key="i">
      <text v-if="s[0] === 'says'" :x="s[1]" :y="s[2]">{{ s[3] }}</text>
      <line v-else-if="isLine(s)" :class="s[0]" :x1="s[1]" :y1="s[2]" :x2="s[3]" :y2="s[4]" />
      <rect
        v-else
        :class="s[0]"
        :x="s[1]"
        :y="s[2]"
        :width="s[3]"
        :height="s[4]"
        :style="fills[s[0]] ? { fill: fills[s[0]] } : {}"
      />
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  background: var(--ground);
}
rect {
  stroke: var(--ink);
  stroke-width: 0.8;
}
.cut {
  stroke: var(--cut);
}
.key {
  fill: var(--key);
}
.iron {
  fill: color-mix(in srgb, var(--cut) 32%, var(--sheet));
  stroke: var(--cut);
}
.gap {
  fill: var(--sheet);
}
line {
  stroke: var(--ink);
  stroke-width: 0.8;
}
.edge {
  stroke: var(--edge);
  stroke-width: 3;
}
.line {
  stroke: var(--good);
  stroke-width: 1.6;
}
text {
  font: 600 9px var(--sans);
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 2px;
}
</style>
