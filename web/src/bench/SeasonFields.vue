<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type ClimateView } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import { useBench } from './store'

/** What is known of the moisture today, and where the box will live. */
const bench = useBench()
const seasons = computed(() => bench.plan?.seasons)
const climates = ref<ClimateView[]>([])
const failed = ref('')
const year = computed(() => bench.answer?.figures.find((f) => f.id === 'year'))
onMounted(async () => {
  try {
    climates.value = (await answer(api.GET('/api/climates'))).filter((c) => c.revision)
  } catch (error) {
    failed.value = problemOf(error).detail
  }
})

/** Presses the shop's meter to the board and takes what it shows. */
async function press() {
  try {
    const read = await answer(
      api.POST('/api/devices/moisture-meter/read', { body: { board: bench.id || 'a board' } })
    )
    failed.value = ''
    await bench.set('seasons.meter', read.percent)
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
async function readLogger() {
  try {
    const air = await answer(api.GET('/api/devices/climate-logger/now'))
    failed.value = ''
    await bench.set('seasons.shop', air)
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const presets = [
  { value: 'HEATED_HOUSE', label: 'heated house' },
  { value: 'TEMPERATE_HOUSE', label: 'temperate house' },
  { value: 'UNHEATED_SHED', label: 'unheated shed' },
  { value: 'DAMP_BOAT', label: 'damp boat' },
  { value: 'OWN', label: 'own values' }
]
const homes = computed(() => [
  ...presets,
  ...climates.value.map((c) => ({ value: `rack ${c.climate.id}`, label: c.climate.name }))
])
/** A climate of the rack is copied into the plan; it is recognised by its airs. */
const home = computed(() => {
  const s = seasons.value
  if (s?.home !== 'OWN') return s?.home ?? 'OWN'
  const same = climates.value.find(
    (c) =>
      JSON.stringify([c.climate.one, c.climate.other]) === JSON.stringify([s.one, s.other]) &&
      JSON.stringify(c.climate.through) === JSON.stringify(s.through)
  )
  return same ? `rack ${same.climate.id}` : 'OWN'
})

function know(known: string) {
  void bench.decide((plan) => {
    plan.seasons.known = known as typeof plan.seasons.known
    if (known === 'METER' && plan.seasons.meter === undefined) {
      plan.seasons.meter = Math.round((bench.numbers.get('seasons.now')?.value ?? 9) * 10) / 10
    }
  })
}

function live(home: string) {
  const own = climates.value.find((c) => `rack ${c.climate.id}` === home)?.climate
  if (own) {
    void bench.decide((plan) => {
      Object.assign(plan.seasons, { home: 'OWN', one: { ...own.one }, other: { ...own.other } })
      if (own.through) plan.seasons.through = JSON.parse(JSON.stringify(own.through)) as typeof own.through
      else delete plan.seasons.through
    })
    return
  }
  void bench.decide((plan) => {
    delete plan.seasons.through
    plan.seasons.home = home as typeof plan.seasons.home
    if (home === 'OWN') {
      plan.seasons.one ??= { temperature: 20, humidity: 35 }
      plan.seasons.other ??= { temperature: 20, humidity: 65 }
    }
  })
}
</script>

<template>
  <template v-if="seasons">
    <ChoiceField
      label="Moisture by"
      :value="seasons.known"
      :choices="[
        { value: 'METER', label: 'a meter' },
        { value: 'SHOP_AIR', label: 'the shop’s air' },
        { value: 'UNKNOWN', label: 'not known' }
      ]"
      @choose="know"
    />
    <PlainField v-if="seasons.known === 'METER'" label="Meter reads" field="seasons.meter" unit="%" />
    <button v-if="seasons.known === 'METER'" type="button" class="word" @click="press">
      Press the meter to the board
    </button>
    <template v-if="seasons.known === 'SHOP_AIR'">
      <button type="button" class="word" @click="readLogger">Read the shop’s logger</button>
      <PlainField label="Shop temperature" field="seasons.shop.temperature" unit="°C" />
      <PlainField label="Shop humidity" field="seasons.shop.humidity" unit="%" />
      <PlainField label="Weeks in the shop" field="seasons.weeks" unit="weeks" optional />
    </template>
    <ChoiceField label="It will live in" :value="home" :choices="homes" @choose="live" />
    <template v-if="home === 'OWN'">
      <PlainField label="One season, temperature" field="seasons.one.temperature" unit="°C" />
      <PlainField label="One season, humidity" field="seasons.one.humidity" unit="%" />
      <PlainField label="Other season, temperature" field="seasons.other.temperature" unit="°C" />
      <PlainField label="Other season, humidity" field="seasons.other.humidity" unit="%" />
    </template>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <div v-if="year" class="year">
      <h4>{{ year.title }}</h4>
      <div class="plot"><FigureView :figure="year" :pad="2" quiet /></div>
    </div>
  </template>
</template>

<style scoped>
.year h4 {
  margin: 0.5rem 0 0;
  font-size: 0.86rem;
  color: var(--quiet);
}
.plot {
  height: 7.4rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
  font-size: 0.86rem;
}
</style>
