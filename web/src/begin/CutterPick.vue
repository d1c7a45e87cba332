<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { answer, api, problemOf, type KeptCutter } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import NumText from '../drawing/NumText.vue'
import type { Beginning } from './beginning'

/** The cutter by its picture: the slot one pass of it leaves, all to one scale; or its kerf, when it hangs on no rack. */
const props = defineProps<{ beginning: Beginning }>()
const emit = defineEmits<{ refused: [why: string] }>()
const wish = props.beginning.wish
const cutters = shallowRef<KeptCutter[]>([])
onMounted(async () => {
  try {
    cutters.value = await answer(api.GET('/api/rack/cutters', { params: { query: {} } }))
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
const fingers = computed(() => props.beginning.plan.value?.fingers)
const widest = computed(() => cutters.value.reduce((most, c) => Math.max(most, c.cutter.kerf), 12))
const px = (kerf: number) => Math.max(2, (kerf / widest.value) * 26)

function take(kept: KeptCutter) {
  wish.tool = kept.cutter
  delete wish.kerf
}
function measure(kerf: number | undefined) {
  if (kerf === undefined) delete wish.kerf
  else {
    wish.kerf = kerf
    delete wish.tool
  }
}
</script>

<template>
  <div class="cutters">
    <div v-if="cutters.length" class="row" role="radiogroup" aria-label="Cutters of the rack">
      <button
        v-for="c in cutters"
        :key="c.cutter.id"
        type="button"
        role="radio"
        class="cutter"
        :aria-checked="fingers?.tool?.id === c.cutter.id"
        @click="take(c)"
      >
        <svg width="44" height="20" aria-hidden="true">
          <path
            class="wood"
            :d="`M0 4H${22 - px(c.cutter.kerf) / 2}V14H${22 + px(c.cutter.kerf) / 2}V4H44V20H0Z`"
          />
        </svg>
        <span>{{ c.cutter.name }}</span>
        <NumText :text="c.fields.kerf ?? String(c.cutter.kerf)" />
      </button>
    </div>
    <LengthField
      :label="cutters.length ? 'or another, kerf measured' : 'Kerf, measured'"
      text=""
      :unit="wish.unit ?? 'MILLIMETRE'"
      at="fingers.kerf"
      :house="fingers?.tool ? ' ' : (beginning.begun.value?.fields['fingers.kerf'] ?? '')"
      stands="assumed"
      :refused="beginning.refusedAt.value === 'kerf' ? beginning.refused.value : ''"
      fine
      @read="measure"
    />
  </div>
</template>

<style scoped>
.row {
  display: grid;
  gap: 2px;
  max-height: 8rem;
  overflow: auto;
}
.cutter {
  display: grid;
  grid-template-columns: 48px 1fr auto;
  align-items: center;
  gap: 0.4rem;
  padding: 0.2rem 0.3rem;
  border: 1px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.92rem;
  text-align: left;
  cursor: pointer;
}
.cutter[aria-checked='true'] {
  border-color: var(--edge);
  background: var(--sheet);
  font-weight: 600;
}
.wood {
  fill: var(--wood-end);
}
</style>
