<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { answer as got, api, problemOf, type SquareRead, type SquareView } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import { useBench } from '../bench/store'
import FigureView from '../drawing/FigureView.vue'
import { dayOf } from '../words/when'

/** Is the jig square enough for this joint? What was read, what it says, which way to move; written on the jig when it hangs on the rack. */
const bench = useBench()
/** what is usual stands there in millimetres; in inches nothing stands that is not seen */
const usual = (mm: number): number | undefined => (bench.plan?.unit === 'INCH' ? undefined : mm)
const nothing = () => ({
  atFence: undefined as number | undefined,
  far: undefined as number | undefined,
  strip: usual(300),
  distance: usual(460),
  hinge: 'LEFT' as 'LEFT' | 'RIGHT',
  gap: undefined as number | undefined,
  over: usual(60),
  front: undefined as number | undefined,
  back: undefined as number | undefined,
  apart: usual(200),
  depth: undefined as number | undefined,
  light: undefined as number | undefined,
  high: usual(10)
})
const read = reactive(nothing())
/** how often it was begun anew: what is typed in a field goes with what was read */
const begun = ref(0)
const view = ref<SquareView>()
const refused = ref<{ field: string; detail: string }>()
const failed = ref('')
const history = ref<{ at: string; says: string; grade: string }[]>([])
const kept = ref(false)
const own = computed(() => bench.plan?.jig.own)
let turn = 0

/** What is whole of it: a reading counts once all of it is there. */
const whole = computed<SquareRead | undefined>(() => {
  const r = read
  const all: SquareRead = {}
  if (r.atFence !== undefined && r.far !== undefined && r.strip !== undefined && r.distance !== undefined)
    all.fiveCuts = { atFence: r.atFence, far: r.far, strip: r.strip, distance: r.distance, hinge: r.hinge }
  if (r.gap !== undefined && r.over !== undefined) all.flip = { gap: r.gap, over: r.over }
  if (r.front !== undefined && r.back !== undefined && r.apart !== undefined)
    all.along = { front: r.front, back: r.back, apart: r.apart }
  if (r.depth !== undefined) all.depth = r.depth
  if (r.light !== undefined && r.high !== undefined) all.key = { light: r.light, high: r.high }
  return Object.keys(all).length ? all : undefined
})
const body = () =>
  bench.plan && whole.value
    ? { plan: bench.plan, testCuts: bench.testCuts.map((c) => c.cut), read: whole.value }
    : undefined

async function look() {
  const asked = body()
  kept.value = false
  if (!asked) {
    view.value = undefined
    return
  }
  const mine = ++turn
  try {
    const found = await got(api.POST('/api/square', { body: asked }))
    if (mine !== turn) return
    view.value = found
    refused.value = undefined
    failed.value = ''
  } catch (error) {
    if (mine !== turn) return
    const problem = problemOf(error)
    if (problem.field) refused.value = { field: problem.field, detail: problem.detail }
    else failed.value = problem.detail
    view.value = undefined
  }
}
watch([whole, () => bench.worked], () => void look())

