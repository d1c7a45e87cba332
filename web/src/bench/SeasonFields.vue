<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import { useBench } from './store'

/** What is known of the moisture today, and where the box will live. */
const bench = useBench()
const seasons = computed(() => bench.plan?.seasons)
const homes = [
  { value: 'HEATED_HOUSE', label: 'heated house' },
  { value: 'TEMPERATE_HOUSE', label: 'temperate house' },
  { value: 'UNHEATED_SHED', label: 'unheated shed' },
  { value: 'DAMP_BOAT', label: 'damp boat' },
  { value: 'OWN', label: 'own values' }
]

function know(known: string) {
  void bench.decide((plan) => {
    plan.seasons.known = known as typeof plan.seasons.known
    if (known === 'METER' && plan.seasons.meter === undefined) {
      plan.seasons.meter = Math.round((bench.numbers.get('seasons.now')?.value ?? 9) * 10) / 10
    }
  })
}

function live(home: string) {
  void bench.decide((plan) => {
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
    <PlainField
      v-if="seasons.known === 'METER'"
      label="Meter reads"
      field="seasons.meter"
      unit="%"
      :least="0"
      :most="100"
    />
    <template v-if="seasons.known === 'SHOP_AIR'">
      <PlainField
        label="Shop temperature"
        field="seasons.shop.temperature"
        unit="°C"
        :least="-10"
        :most="60"
      />
      <PlainField label="Shop humidity" field="seasons.shop.humidity" unit="%" :least="0" :most="95" />
      <PlainField
        label="Weeks in the shop"
        field="seasons.weeks"
        unit="weeks"
        :least="0"
        :most="2000"
        optional
      />
    </template>
    <ChoiceField label="It will live in" :value="seasons.home" :choices="homes" @choose="live" />
    <template v-if="seasons.home === 'OWN'">
      <PlainField
        label="One season, temperature"
        field="seasons.one.temperature"
        unit="°C"
        :least="-10"
        :most="60"
      />
      <PlainField label="One season, humidity" field="seasons.one.humidity" unit="%" :least="0" :most="95" />
      <PlainField
        label="Other season, temperature"
        field="seasons.other.temperature"
        unit="°C"
        :least="-10"
        :most="60"
      />
      <PlainField
        label="Other season, humidity"
        field="seasons.other.humidity"
        unit="%"
        :least="0"
        :most="95"
      />
    </template>
  </template>
</template>
