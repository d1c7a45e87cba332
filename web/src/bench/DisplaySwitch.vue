<script setup lang="ts">
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { displays } from './displays'
import { unfolded } from './rest'
import { useBench } from './store'

const AllWords = defineAsyncComponent(() => import('../words/AllWords.vue'))
/** One switch for how lengths are shown, and the lamp. */
const bench = useBench()
defineProps<{ whole: boolean }>()
const emit = defineEmits<{ help: []; whole: [] }>()
const words = ref(false)
const all = ref(unfolded.all())
/** Whether it belongs together with other boxes: one drawer, a host, trays. */
const hasKin = computed(() => {
  const plan = bench.plan
  return Boolean(plan?.host ?? plan?.shared ?? plan?.fittings?.some((f) => f.kind === 'TRAY' && f.box))
})
const dark = ref(document.documentElement.classList.contains('dark'))

function show(display: string) {
  void bench.decide((plan) => {
    plan.display = display as typeof plan.display
    plan.unit = display === 'METRIC' ? 'MILLIMETRE' : 'INCH'
  })
}

/** Whether every fold on the bench stands open. */
function openAll() {
  all.value = !all.value
  unfolded.set(all.value)
  document.querySelectorAll<HTMLDetailsElement>('.slate details').forEach((d) => (d.open = all.value))
}

function lamp() {
  dark.value = document.documentElement.classList.toggle('dark')
  localStorage.setItem('lamp', dark.value ? 'dark' : 'light')
}
</script>

<template>
  <div class="strip">
    <span id="shown-in">Lengths in</span>
    <Select
      v-if="bench.plan"
      :model-value="bench.plan.display"
      :options="displays"
      option-label="label"
      option-value="value"
      aria-labelledby="shown-in"
      size="small"
      @update:model-value="show"
    />
    <span class="spacer" />
    <button type="button" class="word" :aria-pressed="whole" @click="emit('whole')">
      {{ whole ? 'The station' : 'The whole box' }}
    </button>
    <button type="button" class="word" @click="openAll">
      {{ all ? 'Fold the rest' : 'Open everything' }}
    </button>
    <button type="button" class="word" @click="lamp">{{ dark ? 'Daylight' : 'Evening' }}</button>
    <RouterLink :to="{ name: 'history', params: { id: bench.id } }">History</RouterLink>
    <RouterLink :to="{ name: 'what-if', params: { id: bench.id } }">What if</RouterLink>
    <a :href="`/api/boxes/${bench.id}/project.json`" download @click="bench.keep()">Save as a file</a>
    <a v-if="hasKin" :href="`/api/boxes/${bench.id}/with-its-set.zip`" download @click="bench.keep()"
      >with its set</a
    >
    <button type="button" class="word" @click="words = true">Words</button>
    <AllWords v-if="words" v-model="words" />
    <button type="button" class="word" @click="emit('help')">Keys <kbd>?</kbd></button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  gap: 0.7rem;
  padding: 0.2rem 0.9rem;
  background: var(--paper);
  border-top: 1px solid var(--rule);
  font-size: 0.9rem;
}
.strip :deep(.p-select-label) {
  padding-block: 0.15rem;
}
@media (max-width: 900px) {
  .strip {
    flex-wrap: wrap;
  }
}
.spacer {
  flex: 1;
}
a {
  font-weight: 700;
}
</style>