async function load() {
  if (!own.value) return void (history.value = [])
  try {
    history.value = await got(
      api.GET('/api/rack/jigs/{id}/squares', { params: { path: { id: own.value.id } } })
    )
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
watch(own, () => void load(), { immediate: true })
// what was read off one jig of the rack is not written on another; one that is hung only now is the same
watch(
  () => own.value?.id,
  (id, was) => {
    if (!was || id === was) return
    Object.assign(read, nothing())
    begun.value++
  }
)
async function keep() {
  const asked = body()
  if (!asked || !own.value) return
  try {
    await got(
      api.POST('/api/rack/jigs/{id}/squares', { params: { path: { id: own.value.id } }, body: asked })
    )
    kept.value = true
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const why = (field: string) =>
  refused.value && refused.value.field.endsWith(`.${field}`) ? refused.value.detail : ''
const fields = [
  {
    title: 'Five cuts',
    how: 'Fence towards you, board left of the blade. Cut, turn the fresh edge to the fence, four times; the fifth cut takes a strip off the first edge.',
    all: [
      { at: 'atFence', words: 'End that was at the fence' },
      { at: 'far', words: 'Its far end' },
      { at: 'strip', words: 'Strip, long' },
      { at: 'distance', words: 'Hinge to screw' }
    ]
  },
  {
    title: 'Cutter to base',
    how: 'Cut a scrap, turn half of it over, put it together: the gap is twice what it leans.',
    all: [
      { at: 'gap', words: 'Gap' },
      { at: 'over', words: 'Over' }
    ]
  },
  {
    title: 'Key to base',
    how: 'A small square on the base, against the key’s side: leaves into the light under it.',
    all: [
      { at: 'light', words: 'Light' },
      { at: 'high', words: 'Seen over' }
    ]
  },
  {
    title: 'Blade along the slot',
    how: 'Unplugged: the same tooth, in front and behind.',
    all: [
      { at: 'front', words: 'In front' },
      { at: 'back', words: 'Behind' },
      { at: 'apart', words: 'Apart' }
    ]
  },
  {
    title: 'Height',
    how: 'A cut in scrap, the caliper’s rod in it.',
    all: [{ at: 'depth', words: 'Depth of the cut' }]
  }
] as const
</script>

<template>
  <div v-if="bench.plan" class="square">
    <div class="said">
      <p v-if="failed" class="stops" role="alert">{{ failed }}</p>
      <template v-if="view">
        <p v-if="view.says" class="grade" :class="view.grade.toLowerCase()" role="status">{{ view.says }}</p>
        <div v-for="a in view.answers" :key="a.id" class="answer">
          <p>{{ a.says }}</p>
          <p class="symbols">
            <span v-for="s in a.symbols" :key="s">{{ s }}</span>
          </p>
        </div>
        <FigureView v-if="view.figure" :figure="view.figure" class="fence" :pad="8" />
        <p v-if="view.symbols.length" class="symbols">
          <span v-for="s in view.symbols" :key="s">{{ s }}</span>
        </p>
      </template>
      <p v-else class="grade">
        Read something off the jig: what it takes of this joint’s clearance is told here.
      </p>
      <p v-if="own && view">
        <button type="button" class="plain keep" :disabled="kept" @click="keep">
          {{ kept ? `It stands on “${own.name}”` : `Write it on “${own.name}”` }}
        </button>
      </p>
      <p v-else-if="view" class="how">Keep this jig on the rack, and what was read stands on it.</p>
      <template v-if="history.length">
        <h3>Read before</h3>
        <ol class="history">
          <li v-for="h in history" :key="h.at" :class="h.grade.toLowerCase()">
            <strong>{{ dayOf(h.at) }}</strong> {{ h.says }}
          </li>
        </ol>
      </template>
    </div>
    <div class="fields">
      <fieldset v-for="f in fields" :key="f.title">
        <legend>{{ f.title }}</legend>
        <p class="how">{{ f.how }}</p>
        <LengthField
          v-for="x in f.all"
          :key="`${begun} ${x.at}`"
          :label="x.words"
          :text="read[x.at] === undefined || bench.plan.unit === 'INCH' ? '' : String(read[x.at])"
          :mm="read[x.at]"
          :unit="bench.plan.unit"
          :least="0"
          :most="2000"
          :refused="why(x.at)"
          fine
          @read="read[x.at] = $event"
        />
        <ChoiceField
          v-if="f.title === 'Five cuts'"
          label="The fence turns at its"
          :value="read.hinge"
          :choices="[
            { value: 'LEFT', label: 'left end' },
            { value: 'RIGHT', label: 'right end' }
          ]"
          @choose="read.hinge = $event as 'LEFT' | 'RIGHT'"
        />
      </fieldset>
    </div>
  </div>
</template>

<style scoped>
.square {
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}
.grade {
  margin: 0.2rem 0 0.5rem;
  font-size: 1.25rem;
  font-weight: 700;
  line-height: 1.25;
}
.grade.good,
.history .good strong {
  color: var(--good);
}
.grade.tight,
.history .tight strong {
  color: var(--mind);
}
.grade.not,
.history .not strong {
  color: var(--cut);
}
.answer p {
  margin: 0.1rem 0;
}
.symbols {
  font: 500 0.95rem/1.5 var(--mono);
  color: var(--edge);
}
.symbols span {
  margin-right: 0.8rem;
}
.fence {
  height: 13rem;
}
.how {
  margin: 0.1rem 0;
  font-size: 0.92rem;
  color: var(--quiet);
}
fieldset {
  border: 0;
  margin: 0 0 0.5rem;
  padding: 0;
}
legend {
  font-weight: 700;
}
.keep {
  padding: 0.5rem 0.9rem;
  border: 1.5px solid var(--edge);
  border-radius: 4px;
  color: var(--edge);
  font-weight: 700;
}
.history {
  margin: 0;
  padding-left: 1.1rem;
}
h3 {
  font-size: 0.95rem;
  margin: 0.6rem 0 0.2rem;
}
.stops {
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 900px) {
  .square {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
