<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, type ShopHoursView } from '../api/client'

/** When the shop is open: a line a day. A day without times is closed. */
const emit = defineEmits<{ kept: [] }>()
const hours = ref<ShopHoursView>()
const refused = ref<{ at: string; detail: string }>()
const names: Record<ShopHoursView['days'][number]['day'], string> = {
  MONDAY: 'Monday',
  TUESDAY: 'Tuesday',
  WEDNESDAY: 'Wednesday',
  THURSDAY: 'Thursday',
  FRIDAY: 'Friday',
  SATURDAY: 'Saturday',
  SUNDAY: 'Sunday'
}
onMounted(async () => {
  try {
    hours.value = await answer(api.GET('/api/shop-hours'))
  } catch (error) {
    refused.value = { at: '', detail: problemOf(error).detail }
  }
})

/** A day that is opened begins as its neighbour is; one that loses a time is closed. */
function say(index: number, which: 'from' | 'to', value: string) {
  const now = hours.value
  const day = now?.days[index]
  if (!now || !day) return
  const usual = now.days.find((d) => d.from && d.to)
  const changed = { day: day.day } as ShopHoursView['days'][number]
  if (value) {
    changed.from = which === 'from' ? value : (day.from ?? usual?.from ?? '09:00')
    changed.to = which === 'to' ? value : (day.to ?? usual?.to ?? '17:00')
  }
  void keep({ ...now, days: now.days.map((d, i) => (i === index ? changed : d)) })
}
async function keep(wanted: ShopHoursView) {
  try {
    hours.value = await answer(api.PUT('/api/shop-hours', { body: wanted }))
    refused.value = undefined
    emit('kept')
  } catch (error) {
    const problem = problemOf(error)
    refused.value = { at: problem.field ?? '', detail: problem.detail }
  }
}
</script>

<template>
  <div class="hours">
    <p v-for="(d, i) in hours?.days ?? []" :key="d.day" class="day" :class="{ closed: !d.from }">
      <span>{{ names[d.day] }}</span>
      <input
        type="time"
        :aria-label="`${names[d.day]} from`"
        :value="d.from ?? ''"
        @change="say(i, 'from', ($event.target as HTMLInputElement).value)"
      />
      <input
        type="time"
        :aria-label="`${names[d.day]} to`"
        :value="d.to ?? ''"
        @change="say(i, 'to', ($event.target as HTMLInputElement).value)"
      />
      <button
        v-if="d.from"
        type="button"
        class="word"
        :aria-label="`${names[d.day]} closed`"
        @click="say(i, 'from', '')"
      >
        closed
      </button>
      <button
        v-else
        type="button"
        class="word"
        :aria-label="`${names[d.day]} open`"
        @click="say(i, 'from', '09:00')"
      >
        open
      </button>
      <span v-if="refused?.at.startsWith(`days[${i}]`)" class="refused" role="alert">{{
        refused.detail
      }}</span>
    </p>
    <label v-if="hours" class="zone"
      >Time zone
      <input
        class="plain-text"
        :value="hours.zone"
        @change="keep({ ...hours, zone: ($event.target as HTMLInputElement).value })"
    /></label>
    <p v-if="refused && !refused.at.startsWith('days')" class="refused" role="alert">{{ refused.detail }}</p>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: 5.4rem 1fr 1fr 3.6rem;
  gap: 0.3rem;
  align-items: center;
  margin: 0;
  padding: 0.12rem 0;
}
.closed {
  color: var(--quiet);
}
input {
  font: 500 0.95rem var(--mono);
  padding: 0.2rem 0.25rem;
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  min-width: 0;
}
/* the browser’s own clock face takes the room the hours want */
input::-webkit-calendar-picker-indicator {
  display: none;
}
.zone {
  display: flex;
  justify-content: space-between;
  gap: 0.6rem;
  align-items: center;
  padding-top: 0.3rem;
}
.refused {
  grid-column: 1/-1;
  color: var(--cut);
  font-weight: 600;
  font-size: 0.9rem;
  margin: 0;
}
</style>
