<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import GrooveFields from '../bench/GrooveFields.vue'
import NothingYet from '../bench/NothingYet.vue'
import NumberRow from '../bench/NumberRow.vue'
import OutOfSheets from '../bench/OutOfSheets.vue'
import PlainField from '../bench/PlainField.vue'
import PanelFields from '../bench/PanelFields.vue'
import PlanLength from '../bench/PlanLength.vue'
import SeasonFields from '../bench/SeasonFields.vue'
import AssumedMark from '../bench/AssumedMark.vue'
import StationFrame from '../bench/StationFrame.vue'
import TheRest from '../bench/TheRest.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import PanelDrawing from '../drawing/PanelDrawing.vue'

/** The bottom: the panel in its groove, in its rabbet or under the walls, through the year. */
const bench = useBench()
const bottom = computed(() => bench.plan?.bottom)
const captured = computed(() => (bottom.value?.kind === 'CAPTURED' ? bottom.value : null))
const rabbeted = computed(() => (bottom.value?.kind === 'RABBETED' ? bottom.value : null))
const applied = computed(() => (bottom.value?.kind === 'APPLIED' ? bottom.value : null))
const slats = computed(() => (bottom.value?.kind === 'SLATS' ? bottom.value : null))
const panel = computed(() => captured.value ?? rabbeted.value ?? applied.value ?? slats.value)
type Kind = 'NONE' | 'CAPTURED' | 'RABBETED' | 'APPLIED' | 'SLATS'
const hints = {
  NONE: '',
  CAPTURED: 'Section across the panel’s grain, and both grooves magnified. Slide the season.',
  RABBETED:
    'Cut once the box is glued up. Section across the panel’s grain, both rabbets magnified. Slide the season.',
  APPLIED:
    'Fixed under the walls, then trimmed. Section across the panel’s grain, both edges magnified. Slide the season.',
  SLATS:
    'Side by side in a groove of two walls: from above, and two of them end on, magnified. Slide the season.'
}
const cautions = {
  NONE: '',
  CAPTURED:
    "Router: feed against the bit's turn, plunge stopped ends first, clamp or hold down, unplug to change the bit. The machine's manual, local rules and trained people come first.",
  RABBETED:
    "Bearing cutter: several light passes, feed against the cutter's turn, the box clamped down, unplug to change the bit. The machine's manual, local rules and trained people come first.",
  APPLIED:
    "Trimming: the bearing on the wall, feed against the cutter's turn; at the saw keep the guard on and hands clear of the tilted blade. The machine's manual, local rules and trained people come first.",
  SLATS:
    "Narrow slats: rip them from a wider board with a push stick, rabbet them with feather boards before they are cut to length. The machine's manual, local rules and trained people come first."
}
const boxes = computed(() => {
  if (captured.value) return [{ field: 'pinned', label: 'Pinned at its centre', on: captured.value.pinned }]
  if (!slats.value) return []
  return [
    { field: 'lapped', label: 'Each laps over the next', on: slats.value.lapped },
    { field: 'pinned', label: 'Each pinned at its middle', on: slats.value.pinned },
    { field: 'atWalls', label: 'A gap at the walls too', on: slats.value.atWalls }
  ]
})
const follows = [
  'gaps',
  'bare',
  'least-engagement',
  'gap',
  'engagement-centred',
  'tongue',
  'shoulder-lower',
  'shoulder-across',
  'shoulder-along',
  'body-across',
  'covering',
  'stop-at',
  'stop-at-ends',
  'corner-notch',
  'corner-clip',
  'block-sides',
  'block-ends',
  'saw-arc',
  'plug',
  'wall-left',
  'corner-cover',
  'stands-out',
  'screw-reach',
  'lower-along',
  'lower-across',
  'total-height',
  'inside-height'
]
  .map((name) => `bottom.${name}`)
  .concat('seasons.now', 'seasons.driest', 'seasons.wettest')
</script>

