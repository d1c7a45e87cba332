<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import DatePicker from 'primevue/datepicker'
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref, toRaw, watch } from 'vue'
import { answer as got, api, problemOf, type CalendarView, type KeptFinish } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlainField from '../bench/PlainField.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import TheRest from '../bench/TheRest.vue'
import VerdictList from '../bench/VerdictList.vue'
import BoxFinished from './BoxFinished.vue'
import DraggedLane from './DraggedLane.vue'
import ShopHours from './ShopHours.vue'
import StepList from './StepList.vue'

/** The finish, and everything from the first pass to the last coat over the days: what is next, what dries, when it is ready. */
const bench = useBench()
const calendar = ref<CalendarView>()
const failed = ref('')
const own = ref<KeptFinish[]>([])
const hoursOpen = ref(false)
const copied = ref(false)
const choice = computed(() => bench.plan?.finish)
const finish = computed(() => bench.answer?.finish)
const follows = [
  'finish.coats',
  'finish.dries-usually',
  'finish.times',
  'finish.dries',
  'finish.cures',
  'finish.hands',
  'glue.handled'
]
let turn = 0

async function load() {
  const plan = bench.plan
  if (!plan) return
  const mine = ++turn
  try {
    const found = await got(
      api.POST('/api/boxes/{id}/calendar', {
        params: { path: { id: bench.id } },
        body: { plan, testCuts: bench.testCuts.map((c) => c.cut) }
      })
    )
    if (mine !== turn) return
    calendar.value = found
    failed.value = ''
  } catch (error) {
    if (mine === turn) failed.value = problemOf(error).detail
  }
}
watch(() => bench.worked, load)
onMounted(async () => {
  void load()
  try {
    own.value = await got(api.GET('/api/rack/finishes'))
  } catch (error) {
    failed.value = problemOf(error).detail
  }
})
// the line of now moves, and another box may have taken the hands
useIntervalFn(() => void load(), 60_000)

