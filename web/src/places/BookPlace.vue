<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { watchDebounced } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer as got, api, problemOf, type BookEntry, type BookPage } from '../api/client'
import DiaryEntry from '../book/DiaryEntry.vue'
import NoteForm from '../book/NoteForm.vue'
import FigureView from '../drawing/FigureView.vue'
import PlaceHead from '../practice/PlaceHead.vue'

const route = useRoute()
const toast = useToast()
const page = shallowRef<BookPage>()
const entries = shallowRef<BookEntry[]>([])
const search = ref('')
const ANY = 'any'
const kind = ref(ANY)
const box = ref(typeof route.query.box === 'string' ? route.query.box : ANY)
const cutter = ref(ANY)
const way = ref(ANY)
const wood = ref(ANY)
const out = ref(false)
const shown = ref('clearance')
const pointed = ref('')
const picked = ref('')
const lit = computed(() => pointed.value || picked.value)
const failed = ref('')
let turn = 0
document.title = 'Book – Cant Hook'

const sieve = computed(() => {
  const chosen = (value: string) => (value === ANY ? '' : value)
  return {
    kind: chosen(kind.value),
    box: chosen(box.value),
    cutter: chosen(cutter.value),
    way: chosen(way.value),
    wood: chosen(wood.value),
    search: search.value
  }
})
const file = computed(() => `/api/book/file?${new URLSearchParams(sieve.value).toString()}`)

async function load(from = 0) {
  const mine = ++turn
  try {
    const found = await got(
      api.GET('/api/book', { params: { query: { ...sieve.value, out: out.value, from } } })
    )
    if (mine !== turn) return
    if (from === 0) page.value = found
    entries.value = from === 0 ? found.entries : [...entries.value, ...found.entries]
    failed.value = ''
  } catch (error) {
    if (mine === turn) failed.value = problemOf(error).detail
  }
}
onMounted(() => load())
watchDebounced(search, () => load(), { debounce: 200 })
watch([kind, box, cutter, way, wood, out], () => load())

/** Entries by their day, as they were written in this place’s own time. */
const days = computed(() => {
  const by = new Map<string, BookEntry[]>()
  for (const entry of entries.value) {
    const day = new Date(entry.at).toLocaleDateString(undefined, {
      weekday: 'long',
      day: 'numeric',
      month: 'long',
      year: 'numeric'
    })
    by.set(day, [...(by.get(day) ?? []), entry])
  }
  return [...by.entries()]
})
const plot = computed(() => page.value?.plots.find((p) => p.id === shown.value) ?? page.value?.plots[0])
const plotNames: Record<string, string> = {
  clearance: 'Clearance',
  slot: 'Slots',
  pace: 'Seconds a pass',
  moisture: 'Moisture'
}
const options = computed(() => {
  const any = (name: string) => ({ id: ANY, name })
  const f = page.value?.facets
  return {
    kinds: [
      any('everything'),
      ...(page.value?.kinds ?? []).map((k) => ({ id: k.kind as string, name: k.words }))
    ],
    boxes: [any('every box'), ...(f?.boxes ?? [])],
    cutters: [any('every cutter'), ...(f?.cutters ?? [])],
    ways: [any('every jig'), ...(f?.ways ?? [])],
    woods: [any('every wood'), ...(f?.woods ?? [])]
  }
})
const sieves = [
  { of: kind, list: 'kinds' as const, label: 'Which entries' },
  { of: box, list: 'boxes' as const, label: 'Box' },
  { of: cutter, list: 'cutters' as const, label: 'Cutter' },
  { of: way, list: 'ways' as const, label: 'Jig' },
  { of: wood, list: 'woods' as const, label: 'Wood' }
]

