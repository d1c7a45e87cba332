<script setup lang="ts">
import { ref, watch } from 'vue'
import LengthField from '../bench/LengthField.vue'
import { useBench } from '../bench/store'
import ChoiceField from '../bench/ChoiceField.vue'

/** Both diagonals as they are read; nothing is said before both are there. */
const bench = useBench()
const one = ref<number>()
const other = ref<number>()
const inside = ref('OUTSIDE')

watch(
  () => bench.plan?.glueUp?.diagonals,
  (read) => {
    one.value = read?.one ?? one.value
    other.value = read?.other ?? other.value
    if (read) inside.value = read.inside ? 'INSIDE' : 'OUTSIDE'
  },
  { immediate: true }
)
function read(which: 'one' | 'other', mm: number | undefined) {
  if (which === 'one') one.value = mm
  else other.value = mm
  say()
}
function say() {
  const glueUp = bench.plan?.glueUp
  if (!glueUp) return
  if (one.value !== undefined && other.value !== undefined) {
    const diagonals = { one: one.value, other: other.value, inside: inside.value === 'INSIDE' }
    void bench.set('glueUp', { ...glueUp, diagonals }, 'diagonals')
  } else if (glueUp.diagonals) {
    const without = { ...glueUp }
    delete without.diagonals
    void bench.set('glueUp', without)
  }
}
// before both are read, what is typed stays as it was typed
const text = (field: 'one' | 'other') => bench.answer?.fields[`glueUp.diagonals.${field}`] ?? ''
</script>

<template>
  <section v-if="bench.plan" class="diagonals" aria-label="Is it square?">
    <h3>Is it square? Both diagonals</h3>
    <LengthField
      label="DA to BC"
      :text="text('one')"
      :mm="one"
      :unit="bench.plan.unit"
      at="glueUp.diagonals.one"
      stands="not read"
      :refused="bench.problem?.field === 'glueUp.diagonals.one' ? bench.problem.detail : ''"
      @read="(mm) => read('one', mm)"
    />
    <LengthField
      label="AB to CD"
      :text="text('other')"
      :mm="other"
      :unit="bench.plan.unit"
      at="glueUp.diagonals.other"
      stands="not read"
      :refused="bench.problem?.field === 'glueUp.diagonals.other' ? bench.problem.detail : ''"
      @read="(mm) => read('other', mm)"
    />
    <ChoiceField
      label="Read"
      :value="inside"
      :choices="[
        { value: 'OUTSIDE', label: 'over the outside' },
        { value: 'INSIDE', label: 'inside the walls' }
      ]"
      @choose="((inside = $event), say())"
    />
    <p
      v-if="bench.answer?.glue?.square"
      class="square"
      :class="{ good: bench.answer.glue.isSquare }"
      role="status"
    >
      {{ bench.answer.glue.square }}
    </p>
  </section>
</template>

<style scoped>
h3 {
  font-size: 0.86rem;
  color: var(--quiet);
}
.square {
  margin: 0.4rem 0 0;
  border-left: 4px solid var(--mind);
  padding: 0.3rem 0.6rem;
  background: var(--sheet);
}
.square.good {
  border-color: var(--good);
}
</style>
