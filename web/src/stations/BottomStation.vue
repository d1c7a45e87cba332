<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import GrooveFields from '../bench/GrooveFields.vue'
import NothingYet from '../bench/NothingYet.vue'
import NumberRow from '../bench/NumberRow.vue'
import PanelFields from '../bench/PanelFields.vue'
import PlanLength from '../bench/PlanLength.vue'
import SeasonFields from '../bench/SeasonFields.vue'
import AssumedMark from '../bench/AssumedMark.vue'
import StationFrame from '../bench/StationFrame.vue'
import TheRest from '../bench/TheRest.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import PanelDrawing from '../drawing/PanelDrawing.vue'

/** The bottom: the panel in its groove through the year. */
const bench = useBench()
const captured = computed(() => (bench.plan?.bottom.kind === 'CAPTURED' ? bench.plan.bottom : null))
</script>

<template>
  <StationFrame
    question="Will the bottom stay in all year?"
    hint="Section across the panel’s grain, and both grooves magnified. Slide the season."
  >
    <template #drawing>
      <NothingYet
        v-if="!captured"
        title="No bottom yet"
        gives="Give it a bottom"
        @give="bench.set('bottom.kind', 'CAPTURED')"
      >
        A captured bottom sits in a groove all round and goes in before the last wall. Solid wood needs room
        to move across its grain.
      </NothingYet>
      <PanelDrawing
        v-else
        of="bottom"
        caution="Router: feed against the bit's turn, plunge stopped ends first, clamp or hold down, unplug to change the bit. The machine's manual, local rules and trained people come first."
      />
    </template>
    <template #answers>
      <template v-if="captured">
        <NumberRow id="bottom.cut" label="Cut the bottom, across" strong />
        <NumberRow id="bottom.along" label="and along its grain" strong />
        <NumberRow id="bottom.engagement-slid" label="Held on the driest day" />
      </template>
      <p v-else>No bottom.</p>
    </template>
    <template #decide>
      <ChoiceField
        label="Bottom"
        :value="bench.plan?.bottom.kind ?? 'NONE'"
        :choices="[
          { value: 'NONE', label: 'none' },
          { value: 'CAPTURED', label: 'captured in a groove' }
        ]"
        @choose="bench.set('bottom.kind', $event)"
      />
      <template v-if="captured">
        <PanelFields of="bottom" wood="Wood of the panel" thickness="Panel thickness" />
        <TheRest>
          <GrooveFields of="bottom" />
          <ChoiceField
            label="Its grain runs"
            :value="captured.grain"
            :choices="[
              { value: 'ALONG_LENGTH', label: 'along the length' },
              { value: 'ALONG_WIDTH', label: 'along the width' }
            ]"
            @choose="bench.set('bottom.grain', $event)"
          />
          <PlanLength label="Gap at the wettest" field="bottom.gap" house="bottom.gap" fine />
          <PlanLength label="End fit" field="bottom.endFit" house="bottom.end-fit" fine />
          <div class="pinned">
            <Checkbox
              :model-value="captured.pinned"
              binary
              input-id="pinned"
              @update:model-value="bench.set('bottom.pinned', $event)"
            />
            <label for="pinned">Pinned at its centre</label>
          </div>
        </TheRest>
        <TheRest title="Moisture and air"><SeasonFields /></TheRest>
        <AssumedMark :of="['HOME']" what="Where it will live is" />
      </template>
      <AssumedMark :of="['BOTTOM']" what="The bottom is" />
    </template>
    <template #follow>
      <template v-if="captured">
        <NumberRow id="bottom.least-engagement" />
        <NumberRow id="bottom.gap" />
        <NumberRow id="bottom.engagement-centred" />
        <NumberRow id="bottom.tongue" />
        <NumberRow id="bottom.stop-at" />
        <NumberRow v-if="bench.numbers.has('bottom.stop-at-ends')" id="bottom.stop-at-ends" />
        <NumberRow id="bottom.inside-height" />
        <NumberRow id="seasons.now" />
        <NumberRow id="seasons.driest" />
        <NumberRow id="seasons.wettest" />
      </template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.pinned {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
</style>
