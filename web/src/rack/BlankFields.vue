<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { useToast } from 'primevue/usetoast'
import { computed } from 'vue'
import { answer, api, problemOf, type Blank, type KeptBlank } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import { rackUnit } from './display'
import NumberField from './NumberField.vue'

/** All that is known of one board, to be changed. */
const props = defineProps<{
  board: KeptBlank
  woods: { value: string; label: string }[]
  refused: { field: string; detail: string } | undefined
}>()
const emit = defineEmits<{ change: [how: (draft: Blank) => void]; takeOff: [] }>()
const toast = useToast()
const blank = computed(() => props.board.blank)
const figures = ['STRAIGHT', 'RISING', 'FALLING', 'CATHEDRAL', 'CURLY'].map(worded)
const kinds = ['KNOT', 'CHECK', 'WANE', 'SAPWOOD', 'OTHER'].map(worded)

function worded(value: string) {
  return { value, label: value.toLowerCase() }
}

const along = { from: 'From', to: 'To' } as const
const alongAndAcross = { ...along, acrossFrom: 'Across from', acrossTo: 'Across to' } as const
const refusedAt = (field: string) => (props.refused?.field === field ? props.refused.detail : '')
const text = (field: string) => props.board.fields[field] ?? ''
function change(how: (draft: Blank) => void) {
  emit('change', how)
}

/** One end of a defect; an end that would pass the other pushes it along, so that the defect keeps its size. */
function setEnd(b: Blank, at: number, end: keyof typeof alongAndAcross, mm: number) {
  const d = b.defects[at]
  if (!d) return
  const isAcross = end.startsWith('across')
  const from = isAcross ? 'acrossFrom' : 'from'
  const to = isAcross ? 'acrossTo' : 'to'
  const wide = (d[to] ?? 0) - (d[from] ?? 0)
  const most = isAcross ? b.width : b.length
  d[end] = mm
  if (end === from && mm >= (d[to] ?? 0)) d[to] = Math.max(mm, Math.min(most, mm + wide))
  if (end === to && mm <= (d[from] ?? 0)) d[from] = Math.max(0, mm - wide)
}

/** The next one of its kind and size, a little farther along. */
function oneMore(at: number) {
  change((b) => {
    const like = b.defects[at]
    if (!like) return
    const wide = like.to - like.from
    const last = Math.max(...b.defects.map((d) => d.to))
    const from = Math.max(0, Math.min(last + 30, b.length - wide))
    b.defects.push({ ...like, from, to: from + wide })
  })
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
  <div class="tick">
    <Checkbox
      :model-value="blank.scrap"
      binary
      input-id="scrap"
      @update:model-value="(v: boolean) => change((b) => (b.scrap = v))"
    />
    <label for="scrap">A scrap: used before anything whole</label>
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
      v-for="(label, end) in d.acrossFrom === undefined ? along : alongAndAcross"
      :key="end"
      :label="label"
      :text="text(`defects.${i}.${end}`)"
      :mm="d[end]"
      :unit="rackUnit"
      :at="`rack.blank.defects.${i}.${end}`"
      :refused="refusedAt(`defects.${i}.${end}`)"
      @read="(mm) => mm !== undefined && change((b) => setEnd(b, i, end, mm))"
    />
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
      <button type="button" class="word" @click="oneMore(i)">one more like this</button>
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
  <p><button type="button" class="word" @click="emit('takeOff')">Take it off the rack</button></p>
</template>

<style scoped>
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
