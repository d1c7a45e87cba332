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
  async () => {
    if (!bench.plan?.batch) return breakdown.forget()
    if (breakdown.kept || (await cutBy())) return
    if (bench.plan?.batch) void breakdown.ask(bench.plan)
  },
  { immediate: true }
)
/** Whether boards were cut by a plan already: then that one is shown. */
async function cutBy() {
  if (!bench.id) return false
  try {
    return await breakdown.keptPlan(bench.id)
  } catch (error) {
    breakdown.failed = problemOf(error).detail
    return true
  }
}
onMounted(load)
onBeforeUnmount(() => {
  breakdown.kept = null
  breakdown.forget()
})

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

/** When each board of the plan was cut; all of it is a plan while none was. */
const cutOn = computed(() => new Map((breakdown.kept?.boards ?? []).map((b) => [b.id, b.on])))
const leftWhole = computed(() => (breakdown.kept?.boards ?? []).filter((b) => !b.on).length)
const busy = ref(false)

/** Does one thing to the boards after another, says what stood in the way, and looks at the rack anew. */
async function boardsDo(what: (box: string) => Promise<void>) {
  if (!bench.id || busy.value) return
  busy.value = true
  try {
    await what(bench.id)
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 7000 })
  } finally {
    busy.value = false
  }
  await load()
  const days = (breakdown.kept?.boards ?? []).map((b) => b.on)
  const all = days.length && days.every((d) => d) ? [...days].sort().pop() : undefined
  if (bench.plan?.batch && (bench.plan.batch.cut ?? undefined) !== (all ?? undefined))
    await bench.set('batch.cut', all ?? undefined)
  else if (!breakdown.kept && bench.plan?.batch) void breakdown.ask(bench.plan)
}
/** A tick that is refused is taken back where it was set. */
async function tick(board: string, at: EventTarget | null) {
  const box = at as HTMLInputElement
  const done = box.checked
  await boardsDo((id) => (breakdown.kept ? breakdown.cut(id, board, done) : breakdown.begin(id, [board])))
  box.checked = !!cutOn.value.get(board)
}
function allCut() {
  const all = boards.value.filter((b) => b.areas.length && !cutOn.value.get(b.id)).map((b) => b.id)
  return boardsDo(async (box) => {
    if (!breakdown.kept) return breakdown.begin(box, all)
    for (const board of all) await breakdown.cut(box, board, true)
  })
}
function planAnew() {
  return boardsDo((box) => breakdown.planAnew(box))
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
            defects: [],
            scrap: false
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
    ? 'Put the missing board on the rack, to be bought'
    : `Put the ${breakdown.answer?.wanting?.boards} missing boards on the rack, to be bought`
)
</script>

<template>
  <div ref="area" class="boards">
    <p v-if="breakdown.failed" class="failed" role="alert">{{ breakdown.failed }}</p>
    <div v-if="breakdown.kept" class="done" role="status">
      <p>
        <template v-if="leftWhole">
          Cutting by this plan: {{ leftWhole }} of {{ breakdown.kept.boards.length }} boards still whole.
        </template>
        <template v-else>
          This batch was cut<template v-if="bench.plan?.batch?.cut">
            on <strong>{{ bench.plan.batch.cut }}</strong></template
          >.
        </template>
        What is left of the boards is on the <RouterLink to="/rack/blanks">rack</RouterLink>.
        <button type="button" class="word" :disabled="busy" @click="planAnew">
          {{ leftWhole ? 'Plan the rest anew' : 'Plan another batch' }}
        </button>
      </p>
    </div>
    <template v-if="bench.plan?.batch">
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
            <label v-if="board.areas.length && bench.id && !breakdown.running" class="tick">
              <input
                type="checkbox"
                :checked="!!cutOn.get(board.id)"
                :disabled="busy"
                :aria-label="`${board.name} is cut`"
                @change="tick(board.id, $event.target)"
              />
              {{ cutOn.get(board.id) ? `cut on ${cutOn.get(board.id)}` : 'cut' }}
            </label>
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
            :movable="!breakdown.kept"
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
      <p v-if="breakdown.answer?.cut && (!breakdown.kept || leftWhole)" class="acts">
        <button type="button" class="act" :disabled="breakdown.running || busy" @click="allCut">
          {{ leftWhole || breakdown.answer.cut > 1 ? 'All of them are cut' : 'It is cut' }}
        </button>
        <span>A tick takes a board off the rack and puts its offcuts on it; this plan stays.</span>
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
.tick {
  display: flex;
  gap: 0.35rem;
  align-items: center;
  white-space: nowrap;
}
.tick input {
  width: 1.1rem;
  height: 1.1rem;
  accent-color: var(--good);
}
.done {
  background: var(--sheet);
  border-left: 5px solid var(--good);
  margin-bottom: 0.4rem;
  padding: 0.4rem 0.8rem;
}
.done p {
  margin: 0;
}
</style>
