<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { answer, api, problemOf, type WoodView } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import NumText from '../drawing/NumText.vue'
import type { Beginning } from './beginning'
import BoardPick from './BoardPick.vue'
import CutterPick from './CutterPick.vue'

/** Beside a box that is begun: what is assumed of it until the maker says, and the board. */
const props = defineProps<{ beginning: Beginning }>()
const emit = defineEmits<{ refused: [why: string] }>()
const { aim, wish, plan, begun, assumed, refused, refusedAt } = props.beginning
const woods = shallowRef<WoodView[]>([])
const choices = computed(() => woods.value.map((w) => ({ value: w.id, label: w.name })))
const station = (id: string) => begun.value?.stations.find((s) => s.id === id)?.line ?? ''
const HOMES: Record<string, string> = {
  HEATED_HOUSE: 'heated house',
  TEMPERATE_HOUSE: 'temperate house',
  UNHEATED_SHED: 'unheated shed',
  DAMP_BOAT: 'damp boat',
  OWN: 'own values'
}

onMounted(async () => {
  try {
    woods.value = await answer(api.GET('/api/woods'))
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
</script>

<template>
  <aside aria-label="What is assumed">
    <h3>Assumed until you say</h3>
    <div class="said">
      <ChoiceField
        label="Wood"
        :value="plan?.walls.wood ?? ''"
        :choices="choices"
        filter
        @choose="wish.wood = $event"
      />
      <em v-if="assumed.has('WOOD')" class="assumed">assumed</em>
    </div>
    <div class="said thickness">
      <LengthField
        :key="`thickness-${wish.blankLength}`"
        label="Thickness"
        :text="wish.blankLength === undefined ? '' : (begun?.fields['size.thickness'] ?? '')"
        :unit="wish.unit ?? 'MILLIMETRE'"
        at="size.thickness"
        :house="assumed.has('THICKNESS') ? (begun?.fields['size.thickness'] ?? ' ') : ' '"
        stands="assumed"
        :refused="refusedAt === 'thickness' ? refused : ''"
        @read="(mm) => (mm === undefined ? delete wish.thickness : (wish.thickness = mm))"
      />
      <em v-if="assumed.has('THICKNESS')" class="assumed">assumed</em>
    </div>
    <h3>Cut with {{ plan?.fingers.cutter }} <em v-if="assumed.has('CUTTER')" class="assumed">assumed</em></h3>
    <CutterPick :beginning="beginning" @refused="emit('refused', $event)" />
    <dl>
      <template v-if="aim !== 'DRAWER'">
        <dt>Fingers</dt>
        <dd><NumText :text="station('fingers')" /></dd>
      </template>
      <dt>Bottom <em class="assumed">assumed</em></dt>
      <dd><NumText :text="aim === 'DRAWER' ? 'in a groove' : station('bottom')" /></dd>
      <dt>Lid <em class="assumed">assumed</em></dt>
      <dd>{{ station('lid') }}</dd>
      <dt>Lives in <em class="assumed">assumed</em></dt>
      <dd>{{ HOMES[plan?.seasons.home ?? 'OWN'] }}</dd>
    </dl>
    <h3>The board</h3>
    <p v-if="aim === 'DRAWER'" class="batch">All of them are planned as one batch out of the rack.</p>
    <BoardPick v-else :beginning="beginning" @refused="emit('refused', $event)" />
    <slot />
  </aside>
</template>

<style scoped>
aside {
  background: var(--paper);
  border-left: 1px solid var(--rule);
  padding: 0.9rem 1.1rem 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
}
h3 {
  font-size: 0.88rem;
  color: var(--quiet);
  margin: 0.5rem 0 0.2rem;
}
h3:first-child {
  margin-top: 0;
}
.said {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
}
.said > :deep(.p-select) {
  max-width: 11rem;
}
.thickness {
  position: relative;
}
.thickness :deep(.field) {
  flex: 1;
  border: 0;
}
.thickness .assumed {
  position: absolute;
  left: 5.2rem;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  margin: 0.4rem 0 0;
}
dt,
dd {
  padding: 0.3rem 0;
  border-top: 1px dotted var(--rule);
  margin: 0;
}
dt {
  white-space: nowrap;
}
dd {
  text-align: right;
  font-size: 0.78rem;
  line-height: 1.5rem;
}
</style>
