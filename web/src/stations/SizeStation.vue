<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import WoodChoice from '../bench/WoodChoice.vue'
import EditableFigure from '../drawing/EditableFigure.vue'

const bench = useBench()
const size = computed(() => bench.plan?.size)
const figure = computed(() => bench.answer?.figures.find((f) => f.id === 'size'))
const unfolded = computed(() => bench.answer?.figures.find((f) => f.id === 'unfolded'))
const labels = { 'size.length': 'Length', 'size.width': 'Width', 'size.height': 'Height of the wall' }
const tips = [
  { value: 'SAND', label: 'a hair proud, sand' },
  { value: 'TRIM', label: 'proud, trim' },
  { value: 'BY_DESIGN', label: 'proud and left' },
  { value: 'UNDER', label: 'under, plane faces' }
]
const tradeOffs: Record<string, string> = {
  SAND: 'Little to remove, little room for a shallow cut.',
  TRIM: 'Sure to clear the face; wants a router or a saw afterwards.',
  BY_DESIGN: 'Shows the joint; the box measures more over the tips.',
  UNDER: 'Planes along the grain only; the walls end thinner.'
}

/** Outside or inside may lead; the box stays the same size when that changes. */
function lead(from: string) {
  const at = (id: string) => bench.numbers.get(id)?.value
  const to = from === 'INSIDE' ? 'inside' : 'outside'
  const length = at(`size.${to}-length`)
  const width = at(`size.${to}-width`)
  void bench.decide((plan) => {
    if (length && width && length >= 5 && width >= 5) {
      plan.size.length = length
      plan.size.width = width
    }
    plan.size.from = from as 'INSIDE' | 'OUTSIDE'
  })
}
</script>

<template>
  <StationFrame
    question="How large is the box?"
    hint="From above, and a side below it. Type into a framed dimension; press any other for its working."
  >
    <template #drawing>
      <EditableFigure v-if="figure" :figure="figure" :labels="labels" class="plan" />
      <h3 class="strip-title">The four parts, outsides up, reference edges down</h3>
      <div class="unfolded"><EditableFigure v-if="unfolded" :figure="unfolded" /></div>
    </template>
    <template #decide>
      <ChoiceField
        label="Leading size"
        :value="size?.from ?? 'OUTSIDE'"
        :choices="[
          { value: 'OUTSIDE', label: 'the outside' },
          { value: 'INSIDE', label: 'the inside' }
        ]"
        @choose="lead"
      />
      <PlanLength
        :label="size?.from === 'INSIDE' ? 'Inside length' : 'Outside length'"
        field="size.length"
        :least="5"
        :most="3000"
      />
      <PlanLength
        :label="size?.from === 'INSIDE' ? 'Inside width' : 'Outside width'"
        field="size.width"
        :least="5"
        :most="3000"
      />
      <PlanLength label="Height of the wall" field="size.height" :least="5" :most="1500" />
      <PlanLength label="Thickness of the parts" field="size.thickness" :least="1" :most="200" />
      <WoodChoice label="Wood of the walls" field="walls" />
      <ChoiceField
        label="Finger tips"
        :value="size?.tips ?? 'SAND'"
        :choices="tips"
        @choose="bench.set('size.tips', $event)"
      />
      <p class="trade">{{ tradeOffs[size?.tips ?? 'SAND'] }}</p>
      <PlanLength
        :label="size?.tips === 'UNDER' ? 'Tips under by' : 'Proud'"
        field="size.proud"
        house="size.tips"
        :most="50"
        fine
      />
    </template>
    <template #follow>
      <NumberRow id="size.side-length" label="Sides A, C cut to" strong />
      <NumberRow id="size.end-length" label="Ends B, D cut to" strong />
      <NumberRow id="size.inside-length" />
      <NumberRow id="size.inside-width" />
      <NumberRow v-if="size?.from === 'INSIDE'" id="size.outside-length" />
      <NumberRow v-if="size?.from === 'INSIDE'" id="size.outside-width" />
      <NumberRow v-if="size?.tips === 'UNDER'" id="size.final-thickness" />
      <NumberRow id="size.slot-depth" />
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.plan {
  flex: 1;
}
.strip-title {
  font-size: 0.9rem;
  font-weight: 600;
  color: var(--quiet);
}
.unfolded {
  height: 8.6rem;
}
.trade {
  margin: 0.15rem 0;
  font-size: 0.85rem;
  color: var(--quiet);
}
</style>
