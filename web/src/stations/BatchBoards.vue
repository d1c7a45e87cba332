<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useToast } from 'primevue/usetoast'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { answer as got, api, problemOf, type KeptBlank } from '../api/client'
import CornersRound from '../bench/CornersRound.vue'
import { useBreakdown } from '../bench/breakdown'
import { useBench } from '../bench/store'
import NumText from '../drawing/NumText.vue'
import BoardDrawing from '../drawing/BoardDrawing.vue'

/** The boards of the rack with the batch laid on them. */
const bench = useBench()
const breakdown = useBreakdown()
const toast = useToast()
const lit = ref('')
const sums: Record<string, string> = {
  'breakdown.boxes': 'boxes',
  'breakdown.corners': 'corners matched',
  'breakdown.opened': 'boards cut',
  'breakdown.offcut': 'longest offcut'
}
const area = ref<HTMLElement>()
const { width } = useElementSize(area)

const boards = computed(() => breakdown.answer?.boards ?? [])
const longest = computed(() => Math.max(1, ...boards.value.map((b) => b.length)))
const scale = computed(() => Math.max(0.05, (width.value - 10) / longest.value))
const kept = computed(() => new Map(breakdown.rack.map((k) => [k.blank.id, k])))

async function load() {
  try {
    await breakdown.look()
  } catch (error) {
    breakdown.failed = problemOf(error).detail
  }
}
/** Only what the search depends on: neither the lamp nor a note asks for a new plan. */
watch(
  () => JSON.stringify(bench.plan),
  () => {
    if (bench.plan?.batch && !bench.plan.batch.cut) void breakdown.ask(bench.plan)
    else breakdown.forget()
  },
  { immediate: true }
)
onMounted(load)
onBeforeUnmount(() => breakdown.forget())

let moving: Promise<void> = Promise.resolve()
/** A defect that was dragged is kept on the rack at once; the plan follows. One move after another, so that none is lost. */
function move(board: string, flaw: number, by: number) {
  moving = moving.then(() => moveNow(board, flaw, by))
}
async function moveNow(board: string, flaw: number, by: number) {
  const was = kept.value.get(board)
  if (!was || !bench.plan) return
  const blank = structuredClone(JSON.parse(JSON.stringify(was.blank))) as KeptBlank['blank']
  const defect = blank.defects[flaw]
  if (!defect) return
  const far = defect.to - defect.from
  const start = Math.min(Math.max(0, defect.from + by), blank.length - far)
  defect.from = start
  defect.to = start + far
  try {
    const saved = await got(
      api.PUT('/api/rack/blanks/{id}', {
        params: { path: { id: board }, query: { display: bench.plan.display } },
        body: { revision: was.revision, blank }
      })
    )
    breakdown.rack = breakdown.rack.map((k) => (k.blank.id === board ? saved : k))
    void breakdown.ask(bench.plan)
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 6000 })
    await load()
  }
}

async function cutIt() {
  const id = breakdown.view?.id
  const batch = bench.plan?.batch
  if (!id || !batch) return
  try {
    const done = await got(api.POST('/api/breakdowns/{id}/cut', { params: { path: { id } } }))
    await bench.set('batch.cut', done.on)
    back.value = done
    await load()
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 7000 })
  }
}
const back = ref<{ cutUp: string[]; offcuts: string[] }>()

/** It was not cut after all: the boards lie on the rack again, their offcuts do not. */
async function undoCut() {
  const was = back.value
  if (!was) return
  for (const id of was.cutUp)
    await got(api.POST('/api/rack/blanks/{id}/restore', { params: { path: { id } } }))
  for (const id of was.offcuts) await got(api.DELETE('/api/rack/blanks/{id}', { params: { path: { id } } }))
  back.value = undefined
  await load()
  await bench.set('batch.cut', undefined)
}

/** Boards such as are wanting, put on the rack to plan with before they are bought. */
async function wanted() {
  const w = breakdown.answer?.wanting
  if (!w || !bench.plan) return
  const ids: string[] = []
  for (let i = 1; i <= w.boards; i++) {
    const made = await got(
      api.POST('/api/rack/blanks', {
        params: { query: {} },
        body: {
          blank: {
            id: 'new',
            name: w.boards === 1 ? 'To be bought' : `To be bought, ${i} of ${w.boards}`,
            length: w.length,
            width: w.width,
            thickness: w.thickness,
            wood: w.wood,
            ringAngle: 0,
            figure: 'STRAIGHT',
            snipe: false,
            note: `For ${bench.plan.name}: at least this much.`,
            defects: []
          }
        }
      })
    )
    ids.push(made.blank.id)
  }
  await load()
  // boards that were picked stay picked, and these join them
  if (bench.plan.batch?.blanks.length) {
    await bench.decide((plan) => plan.batch?.blanks.push(...ids))
  } else await breakdown.ask(bench.plan)
}
/** How many were wanted, when fewer come out. */
const short = computed(() => {
  const wanted = breakdown.answer?.wanted ?? 0
  return (bench.numbers.get('breakdown.boxes')?.value ?? wanted) < wanted ? wanted : undefined
})
const toBuy = computed(() =>
  breakdown.answer?.wanting?.boards === 1
    ? 'Put the board that is wanting on the rack, to be bought'
    : `Put the ${breakdown.answer?.wanting?.boards} boards that are wanting on the rack, to be bought`
)
</script>

