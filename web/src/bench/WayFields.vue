<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import PlanLength from './PlanLength.vue'
import { useBench } from './store'

/** What each way of indexing asks of the maker. */
const bench = useBench()
const way = computed(() => bench.plan?.jig.way ?? 'SLED_KEY')
const hasKey = computed(() => ['SLED_KEY', 'ROUTER_SLED', 'ROD_KEY', 'SHIM_FENCE'].includes(way.value))

const parts = [1, 2, 4, 8, 16, 32].map((n) => ({
  value: String(n),
  label: n === 1 ? 'whole turns' : `1/${n} turn`
}))
</script>

<template>
  <PlanLength
    v-if="hasKey && bench.numbers.has('jig.slimmer')"
    label="Key slimmer by"
    field="jig.slimmerBy"
    house="jig.slimmer"
    fine
  />
  <PlanLength v-if="way === 'ROUTER_SLED'" label="Base the bit passes" field="jig.base" house="jig.base" />
  <PlanLength v-if="way === 'ROD_KEY'" label="Rod, measured" field="jig.rod" house="jig.key" fine />
  <template v-if="hasKey">
    <template v-if="bench.plan?.jig.leaves">
      <PlanLength
        v-if="way === 'SHIM_FENCE'"
        label="Gap on the zero block"
        field="jig.leaves.zeroGap"
        house="jig.zero-gap"
        fine
      />
      <ChoiceField
        label="Set it with"
        :value="bench.plan.jig.leaves.set.length ? 'LEAVES' : 'PAPER'"
        :choices="[
          { value: 'LEAVES', label: 'feeler leaves' },
          { value: 'PAPER', label: 'sheets of paper' }
        ]"
        @choose="bench.begin($event === 'PAPER' ? 'PAPER' : 'LEAVES')"
      />
      <PlanLength
        v-if="!bench.plan.jig.leaves.set.length"
        label="A sheet measures"
        field="jig.leaves.paper"
        fine
      />
    </template>
    <button v-else type="button" class="word" @click="bench.begin('LEAVES')">
      {{ way === 'SHIM_FENCE' ? 'My block is cut already' : 'I move the key by leaves or paper' }}
    </button>
  </template>
  <template v-if="way === 'SCREW'">
    <template v-if="bench.plan?.jig.screw">
      <PlanLength label="Lead of the screw" field="jig.screw.lead" fine />
      <ChoiceField
        label="The crank stops at"
        :value="String(bench.plan.jig.screw.parts)"
        :choices="
          parts.some((p) => p.value === String(bench.plan?.jig.screw?.parts))
            ? parts
            : [
                ...parts,
                {
                  value: String(bench.plan.jig.screw.parts),
                  label: `1/${bench.plan.jig.screw.parts} turn`
                }
              ]
        "
        @choose="bench.set('jig.screw.parts', Number($event))"
      />
      <PlainField label="Teeth, driving" field="jig.screw.driver" unit="" whole />
      <PlainField label="Teeth, driven" field="jig.screw.driven" unit="" whole />
      <PlanLength label="Backlash" field="jig.screw.backlash" house="" fine />
    </template>
    <template v-else>
      <p class="said">A rod of 2 mm lead, marked at every eighth of a turn.</p>
      <button type="button" class="word" @click="bench.begin('SCREW')">Mine is another</button>
    </template>
  </template>
  <PlanLength
    v-if="way === 'STOPS'"
    label="The scale reads to"
    field="jig.resolution"
    house="jig.resolution"
    fine
  />
  <PlanLength v-if="way === 'HAND'" label="Stepped past the edge by" field="jig.closingError" house="" fine />
</template>

<style scoped>
.said {
  margin: 0.3rem 0 0;
  color: var(--quiet);
  font-size: 0.92rem;
}
</style>