<template>
  <StationFrame question="Will the bottom stay in all year?" :hint="hints[bottom?.kind ?? 'NONE']">
    <template #drawing>
      <NothingYet
        v-if="!panel"
        title="No bottom yet"
        gives="Give it a bottom"
        @give="bench.begin('BOTTOM_CAPTURED')"
      >
        A captured bottom sits in a groove all round and goes in before the last wall. Solid wood needs room
        to move across its grain.
      </NothingYet>
      <PanelDrawing v-else of="bottom" :caution="cautions[bottom?.kind ?? 'NONE']" />
    </template>
    <template #answers>
      <template v-if="panel">
        <NumberRow
          id="bottom.cut"
          :label="slats ? 'Cut each slat, across' : 'Cut the bottom, across'"
          strong
        />
        <NumberRow id="bottom.along" label="and along its grain" strong />
        <template v-if="slats">
          <NumberRow id="bottom.gap-driest" />
          <NumberRow v-if="bench.numbers.has('bottom.lap')" id="bottom.lap" />
        </template>
        <NumberRow v-if="bench.numbers.has('bottom.rounded-to')" id="bottom.rounded-to" />
        <NumberRow v-if="bench.numbers.has('bottom.slot')" id="bottom.slot" />
        <NumberRow v-if="applied" id="bottom.stands-in" />
        <NumberRow
          v-else-if="!slats"
          id="bottom.engagement-slid"
          :label="rabbeted ? 'On its rabbet, driest day' : 'Held on the driest day'"
        />
        <OutOfSheets />
      </template>
      <p v-else>No bottom.</p>
    </template>
    <template #decide>
      <ChoiceField
        label="Bottom"
        :value="bench.plan?.bottom.kind ?? 'NONE'"
        :choices="[
          { value: 'NONE', label: 'none' },
          { value: 'CAPTURED', label: 'captured in a groove' },
          { value: 'RABBETED', label: 'in a rabbet, after the glue' },
          { value: 'APPLIED', label: 'under the walls' },
          { value: 'SLATS', label: 'slats' }
        ]"
        @choose="(kind) => bench.begin(`BOTTOM_${kind as Kind}`)"
      />
      <template v-if="panel">
        <PanelFields
          of="bottom"
          :wood="slats ? 'Wood of the slats' : 'Wood of the panel'"
          :thickness="slats ? 'Slat thickness' : 'Panel thickness'"
        />
        <PlainField v-if="slats" label="Slats" field="bottom.count" unit="" whole />
        <ChoiceField
          v-if="rabbeted"
          label="Its round corners"
          :value="rabbeted.corners"
          :choices="[
            { value: 'ROUNDED', label: 'the panel is rounded' },
            { value: 'SQUARED', label: 'are squared' }
          ]"
          @choose="bench.set('bottom.corners', $event)"
        />
        <TheRest>
          <GrooveFields v-if="captured || slats" of="bottom" />
          <template v-if="captured">
            <ChoiceField
              label="It lies"
              :value="captured.lies ?? 'ON_GROOVE'"
              :choices="[
                { value: 'ON_GROOVE', label: 'on its groove' },
                { value: 'FLUSH', label: 'flush with the bottom edge' }
              ]"
              @choose="bench.set('bottom.lies', $event)"
            />
            <PlanLength label="Paper, lining or finish" field="bottom.covering" house="0" fine />
          </template>
          <template v-if="rabbeted">
            <PlanLength label="Rabbet, into the walls" field="bottom.rabbet" />
            <PlanLength label="Radius the cutter leaves" field="bottom.radius" />
          </template>
          <template v-else-if="applied">
            <PlanLength label="Oversize at each side" field="bottom.oversize" />
            <PlainField label="Bevel" field="bottom.bevel" unit="°" />
          </template>
          <ChoiceField
            label="Its grain runs"
            :value="panel.grain"
            :choices="[
              { value: 'ALONG_LENGTH', label: 'along the length' },
              { value: 'ALONG_WIDTH', label: 'along the width' }
            ]"
            @choose="bench.set('bottom.grain', $event)"
          />
          <template v-if="!applied">
            <PlanLength label="Gap at the wettest" field="bottom.gap" house="bottom.gap" fine />
            <PlanLength label="End fit" field="bottom.endFit" house="bottom.end-fit" fine />
          </template>
          <template v-for="box in boxes" :key="box.field">
            <div class="pinned">
              <Checkbox
                :model-value="box.on"
                binary
                :input-id="box.field"
                @update:model-value="bench.set(`bottom.${box.field}`, $event)"
              />
              <label :for="box.field">{{ box.label }}</label>
            </div>
          </template>
        </TheRest>
        <TheRest title="Moisture and air"><SeasonFields /></TheRest>
        <AssumedMark :of="['HOME']" what="Where it will live is" />
      </template>
      <AssumedMark :of="['BOTTOM']" what="The bottom is" />
    </template>
    <template #follow>
      <template v-if="panel">
        <template v-for="id in follows" :key="id"
          ><NumberRow v-if="bench.numbers.has(id)" :id="id"
        /></template>
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
