<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api, problemOf, type Blank, type KeptBlank } from '../api/client'
import BoardDrawing from '../drawing/BoardDrawing.vue'
import NumText from '../drawing/NumText.vue'
import { rackDisplay } from './display'
import BlankFields from './BlankFields.vue'
import FileInOut from './FileInOut.vue'
import ShelfFrame from './ShelfFrame.vue'

/** The boards, drawn to one scale; the one picked can be changed beside them. */
const boards = ref<KeptBlank[]>()
const woods = ref<{ value: string; label: string }[]>([])
const picked = ref('')
const failed = ref('')
const refused = ref<{ field: string; detail: string }>()
const area = ref<HTMLElement>()
const { width } = useElementSize(area)
const scale = computed(() => {
  const longest = Math.max(1, ...(boards.value ?? []).map((b) => b.blank.length))
  return Math.max(0.05, Math.min(1.2, (width.value - 14) / longest))
})
const board = computed(() => boards.value?.find((b) => b.blank.id === picked.value))
const blank = computed(() => board.value?.blank)
const query = computed(() => ({ display: rackDisplay.value }))

/** What was refused of one is not told of the next. */
watch(picked, () => {
  failed.value = ''
  refused.value = undefined
})

async function load() {
  try {
    boards.value = await answer(api.GET('/api/rack/blanks', { params: { query: query.value } }))
    if (!board.value) picked.value = boards.value[0]?.blank.id ?? ''
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(async () => {
  await load()
  woods.value = (await answer(api.GET('/api/woods'))).map((w) => ({ value: w.id, label: w.name }))
})

let saving: Promise<void> = Promise.resolve()
/** Changes are written one after another, each from the revision the last one left. */
function change(how: (draft: Blank) => void) {
  const id = picked.value
  saving = saving.then(async () => {
    const was = boards.value?.find((b) => b.blank.id === id)
    if (!was) return
    const draft = JSON.parse(JSON.stringify(was.blank)) as Blank
    how(draft)
    try {
      const saved = await answer(
        api.PUT('/api/rack/blanks/{id}', {
          params: { path: { id }, query: query.value },
          body: { revision: was.revision, blank: draft }
        })
      )
      boards.value = (boards.value ?? []).map((b) => (b.blank.id === id ? saved : b))
      refused.value = undefined
    } catch (error) {
      const problem = problemOf(error)
      refused.value = {
        field: (problem.field ?? '').replace(/^blank\./, '').replace(/\[(\d+)\]/g, '.$1'),
        detail: problem.detail
      }
      if (problem.status === 409) await load()
    }
  })
}

async function add() {
  const like = blank.value
  const made = await answer(
    api.POST('/api/rack/blanks', {
      params: { query: query.value },
      body: {
        blank: {
          id: 'new',
          name: 'New board',
          length: 1000,
          width: 120,
          thickness: 12,
          wood: like?.wood ?? 'cherry-black',
          ringAngle: 0,
          figure: 'STRAIGHT',
          snipe: false,
          note: '',
          defects: [],
          scrap: false
        }
      }
    })
  )
  boards.value = [...(boards.value ?? []), made]
  picked.value = made.blank.id
}

const gone = ref<{ id: string; name: string }>()
async function takeOff() {
  const b = blank.value
  if (!b) return
  await answer(api.DELETE('/api/rack/blanks/{id}', { params: { path: { id: b.id } } }))
  gone.value = { id: b.id, name: b.name }
  picked.value = ''
  await load()
}
async function putBack() {
  if (!gone.value) return
  await answer(api.POST('/api/rack/blanks/{id}/restore', { params: { path: { id: gone.value.id } } }))
  picked.value = gone.value.id
  gone.value = undefined
  await load()
}

function move(id: string, flaw: number, by: number) {
  picked.value = id
  change((b) => {
    const d = b.defects[flaw]
    if (!d) return
    const far = d.to - d.from
    d.from = Math.min(Math.max(0, d.from + by), b.length - far)
    d.to = d.from + far
  })
}
</script>

<template>
  <ShelfFrame>
    <div class="bar">
      <button type="button" class="act" @click="add">Put a board on the rack</button>
      <FileInOut
        address="/api/rack/blanks/csv"
        what="boards"
        columns="name, length, width, thickness, wood; and as you like id, ring_angle, moisture_pct, moisture_on, moisture_by, figure, snipe, note, defects (knot 120..150; check 0..40 across 10..30 may hide), scrap"
        @taken="load"
      />
    </div>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <p v-if="gone" class="gone" role="status">
      {{ gone.name }} is off the rack.
      <button type="button" class="word" @click="putBack">Put it back</button>
    </p>
    <p v-if="boards && !boards.length" class="empty">
      Nothing lies on the rack. Put a board on it with its length, width and thickness, and mark its knots and
      checks: the cut plan steers round them.
    </p>
    <div ref="area">
      <ol class="boards">
        <li v-for="b in boards" :key="b.blank.id" :class="{ picked: b.blank.id === picked }">
          <button
            type="button"
            class="plain name"
            :aria-pressed="b.blank.id === picked"
            @click="picked = b.blank.id"
          >
            <strong>{{ b.blank.name }}</strong>
            <span class="mono"><NumText :text="b.figure.size" /></span>
            <span>{{ b.wood }}</span>
            <span v-if="b.blank.moisture">{{ b.blank.moisture.percent.toFixed(1) }} %</span>
            <span v-if="b.blank.snipe">snipe</span>
            <span v-if="b.blank.scrap">scrap</span>
            <em v-if="b.blank.note">{{ b.blank.note }}</em>
          </button>
          <BoardDrawing
            :board="b.figure"
            :wood="b.blank.wood"
            :scale="scale"
            movable
            @move="(flaw, by) => move(b.blank.id, flaw, by)"
            @pointerdown="picked = b.blank.id"
          />
        </li>
      </ol>
    </div>
    <template #slate>
      <BlankFields
        v-if="board"
        :key="board.blank.id"
        :board="board"
        :woods="woods"
        :refused="refused"
        @change="change"
        @take-off="takeOff"
      />
    </template>
  </ShelfFrame>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 1.4rem;
  align-items: baseline;
  flex-wrap: wrap;
  margin-bottom: 0.5rem;
}
.boards {
  list-style: none;
  margin: 0;
  padding: 0;
}
.boards li {
  padding: 0.2rem 0.35rem 0.3rem;
  border-left: 5px solid transparent;
}
.boards li.picked {
  border-left-color: var(--edge);
  background: var(--sheet);
}
.name {
  display: flex;
  gap: 0.9rem;
  width: 100%;
  font-size: 0.9rem;
  padding-bottom: 0.12rem;
}
.name span,
.name em {
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
  font-size: 0.9rem;
}
</style>
