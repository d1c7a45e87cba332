<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { useToast } from 'primevue/usetoast'
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type Blank, type KeptBlank } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import BoardDrawing from '../drawing/BoardDrawing.vue'
import NumText from '../drawing/NumText.vue'
import { rackDisplay, rackUnit } from './display'
import FileInOut from './FileInOut.vue'
import NumberField from './NumberField.vue'
import ShelfFrame from './ShelfFrame.vue'

/** The boards, drawn to one scale; the one picked can be changed beside them. */
const toast = useToast()
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
const figures = ['STRAIGHT', 'RISING', 'FALLING', 'CATHEDRAL', 'CURLY'].map(worded)
const kinds = ['KNOT', 'CHECK', 'WANE', 'SAPWOOD', 'OTHER'].map(worded)

function worded(value: string) {
  return { value, label: value.toLowerCase() }
}

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
const refusedAt = (field: string) => (refused.value?.field === field ? refused.value.detail : '')
const text = (field: string) => board.value?.fields[field] ?? ''

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
          defects: []
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

/** A defect where there is room for one. */
function addDefect() {
  change((b) => {
    const at = [...b.defects].sort((x, y) => x.from - y.from)
    let from = Math.min(30, b.length / 4)
    for (const d of at) if (from + 25 > d.from && from < d.to) from = d.to + 5
    b.defects.push({ kind: 'KNOT', from, to: Math.min(b.length, from + 20), mayHide: false })
  })
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
function across(at: number, partly: boolean) {
  change((b) => {
    const d = b.defects[at]
    if (!d) return
    if (partly) Object.assign(d, { acrossFrom: 0, acrossTo: b.width / 2 })
    else {
      delete d.acrossFrom
      delete d.acrossTo
    }
  })
}
async function meter() {
  const b = blank.value
  if (!b) return
  try {
    const read = await answer(api.POST('/api/devices/moisture-meter/read', { body: { board: b.id } }))
    change((draft) => {
      draft.moisture = { percent: read.percent, on: read.on, by: 'METER' }
    })
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 5000 })
  }
}
async function shopAir() {
  const air = await answer(api.GET('/api/devices/climate-logger/now'))
  const settled = await answer(
    api.GET('/api/equilibrium', {
      params: { query: { temperature: air.temperature, humidity: air.humidity } }
    })
  )
  change((draft) => {
    draft.moisture = {
      percent: Math.round(settled.moisture * 10) / 10,
      on: new Date().toISOString().slice(0, 10),
      by: 'SHOP_AIR'
    }
  })
}
const byWords = { METER: 'by a meter', SHOP_AIR: 'by the shop’s air', GUESS: 'a guess' } as const
</script>

