<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api, problemOf, type KeptCutter } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import NumText from '../drawing/NumText.vue'
import { rackDisplay, rackUnit } from './display'

/** A stacked cutter put together for a slot: its pieces that come nearest. */
const props = defineProps<{ kept: KeptCutter }>()
const slot = ref<number>()
const stack = ref<{ says: string; width: string; off: string; unit: string }>()
const refused = ref('')
let turn = 0

/** Anew when the slot, the pieces or the display change. */
watch([slot, () => props.kept.revision, rackDisplay], async () => {
  const mine = ++turn
  refused.value = ''
  if (!slot.value) {
    stack.value = undefined
    return
  }
  try {
    const found = await answer(
      api.GET('/api/rack/cutters/{id}/stack', {
        params: {
          path: { id: props.kept.cutter.id },
          query: { slot: slot.value, display: rackDisplay.value }
        }
      })
    )
    if (mine === turn) stack.value = found
  } catch (error) {
    if (mine !== turn) return
    stack.value = undefined
    refused.value = problemOf(error).detail
  }
})
</script>

<template>
  <h3>Put it together for a slot of</h3>
  <LengthField
    label="Slot"
    text=""
    :mm="slot"
    :unit="rackUnit"
    at="rack.cutter.nominal"
    house="any"
    :refused="refused"
    fine
    @read="(mm) => (slot = mm)"
  />
  <p v-if="stack" class="stack" role="status">
    <strong><NumText :text="stack.width" /> {{ stack.unit }}</strong
    >, <NumText :text="stack.off" /> off: {{ stack.says }}
  </p>
</template>

<style scoped>
h3 {
  font-size: 0.95rem;
  margin: 0.8rem 0 0.1rem;
}
.stack {
  background: var(--sheet);
  padding: 0.4rem 0.6rem;
}
</style>
