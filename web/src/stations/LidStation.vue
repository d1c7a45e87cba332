<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { FirstGuess } from '../api/client'
import AssumedMark from '../bench/AssumedMark.vue'
import ChoiceField from '../bench/ChoiceField.vue'
import GrooveFields from '../bench/GrooveFields.vue'
import NothingYet from '../bench/NothingYet.vue'
import NumberRow from '../bench/NumberRow.vue'
import OutOfSheets from '../bench/OutOfSheets.vue'
import PanelFields from '../bench/PanelFields.vue'
import PlanLength from '../bench/PlanLength.vue'
import SeasonFields from '../bench/SeasonFields.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import TheRest from '../bench/TheRest.vue'
import VerdictList from '../bench/VerdictList.vue'
import WoodChoice from '../bench/WoodChoice.vue'
import PanelDrawing from '../drawing/PanelDrawing.vue'
import HingeFields from './HingeFields.vue'
import LidsCompared from './LidsCompared.vue'

/** The lid, through the year: in its grooves, sawn off the closed box, or lying on the walls. */
const bench = useBench()
const lid = computed(() => bench.plan?.lid)
const sliding = computed(() => (lid.value?.kind === 'SLIDING' ? lid.value : null))
const slidesOver = computed(() => {
  const which = bench.plan?.size.lowered?.which
  return which === 'BACK' ? 'BACK_LOW' : which === 'BOTH_ENDS' ? 'BOTH_ENDS_LOW' : 'FRONT_LOW'
})
const sawn = computed(() => (lid.value?.kind === 'SAWN_OFF' ? lid.value : null))
const onTop = computed(() => (lid.value?.kind === 'ON_TOP' ? lid.value : null))
const any = computed(() => sliding.value ?? sawn.value ?? onTop.value)
const hinged = computed(() => sawn.value?.joined === 'HINGED' || onTop.value?.kept === 'HINGED')
const is = computed(() => {
  if (onTop.value) return onTop.value.kept === 'HINGED' ? 'HINGED' : 'LIFT_OFF'
  return sawn.value ? 'SAWN_OFF' : sliding.value ? 'SLIDING' : 'NONE'
})
type Kind = 'NONE' | 'SLIDING' | 'SAWN_OFF' | 'LIFT_OFF' | 'HINGED'
const questions = {
  NONE: 'Shall it have a lid?',
  SLIDING: 'Will the lid slide all year?',
  SAWN_OFF: 'Where is the lid sawn off?',
  LIFT_OFF: 'Will the lid still go on when it is damp?',
  HINGED: 'Will the lid close, and stay flat?'
}
const hints = {
  NONE: '',
  SLIDING: 'Section across the slide, and both grooves magnified. Slide the season.',
  SAWN_OFF: 'The wall once it is sawn, the lid lifted; the top panel in its groove, magnified.',
  LIFT_OFF: 'Section across the grain, and both edges magnified. Slide the season.',
  HINGED: 'Section across the grain, and both edges magnified. Slide the season.'
}
const cautions = {
  NONE: '',
  SLIDING:
    "Router: feed against the bit's turn, plunge stopped ends first, clamp or hold down, unplug to change the bit. The machine's manual, local rules and trained people come first.",
  SAWN_OFF:
    "The fourth cut frees the lid: spacers taped in before it, or a skin left, so that nothing closes on the blade. Guard on, box flat on the table. The machine's manual, local rules and trained people come first.",
  LIFT_OFF:
    "Wide panels: clamp them down to rout or plane an edge, feed against the bit's turn. The machine's manual, local rules and trained people come first.",
  HINGED:
    "Chisels: both hands behind the edge, the work clamped. The machine's manual, local rules and trained people come first."
}
/** Only what this lid has is shown. */
const answers = [
  ['lid.body-height', 'The box without its lid'],
  ['lid.lid-height', 'The lid’s walls'],
  ['lid.fence', 'Fence to the blade'],
  ['lid.cut', ''],
  ['lid.panel-along', ''],
  ['lid.along', ''],
  ['lid.lip-across', ''],
  ['lid.line', ''],
  ['lid.running', ''],
  ['lid.front-driest', ''],
  ['lid.hinge-screw', '']
] as const
const shown = computed(() =>
  answers
    .filter(([id]) => bench.numbers.has(id))
    // of the sawn lid the panel's size follows; of one with breadboard ends the whole lid's
    .filter(
      ([id]) =>
        !(sawn.value && ['lid.along', 'lid.cut'].includes(id)) &&
        !(onTop.value && id === 'lid.running') &&
        !(onTop.value?.breadboard && id === 'lid.along')
    )
    .slice(0, 5)
)
const follows = [
  'left-under',
  'left-over',
  'loss',
  'closed-height',
  'blade',
  'cut',
  'along',
  'lip-along',
  'lip-loose',
  'front-wettest',
  'total-height',
  'end-glued',
  'peg-reach',
  'slot-inwards',
  'slot-outwards',
  'slot-longer',
  'ends-wettest',
  'ends-driest',
  'hinge-in-wall',
  'hinge-in-lid',
  'hinge-wide',
  'hinge-at',
  'hinge-out',
  'hinge-recess',
  'spline',
  'spline-thick',
  'liner-long',
  'liner-short',
  'liner-high',
  'liner-eased',
  'off'
]
  .map((name) => `lid.${name}`)
  .concat('fingers.low-boundary', 'fingers.low-sections')
  .concat(
    [
      'tongue',
      'tongue-away',
      'notch-in',
      'notch-across',
      'pin-at',
      'pin-closed',
      'opens',
      'over-groove',
      'stop-at',
      'stop-at-ends',
      'block-sides',
      'block-ends',
      'corner-notch',
      'corner-clip',
      'saw-arc',
      'plug',
      'engagement-slid',
      'least-engagement',
      'inside-height'
    ].map((name) => `lid.${name}`)
  )
  .concat('seasons.now', 'seasons.driest', 'seasons.wettest')
