<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import {
  answer,
  api,
  problemOf,
  type BookEntry,
  type BoxOnJig,
  type Figure,
  type KeptJig,
  type RackJig,
  type SquareKept
} from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { rackDisplay } from './display'
import JigMeasures from './JigMeasures.vue'
import ShelfFrame from './ShelfFrame.vue'
import { useTakenOff } from './taken-off'
import UsualJig from './UsualJig.vue'
import { dateOf } from '../words/when'

/** Jigs as they hang: each with what is moved at it, its measures, its keys, and what was cut on it. */
const jigs = ref<KeptJig[]>([])
const picked = ref('')
const building = ref(false)
const failed = ref('')
const recorded = ref<BookEntry[]>([])
const boxes = ref<BoxOnJig[]>([])
const squares = ref<SquareKept[]>([])
const now = computed(() => jigs.value.find((j) => j.jig.id === picked.value))
/** What was refused of one is not told of the next. */
watch(picked, () => {
  failed.value = ''
})

async function load() {
  try {
    jigs.value = await answer(
      api.GET('/api/rack/jigs', { params: { query: { display: rackDisplay.value } } })
    )
    if (!now.value) picked.value = jigs.value[0]?.jig.id ?? ''
    await memory()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)

/** what the Book holds of this jig, and which boxes of the shelf it cuts */
async function memory() {
  recorded.value = []
  boxes.value = []
  squares.value = []
  const id = picked.value
  if (!id) return
  try {
    const found = await answer(
      api.GET('/api/book', { params: { query: { kind: 'TEST_CUT', jig: id, most: 12 } } })
    )
    const on = await answer(api.GET('/api/build/jigs/{id}/boxes', { params: { path: { id } } }))
    const read = await answer(api.GET('/api/rack/jigs/{id}/squares', { params: { path: { id } } }))
    if (id !== picked.value) return
    squares.value = read
    recorded.value = found.entries
    boxes.value = on
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}

/** In a row only what it looks like; its measures stand in the large drawing. */
function bare(figure: Figure): Figure {
  return { ...figure, dimensions: [], notes: [] }
}

async function change(by: (jig: RackJig) => unknown) {
  const was = now.value
  if (!was) return
  const jig = JSON.parse(JSON.stringify(was.jig)) as RackJig
  by(jig)
  if (JSON.stringify(jig) === JSON.stringify(was.jig)) return
  try {
    const saved = await answer(
      api.PUT('/api/rack/jigs/{id}', {
        params: { path: { id: jig.id }, query: { display: rackDisplay.value } },
        body: { revision: was.revision, jig }
      })
    )
    jigs.value = jigs.value.map((j) => (j.jig.id === jig.id ? saved : j))
    failed.value = ''
    await memory()
  } catch (error) {
    failed.value = problemOf(error).detail
    if (problemOf(error).status === 409) await load()
  }
}

async function hang() {
  try {
    const made = await answer(
      api.POST('/api/rack/jigs', {
        params: { query: { display: rackDisplay.value } },
        body: {
          jig: { id: 'new', name: 'New jig', jig: { way: 'SLED_KEY' }, keys: [], spacers: [], note: '' }
        }
      })
    )
    jigs.value = [...jigs.value, made]
    picked.value = made.jig.id
    await memory()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const {
  gone,
  refused: notMoved,
  takeOff,
  putBack
} = useTakenOff<KeptJig>({
  id: (kept) => kept.jig.id,
  remove: async (id) => answer(api.DELETE('/api/rack/jigs/{id}', { params: { path: { id } } })),
  restore: async (id) => answer(api.POST('/api/rack/jigs/{id}/restore', { params: { path: { id } } })),
  shown: (id) => (picked.value = id),
  load
})
function pick(id: string) {
  picked.value = id
  void memory()
}
</script>

<template>
  <UsualJig v-if="building" @close="building = false" />
  <ShelfFrame v-else>
    <button
      v-for="j in jigs"
      :key="j.jig.id"
      type="button"
      class="jig"
      :class="{ here: j.jig.id === picked }"
      @click="pick(j.jig.id)"
    >
      <FigureView :figure="bare(j.figure)" class="picture" :pad="2" quiet />
      <strong>{{ j.jig.name }}</strong>
      <small>{{ j.says }}</small>
    </button>
    <p v-if="!jigs.length" class="none">
      No jig hangs here yet. Hang one, or keep the one of a box at its Jig station.
    </p>
    <p class="under">
      <button type="button" class="word" @click="hang">Hang a jig</button>
      <button type="button" class="word" @click="building = true">Build one for a usual width</button>
      <button v-if="gone" type="button" class="word" @click="putBack">put {{ gone.jig.name }} back</button>
    </p>
    <p v-if="failed || notMoved" class="failed" role="alert">{{ failed || notMoved }}</p>
    <section v-if="now" class="large">
      <h2>{{ now.jig.name }}, from above and to scale</h2>
      <FigureView :figure="now.figure" class="drawn" :pad="8" quiet />
      <template v-if="squares.length">
        <h2>Is it square?</h2>
        <ul class="memory">
          <li v-for="q in squares" :key="q.at" :class="q.grade.toLowerCase()">
            <span class="when">{{ dateOf(q.at) }}</span> {{ q.says }}
          </li>
        </ul>
      </template>
    </section>
    <template v-if="now" #slate>
      <label class="name">
        <span>Name</span>
        <InputText
          :model-value="now.jig.name"
          size="small"
          @change="change((j) => (j.name = ($event.target as HTMLInputElement).value))"
        />
      </label>
      <JigMeasures :key="now.jig.id" :kept="now" @change="change" @failed="failed = $event" />
      <label class="name">
        <span>Note</span>
        <InputText
          :model-value="now.jig.note"
          size="small"
          @change="change((j) => (j.note = ($event.target as HTMLInputElement).value))"
        />
      </label>
      <h2>Boxes for it</h2>
      <p v-if="!boxes.length" class="none">
        None of the boxes on the shelf is cut on it, or would be as it is.
      </p>
      <ul class="memory">
        <li v-for="b in boxes" :key="b.id">
          <RouterLink :to="`/boxes/${b.id}/jig`">{{ b.name }}</RouterLink>
          <strong v-if="b.chosen"> is cut on it.</strong>
          <template v-else-if="b.how === 'AS_IT_IS'"> as it is:</template>
          <template v-else> after a shim:</template>
          {{ b.says }}
        </li>
      </ul>
      <h2>What was cut on it</h2>
      <p v-if="!recorded.length" class="none">No test cut yet. A box cut on it is remembered here.</p>
      <ul class="memory cut-on">
        <li v-for="r in recorded" :key="r.ref">
          <span class="when">{{ dateOf(r.at) }}</span>
          <RouterLink :to="`/boxes/${r.box}/fit`">{{ r.boxName }}</RouterLink>
          {{ r.says }}
        </li>
      </ul>
      <p><button type="button" class="word" @click="takeOff(now)">Take it off the rack</button></p>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.jig {
  display: grid;
  grid-template-columns: 9rem 1fr;
  column-gap: 1rem;
  width: 100%;
  text-align: left;
  padding: 0.4rem 0.8rem;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  cursor: pointer;
}
.jig.here {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--edge);
}
.picture {
  grid-row: span 2;
  height: 4.4rem;
}
.large {
  padding: 0.4rem 0.8rem;
}
.drawn {
  height: 17rem;
}
.memory .good {
  border-left: 4px solid var(--good);
  padding-left: 0.5rem;
}
.memory .tight {
  border-left: 4px solid var(--mind);
  padding-left: 0.5rem;
}
.memory .not {
  border-left: 4px solid var(--cut);
  padding-left: 0.5rem;
}
.jig strong {
  align-self: end;
}
.jig small {
  color: var(--quiet);
  font-size: 0.95rem;
}
.name {
  display: grid;
  gap: 0.15rem;
  padding: 0.3rem 0;
}
.memory {
  list-style: none;
  margin: 0;
  padding: 0;
}
.memory li {
  padding: 0.25rem 0;
  border-bottom: 1px dotted var(--rule);
}
.when,
.none {
  color: var(--quiet);
}
.when {
  font-size: 0.9rem;
  margin-right: 0.4rem;
}
.under {
  display: flex;
  gap: 1.2rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
h2 {
  margin: 1rem 0 0.2rem;
  font-size: 1rem;
}
</style>
