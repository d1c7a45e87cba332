<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import type { RunView } from '../api/client'
import WoodDefs from './WoodDefs.vue'

/** The stick of the end that is being cut: which slot, and which stretch of it now. */
const props = defineProps<{ run: RunView }>()
const id = useId()
const el = ref<HTMLElement>()
const { width } = useElementSize(el)
const scale = computed(() => Math.max(0.01, (width.value - 20) / props.run.height))
const x = (mm: number) => 8 + Math.min(Math.max(mm, 0), props.run.height) * scale.value
/** what is told of the stop has a line of its own over the stick */
const top = computed(() => (props.run.stop ? 16 : 0))
const slots = computed(() => {
  const out = []
  for (let i = 0; i + 1 < props.run.slots.length; i += 2) {
    const from = props.run.slots[i] ?? 0
    const to = props.run.slots[i + 1] ?? 0
    out.push({
      i,
      x: x(from),
      w: Math.max(0, x(to) - x(from)),
      gone: to <= (props.run.now?.fromMm ?? 0) + 1e-6
    })
  }
  return out
})
const now = computed(() => ({
  x: x(props.run.now?.fromMm ?? 0),
  w: Math.max(2, x(props.run.now?.toMm ?? 0) - x(props.run.now?.fromMm ?? 0))
}))
</script>

<template>
  <div ref="el" class="stick" :style="{ height: `${58 + top}px` }">
    <svg
      v-if="width > 0"
      :width="width"
      :height="58 + top"
      role="img"
      :aria-label="`The stick: ${run.now?.title}`"
    >
      <WoodDefs :id="id" />
      <g :transform="`translate(0 ${top})`">
        <rect x="8" y="16" :width="run.height * scale" height="30" :fill="`url(#${id}-grain)`" class="wall" />
        <rect
          v-for="s in slots"
          :key="s.i"
          :x="s.x"
          y="16"
          :width="s.w"
          height="30"
          :fill="s.gone ? 'var(--ground)' : `url(#${id}-hatch)`"
          class="slot"
          :class="{ gone: s.gone }"
        />
        <rect :x="now.x" y="10" :width="now.w" height="42" class="now" />
        <path :d="`M${now.x + now.w / 2 - 8} 0h16l-8 9z`" class="pointer" />
        <path d="M8 8V54" class="edge" />
        <template v-if="run.stop">
          <rect
            :x="x(run.stop)"
            y="16"
            :width="Math.max(0, x(run.height) - x(run.stop))"
            height="30"
            class="above"
          />
          <path :d="`M${x(run.stop)} ${-top}V56`" class="stop" />
          <text
            :x="x(run.stop) + (x(run.stop) * 2 > width ? -8 : 8)"
            :y="12 - top"
            :text-anchor="x(run.stop) * 2 > width ? 'end' : 'start'"
            class="stop-text"
          >
            nothing above {{ run.stopText }}
          </text>
        </template>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.stick {
  min-height: 58px;
  position: relative;
}
.wall,
.slot {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.slot {
  stroke: var(--cut);
}
.slot.gone {
  stroke: var(--ink);
}
.now {
  fill: var(--cut);
  stroke: var(--cut);
}
.pointer {
  fill: var(--cut);
}
.above {
  fill: var(--ground);
  fill-opacity: 0.55;
}
.stop {
  stroke: var(--cut);
  stroke-width: 4;
}
.stop-text {
  fill: var(--cut);
  font-size: 15px;
  font-weight: 700;
}
.edge {
  stroke: var(--edge);
  stroke-width: 6;
}
</style>
