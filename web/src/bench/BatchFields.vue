<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import MultiSelect from 'primevue/multiselect'
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf } from '../api/client'
import ChoiceField from './ChoiceField.vue'
import PlainField from './PlainField.vue'
import { useBreakdown } from './breakdown'
import { useBench } from './store'

/** How many boxes, out of which boards, and how far the maker gives way. */
const bench = useBench()
const batch = computed(() => bench.plan?.batch)
const breakdown = useBreakdown()
const boards = computed(() => breakdown.rack)
const boxes = ref<{ id: string; name: string }[]>([])
const failed = ref('')
const others = computed(() => boxes.value.filter((b) => b.id !== bench.id))
const free = computed(() => others.value.filter((b) => !batch.value?.others.some((o) => o.box === b.id)))
const broken = [
  { value: 'WHOLE', label: 'never' },
  { value: 'PAIRS', label: 'into pairs' },
  { value: 'SINGLES', label: 'into singles' }
]
onMounted(async () => {
  try {
    boxes.value = await answer(api.GET('/api/boxes/names'))
  } catch (error) {
    failed.value = problemOf(error).detail
  }
})

function addOther(box: string) {
  void bench.decide((plan) => plan.batch?.others.push({ box, count: 1 }))
}
function dropOther(at: number) {
  void bench.decide((plan) => plan.batch?.others.splice(at, 1))
}
const nameOf = (id: string) => boxes.value.find((b) => b.id === id)?.name ?? id
</script>

<template>
  <template v-if="batch">
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <PlainField label="Boxes like this" field="batch.count" unit="" whole />
    <PlainField label="Spare sides" field="batch.spareSides" unit="" whole />
    <PlainField label="Spare ends" field="batch.spareEnds" unit="" whole />
    <ChoiceField
      label="Split a box’s parts"
      :value="batch.broken"
      :choices="broken"
      @choose="bench.set('batch.broken', $event)"
    />
    <div class="tick">
      <Checkbox
        :model-value="batch.resaw"
        binary
        input-id="resaw"
        @update:model-value="bench.set('batch.resaw', $event)"
      />
      <label for="resaw">Resaw thick boards, open like a book</label>
    </div>
    <div class="pick">
      <label id="which-boards">Boards</label>
      <MultiSelect
        :model-value="batch.blanks"
        :options="boards.map((b) => ({ value: b.blank.id, label: b.blank.name }))"
        option-label="label"
        option-value="value"
        placeholder="any on the rack"
        :max-selected-labels="1"
        selected-items-label="{0} picked"
        aria-labelledby="which-boards"
        size="small"
        @update:model-value="bench.set('batch.blanks', $event)"
      />
    </div>
    <div v-for="(other, i) in batch.others" :key="other.box" class="other">
      <PlainField :label="nameOf(other.box)" :field="`batch.others.${i}.count`" unit="" whole />
      <button type="button" class="word" :aria-label="`Leave out ${nameOf(other.box)}`" @click="dropOther(i)">
        leave out
      </button>
    </div>
    <ChoiceField
      v-if="free.length && batch.others.length < 8"
      label="Cut along"
      value=""
      placeholder="another box"
      :choices="free.map((b) => ({ value: b.id, label: b.name }))"
      @choose="addOther"
    />
  </template>
</template>

<style scoped>
.tick,
.pick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.3rem 0;
}
.pick {
  justify-content: space-between;
}
.pick :deep(.p-multiselect) {
  min-width: 0;
  max-width: 12rem;
}
.other {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0.5rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