const told = computed(() =>
  follows.filter((id) => bench.numbers.has(id) && !shown.value.some(([first]) => first === id))
)
</script>

<template>
  <StationFrame :question="questions[is]" :hint="hints[is]">
    <template #drawing>
      <NothingYet
        v-if="!any"
        title="No lid yet"
        gives="Give it a sliding lid"
        @give="bench.begin('LID_SLIDING')"
      >
        It can slide in grooves, be sawn off the closed box, or lie on the walls. What each costs stands
        beside here.
      </NothingYet>
      <PanelDrawing v-else of="lid" :caution="cautions[is]">
        <template #ends
          ><strong v-if="sliding"> open</strong
          ><template v-if="sliding">: the lid slides in here.</template></template
        >
      </PanelDrawing>
    </template>
    <template #answers>
      <template v-if="any">
        <NumberRow
          v-for="([id, label], i) in shown"
          :id="id"
          :key="id"
          :label="label || undefined"
          :strong="i < 2"
        />
        <OutOfSheets />
      </template>
      <p v-else>No lid.</p>
    </template>
    <template #decide>
      <ChoiceField
        label="Lid"
        :value="is"
        :choices="[
          { value: 'NONE', label: 'none' },
          { value: 'SLIDING', label: 'slides' },
          { value: 'SAWN_OFF', label: 'sawn off the closed box' },
          { value: 'LIFT_OFF', label: 'lifts off' },
          { value: 'HINGED', label: 'hinged on top' }
        ]"
        @choose="(kind) => bench.begin(`LID_${kind as Kind}`)"
      />
      <PlanLength v-if="sawn" label="Seam above the bottom edge" field="lid.seam" />
      <ChoiceField
        v-if="sliding"
        label="Slides out over"
        :value="slidesOver"
        :choices="[
          { value: 'FRONT_LOW', label: 'the front' },
          { value: 'BACK_LOW', label: 'the back' },
          { value: 'BOTH_ENDS_LOW', label: 'either end' }
        ]"
        @choose="bench.begin($event as FirstGuess)"
      />
      <ChoiceField
        v-if="sawn"
        label="Lid and box are"
        :value="sawn.joined"
        :choices="[
          { value: 'LOOSE', label: 'loose' },
          { value: 'HINGED', label: 'hinged' },
          { value: 'LINED', label: 'kept by a liner' }
        ]"
        @choose="bench.set('lid.joined', $event)"
      />
      <template v-if="onTop">
        <PlanLength label="Overhang today" field="lid.overhang" />
        <div class="tick">
          <Checkbox
            :model-value="onTop.breadboard"
            binary
            input-id="breadboard"
            @update:model-value="bench.set('lid.breadboard', $event)"
          />
          <label for="breadboard">Breadboard ends</label>
        </div>
      </template>
      <PanelFields v-if="sliding" of="lid" wood="Wood of the lid" thickness="Lid thickness" />
      <TheRest title="Kinds of lid, compared"><LidsCompared /></TheRest>
      <template v-if="any">
        <TheRest v-if="!sliding" :title="sawn ? 'The top panel' : 'The panel'">
          <PanelFields
            of="lid"
            :wood="sawn ? 'Wood of the top' : 'Wood of the lid'"
            :thickness="sawn ? 'Top panel, thickness' : 'Lid thickness'"
          />
          <GrooveFields v-if="sawn" of="lid" />
          <WoodChoice v-else label="" field="lid.stuff" just="rings" rings />
          <PlanLength v-if="onTop?.kept === 'LIP'" label="Lip, into the box" field="lid.lip" />
        </TheRest>
        <TheRest v-else>
          <GrooveFields of="lid" />
          <PlanLength label="Running clearance" field="lid.running" house="lid.running" fine />
          <PlanLength label="Clearance in height" field="lid.vertical" house="lid.vertical" fine />
        </TheRest>
        <TheRest v-if="sliding" title="Pulled and stopped">
          <PlanLength label="Overhang past the front" field="lid.pull.overhang" house="0" />
          <PlanLength label="Finger notch, across" field="lid.pull.notch" house="none" />
          <PlanLength label="Stop: left in the grooves" field="lid.pull.stop" house="no pin" />
          <PlanLength label="Stop pin, diameter" field="lid.pull.pin" house="3" fine />
        </TheRest>
        <TheRest v-if="sawn" title="How it is sawn">
          <PlanLength label="Kerf of the saw" field="lid.kerf" house="lid.kerf" fine />
          <PlanLength label="Flattened off each edge" field="lid.flattened" house="lid.flattened" fine />
          <div class="tick">
            <Checkbox
              :model-value="sawn.skin"
              binary
              input-id="skin"
              @update:model-value="bench.set('lid.skin', $event)"
            />
            <label for="skin">Leave a skin at A and C</label>
          </div>
        </TheRest>
        <TheRest v-if="sawn?.joined === 'LINED'" title="The liner">
          <PlanLength label="Liner, thickness" field="lid.liner.thickness" />
          <PlanLength label="Liner over the edge" field="lid.liner.over" />
          <PlanLength label="Clearance in the lid" field="lid.running" house="lid.running" fine />
        </TheRest>
        <TheRest v-if="onTop?.breadboard" title="Breadboard ends">
          <PlanLength label="Width of an end" field="lid.ends.width" />
          <ChoiceField
            label="Held by"
            :value="onTop.ends.splined ? 'SPLINE' : 'TONGUE'"
            :choices="[
              { value: 'TONGUE', label: 'a tongue of the panel' },
              { value: 'SPLINE', label: 'a spline, grain across' }
            ]"
            @choose="bench.set('lid.ends.splined', $event === 'SPLINE' ? true : undefined)"
          />
          <PlanLength
            :label="onTop.ends.splined ? 'Spline in the end' : 'Tongue in the end'"
            field="lid.ends.tongue"
          />
          <PlanLength label="Outer peg from the edge" field="lid.ends.inset" />
          <PlanLength label="Peg, diameter" field="lid.ends.peg" />
        </TheRest>
        <TheRest v-if="hinged" title="Hinges"><HingeFields /></TheRest>
        <TheRest title="Moisture and air"><SeasonFields /></TheRest>
        <AssumedMark :of="['HOME']" what="Where it will live is" />
      </template>
      <AssumedMark :of="['LID']" what="The lid is" />
    </template>
    <template #follow>
      <template v-if="any"><NumberRow v-for="id in told" :id="id" :key="id" /></template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.tick {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
</style>
