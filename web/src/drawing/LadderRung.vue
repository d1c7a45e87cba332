<script setup lang="ts">
import { useElementSize, useIntersectionObserver } from '@vueuse/core'
import { computed, ref, shallowRef, useId } from 'vue'
import type { JigOnRung, LadderFigure, RungView } from '../api/client'
import { useBench } from '../bench/store'
import NumText from './NumText.vue'
import WoodDefs from './WoodDefs.vue'

/** One rung: the wall's edge at the ladder's scale, the mate's fingers in its slots, passes ticked, waste hatched. */
const props = defineProps<{
  rung: RungView
  most: number
  chosen: boolean
  recommended: boolean
  withCutter?: boolean
  /** jigs of the shop that cut it with nothing built */
  jigs?: JigOnRung[]
  /** the one rung the tab key stops at */
  stop?: boolean
}>()
const bench = useBench()
const emit = defineEmits<{ choose: []; open: [number: string] }>()
const id = useId()
/** far from the rung that stands only its numbers come; it is drawn when it is looked at */
const asked = shallowRef<LadderFigure>()
const figure = computed(() => props.rung.figure ?? asked.value)
const seen = ref<HTMLElement>()
useIntersectionObserver(seen, ([entry]) => {
  if (entry?.isIntersecting && !figure.value) void bench.rung(props.rung.name).then((f) => (asked.value = f))
})
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const scale = computed(() => Math.max(0.001, (width.value - 12) / props.most))
const bar = computed(() => (props.chosen ? 46 : 27))
const TOP = 9
const x = (mm: number) => 4 + mm * scale.value

/** All slots in one path: a ladder may have thousands. */
const slots = computed(() => {
  const s = figure.value?.slots ?? []
  let d = ''
  for (let i = 0; i < s.length; i += 2) {
    d += `M${x(s[i] ?? 0).toFixed(2)} ${TOP}H${x(s[i + 1] ?? 0).toFixed(2)}V${TOP + bar.value}H${x(s[i] ?? 0).toFixed(2)}Z`
  }
  return d
})

/** Passes, ticked above every slot where there is room to tell them apart. */
const ticks = computed(() => {
  const s = figure.value?.slots ?? []
  const first = s[0] ?? 0
  const end = figure.value?.passes ?? []
  const last = end[end.length - 1] ?? 0
  const kerf = (s[1] ?? 0) - last
  let d = ''
  for (let i = 0; i < s.length; i += 2) {
    end.forEach((at, pass) => {
      const from = (s[i] ?? 0) + at - first
      d += `M${x(from).toFixed(2)} ${TOP - 3 - (pass % 2) * 3}H${x(from + kerf).toFixed(2)}`
    })
  }
  return d
})

const number = (name: string) => `${props.rung.name}.${name}`
const says = computed(() =>
  props.rung.feasible
    ? `${props.rung.aSlot}, ${props.rung.inAll}, closes at ${props.rung.closing}${props.rung.closesLower ? `, ${props.rung.ripOff} to rip off` : ''}`
    : props.rung.why
)
function key(event: KeyboardEvent) {
  if (event.key === 'w') emit('open', number('slot'))
  const by = ['ArrowDown', 'ArrowRight'].includes(event.key)
    ? 1
    : ['ArrowUp', 'ArrowLeft'].includes(event.key)
      ? -1
      : 0
  if (!by) return
  event.preventDefault()
  const all = [...(seen.value?.parentElement?.querySelectorAll<HTMLElement>('[role=radio]') ?? [])]
  const next = all[all.indexOf(event.currentTarget as HTMLElement) + by]
  next?.focus()
  next?.click()
}
</script>