<template>
  <ShelfFrame>
    <div class="bar">
      <button type="button" class="act" @click="add">Put a board on the rack</button>
      <FileInOut
        address="/api/rack/blanks/csv"
        what="blanks"
        columns="name, length, width, thickness, wood; and as you like id, ring_angle, moisture_pct, moisture_on, moisture_by, figure, snipe, note, defects (knot 120..150; check 0..40 across 10..30 may hide)"
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
      <template v-if="blank && board">
        <InputText
          :model-value="blank.name"
          class="title"
          aria-label="Name of the board"
          @change="change((b) => (b.name = ($event.target as HTMLInputElement).value))"
        />
        <p v-if="refusedAt('name')" class="failed">{{ refusedAt('name') }}</p>
        <LengthField
          v-for="(label, field) in { length: 'Length', width: 'Width', thickness: 'Thickness' }"
          :key="`${blank.id} ${field}`"
          :label="label"
          :text="text(field)"
          :mm="blank[field]"
          :unit="rackUnit"
          :at="`rack.blank.${field}`"
          :refused="refusedAt(field)"
          @read="(mm) => mm !== undefined && change((b) => (b[field] = mm))"
        />
        <ChoiceField
          label="Wood"
          :value="blank.wood"
          :choices="woods"
          filter
          @choose="(w) => change((b) => (b.wood = w))"
        />
        <NumberField
          :key="`${blank.id} rings`"
          label="Ring angle: 0 flat-sawn, 90 quarter-sawn"
          :value="blank.ringAngle"
          unit="°"
          at="rack.blank.ringAngle"
          @read="(v) => change((b) => (b.ringAngle = v ?? 0))"
        />
        <ChoiceField
          label="Its figure"
          :value="blank.figure"
          :choices="figures"
          @choose="(f) => change((b) => (b.figure = f as Blank['figure']))"
        />
        <div class="tick">
          <Checkbox
            :model-value="blank.snipe"
            binary
            input-id="snipe"
            @update:model-value="(v: boolean) => change((b) => (b.snipe = v))"
          />
          <label for="snipe">Planed: snipe at its ends</label>
        </div>
        <NumberField
          :key="`${blank.id} moisture`"
          label="Moisture"
          :value="blank.moisture?.percent"
          unit="%"
          at="rack.blank.moisture.percent"
          optional
          @read="
            (v) =>
              change((b) => {
                if (v === undefined) delete b.moisture
                else b.moisture = { percent: v, on: new Date().toISOString().slice(0, 10), by: 'METER' }
              })
          "
        />
        <p class="how">
          <span v-if="blank.moisture">{{ byWords[blank.moisture.by] }}, {{ blank.moisture.on }}</span>
          <span v-else>not known</span>
          <button type="button" class="word" @click="meter">Press the meter to it</button>
          <button type="button" class="word" @click="shopAir">Take the shop’s air</button>
        </p>
        <p v-if="board.tooWet" class="failed">
          Above fibre saturation: it will shrink a long way before it settles. Let it dry.
        </p>
        <h2>Defects</h2>
        <div v-for="(d, i) in blank.defects" :key="`${blank.id} ${i}`" class="defect">
          <ChoiceField
            label="Defect"
            :value="d.kind"
            :choices="kinds"
            @choose="(k) => change((b) => ((b.defects[i] ?? d).kind = k as typeof d.kind))"
          />
          <LengthField
            v-for="(label, end) in { from: 'From', to: 'To' }"
            :key="end"
            :label="label"
            :text="text(`defects.${i}.${end}`)"
            :mm="d[end]"
            :unit="rackUnit"
            :at="`rack.blank.defects.${i}.${end}`"
            :refused="refusedAt(`defects.${i}.${end}`)"
            @read="(mm) => mm !== undefined && change((b) => ((b.defects[i] ?? d)[end] = mm))"
          />
          <template v-if="d.acrossFrom !== undefined">
            <LengthField
              v-for="(label, end) in { acrossFrom: 'Across from', acrossTo: 'Across to' }"
              :key="end"
              :label="label"
              :text="text(`defects.${i}.${end}`)"
              :mm="d[end]"
              :unit="rackUnit"
              :at="`rack.blank.defects.${i}.${end}`"
              :refused="refusedAt(`defects.${i}.${end}`)"
              @read="(mm) => mm !== undefined && change((b) => ((b.defects[i] ?? d)[end] = mm))"
            />
          </template>
          <p class="ways">
            <button type="button" class="word" @click="across(i, d.acrossFrom === undefined)">
              {{ d.acrossFrom === undefined ? 'partly across' : 'right across' }}
            </button>
            <label
              ><Checkbox
                :model-value="d.mayHide"
                binary
                @update:model-value="(v: boolean) => change((b) => ((b.defects[i] ?? d).mayHide = v))"
              />
              may hide inside</label
            >
            <button
              type="button"
              class="word"
              :aria-label="`Remove the ${d.kind.toLowerCase()}`"
              @click="change((b) => b.defects.splice(i, 1))"
            >
              remove
            </button>
          </p>
        </div>
        <button type="button" class="word" @click="addDefect">Mark a defect</button>
        <h2>Note</h2>
        <InputText
          :model-value="blank.note"
          class="note"
          aria-label="Note"
          @change="change((b) => (b.note = ($event.target as HTMLInputElement).value))"
        />
        <p><button type="button" class="word" @click="takeOff">Take it off the rack</button></p>
      </template>
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
.title {
  width: 100%;
  font-weight: 700;
  font-size: 1.1rem;
}
.note {
  width: 100%;
}
h2 {
  font-size: 0.9rem;
  color: var(--quiet);
  margin: 0.8rem 0 0.2rem;
}
.tick,
.ways {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.3rem 0;
}
.ways {
  justify-content: space-between;
  margin: 0;
  font-size: 0.9rem;
}
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  margin: 0.2rem 0;
  font-size: 0.9rem;
}
.how span {
  color: var(--quiet);
  width: 100%;
}
.defect {
  border-left: 3px solid var(--cut);
  padding-left: 0.6rem;
  margin-bottom: 0.5rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
  font-size: 0.9rem;
}
</style>
