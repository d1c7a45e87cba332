<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import PlanLength from '../bench/PlanLength.vue'
import { useBench } from '../bench/store'
import WoodChoice from '../bench/WoodChoice.vue'

/** What one fitting is told. */
const props = defineProps<{ index: number }>()
const bench = useBench()
const fitting = computed(() => bench.plan?.fittings?.[props.index])
const divider = computed(() => (fitting.value?.kind === 'DIVIDER' ? fitting.value : null))
const grip = computed(() => (fitting.value?.kind === 'GRIP' ? fitting.value : null))
const pegs = computed(() => (fitting.value?.kind === 'PEGS' ? fitting.value : null))
const pin = computed(() => (fitting.value?.kind === 'CORNER_PIN' ? fitting.value : null))
const handle = computed(() => (fitting.value?.kind === 'HANDLE' ? fitting.value : null))
const feet = computed(() => (fitting.value?.kind === 'FEET' ? fitting.value : null))
const at = (field: string) => `fittings.${props.index}.${field}`
const number = (name: string) => `fittings.f${props.index + 1}-${name}`
const walls = ['A', 'B', 'C', 'D'].map((value) => ({ value, label: value }))
</script>

<template>
  <template v-if="divider">
    <PlanLength
      :label="
        divider.run === 'ACROSS' ? 'Its middle from the inside of D' : 'Its middle from the inside of C'
      "
      :field="at('at')"
    />
    <PlanLength label="Divider, thick" :field="at('thickness')" />
    <PlanLength label="Divider, high" :field="at('height')" />
    <WoodChoice label="Wood of the divider" :field="at('stuff')" just="wood" />
    <PlanLength v-if="!divider.loose" label="Dado, deep" :field="at('dado')" :house="number('dado')" fine />
    <div class="tick">
      <Checkbox
        :model-value="divider.loose"
        binary
        input-id="loose"
        @update:model-value="bench.set(at('loose'), $event)"
      />
      <label for="loose">Stands loose, without dadoes</label>
    </div>
  </template>
  <template v-else-if="grip">
    <ChoiceField label="In" :value="grip.wall" :choices="walls" @choose="bench.set(at('wall'), $event)" />
    <PlanLength label="Grip, wide" :field="at('wide')" />
    <PlanLength label="Bored at both ends" :field="at('diameter')" />
    <PlanLength label="Upper edge under the wall’s" :field="at('under')" />
  </template>
  <template v-else-if="pegs">
    <PlanLength label="Peg, diameter" :field="at('diameter')" />
    <ChoiceField
      label="Through"
      :value="pegs.which"
      :choices="[
        { value: 'ALL', label: 'every finger' },
        { value: 'EVERY_SECOND', label: 'every second' },
        { value: 'OUTER', label: 'the outer ones' }
      ]"
      @choose="bench.set(at('which'), $event)"
    />
  </template>
  <template v-else-if="pin">
    <PlanLength label="Pin, diameter" :field="at('diameter')" fine />
    <div class="tick">
      <Checkbox
        :model-value="pin.rod"
        binary
        input-id="rod"
        @update:model-value="bench.set(at('rod'), $event)"
      />
      <label for="rod">A rod, glued at one end</label>
    </div>
  </template>
  <template v-else-if="handle">
    <PlanLength label="Handle, along the grain" :field="at('along')" />
    <PlanLength label="Handle, wide" :field="at('across')" />
    <PlanLength label="Handle, high" :field="at('high')" />
    <PlanLength label="Screws apart" :field="at('spacing')" house="one screw: a knob" />
  </template>
  <template v-else-if="feet">
    <PlanLength label="Foot, square" :field="at('square')" />
    <PlanLength label="Foot, high" :field="at('height')" />
    <PlanLength label="Foot, from the faces" :field="at('inset')" />
  </template>
</template>

<style scoped>
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
</style>
