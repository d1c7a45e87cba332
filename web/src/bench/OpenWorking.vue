<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { WorkingView } from '../api/client'
import NumText from '../drawing/NumText.vue'
import TradeText from '../words/TradeText.vue'
import WorkingLines from './WorkingLines.vue'
import { backCloses } from './back'

/** The working of one number: rule, formula, its values, and what went in; each of those opens in turn. */
const props = defineProps<{ trail: WorkingView[]; says?: string | undefined }>()
const emit = defineEmits<{ open: [number: string]; back: []; close: [] }>()
const panel = ref<HTMLElement>()
const opened = computed(() => props.trail[props.trail.length - 1])
const basis = {
  DECIDED: 'Your decision',
  HOUSE_RULE: 'House rule',
  MEASURED: 'Measured',
  TABLE: 'From a table',
  COMPUTED: 'Worked out'
} as const
let from: HTMLElement | null = null

watch(opened, async (now, before) => {
  if (now && !before) from = document.activeElement as HTMLElement | null
  if (now) {
    await nextTick()
    panel.value?.focus()
  } else {
    from?.focus?.()
  }
})

backCloses(
  computed(() => !!opened.value),
  () => emit('close')
)
</script>

<template>
  <div
    v-if="opened"
    ref="panel"
    class="working"
    role="dialog"
    aria-label="Working"
    tabindex="-1"
    @keydown.esc.stop="emit('close')"
  >
    <header>
      <button v-if="trail.length > 1" type="button" class="word" @click="emit('back')">back</button>
      <span class="basis">{{ basis[opened.number.basis] }}</span>
      <button type="button" class="word" @click="emit('close')">close</button>
    </header>
    <p v-if="says" class="says">{{ says }}</p>
    <h2>{{ opened.number.label }}</h2>
    <p class="result"><NumText :text="opened.number.text" /> {{ opened.number.unit }}</p>
    <p v-if="opened.number.residue" class="residue">{{ opened.number.residue }} what is shown</p>
    <p class="rule"><TradeText :text="opened.rule" /></p>
    <WorkingLines :of="opened" />
    <template v-if="opened.inputs.length">
      <h3>What went in</h3>
      <button
        v-for="input in opened.inputs"
        :key="input.id"
        type="button"
        class="input"
        @click="emit('open', input.id)"
      >
        <span class="symbol">{{ input.symbol }}</span>
        <span>{{ input.label }}</span>
        <span><NumText :text="input.text" /> {{ input.unit }}</span>
      </button>
    </template>
    <slot :number="opened.number.id" />
    <p v-if="opened.source" class="source">Source: {{ opened.source }}</p>
  </div>
</template>

<style scoped>
.working {
  position: absolute;
  inset: 0;
  overflow: auto;
  background: var(--sheet);
  border-left: 6px solid var(--good);
  padding: 0.9rem 1.1rem;
  z-index: 5;
}
header {
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
  margin-bottom: 0.7rem;
}
.basis {
  flex: 1;
  color: var(--quiet);
}
h2 {
  font-size: 1.15rem;
}
h3 {
  font-size: 0.9rem;
  color: var(--quiet);
  margin: 0.9rem 0 0.2rem;
}
.result {
  font-size: 1.7rem;
  margin: 0.2rem 0 0.5rem;
}
.says {
  margin: 0 0 0.3rem;
  color: var(--mind);
  font-weight: 600;
}
.residue {
  margin: -0.4rem 0 0.4rem;
  color: var(--quiet);
}
.rule {
  margin: 0 0 0.7rem;
}
.input {
  display: grid;
  grid-template-columns: 2.6rem 1fr auto;
  gap: 0.4rem;
  width: 100%;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  padding: 0.32rem 0;
  text-align: left;
  cursor: pointer;
}
.input:hover {
  background: var(--ground);
}
.symbol {
  font: 600 0.95rem var(--mono);
  color: var(--quiet);
}
.source {
  font-size: 0.85rem;
  color: var(--quiet);
}
</style>