<template>
  <div ref="area" class="boards">
    <p v-if="breakdown.failed" class="failed" role="alert">{{ breakdown.failed }}</p>
    <div v-if="bench.plan?.batch?.cut" class="done" role="status">
      <p>
        This batch was cut on <strong>{{ bench.plan.batch.cut }}</strong>; what was left of the boards is on
        the <RouterLink to="/rack/blanks">rack</RouterLink>.
      </p>
      <p>
        <button v-if="back" type="button" class="word" @click="undoCut">It was not cut after all</button>
        <button v-else type="button" class="word" @click="bench.set('batch.cut', undefined)">
          Plan another batch
        </button>
      </p>
    </div>
    <template v-else>
      <p v-if="breakdown.running" class="search" role="status">
        <progress :value="breakdown.view?.share ?? 0" max="1" aria-label="How far the search has come" />
        <span>Seeking: {{ breakdown.view?.step }}</span>
        <button type="button" class="word" @click="breakdown.stop()">Stop, keep the best so far</button>
      </p>
      <p v-else-if="breakdown.answer && !boards.length" class="empty">
        No board lies on the rack. Put some on the <RouterLink to="/rack/blanks">rack</RouterLink>, or bring
        them in from a file.
      </p>
      <p v-if="breakdown.answer && boards.length" class="sum">
        <button
          v-for="n in ['breakdown.boxes', 'breakdown.corners', 'breakdown.opened', 'breakdown.offcut']"
          :key="n"
          type="button"
          class="plain"
          title="Show the working"
          @click="bench.openWorking(n)"
        >
          <template v-if="bench.numbers.get(n)"
            >{{ sums[n] }}
            <strong><NumText :text="bench.numbers.get(n)?.text ?? ''" /></strong>
            <span v-if="n === 'breakdown.boxes' && short" class="short">of {{ short }}</span>
            {{ bench.numbers.get(n)?.unit }}</template
          >
        </button>
        <em v-if="breakdown.answer.proven && !breakdown.running">{{
          short ? 'proven: these boards give no more' : 'proven: no plan does better'
        }}</em>
      </p>
      <ol v-if="boards.length" class="list">
        <li v-for="board in boards" :key="board.id" :class="{ alone: !board.areas.length }">
          <p class="name">
            <strong>{{ board.name }}</strong> <span class="mono"><NumText :text="board.size" /></span>
            <em v-if="board.says">{{ board.says }}</em>
            <em v-if="board.book"
              >resaw first, open like a book about an end; let the halves rest before planing</em
            >
          </p>
          <BoardDrawing
            :board="board"
            :wood="kept.get(board.id)?.blank.wood ?? ''"
            :scale="scale"
            :lit="lit"
            movable
            @move="(flaw, by) => move(board.id, flaw, by)"
            @point="lit = $event"
          />
        </li>
      </ol>
      <div v-if="breakdown.answer?.corners.length" class="round">
        <h3>Where the figure runs round, from above; the break goes to the back</h3>
        <CornersRound
          :boxes="breakdown.answer.corners"
          :kinds="breakdown.answer.kinds"
          :lit="lit"
          @point="lit = $event"
        />
      </div>
      <p v-if="breakdown.answer?.cut" class="acts">
        <button type="button" class="act" :disabled="breakdown.running" @click="cutIt">It was cut</button>
        <span>takes {{ breakdown.answer.cut }} boards off the rack and puts their offcuts on it.</span>
        <button v-if="breakdown.answer.wanting" type="button" class="word" @click="wanted">
          {{ toBuy }}
        </button>
      </p>
      <p v-else-if="breakdown.answer?.wanting" class="acts">
        <button type="button" class="word" @click="wanted">
          {{ toBuy }}
        </button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.boards {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding-right: 4px;
  scrollbar-gutter: stable;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.35rem;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.3rem;
  margin: 0 0 0.4rem;
  font-size: 0.95rem;
}
.sum strong {
  font: 600 1.15rem var(--mono);
}
.sum .short {
  margin-left: 0.4ch;
  color: var(--cut);
  font-weight: 600;
}
.sum em {
  color: var(--good);
  font-weight: 600;
  font-style: normal;
}
.alone {
  opacity: 0.72;
}
.name {
  margin: 0 0 0.1rem;
  font-size: 0.9rem;
  display: flex;
  gap: 0.7rem;
}
.name strong,
.name .mono {
  white-space: nowrap;
}
.name .mono {
  color: var(--quiet);
}
.search {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin: 0 0 0.4rem;
  padding: 0.35rem 0.6rem;
  background: var(--sheet);
}
progress {
  width: 9rem;
  accent-color: var(--good);
}
.round h3 {
  font-size: 0.88rem;
  color: var(--quiet);
  margin-top: 0.6rem;
}
.acts {
  display: flex;
  gap: 0.7rem;
  align-items: center;
  margin: 0.5rem 0;
  font-size: 0.92rem;
  flex-wrap: wrap;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
.done {
  background: var(--sheet);
  border-left: 5px solid var(--good);
  padding: 0.5rem 0.8rem;
}
</style>
