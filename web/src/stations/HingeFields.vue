<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import PlainField from '../bench/PlainField.vue'
import PlanLength from '../bench/PlanLength.vue'
import { useBench } from '../bench/store'

/** Butt hinges as they are measured in the hand. */
const bench = useBench()
const hinges = computed(() => {
  const lid = bench.plan?.lid
  return lid && 'hinges' in lid ? lid.hinges : null
})
</script>

<template>
  <template v-if="hinges">
    <PlainField label="Hinges" field="lid.hinges.count" unit="" whole />
    <ChoiceField
      label="Let in"
      :value="hinges.share"
      :choices="[
        { value: 'HALF', label: 'half in each' },
        { value: 'ALL_IN_LID', label: 'all in the lid' },
        { value: 'ALL_IN_WALL', label: 'all in the wall' }
      ]"
      @choose="bench.set('lid.hinges.share', $event)"
    />
    <PlanLength label="Leaf, length" field="lid.hinges.leafLength" />
    <PlanLength label="Leaf, width from the pin" field="lid.hinges.leafWidth" />
    <PlanLength label="Leaf, thickness" field="lid.hinges.leaf" fine />
    <PlanLength label="Folded thickness" field="lid.hinges.folded" fine />
    <PlanLength label="Knuckle, diameter" field="lid.hinges.knuckle" fine />
    <PlanLength label="Gap between lid and wall" field="lid.hinges.gap" fine />
    <PlanLength label="From the corner" field="lid.hinges.inset" house="lid.hinge-at" />
  </template>
</template>
