<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, nextTick, ref, watch } from 'vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import LadderRung from '../drawing/LadderRung.vue'

const bench = useBench()
const ladder = computed(() => bench.answer?.ladder ?? [])
const most = computed(() => ladder.value.reduce((m, r) => Math.max(m, r.figure.height, r.figure.closing), 1))
const list = ref<HTMLElement>()

function choose(sections: number) {
  void bench.set('fingers.sections', sections)
}

watch(
  () => [bench.answer?.sections, ladder.value.length],
  async () => {
    await nextTick()
    list.value?.querySelector('[aria-checked=true]')?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true }
)
</script>

<template>
  <StationFrame
    question="How many fingers?"
    hint="Each rung is the real wall edge, mate closed on it. Choose by eye; [ and ] climb."
  >
    <template #drawing>
      <p class="recommended">
        {{ bench.answer?.recommendation }}
        <button
          v-if="bench.answer && bench.answer.recommended !== bench.answer.sections"
          type="button"
          class="word"
          @click="choose(bench.answer.recommended)"
        >
          Take it
        </button>
      </p>
      <div ref="list" class="ladder" role="radiogroup" aria-label="Sections">
        <LadderRung
          v-for="rung in ladder"
          :key="rung.sections"
          :rung="rung"
          :most="most"
          :chosen="rung.sections === bench.answer?.sections"
          :recommended="rung.sections === bench.answer?.recommended"
          @choose="choose(rung.sections)"
          @open="bench.openWorking"
        />
      </div>
    </template>
    <template #decide>
      <PlanLength label="Height of the wall" field="size.height" :least="5" :most="1500" />
      <PlanLength label="May close lower by" field="fingers.lowerBy" house="fingers.lower-by" :most="200" />
      <PlanLength label="May close higher by" field="fingers.higherBy" :most="200" />
      <div class="cutter">
        <label for="cutter-name">Cutter</label>
        <InputText
          id="cutter-name"
          :model-value="bench.plan?.fingers.cutter ?? ''"
          maxlength="60"
          autocomplete="off"
          @update:model-value="bench.set('fingers.cutter', $event ?? '', 'cutter')"
          @blur="bench.settle()"
        />
      </div>
      <PlanLength label="Its kerf, measured" field="fingers.kerf" :least="0.2" :most="200" fine />
      <PlanLength
        label="Clearance"
        field="fingers.clearance"
        house="fingers.clearance"
        :least="-0.5"
        :most="2"
        fine
      />
    </template>
    <template #follow>
      <NumberRow id="fingers.slot" strong />
      <NumberRow id="fingers.finger" strong />
      <NumberRow id="fingers.pitch" />
      <NumberRow id="fingers.passes" />
      <NumberRow id="fingers.closing-height" />
      <NumberRow id="fingers.first-rip" />
      <NumberRow id="fingers.rip-after-fit" />
      <NumberRow id="fingers.cuts" />
      <NumberRow id="fingers.glue-area" />
      <NumberRow id="fingers.glue-ratio" />
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.recommended {
  margin: 0 0 0.4rem;
  padding: 0.35rem 0.7rem;
  border-left: 4px solid var(--good);
  background: var(--paper);
  line-height: 1.3;
}
.ladder {
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  padding: 3px;
}
.cutter {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.6rem;
  align-items: center;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.cutter :deep(input) {
  padding: 0.3rem 0.5rem;
  min-width: 0;
}
</style>
