<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type CallView, type RuleView } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import { rackDisplay, rackUnit } from './display'
import NumberField from './NumberField.vue'

/** The shop's habits, each with its reason and the way back. */
const rules = ref<RuleView[]>([])
const refused = ref<{ id: string; detail: string }>()
const query = computed(() => ({ display: rackDisplay.value }))
const titles: Record<RuleView['group'], string> = {
  FIT: 'Fit',
  FINGERS: 'Fingers and key',
  SIZE: 'Walls and tips',
  BLANK: 'Boards',
  CUT: 'At the saw',
  PANEL: 'Bottom and lid',
  GLUE: 'Glue-up',
  FINISH: 'Trim, finish, rest'
}
const groups = computed(() =>
  (Object.keys(titles) as RuleView['group'][]).map((id) => ({
    id,
    title: titles[id],
    rules: rules.value.filter((r) => r.group === id)
  }))
)
const changed = computed(() => rules.value.some((r) => r.changed))
async function load() {
  rules.value = await answer(api.GET('/api/house-rules', { params: { query: query.value } }))
}
onMounted(load)

/** hints this shop has silenced */
const silenced = ref<CallView[]>([])
async function loadHints() {
  silenced.value = (await answer(api.GET('/api/hints'))).filter((h) => h.silenced)
}
onMounted(loadHints)
async function hearAgain(hint: CallView) {
  await answer(api.DELETE('/api/hints/{call}/silence', { params: { path: { call: hint.call } } }))
  await loadHints()
}

function take(rule: RuleView) {
  rules.value = rules.value.map((r) => (r.id === rule.id ? rule : r))
  refused.value = undefined
}
async function set(rule: RuleView, value: number | undefined) {
  if (value === undefined) return reset(rule)
  try {
    take(
      await answer(
        api.PUT('/api/house-rules/{id}', {
          params: { path: { id: rule.id }, query: query.value },
          body: { value }
        })
      )
    )
  } catch (error) {
    refused.value = { id: rule.id, detail: problemOf(error).detail }
  }
}
async function reset(rule: RuleView) {
  take(
    await answer(
      api.DELETE('/api/house-rules/{id}', { params: { path: { id: rule.id }, query: query.value } })
    )
  )
}
async function resetAll() {
  rules.value = await answer(api.DELETE('/api/house-rules', { params: { query: query.value } }))
}
</script>

<template>
  <main class="rules">
    <div class="columns">
      <p class="about">
        Habits, not laws. A change is felt in every box that has no value of its own.
        <button v-if="changed" type="button" class="word" @click="resetAll">Put all back</button>
      </p>
      <section v-for="group in groups" :key="group.id">
        <h2>{{ group.title }}</h2>
        <div v-for="rule in group.rules" :key="rule.id" class="rule" :class="{ changed: rule.changed }">
          <LengthField
            v-if="rule.kind === 'LENGTH'"
            :label="rule.label"
            :text="rule.text"
            :mm="rule.value"
            :unit="rackUnit"
            :least="rule.least"
            :most="rule.most"
            :refused="refused?.id === rule.id ? refused.detail : ''"
            fine
            marked
            @read="(mm) => set(rule, mm)"
          />
          <NumberField
            v-else
            :label="rule.label"
            :value="Number(rule.text)"
            :unit="rule.unit"
            :least="rule.least"
            :most="rule.most"
            @read="(v) => set(rule, v)"
          />
          <p v-if="rule.kind !== 'LENGTH' && refused?.id === rule.id" class="failed" role="alert">
            {{ refused.detail }}
          </p>
          <p class="reason">
            {{ rule.reason }}
            <button
              v-if="rule.changed"
              type="button"
              class="word"
              :aria-label="`Put ${rule.label} back`"
              @click="reset(rule)"
            >
              back to {{ rule.usual }}
            </button>
          </p>
        </div>
      </section>
      <section v-if="silenced.length" class="silenced" aria-label="Silenced hints">
        <h2>Hints this shop has silenced</h2>
        <p v-for="h in silenced" :key="h.call">
          {{ h.title }}
          <button type="button" class="word" :aria-label="`Say again: ${h.title}`" @click="hearAgain(h)">
            say it again
          </button>
        </p>
      </section>
    </div>
  </main>
</template>

<style scoped>
.rules {
  flex: 1;
  overflow: auto;
  padding: 0.6rem 1.3rem 1.5rem;
}
.columns {
  columns: 2 27rem;
  column-gap: 2.4rem;
}
.reason::first-letter {
  text-transform: uppercase;
}
.about {
  column-span: all;
  color: var(--quiet);
  margin: 0 0 0.5rem;
}
section {
  break-inside: avoid-column;
  margin-bottom: 1rem;
}
h2 {
  font-size: 1.05rem;
  margin-bottom: 0.15rem;
}
.rule {
  break-inside: avoid;
  padding-left: 0.5rem;
  border-left: 4px solid transparent;
}
.rule.changed {
  border-left-color: var(--edge);
}
.rule :deep(.number-field > span:not(.error)) {
  display: grid;
  grid-template-columns: 5.6rem 2.4rem;
  align-items: center;
  gap: 0.4rem;
}
.rule :deep(.number-field input) {
  width: 100%;
}
.reason {
  margin: 0 0 0.3rem;
  font-size: 0.87rem;
  color: var(--quiet);
}
.silenced p {
  margin: 0.2rem 0 0.2rem 0.5rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
  margin: 0;
}
</style>
