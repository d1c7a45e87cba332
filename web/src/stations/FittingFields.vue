<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { answer as got, api, problemOf } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import PlainField from '../bench/PlainField.vue'
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
const tray = computed(() => (fitting.value?.kind === 'TRAY' ? fitting.value : null))
const base = computed(() => (fitting.value?.kind === 'BASE' ? fitting.value : null))
const upright = computed(() => (fitting.value?.kind === 'UPRIGHT_HANDLE' ? fitting.value : null))
const block = computed(() => (fitting.value?.kind === 'FINGERED_BLOCK' ? fitting.value : null))
const stay = computed(() => (fitting.value?.kind === 'STAY' ? fitting.value : null))
const slit = computed(() => (fitting.value?.kind === 'CARD_SLIT' ? fitting.value : null))
const label = computed(() => (fitting.value?.kind === 'LABEL' ? fitting.value : null))
const lining = computed(() => (fitting.value?.kind === 'LINING' ? fitting.value : null))
const second = computed(() => (fitting.value?.kind === 'SECOND_FLOOR' ? fitting.value : null))
const router = useRouter()
/** The tray becomes a box of its own, or is gone to where it is one already. */
async function layTray() {
  try {
    await bench.keep()
    const box = await got(
      api.POST('/api/boxes/{id}/trays/{index}', {
        params: { path: { id: bench.id, index: props.index } }
      })
    )
    await router.push(`/boxes/${box.id}/size`)
  } catch (error) {
    bench.problem = problemOf(error)
  }
}
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
        { value: 'OUTER', label: 'the outer ones' },
        { value: 'FREE', label: 'those that are free' }
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
  <template v-else-if="tray">
    <PlanLength label="Tray’s bottom above the floor" :field="at('over')" />
    <PlanLength label="Tray, high" :field="at('height')" />
    <PlanLength label="Tray, along the box" :field="at('along')" :house="number('along')" />
    <PlanLength label="Clearance across, both sides" :field="at('clearance')" fine />
    <PlanLength label="Runner, thick" :field="at('runner')" />
    <PlainField label="Trays on each other" :field="at('stacked')" unit="" whole />
    <WoodChoice label="Wood of the tray" :field="at('stuff')" just="wood" />
    <p class="own">
      <button type="button" class="word" @click="layTray">
        {{ tray.box ? 'To the tray: a box of its own' : 'Lay the tray on the bench as a box of its own' }}
      </button>
    </p>
  </template>
  <template v-else-if="base">
    <PlanLength label="Base, thick" :field="at('thickness')" />
    <PlanLength label="Base, over the walls" :field="at('overhang')" />
    <WoodChoice label="Wood of the base" :field="at('stuff')" just="wood" />
  </template>
  <template v-else-if="upright">
    <PlanLength label="Handle, thick" :field="at('thickness')" />
    <PlanLength label="Handle, high" :field="at('height')" />
    <PlanLength label="Shoulder, each side" :field="at('shoulder')" />
    <PlanLength label="Dado, deep" :field="at('dado')" :house="number('dado')" fine />
    <PlanLength label="Grip, wide" :field="at('grip')" />
    <PlanLength label="Bored at both ends" :field="at('diameter')" />
    <PlanLength label="Hole under the upper edge" :field="at('under')" />
    <PlanLength label="Edges rounded by" :field="at('round')" />
    <WoodChoice label="Wood of the handle" :field="at('stuff')" just="wood" />
  </template>
  <template v-else-if="block">
    <PlanLength label="Block, long, about" :field="at('along')" />
    <PlanLength label="Strips, thick" :field="at('thickness')" />
    <PlanLength label="Strip on the lid, wide" :field="at('across')" />
    <PlanLength label="Strip upright, wide" :field="at('high')" />
  </template>
  <template v-else-if="stay">
    <ChoiceField
      label="It is"
      :value="stay.what"
      :choices="[
        { value: 'STAY', label: 'a stay' },
        { value: 'CATCH', label: 'a catch' },
        { value: 'CHAIN', label: 'a chain' }
      ]"
      @choose="bench.set(at('what'), $event)"
    />
    <ChoiceField label="In" :value="stay.wall" :choices="walls" @choose="bench.set(at('wall'), $event)" />
    <PlanLength
      :label="`Its middle from the outside of ${'AC'.includes(stay.wall) ? 'D' : 'A'}`"
      :field="at('along')"
    />
    <PlanLength label="Its screws under the edge" :field="at('under')" />
  </template>
  <template v-else-if="slit">
    <ChoiceField
      label="Sawn into"
      :value="slit.in"
      :choices="[...walls, { value: 'HANDLE', label: 'the handle' }]"
      @choose="bench.set(at('in'), $event)"
    />
    <PlanLength label="Slit, wide" :field="at('kerf')" fine />
    <PlanLength label="Slit, deep" :field="at('deep')" />
    <PlainField label="It leans back" :field="at('angle')" unit="°" />
  </template>
  <template v-else-if="label">
    <ChoiceField label="In" :value="label.wall" :choices="walls" @choose="bench.set(at('wall'), $event)" />
    <PlanLength label="Label, wide" :field="at('wide')" />
    <PlanLength label="Label, high" :field="at('high')" />
    <PlanLength label="Label, deep" :field="at('deep')" fine />
    <PlanLength label="Upper edge under the wall’s" :field="at('under')" />
  </template>
  <template v-else-if="lining">
    <PlanLength label="Lining, thick" :field="at('thickness')" fine />
    <div class="tick">
      <Checkbox
        :model-value="lining.floor"
        binary
        input-id="lined-floor"
        @update:model-value="bench.set(at('floor'), $event)"
      />
      <label for="lined-floor">The floor is lined too</label>
    </div>
  </template>
  <template v-else-if="second">
    <PlanLength label="Second floor above the first" :field="at('over')" />
    <PlanLength label="Second floor, thick" :field="at('thickness')" />
    <PlanLength label="Cleats, thick and high" :field="at('cleat')" />
    <PlanLength label="Play across at the wettest" :field="at('play')" fine />
    <WoodChoice label="Wood of the second floor" :field="at('stuff')" just="wood" />
  </template>
</template>

<style scoped>
.own {
  margin: 0.3rem 0;
}
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
</style>
