<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Slider from 'primevue/slider'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { answer, api, problemOf, type Figure } from '../api/client'
import { useBench } from '../bench/store'
import FigureView from './FigureView.vue'

/** The whole box, closed, open or pulled apart, turned by dragging and by the arrow keys. */
const emit = defineEmits<{ close: [] }>()
const bench = useBench()
const states = [
  { value: 'CLOSED', label: 'closed' },
  { value: 'OPEN', label: 'open' },
  { value: 'APART', label: 'pulled apart' }
] as const
const state = ref<(typeof states)[number]['value']>('CLOSED')
const turn = ref(52)
const tilt = ref(26)
const figure = shallowRef<Figure>()
const refused = ref('')
const here = useTemplateRef<HTMLElement>('here')
const asked = computed(() => ({
  plan: bench.plan,
  state: state.value,
  turn: turn.value,
  tilt: tilt.value,
  day: bench.day
}))

let busy = false
let again = false
/** One question at a time; what was turned meanwhile is asked as soon as the answer is there. */
async function look() {
  const { plan, ...how } = asked.value
  if (!plan) return
  if (busy) {
    again = true
    return
  }
  busy = true
  try {
    figure.value = await answer(api.POST('/api/whole-box', { body: { plan, ...how } }))
    refused.value = ''
  } catch (error) {
    refused.value = problemOf(error).detail
  } finally {
    busy = false
  }
  if (again) {
    again = false
    await look()
  }
}
watch(asked, () => void look(), { immediate: true })
watch(here, (element) => element?.focus())

const by = (round: number, up: number) => {
  turn.value = (turn.value + round) % 360
  tilt.value = Math.min(85, Math.max(5, tilt.value + up))
}
const arrows: Record<string, [number, number]> = {
  ArrowLeft: [10, 0],
  ArrowRight: [-10, 0],
  ArrowUp: [0, 5],
  ArrowDown: [0, -5]
}
function key(event: KeyboardEvent) {
  const step = arrows[event.key]
  if (step) {
    event.preventDefault()
    by(...step)
  } else if (event.key === 'Escape') {
    event.stopPropagation()
    emit('close')
  }
}
let dragged: { x: number; y: number } | undefined
function begin(event: PointerEvent) {
  dragged = { x: event.clientX, y: event.clientY }
}
useEventListener('pointermove', (event: PointerEvent) => {
  if (!dragged) return
  by((dragged.x - event.clientX) * 0.4, (event.clientY - dragged.y) * 0.3)
  dragged = { x: event.clientX, y: event.clientY }
})
useEventListener('pointerup', () => (dragged = undefined))
function season(value: number | number[]) {
  bench.day = (Array.isArray(value) ? (value[0] ?? 0) : value) / 100
}
</script>

<template>
  <section class="whole" aria-label="The whole box">
    <header>
      <h2>The whole box</h2>
      <p class="states" role="group" aria-label="How it is shown">
        <button
          v-for="s in states"
          :key="s.value"
          type="button"
          class="plain"
          :aria-pressed="state === s.value"
          @click="state = s.value"
        >
          {{ s.label }}
        </button>
      </p>
      <button type="button" class="word" @click="emit('close')">Back to the station</button>
    </header>
    <div
      ref="here"
      class="turned"
      tabindex="0"
      role="group"
      aria-label="Turn it: drag, or arrow keys"
      @pointerdown.prevent="begin"
      @keydown="key"
    >
      <FigureView v-if="figure" :figure="figure" @open="(number) => bench.openWorking(number)" />
      <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
      <p v-else-if="figure && !figure.shapes.length" class="refused">
        The walls leave no room between them: there is no box to show yet.
      </p>
    </div>
    <div class="season">
      <span>driest</span>
      <Slider
        :model-value="Math.round(bench.day * 100)"
        :min="0"
        :max="100"
        aria-label="Day of the year for the whole box"
        @update:model-value="season"
      />
      <span>wettest</span>
      <small>{{ figure ? `${figure.title}. ` : '' }}Drag to turn it, or use the arrow keys.</small>
    </div>
  </section>
</template>

<style scoped>
.whole {
  grid-area: 1/2;
  z-index: 5;
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 0.6rem 1rem;
  background: var(--ground);
}
header {
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: 0.3rem 1.4rem;
}
h2 {
  font-size: 1.45rem;
}
.states {
  display: flex;
  flex: 1;
  gap: 0.4rem;
  margin: 0;
}
.states button {
  padding: 0.15rem 0.6rem;
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  cursor: pointer;
}
.states button[aria-pressed='true'] {
  border-color: var(--edge);
  font-weight: 700;
}
.turned {
  position: relative;
  flex: 1;
  min-height: 240px;
  cursor: grab;
  touch-action: none;
  user-select: none;
}
.turned:active {
  cursor: grabbing;
}
.season {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 0.3rem 1rem;
  align-items: center;
  padding: 0.4rem 0.8rem;
}
.season small {
  grid-column: 1/-1;
  color: var(--quiet);
}
.refused {
  position: absolute;
  inset: 40% 1rem auto;
  text-align: center;
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 900px) {
  .whole {
    position: fixed;
    inset: 0;
    z-index: 20;
  }
}
</style>
