<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type WoodView } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import { woodTint } from '../drawing/tint'
import FileInOut from './FileInOut.vue'
import NumberField from './NumberField.vue'
import ShelfFrame from './ShelfFrame.vue'

/** The woods of the table and the maker's own: how far each shrinks, drawn as bars. */
const woods = ref<WoodView[]>([])
const search = ref('')
const failed = ref('')
const gone = ref<WoodView>()
type Wish = {
  id: string
  revision?: number
  name: string
  kind: WoodView['kind']
  radial?: number
  tangential?: number
  fibreSaturation: number
  specificGravity: number
  sheetMovement: number
}
const empty: Wish = {
  id: '',
  name: '',
  kind: 'HARDWOOD',
  fibreSaturation: 30,
  specificGravity: 0.55,
  sheetMovement: 0.15
}
const wish = ref<Wish>({ ...empty })
const sheet = computed(() => wish.value.kind === 'PLYWOOD' || wish.value.kind === 'FIBREBOARD')
const shown = computed(() =>
  woods.value.filter((w) => w.name.toLowerCase().includes(search.value.trim().toLowerCase()))
)
const kinds = ['HARDWOOD', 'SOFTWOOD', 'PLYWOOD', 'FIBREBOARD'].map((value) => ({
  value,
  label: value.toLowerCase()
}))
async function load() {
  woods.value = await answer(api.GET('/api/woods'))
}
onMounted(load)

