<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { named } from '../words/names'
import { answer, api, problemOf, type KeptFinish, type Recipe } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import ShelfFrame from './ShelfFrame.vue'
import { useTakenOff } from './taken-off'

/** Finishes of the shop’s own: each as the steps that make it, drawn one after another as long as they take. */
type Step = Recipe['steps'][number]
const finishes = ref<KeptFinish[]>([])
const general = ref<Recipe[]>([])
const picked = ref('')
const failed = ref('')
const now = computed(() => finishes.value.find((f) => f.finish.id === picked.value))
const does: { value: Step['does']; label: string }[] = [
  { value: 'SAND', label: 'sand' },
  { value: 'WET', label: 'wet, to raise the grain' },
  { value: 'COAT', label: 'coat' },
  { value: 'RUB', label: 'rub down' },
  { value: 'WAX', label: 'wax' },
  { value: 'CURE', label: 'let it cure' }
]

/** What was refused of one is not told of the next. */
watch(picked, () => {
  failed.value = ''
})

async function load() {
  try {
    ;[finishes.value, general.value] = await Promise.all([
      answer(api.GET('/api/rack/finishes')),
      answer(api.GET('/api/rack/finishes/general'))
    ])
    if (!now.value) picked.value = finishes.value[0]?.finish.id ?? ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)

async function change(by: (recipe: Recipe) => void) {
  const was = now.value
  if (!was) return
  const finish = JSON.parse(JSON.stringify(was.finish)) as KeptFinish['finish']
  by(finish.recipe)
  if (JSON.stringify(finish) === JSON.stringify(was.finish)) return
  try {
    const saved = await answer(
      api.PUT('/api/rack/finishes/{id}', {
        params: { path: { id: finish.id } },
        body: { revision: was.revision, finish }
      })
    )
    finishes.value = finishes.value.map((f) => (f.finish.id === finish.id ? saved : f))
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
    if (problemOf(error).status === 409) await load()
  }
}
function number(text: string, by: (value: number) => void) {
  const value = Number(text.replace(',', '.'))
  if (!text.trim() || !Number.isFinite(value)) failed.value = `“${text}” is no number.`
  else by(value)
}
function step(index: number, by: (step: Step) => void) {
  void change((r) => {
    const one = r.steps[index]
    if (one) by(one)
  })
}
function add() {
  void change((r) => r.steps.push({ does: 'COAT', minutes: 15, hours: 24 }))
}
function move(index: number, by: number) {
  void change((r) => {
    const [one] = r.steps.splice(index, 1)
    if (one) r.steps.splice(index + by, 0, one)
  })
}
async function begin(name: string) {
  const recipe = general.value.find((g) => g.name === name)
  if (!recipe) return
  try {
    const made = await answer(
      api.POST('/api/rack/finishes', {
        body: {
          finish: {
            id: 'new',
            recipe: { ...recipe, name: named(recipe.name, { before: 'Our ' }, 60) },
            note: ''
          }
        }
      })
    )
    finishes.value = [...finishes.value, made]
    picked.value = made.finish.id
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const {
  gone,
  refused: notMoved,
  takeOff,
  putBack
} = useTakenOff<KeptFinish>({
  id: (kept) => kept.finish.id,
  remove: async (id) => answer(api.DELETE('/api/rack/finishes/{id}', { params: { path: { id } } })),
  restore: async (id) => answer(api.POST('/api/rack/finishes/{id}/restore', { params: { path: { id } } })),
  shown: (id) => (picked.value = id),
  load
})
/** Waits are drawn shorter the longer they are, so that a cure of weeks does not push the coats together. */
const long = (s: Step) => ({ hands: 6 + s.minutes / 3, waits: s.hours ? 6 + 14 * Math.log2(1 + s.hours) : 0 })
function strip(recipe: Recipe) {
  let x = 0
  const parts: { x: number; w: number; dries: boolean }[] = []
  for (const s of recipe.steps) {
    const { hands, waits } = long(s)
    if (s.minutes) parts.push({ x, w: hands, dries: false })
    if (s.minutes) x += hands + 1
    if (waits) parts.push({ x, w: waits, dries: true })
    x += waits + 1
  }
  return { parts, width: Math.max(1, x) }
}
</script>

<template>
  <ShelfFrame>
    <button
      v-for="f in finishes"
      :key="f.finish.id"
      type="button"
      class="finish"
      :class="{ here: f.finish.id === picked }"
      @click="picked = f.finish.id"
    >
      <svg
        class="strip"
        :viewBox="`0 0 ${strip(f.finish.recipe).width} 22`"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <rect
          v-for="(p, i) in strip(f.finish.recipe).parts"
          :key="i"
          :x="p.x"
          y="2"
          :width="p.w"
          height="18"
          :class="p.dries ? 'dries' : 'hands'"
        />
      </svg>
      <strong>{{ f.finish.recipe.name }}</strong>
      <small>{{ f.says }}</small>
    </button>
    <p v-if="!finishes.length" class="none">
      The general kinds are always there. What your shop does otherwise hangs here: begin from the nearest.
    </p>
    <ChoiceField
      label="Begin one from"
      value=""
      placeholder="a general kind"
      :choices="general.map((g) => ({ value: g.name, label: g.name }))"
      @choose="begin"
    />
    <p v-if="gone" class="under">
      <button type="button" class="word" @click="putBack">put {{ gone.finish.recipe.name }} back</button>
    </p>
    <p v-if="failed || notMoved" class="failed" role="alert">{{ failed || notMoved }}</p>
    <template v-if="now" #slate>
      <label class="name">
        <span>Name</span>
        <InputText
          :model-value="now.finish.recipe.name"
          size="small"
          @change="change((r) => (r.name = ($event.target as HTMLInputElement).value))"
        />
      </label>
      <ol class="steps">
        <li v-for="(s, i) in now.finish.recipe.steps" :key="i">
          <ChoiceField
            :label="`Step ${i + 1}`"
            :value="s.does"
            :choices="does"
            @choose="
              (v) =>
                step(i, (one) => {
                  one.does = v as Step['does']
                  if (v !== 'CURE') one.minutes = one.minutes || 5
                })
            "
          />
          <p class="numbers">
            <label
              >with
              <InputText
                :model-value="s.with ?? ''"
                size="small"
                class="with"
                @change="
                  step(i, (one) => {
                    one.with = ($event.target as HTMLInputElement).value
                  })
                "
            /></label>
            <label
              ><InputText
                :model-value="String(s.minutes)"
                size="small"
                inputmode="numeric"
                :aria-label="`Step ${i + 1}: minutes`"
                @change="
                  number(($event.target as HTMLInputElement).value, (v) =>
                    step(i, (one) => (one.minutes = v))
                  )
                "
              />
              min</label
            >
            <label
              ><InputText
                :model-value="String(s.hours)"
                size="small"
                inputmode="decimal"
                :aria-label="`Step ${i + 1}: hours it dries`"
                @change="
                  number(($event.target as HTMLInputElement).value, (v) => step(i, (one) => (one.hours = v)))
                "
              />
              h to dry</label
            >
            <button
              type="button"
              class="word"
              :disabled="i === 0"
              :aria-label="`Step ${i + 1} earlier`"
              @click="move(i, -1)"
            >
              ↑
            </button>
            <button
              type="button"
              class="word"
              :aria-label="`Step ${i + 1} out`"
              @click="change((r) => r.steps.splice(i, 1))"
            >
              out
            </button>
          </p>
        </li>
      </ol>
      <p><button type="button" class="word" @click="add">one more step</button></p>
      <p v-for="t in ['ragsBurn', 'vapour', 'film'] as const" :key="t" class="tick">
        <Checkbox
          :model-value="now.finish.recipe[t]"
          binary
          :input-id="t"
          @update:model-value="change((r) => (r[t] = $event))"
        />
        <label :for="t">{{
          { ragsBurn: 'its rags can take fire', vapour: 'solvent in the air', film: 'builds a film' }[t]
        }}</label>
      </p>
      <p><button type="button" class="word" @click="takeOff(now)">Take it off the rack</button></p>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.finish {
  display: grid;
  width: 100%;
  text-align: left;
  padding: 0.5rem 0.8rem;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  color: inherit;
  cursor: pointer;
}
.finish.here {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--edge);
}
.strip {
  width: 100%;
  height: 2rem;
}
.hands {
  fill: var(--good);
}
.dries {
  fill: color-mix(in srgb, var(--good) 18%, var(--sheet));
  stroke: var(--good);
  stroke-width: 0.6;
}
.finish small {
  color: var(--quiet);
  font-size: 0.95rem;
}
.name {
  display: grid;
  gap: 0.15rem;
  padding: 0.3rem 0;
}
.steps {
  list-style: none;
  margin: 0;
  padding: 0;
}
.steps li {
  border-bottom: 1px dotted var(--rule);
  padding-bottom: 0.3rem;
}
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: baseline;
  margin: 0.1rem 0;
}
.numbers :deep(input) {
  width: 3.4rem;
  text-align: right;
}
.numbers :deep(input.with) {
  width: 8rem;
  text-align: left;
}
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  margin: 0;
  padding: 0.2rem 0;
}
.none,
.under {
  padding: 0 0.8rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
  padding: 0 0.8rem;
}
</style>