const kinds = computed(() => [
  ...(finish.value?.finishes ?? [])
    .filter((o) => o.value !== 'OWN')
    .map((o) => ({ value: o.value, label: o.words })),
  ...own.value.map((k) => ({ value: `own ${k.finish.id}`, label: k.finish.recipe.name })),
  ...(choice.value?.finish === 'OWN' && !held.value
    ? [{ value: 'OWN', label: `${choice.value.own?.name}, as it was taken` }]
    : [])
])
/** The finish of the rack the plan took, as long as it hangs there unchanged. */
const held = computed(() =>
  choice.value?.finish === 'OWN'
    ? own.value.find((k) => JSON.stringify(k.finish.recipe) === JSON.stringify(choice.value?.own))
    : undefined
)
const kind = computed(() =>
  choice.value?.finish === 'OWN' && held.value
    ? `own ${held.value.finish.id}`
    : (choice.value?.finish ?? 'NONE')
)
function choose(value: string) {
  const taken = own.value.find((k) => `own ${k.finish.id}` === value)
  void bench.decide((draft) => {
    const before = draft.finish ?? { finish: 'NONE', inside: false }
    const next = { ...before, finish: (taken ? 'OWN' : value) as typeof before.finish }
    delete next.coats
    delete next.own
    if (taken) next.own = structuredClone(toRaw(taken.finish.recipe))
    draft.finish = next
  })
}
function moved(step: string, to: string | undefined) {
  void bench.decide((draft) => {
    draft.finish ??= { finish: 'NONE', inside: false }
    const all = { ...(draft.finish.notBefore ?? {}) }
    if (to) all[step] = to
    else Reflect.deleteProperty(all, step)
    draft.finish.notBefore = all
  })
}
async function tick(step: string, done: boolean, part?: number) {
  try {
    // a step of a finish that is not kept yet is not known yet
    await bench.keep()
    await got(
      api.POST('/api/boxes/{id}/steps/{step}', {
        params: { path: { id: bench.id, step } },
        body: { done, part }
      })
    )
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
/** A day is a day of the calendar, and no moment anywhere. */
const day = computed(() => {
  const [y = 0, m = 1, d = 1] = (choice.value?.readyOn ?? '').split('-').map(Number)
  return y ? new Date(y, m - 1, d) : null
})
function readyOn(to: unknown) {
  const two = (n: number) => String(n).padStart(2, '0')
  const said =
    to instanceof Date ? `${to.getFullYear()}-${two(to.getMonth() + 1)}-${two(to.getDate())}` : undefined
  void bench.set('finish.readyOn', said)
}
const address = `${window.location.origin}/api/calendar.ics`
async function copy() {
  await navigator.clipboard.writeText(address)
  copied.value = true
}
</script>

<template>
  <StationFrame
    :question="calendar?.ready ? `Ready ${calendar.ready}.` : 'When is it ready?'"
    hint="Solid: your hands. Hatched: it dries, do something else. Grey: closed. Drag a block to move it."
  >
    <template #drawing>
      <p v-if="failed" class="refused" role="alert">{{ failed }}</p>
      <p v-for="d in calendar?.doubts ?? []" :key="d.says" class="doubt" role="status">
        {{ d.says }}
        <button v-if="d.couldBe" type="button" class="word" @click="bench.set('finish.readyOn', d.couldBe)">
          Ready {{ d.couldBeWords }} then
        </button>
      </p>
      <DraggedLane
        v-if="calendar && calendar.steps.length"
        :calendar="calendar"
        @moved="moved"
        @ready="bench.set('finish.readyOn', $event)"
      />
      <StepList :steps="calendar?.steps ?? []" @moved="moved" @tick="tick" />
    </template>
    <template #answers>
      <template v-if="calendar?.next">
        <p class="next-when">Next, {{ calendar.next.when }}</p>
        <p class="next">{{ calendar.next.says }}</p>
        <p class="next-why">
          {{ calendar.next.takes
          }}<template v-if="calendar.next.because">; {{ calendar.next.because }}</template>
        </p>
      </template>
      <p v-else-if="calendar" class="next">Nothing is left for hands.</p>
      <NumberRow v-if="finish?.steps.length" id="finish.dries" />
      <NumberRow v-if="finish?.steps.length" id="finish.cures" />
      <NumberRow id="finish.hands" />
    </template>
    <template v-if="choice && finish" #decide>
      <ChoiceField label="Finish" :value="kind" :choices="kinds" @choose="choose" />
      <PlainField
        v-if="choice.finish !== 'NONE' && choice.finish !== 'OWN'"
        label="Coats"
        field="finish.coats"
        unit=""
        whole
        optional
        :usual="bench.numbers.get('finish.coats')?.text ?? ''"
      />
      <label class="ready" for="ready-on"
        ><span>Ready on</span>
        <DatePicker
          :model-value="day"
          date-format="D d M yy"
          placeholder="as soon as can be"
          show-button-bar
          size="small"
          input-id="ready-on"
          @update:model-value="readyOn"
      /></label>
      <p v-if="choice.finish !== 'NONE'" class="tick">
        <Checkbox
          :model-value="choice.inside"
          binary
          input-id="inside"
          @update:model-value="bench.set('finish.inside', $event)"
        />
        <label for="inside">Inside too, before the glue</label>
      </p>
      <p class="line">
        <span
          >Shop open <strong>{{ calendar?.hours }}</strong></span
        >
        <button type="button" class="word" :aria-expanded="hoursOpen" @click="hoursOpen = !hoursOpen">
          {{ hoursOpen ? 'close' : 'change' }}
        </button>
      </p>
      <ShopHours v-if="hoursOpen" @kept="load" />
      <TheRest>
        <ChoiceField
          label="Touches it"
          :value="choice.touches ?? 'NOTHING'"
          :choices="finish.touches.map((o) => ({ value: o.value, label: o.words }))"
          @choose="bench.set('finish.touches', $event)"
        />
        <PlainField label="Shop temperature" field="seasons.shop.temperature" unit="°C" />
        <PlainField label="Shop humidity" field="seasons.shop.humidity" unit="%" />
      </TheRest>
      <p v-for="c in finish.cautions" :key="c" class="caution">{{ c }}</p>
      <h3>Take along</h3>
      <p class="line">
        <span>Calendar file of this box</span>
        <a :href="`/api/boxes/${bench.id}/calendar.ics`" :download="`${bench.id}.ics`">save</a>
      </p>
      <p class="line">
        <span>Address of all boxes, to subscribe to on this machine</span>
        <button type="button" class="word" :title="address" @click="copy">
          {{ copied ? 'copied' : 'copy' }}
        </button>
      </p>
      <BoxFinished v-if="calendar" :today="calendar.today" />
    </template>
    <template #verdicts>
      <VerdictList />
    </template>
    <template #follow>
      <NumberRow v-for="id in follows" :id="id" :key="id" />
      <p v-for="s in finish?.steps ?? []" :key="s" class="recipe">{{ s }}</p>
    </template>
  </StationFrame>
</template>

<style scoped>
.refused {
  color: var(--cut);
  font-weight: 600;
  margin: 0.2rem 0;
}
.doubt {
  margin: 0.2rem 0;
  padding: 0.35rem 0.7rem;
  background: var(--sheet);
  border-left: 6px solid var(--mind);
}
.next-when {
  margin: 0;
  color: var(--quiet);
}
.next {
  margin: 0;
  font-size: 1.55rem;
  font-weight: 700;
  line-height: 1.15;
}
.next-why {
  margin: 0 0 0.2rem;
}
.ready,
.line {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.6rem;
  margin: 0;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  margin: 0;
  padding: 0.3rem 0;
}
.caution {
  margin: 0;
  padding: 0.3rem 0.6rem;
  border-left: 6px solid var(--mind);
  background: var(--sheet);
  font-size: 0.95rem;
}
h3 {
  font-size: 0.86rem;
  color: var(--quiet);
  margin: 0.5rem 0 0;
}
.recipe {
  margin: 0;
  color: var(--quiet);
}
</style>