function pick(w: WoodView) {
  if (!w.revision) return
  const { radial, tangential, guessed, ...rest } = w.wood
  wish.value = {
    ...rest,
    revision: w.revision,
    ...(guessed === 'RADIAL' ? {} : { radial }),
    ...(guessed === 'TANGENTIAL' ? {} : { tangential })
  }
}
async function keep() {
  const { id, ...body } = wish.value
  const sent = { ...body, sheetMovement: sheet.value ? body.sheetMovement : 0 }
  try {
    await (id
      ? answer(api.PUT('/api/woods/{id}', { params: { path: { id } }, body: sent }))
      : answer(api.POST('/api/woods', { body: sent })))
    failed.value = ''
    wish.value = { ...empty }
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
async function takeOff() {
  const id = wish.value.id
  try {
    await answer(api.DELETE('/api/woods/{id}', { params: { path: { id } } }))
    gone.value = woods.value.find((w) => w.id === id)
    wish.value = { ...empty }
    failed.value = ''
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
async function putBack() {
  if (!gone.value) return
  await answer(api.POST('/api/woods/{id}/restore', { params: { path: { id: gone.value.id } } }))
  gone.value = undefined
  await load()
}
</script>

<template>
  <ShelfFrame>
    <div class="bar">
      <InputText v-model="search" placeholder="Search" aria-label="Search the woods" />
      <FileInOut
        address="/api/woods/csv"
        what="woods"
        columns="common_name, kind; and as you like id, radial_shrinkage_pct, tangential_shrinkage_pct, fibre_saturation_pct, specific_gravity_12pct, sheet_movement_pct"
        @taken="load"
      />
    </div>
    <p v-if="gone" class="gone" role="status">
      {{ gone.name }} is off the rack.
      <button type="button" class="word" @click="putBack">Put it back</button>
    </p>
    <table>
      <thead>
        <tr>
          <th>Wood</th>
          <th>Across the rings, green to dry</th>
          <th>Along the rings</th>
          <th>Saturated at</th>
          <th>Specific gravity</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="w in shown" :key="w.id" :class="{ own: w.revision }" :style="woodTint(w.id)">
          <td>
            <button v-if="w.revision" type="button" class="word" @click="pick(w)">{{ w.name }}</button>
            <template v-else>{{ w.name }}</template>
            <small v-if="w.revision">yours</small>
          </td>
          <template v-if="w.kind === 'PLYWOOD' || w.kind === 'FIBREBOARD'">
            <td colspan="3">{{ w.wood.sheetMovement }} % from 30 to 90 % humidity, both ways</td>
          </template>
          <template v-else>
            <td>
              <i :style="{ width: `${w.wood.radial * 9}px` }" />{{ w.wood.radial.toFixed(1) }} %
              <small v-if="w.wood.guessed === 'RADIAL'">guessed 1 : 1.8</small>
            </td>
            <td>
              <i :style="{ width: `${w.wood.tangential * 9}px` }" />{{ w.wood.tangential.toFixed(1) }} %
              <small v-if="w.wood.guessed === 'TANGENTIAL'">guessed 1 : 1.8</small>
            </td>
            <td>{{ w.wood.fibreSaturation }} %</td>
          </template>
          <td>{{ w.wood.specificGravity.toFixed(2) }}{{ w.hard ? ', hard' : '' }}</td>
        </tr>
      </tbody>
    </table>
    <template #slate>
      <h2>{{ wish.id ? 'Your wood' : 'A wood of your own' }}</h2>
      <form @submit.prevent="keep">
        <label class="name">Name <InputText v-model="wish.name" /></label>
        <ChoiceField
          label="Kind"
          :value="wish.kind"
          :choices="kinds"
          @choose="(k) => (wish.kind = k as Wish['kind'])"
        />
        <template v-if="!sheet">
          <NumberField
            label="Shrinks across the rings"
            :value="wish.radial"
            unit="%"
            at="rack.wood.radial"
            optional
            @read="(v) => (v === undefined ? delete wish.radial : (wish.radial = v))"
          />
          <NumberField
            label="Shrinks along the rings"
            :value="wish.tangential"
            unit="%"
            at="rack.wood.tangential"
            optional
            @read="(v) => (v === undefined ? delete wish.tangential : (wish.tangential = v))"
          />
          <p class="small">One of the two will do: the other is guessed by the usual 1 : 1.8, and marked.</p>
          <NumberField
            label="Fibre saturation"
            :value="wish.fibreSaturation"
            unit="%"
            at="rack.wood.fibreSaturation"
            @read="(v) => (wish.fibreSaturation = v ?? 30)"
          />
        </template>
        <NumberField
          v-else
          label="Moves from 30 to 90 % humidity"
          :value="wish.sheetMovement"
          unit="%"
          at="rack.wood.sheetMovement"
          @read="(v) => (wish.sheetMovement = v ?? 0.15)"
        />
        <NumberField
          label="Specific gravity at 12 %"
          :value="wish.specificGravity"
          unit=""
          at="rack.wood.specificGravity"
          @read="(v) => (wish.specificGravity = v ?? 0.5)"
        />
        <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
        <p class="ways">
          <button type="submit" class="act">{{ wish.id ? 'Keep the change' : 'Put it on the rack' }}</button>
          <button v-if="wish.id" type="button" class="word" @click="takeOff">Take it off the rack</button>
          <button v-if="wish.id" type="button" class="word" @click="wish = { ...empty }">New wood</button>
        </p>
      </form>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.bar,
.ways {
  display: flex;
  gap: 1.1rem;
  align-items: baseline;
  flex-wrap: wrap;
}
table {
  border-collapse: collapse;
  width: 100%;
  margin-top: 0.6rem;
}
th {
  text-align: left;
  font-size: 0.86rem;
  color: var(--quiet);
  padding: 0.2rem 0.6rem 0.2rem 0;
}
td {
  border-top: 1px dotted var(--rule);
  padding: 0.22rem 0.6rem 0.22rem 0;
}
.own td {
  background: var(--sheet);
}
i {
  display: inline-block;
  height: 0.8rem;
  margin-right: 0.5rem;
  background: var(--wood);
  border: 1px solid var(--wood-line);
  vertical-align: -1px;
}
small {
  color: var(--quiet);
  margin-left: 0.4rem;
}
h2 {
  font-size: 1.1rem;
  margin-bottom: 0.4rem;
}
.name {
  display: grid;
  gap: 0.1rem;
}
.small {
  font-size: 0.86rem;
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
