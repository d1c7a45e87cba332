<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, sendFile, type ClimateView, type LogRead, type Problem } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import NumberField from './NumberField.vue'
import ShelfFrame from './ShelfFrame.vue'

/** Climates a box may live in: those that come with the application, one's own, and those found from a log. */
const climates = ref<ClimateView[]>([])
const problem = ref<Problem>()
const log = ref<LogRead>()
const reading = ref(false)
const gone = ref<ClimateView>()
type Wish = {
  id: string
  revision?: number
  name: string
  one: { temperature: number; humidity: number }
  other: { temperature: number; humidity: number }
  note: string
  through?: LogRead['through']
}
const fresh = (): Wish => ({
  id: '',
  name: '',
  one: { temperature: 20, humidity: 35 },
  other: { temperature: 22, humidity: 60 },
  note: ''
})
const wish = ref<Wish>(fresh())

async function load() {
  climates.value = await answer(api.GET('/api/climates'))
}
onMounted(load)

function pick(c: ClimateView) {
  wish.value = JSON.parse(
    JSON.stringify({ ...c.climate, id: c.revision ? c.climate.id : '', revision: c.revision })
  ) as Wish
  if (!c.revision) wish.value.name = `${c.climate.name}, mine`
}

async function bring(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await read(file)
  input.value = ''
}
async function fromLogger() {
  await read(await (await fetch('/api/devices/climate-logger/year')).blob())
}
async function read(file: Blob) {
  reading.value = true
  problem.value = undefined
  try {
    const found = await sendFile<LogRead>('/api/climate-logs', file)
    log.value = found
    wish.value = {
      id: '',
      name: '',
      one: found.driest,
      other: found.wettest,
      note: found.note,
      through: found.through
    }
  } catch (error) {
    problem.value = problemOf(error)
  } finally {
    reading.value = false
  }
}
async function keep() {
  const { id, ...body } = wish.value
  if (body.through) body.through = { ...body.through, name: body.name.trim() || 'log' }
  try {
    await (id
      ? answer(api.PUT('/api/climates/{id}', { params: { path: { id } }, body }))
      : answer(api.POST('/api/climates', { body })))
    problem.value = undefined
    log.value = undefined
    wish.value = fresh()
    await load()
  } catch (error) {
    problem.value = problemOf(error)
  }
}
async function takeOff() {
  const id = wish.value.id
  await answer(api.DELETE('/api/climates/{id}', { params: { path: { id } } }))
  gone.value = climates.value.find((c) => c.climate.id === id)
  wish.value = fresh()
  await load()
}
async function putBack() {
  if (!gone.value) return
  await answer(api.POST('/api/climates/{id}/restore', { params: { path: { id: gone.value.climate.id } } }))
  gone.value = undefined
  await load()
}
</script>

<template>
  <ShelfFrame>
    <p v-if="gone" class="gone" role="status">
      {{ gone.climate.name }} is off the rack.
      <button type="button" class="word" @click="putBack">Put it back</button>
    </p>
    <ul>
      <li v-for="c in climates" :key="c.climate.id">
        <div>
          <h2>{{ c.climate.name }}</h2>
          <p>
            {{ c.climate.one.temperature }} °C {{ c.climate.one.humidity }} % …
            {{ c.climate.other.temperature }} °C {{ c.climate.other.humidity }} %
          </p>
          <p class="moist">
            wood from <strong>{{ c.driest.toFixed(1) }} %</strong> to
            <strong>{{ c.wettest.toFixed(1) }} %</strong>
          </p>
          <p class="small">{{ c.climate.note }}</p>
          <button type="button" class="word" @click="pick(c)">
            {{ c.revision ? 'change' : 'one like it' }}
          </button>
        </div>
        <div class="plot"><FigureView :figure="c.figure" :pad="4" quiet /></div>
      </li>
    </ul>
    <template #slate>
      <h2>{{ wish.id ? 'Your climate' : 'A climate of your own' }}</h2>
      <p class="ways">
        <label class="bring"
          >Bring in a log<input type="file" accept=".csv,text/csv" class="sr-only" @change="bring"
        /></label>
        <button type="button" class="word" @click="fromLogger">Take the shop logger’s year</button>
      </p>
      <p v-if="reading" role="status">Reading the log…</p>
      <section v-if="log" class="log" aria-label="What the log says">
        <p>
          {{ log.readings.toLocaleString('en') }} readings, {{ Math.round(log.covered * 100) }} % of a year.
          Driest fortnight <strong>{{ log.driestMoisture.toFixed(1) }} %</strong>, wettest
          <strong>{{ log.wettestMoisture.toFixed(1) }} %</strong>.
        </p>
        <p v-for="gap in log.gaps" :key="gap.from">
          A gap of {{ gap.days }} days from {{ gap.from }} is left out of the mean.
        </p>
        <p v-if="log.repeated">{{ log.repeated }} lines repeat a time already read; the first counts.</p>
        <p v-if="log.held">
          {{ log.held }} readings beyond what the sorption formula is good for were held at its limit.
        </p>
      </section>
      <form @submit.prevent="keep">
        <label class="name">Name <InputText v-model="wish.name" /></label>
        <NumberField
          label="One season"
          :value="wish.one.temperature"
          unit="°C"
          at="rack.air.temperature"
          @read="(v) => (wish.one.temperature = v ?? 20)"
        />
        <NumberField
          label="its humidity"
          :value="wish.one.humidity"
          unit="%"
          at="rack.air.humidity"
          @read="(v) => (wish.one.humidity = v ?? 40)"
        />
        <NumberField
          label="Other season"
          :value="wish.other.temperature"
          unit="°C"
          at="rack.air.temperature"
          @read="(v) => (wish.other.temperature = v ?? 20)"
        />
        <NumberField
          label="its humidity"
          :value="wish.other.humidity"
          unit="%"
          at="rack.air.humidity"
          @read="(v) => (wish.other.humidity = v ?? 60)"
        />
        <p class="small">Which of the two is the wetter for wood is worked out, not assumed.</p>
        <section v-if="problem" class="failed" role="alert">
          <p>{{ problem.detail }}</p>
          <p v-for="bad in problem.lines ?? []" :key="`${bad.line}${bad.detail}`">
            <span class="mono">line {{ bad.line }}</span> {{ bad.detail }}
          </p>
        </section>
        <p class="ways">
          <button type="submit" class="act">{{ wish.id ? 'Keep the change' : 'Put it on the rack' }}</button>
          <button v-if="wish.id" type="button" class="word" @click="takeOff">Take it off the rack</button>
        </p>
      </form>
    </template>
  </ShelfFrame>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
}
li {
  display: grid;
  grid-template-columns: 17rem minmax(0, 1fr);
  border-bottom: 1px dotted var(--rule);
  padding-bottom: 0.5rem;
}
li p {
  margin: 0.1rem 0;
}
h2 {
  font-size: 1.05rem;
}
.plot {
  height: 7.2rem;
}
.moist strong {
  font: 600 1.05rem var(--mono);
}
.small {
  color: var(--quiet);
  font-size: 0.87rem;
}
.ways {
  display: flex;
  gap: 1rem;
  align-items: baseline;
  flex-wrap: wrap;
}
.bring {
  font-weight: 700;
  color: var(--edge);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.log {
  background: var(--sheet);
  padding: 0.4rem 0.6rem;
  font-size: 0.92rem;
}
.log p,
.failed p {
  margin: 0.1rem 0;
}
.name {
  display: grid;
}
.failed {
  color: var(--cut);
  font-weight: 600;
  font-size: 0.9rem;
}
</style>
