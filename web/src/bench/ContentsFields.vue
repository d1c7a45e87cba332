<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import PlanLength from './PlanLength.vue'
import { useBench } from './store'

/** What goes in: each kind of thing with its size, its play, how many and how they lie. */
const bench = useBench()
const items = computed(() => bench.plan?.size.contents?.items ?? [])
const laid = [
  { value: 'ALONG', label: 'side by side, along' },
  { value: 'ACROSS', label: 'side by side, across' },
  { value: 'STACKED', label: 'one on another' }
]

function add() {
  void bench.decide((plan) => {
    const last = plan.size.contents?.items.at(-1)
    if (last) plan.size.contents?.items.push({ ...last, name: 'another thing', count: 1 })
  })
}
function remove(at: number) {
  void bench.decide((plan) => plan.size.contents?.items.splice(at, 1))
}
function name(at: number, to: string | undefined) {
  if (to?.trim()) void bench.set(`size.contents.items.${at}.name`, to.trim().slice(0, 60))
}
</script>

<template>
  <section v-for="(item, i) in items" :key="i" class="thing" :aria-label="item.name">
    <header>
      <InputText
        :model-value="item.name"
        :aria-label="`Name of thing ${i + 1}`"
        size="small"
        @change="name(i, ($event.target as HTMLInputElement).value)"
      />
      <Button
        v-if="items.length > 1"
        text
        size="small"
        :label="`take out`"
        :aria-label="`Take out ${item.name}`"
        @click="remove(i)"
      />
    </header>
    <div class="grid">
      <span></span><span>along</span><span>across</span><span>high</span> <span>each</span>
      <PlanLength :label="`${item.name}, along`" :field="`size.contents.items.${i}.length`" bare />
      <PlanLength :label="`${item.name}, across`" :field="`size.contents.items.${i}.width`" bare />
      <PlanLength :label="`${item.name}, high`" :field="`size.contents.items.${i}.height`" bare />
      <span>play</span>
      <PlanLength :label="`${item.name}, play along`" :field="`size.contents.items.${i}.playLength`" bare />
      <PlanLength :label="`${item.name}, play across`" :field="`size.contents.items.${i}.playWidth`" bare />
      <PlanLength :label="`${item.name}, play above`" :field="`size.contents.items.${i}.playHeight`" bare />
    </div>
    <PlainField label="How many" :field="`size.contents.items.${i}.count`" unit="" />
    <template v-if="item.count > 1">
      <ChoiceField
        label="They lie"
        :value="item.laid"
        :choices="laid"
        @choose="bench.set(`size.contents.items.${i}.laid`, $event)"
      />
      <PlanLength
        v-if="item.laid !== 'STACKED'"
        label="Divider between them"
        :field="`size.contents.items.${i}.divider`"
        house="none"
      />
    </template>
  </section>
  <PlanLength
    v-if="items.length > 1"
    label="Divider between kinds"
    field="size.contents.divider"
    house="none"
  />
  <Button v-if="items.length < 12" text size="small" label="Another kind of thing" @click="add" />
</template>

<style scoped>
.thing {
  border-left: 4px solid var(--panel);
  padding: 0.2rem 0 0.3rem 0.6rem;
  margin: 0.35rem 0;
}
header {
  display: flex;
  gap: 0.4rem;
  align-items: center;
}
header :deep(input) {
  flex: 1;
  min-width: 0;
  font-weight: 600;
}
.grid {
  display: grid;
  grid-template-columns: auto 1fr 1fr 1fr;
  gap: 0.25rem 0.35rem;
  align-items: center;
  margin: 0.35rem 0;
  font-size: 0.86rem;
  color: var(--quiet);
}
.grid :deep(input) {
  font-size: 0.92rem;
  padding: 0.25rem 0.3rem;
}
</style>