<template>
  <div ref="seen" class="rung" :class="{ chosen, strange: rung.why, impossible: !rung.feasible }">
    <button
      type="button"
      class="choose"
      role="radio"
      :tabindex="stop ? 0 : -1"
      :aria-checked="chosen"
      :aria-label="`${rung.sections} sections of ${rung.slot}, ${says}`"
      @click="emit('choose')"
      @keydown="key"
    >
      <span class="count">{{ rung.sections }}</span>
      <span ref="box" class="edge">
        <svg v-if="width > 0 && figure" :width="width" :height="bar + 12" aria-hidden="true">
          <WoodDefs :id="id" />
          <rect
            :x="x(0)"
            :y="TOP"
            :width="x(figure.closing) - x(0)"
            :height="bar"
            :fill="`url(#${id}-grain)`"
            class="wall"
          />
          <rect
            v-if="figure.height > figure.closing + 0.001"
            :x="x(figure.closing)"
            :y="TOP"
            :width="x(figure.height) - x(figure.closing)"
            :height="bar"
            :fill="`url(#${id}-hatch)`"
            class="waste"
          />
          <path :d="slots" :fill="`url(#${id}-end)`" class="slots" />
          <path v-if="rung.feasible" :d="ticks" class="ticks" />
          <path :d="`M${x(0)} ${TOP - 4}V${TOP + bar + 3}`" class="reference" />
        </svg>
      </span>
    </button>
    <span class="says">
      <button
        type="button"
        class="plain slot"
        :aria-label="`working of the slot, ${rung.slot}`"
        @click="emit('open', number('slot'))"
      >
        <NumText :text="rung.slot" />
      </button>
      <span v-if="jigs?.length" class="jigs" :title="jigs.map((j) => `${j.name}: ${j.says}`).join('\n')">{{
        jigs.length === 1 ? jigs[0]?.name : `${jigs.length} of your jigs`
      }}</span>
      <span v-if="withCutter" class="tool">{{ rung.cutter }}</span>
      <span v-if="rung.feasible" class="quiet">
        <button type="button" class="plain" @click="emit('open', number('passes'))">{{ rung.aSlot }}</button>
        ·
        <button type="button" class="plain" @click="emit('open', number('cuts'))">
          {{ rung.inAll }}
        </button>
        <br />
        <button type="button" class="plain closes" @click="emit('open', number('closing-height'))">
          closes <NumText :text="rung.closing" />
        </button>
        <template v-if="rung.closesLower">
          ·
          <button type="button" class="plain rips" @click="emit('open', number('rip-off'))">
            rip <NumText :text="rung.ripOff" />
          </button>
        </template>
      </span>
      <span v-else class="quiet">{{ rung.why }}</span>
    </span>
    <p v-if="chosen" class="reasons">
      <button type="button" class="word" @click="emit('open', number('score'))">
        {{ Math.round(rung.score) }} of 100
      </button>
      <template v-for="reason in rung.reasons" :key="reason"> · {{ reason }}</template>
    </p>
    <span v-if="recommended" class="flag">recommended</span>
  </div>
</template>

<style scoped>
.rung {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 13.2rem;
  gap: 0 0.8rem;
  align-items: center;
  padding: 0.22rem 0.5rem 0.28rem 0.4rem;
  border: 2px solid transparent;
  flex: 0 0 auto;
}
.chosen {
  background: var(--paper);
  border-color: var(--edge);
  border-radius: 3px;
}
.choose {
  display: grid;
  grid-template-columns: 2.9rem minmax(0, 1fr);
  align-items: center;
  gap: 0.5rem;
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  text-align: left;
}
.count {
  font: 600 1.2rem var(--mono);
  text-align: right;
}
.chosen .count {
  font-size: 1.8rem;
  font-weight: 700;
}
svg {
  display: block;
}
.wall,
.slots {
  stroke: var(--ink);
  stroke-width: 1.1;
}
.waste {
  stroke: var(--cut);
}
.ticks {
  stroke: var(--cut);
  stroke-width: 2.2;
}
.reference {
  stroke: var(--edge);
  stroke-width: 5;
}
.says {
  display: grid;
  line-height: 1.2;
}
.slot {
  font-size: 1.1rem;
  font-weight: 600;
  justify-self: start;
}
.chosen .slot {
  font-size: 1.3rem;
}
.quiet button {
  font-size: inherit;
  color: inherit;
}
.quiet button:hover {
  text-decoration: underline;
}
.quiet .rips {
  color: var(--cut);
}
.quiet {
  line-height: 1.25;
  font-size: 0.84rem;
  color: var(--quiet);
}
.impossible .edge {
  opacity: 0.5;
}
.impossible .count,
.impossible .slot {
  color: var(--quiet);
  font-weight: 400;
}
.strange:not(.impossible) .edge {
  filter: saturate(0.35);
}
.reasons {
  grid-column: 1/-1;
  margin: 0.15rem 0 0.1rem 3.6rem;
  font-size: 0.9rem;
}
.flag {
  position: absolute;
  right: 0.4rem;
  top: -0.62rem;
  padding: 0 0.3rem;
  background: var(--paper);
  border-radius: 2px;
  font-size: 0.76rem;
  font-weight: 700;
  color: var(--good);
}
.tool {
  font-weight: 600;
}
.jigs {
  position: absolute;
  right: 0.5rem;
  margin-top: 0.2rem;
  font-size: 0.8rem;
  color: var(--good);
}
.jigs::before {
  content: '';
  display: inline-block;
  width: 0.9rem;
  height: 0.55rem;
  margin-right: 0.35rem;
  border: solid var(--good);
  border-width: 0 0.25rem 0.18rem 0;
}
</style>
