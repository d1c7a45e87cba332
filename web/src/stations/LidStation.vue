<script setup lang="ts">
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

/** The lid: the panel in its grooves through the year, and the line it asks of the walls. */
const bench = useBench()
const sliding = computed(() => bench.plan?.lid.kind === 'SLIDING')
</script>

<template>
  <StationFrame
    question="Will the lid slide all year?"
    hint="Section across the slide, and both grooves magnified. Slide the season."
  >
    <template #drawing>
      <NothingYet
        v-if="!sliding"
        title="No lid yet"
        gives="Give it a sliding lid"
        @give="bench.begin('LID_SLIDING')"
      >
        A sliding lid runs in grooves of the sides and the back, over a lowered front. It wants the lid line
        on a section boundary.
      </NothingYet>
      <PanelDrawing
        v-else
        of="lid"
        caution="Router: feed against the bit's turn, plunge stopped ends first, clamp or hold down, unplug to change the bit. The machine's manual, local rules and trained people come first."
      >
        <template #ends><strong> open</strong>: the lid slides in here.</template>
      </PanelDrawing>
    </template>
    <template #answers>
      <template v-if="sliding">
        <NumberRow id="lid.cut" label="Cut the lid, across" strong />
        <NumberRow id="lid.along" label="and along its grain" strong />
        <NumberRow id="lid.line" />
        <NumberRow id="lid.running" />
      </template>
      <p v-else>No lid.</p>
    </template>
    <template #decide>
      <ChoiceField
        label="Lid"
        :value="bench.plan?.lid.kind ?? 'NONE'"
        :choices="[
          { value: 'NONE', label: 'none' },
          { value: 'SLIDING', label: 'slides' }
        ]"
        @choose="(kind) => bench.begin(kind === 'SLIDING' ? 'LID_SLIDING' : 'LID_NONE')"
      />
      <template v-if="sliding">
        <PanelFields of="lid" wood="Wood of the lid" thickness="Lid thickness" />
        <TheRest>
          <GrooveFields of="lid" />
          <PlanLength label="Running clearance" field="lid.running" house="lid.running" fine />
          <PlanLength label="Clearance in height" field="lid.vertical" house="lid.vertical" fine />
        </TheRest>
        <TheRest title="Moisture and air"><SeasonFields /></TheRest>
        <AssumedMark :of="['HOME']" what="Where it will live is" />
      </template>
      <AssumedMark :of="['LID']" what="The lid is" />
    </template>
    <template #follow>
      <template v-if="sliding">
        <NumberRow id="lid.off" />
        <NumberRow id="fingers.low-boundary" />
        <NumberRow id="fingers.low-sections" />
        <NumberRow id="lid.tongue" />
        <NumberRow id="lid.over-groove" />
        <NumberRow id="lid.stop-at" />
        <NumberRow v-if="bench.numbers.has('lid.stop-at-ends')" id="lid.stop-at-ends" />
        <NumberRow id="lid.engagement-slid" />
        <NumberRow id="lid.least-engagement" />
        <NumberRow id="lid.inside-height" />
        <NumberRow id="seasons.now" />
        <NumberRow id="seasons.driest" />
        <NumberRow id="seasons.wettest" />
      </template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>