async function mark(entry: BookEntry, takeOut: boolean) {
  const path = { kind: entry.kind, ref: entry.ref }
  try {
    await got(
      takeOut
        ? api.DELETE('/api/book/{kind}/{ref}', { params: { path } })
        : api.POST('/api/book/{kind}/{ref}/restore', { params: { path } })
    )
    toast.add({
      severity: 'info',
      summary: takeOut ? 'Taken out. It stands under “taken out”, and can be put back.' : 'Put back.',
      life: 4000
    })
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}

/** A point of the plot that is pressed: its entry stays lit and is brought into view. */
async function pick(id: string) {
  picked.value = id
  const stands = () => entries.value.some((e) => `${e.kind} ${e.ref}` === id)
  // it may stand further back than the diary has been read so far
  while (!stands() && entries.value.length < (page.value?.total ?? 0)) {
    const before = entries.value.length
    await load(before)
    if (entries.value.length === before) return
  }
  await nextTick()
  document.querySelector(`[data-entry="${CSS.escape(id)}"]`)?.scrollIntoView({ block: 'center' })
}
const station = {
  TEST_CUT: '/fit',
  MOVE: '/fit',
  RUN: '/cut',
  SPOILT: '/cut',
  GLUE_UP: '/glue',
  FINISHED: '/finish',
  REPAIR: '/glue',
  CALL: '',
  NOTE: '',
  PRACTICE: '',
  DRILLS: ''
} as const
</script>

<template>
  <div class="place">
    <PlaceHead title="Book" back="All boxes" back-to="/boxes">
      <InputText v-model="search" placeholder="Search the book" aria-label="Search the book" size="small" />
      <a :href="file" class="file" download>As a CSV file</a>
    </PlaceHead>
    <div class="sieves" role="search" aria-label="Which entries are shown">
      <Select
        v-for="s in sieves"
        :key="s.list"
        v-model="s.of.value"
        :options="options[s.list]"
        option-label="name"
        option-value="id"
        :aria-label="s.label"
        size="small"
      />
      <label class="taken"><input v-model="out" type="checkbox" /> taken out ({{ page?.out ?? 0 }})</label>
    </div>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <main v-if="page">
      <section v-if="plot" class="plots" aria-label="Over time">
        <div class="which" role="group" aria-label="What is plotted">
          <button
            v-for="p in page.plots"
            :key="p.id"
            type="button"
            class="plain"
            :aria-pressed="p.id === plot.id"
            @click="shown = p.id"
          >
            {{ plotNames[p.id] ?? p.title }}
          </button>
          <span class="title">{{ plot.title }}</span>
        </div>
        <FigureView
          :figure="plot"
          :lit="lit"
          class="over-time"
          :pad="6"
          @point="pointed = $event"
          @pick="pick"
        />
      </section>
      <div class="diary">
        <NoteForm label="Write a line" v-bind="box === ANY ? {} : { box }" @written="load()" />
        <p v-if="!entries.length" class="none">
          {{
            out
              ? 'Nothing is taken out.'
              : 'Nothing is found. Test cuts, moves, runs at the saw, mis-cuts, judgements and notes are written here by themselves.'
          }}
        </p>
        <section v-for="[day, list] in days" :key="day">
          <h2>{{ day }}</h2>
          <ul>
            <DiaryEntry
              v-for="e in list"
              :key="`${e.kind} ${e.ref}`"
              :entry="e"
              :lit="lit === `${e.kind} ${e.ref}`"
              :station="station[e.kind]"
              @mark="(takeOut) => mark(e, takeOut)"
              @written="load()"
            />
          </ul>
        </section>
        <button v-if="entries.length < page.total" type="button" class="word" @click="load(entries.length)">
          {{ page.total - entries.length }} earlier
        </button>
      </div>
    </main>
  </div>
</template>

<style scoped>
.place {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
.file {
  margin-left: auto;
  color: var(--rail-ink);
}
.sieves {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  padding: 0.6rem 1.3rem 0;
}
.taken {
  margin-left: auto;
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
  padding: 0 1.3rem;
}
main {
  padding: 0.4rem 1.3rem 2rem;
}
.plots {
  position: sticky;
  top: 0;
  background: var(--ground);
  z-index: 1;
}
.which {
  display: flex;
  gap: 0.4rem;
  align-items: baseline;
  flex-wrap: wrap;
}
.which .plain {
  padding: 0.15rem 0.6rem;
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
}
.which .plain[aria-pressed='true'] {
  border-color: var(--edge);
  font-weight: 700;
}
.title {
  color: var(--quiet);
}
.over-time {
  height: 13.5rem;
}
.diary {
  max-width: 62rem;
}
h2 {
  font-size: 1.05rem;
  padding: 0.9rem 0 0.2rem;
  border-bottom: 2px solid var(--ink);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.none {
  color: var(--quiet);
}
</style>
