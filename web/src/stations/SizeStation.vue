<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Figure, FirstGuess } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import CornersCompared from './CornersCompared.vue'
import ContentsFields from '../bench/ContentsFields.vue'
import HostLine from '../bench/HostLine.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import AssumedMark from '../bench/AssumedMark.vue'
import StationFrame from '../bench/StationFrame.vue'
import TheRest from '../bench/TheRest.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import WoodChoice from '../bench/WoodChoice.vue'
import EditableFigure from '../drawing/EditableFigure.vue'

const bench = useBench()
const size = computed(() => bench.plan?.size)
const place = ref<HTMLElement>()
const { width, height } = useElementSize(place)
/** in a wide place the side stands beside the view from above, in a tall one below it: whichever can be drawn larger */
const figure = computed(() => {
  const views = (bench.answer?.figures ?? []).filter((f) => f.id.startsWith('size'))
  const scale = (f: Figure) =>
    Math.min((width.value - 130) / f.width, (height.value - (f.id === 'size' ? 120 : 130)) / f.height)
  return views.sort((a, b) => scale(b) - scale(a))[0]
})
const unfolded = computed(() => bench.answer?.figures.find((f) => f.id === 'unfolded'))
const labels = {
  'size.length': 'Length',
  'size.width': 'Width',
  'size.height': 'Height of the wall',
  'size.lowered.height': 'Height of the low wall',
  'size.endThickness': 'Thickness of the ends'
}
const tips = [
  { value: 'SAND', label: 'a hair proud, sand' },
  { value: 'TRIM', label: 'proud, trim' },
  { value: 'BY_DESIGN', label: 'proud and left' },
  { value: 'UNDER', label: 'under, plane faces' }
]
const tradeOffs: Record<string, string> = {
  SAND: 'Little to remove. A shallow slot leaves tips low.',
  TRIM: 'Sure to clear the face; wants a router or a saw afterwards.',
  BY_DESIGN: 'Shows the joint; the box measures more over the tips.',
  UNDER: 'Planes along the grain only; the walls end thinner.'
}

const leads = [
  { value: 'CONTENTS', label: 'what goes in' },
  { value: 'INSIDE', label: 'the inside' },
  { value: 'OUTSIDE', label: 'the outside' },
  { value: 'OPENING', label: 'the place it fits' }
]
const lowerWalls = [
  { value: 'NONE', label: 'none' },
  { value: 'FRONT', label: 'the front' },
  { value: 'BACK', label: 'the back' },
  { value: 'BOTH_ENDS', label: 'both ends' },
  { value: 'SLOPED', label: 'front, sloping sides' }
]
const typed = computed(() => size.value?.from === 'INSIDE' || size.value?.from === 'OUTSIDE')

/** Any of the four may lead; the box stays the same size when that changes, as far as it can. */
const LEADS: Record<string, FirstGuess> = {
  CONTENTS: 'CONTENTS_LEAD',
  INSIDE: 'INSIDE_LEADS',
  OUTSIDE: 'OUTSIDE_LEADS',
  OPENING: 'PLACE_LEADS'
}
const LOWER: Record<string, FirstGuess> = {
  FRONT: 'FRONT_LOW',
  BACK: 'BACK_LOW',
  BOTH_ENDS: 'BOTH_ENDS_LOW',
  SLOPED: 'SIDES_SLOPED'
}
function lead(from: string) {
  const guess = LEADS[from]
  if (guess) void bench.begin(guess)
}
function lower(which: string) {
  const guess = LOWER[which]
  void (guess ? bench.begin(guess) : bench.decide((plan) => delete plan.size.lowered))
}

async function look(corners: boolean) {
  bench.corners = corners
  await bench.work()
}

/** Ends of their own wood start as the sides' wood; taken away, all walls are alike again. */
function endsApart(apart: boolean) {
  void bench.decide((plan) => {
    if (apart) plan.ends = { ...plan.walls }
    else delete plan.ends
  })
}

function forget() {
  void bench.decide((plan) => delete plan.size.contents)
}
</script>

<template>
  <StationFrame
    :question="bench.corners ? 'Which corner for this box?' : 'How large is the box?'"
    :hint="
      bench.corners
        ? 'The same outside and inside with each corner, to one scale: from above, and the face of the side.'
        : 'From above, and a side. Type into a framed dimension; press any other for its working.'
    "
  >
    <template #drawing>
      <p class="views" role="group" aria-label="What is drawn">
        <button type="button" class="plain" :aria-pressed="!bench.corners" @click="look(false)">
          the box
        </button>
        <button type="button" class="plain" :aria-pressed="bench.corners" @click="look(true)">
          other corners, compared
        </button>
      </p>
      <CornersCompared v-if="bench.corners && bench.answer?.corners" />
      <template v-else>
        <div ref="place" class="plan"><EditableFigure v-if="figure" :figure="figure" :labels="labels" /></div>
        <h3 class="strip-title">The four parts, outsides up, reference edges down</h3>
        <div class="unfolded"><EditableFigure v-if="unfolded" :figure="unfolded" /></div>
      </template>
    </template>
    <template #answers>
      <NumberRow id="size.side-length" label="Sides A, C cut to" strong />
      <NumberRow id="size.end-length" label="Ends B, D cut to" strong />
      <NumberRow v-if="size?.from === 'OUTSIDE'" id="size.inside-length" />
      <NumberRow v-if="size?.from === 'OUTSIDE'" id="size.inside-width" />
      <NumberRow v-if="size?.from !== 'OUTSIDE'" id="size.outside-length" />
      <NumberRow v-if="size?.from !== 'OUTSIDE'" id="size.outside-width" />
      <NumberRow v-if="!typed" id="size.height" />
    </template>
    <template #decide>
      <ChoiceField label="Size from" :value="size?.from ?? 'OUTSIDE'" :choices="leads" @choose="lead" />
      <template v-if="typed">
        <PlanLength
          :label="size?.from === 'INSIDE' ? 'Inside length' : 'Outside length'"
          field="size.length"
        />
        <PlanLength :label="size?.from === 'INSIDE' ? 'Inside width' : 'Outside width'" field="size.width" />
        <PlanLength label="Height of the wall" field="size.height" />
      </template>
      <template v-else-if="size?.from === 'OPENING'">
        <PlanLength label="The place, length" field="size.opening.length" />
        <HostLine />
        <PlanLength v-if="!bench.plan?.host" label="The place, width" field="size.opening.width" />
        <PlanLength label="The place, height" field="size.opening.height" />
        <PlanLength label="Clearance lengthwise" field="size.opening.clearLength" />
        <PlanLength label="Clearance crosswise" field="size.opening.clearWidth" />
        <PlanLength label="Clearance above" field="size.opening.clearHeight" />
        <p class="trade">A tray on runners wants its room across exact; along it may be loose.</p>
      </template>
      <ContentsFields v-if="size?.from === 'CONTENTS'" />
      <p v-else-if="size?.contents" class="trade">
        What goes in is still tried against the inside.
        <button type="button" class="word" @click="forget">Forget it</button>
      </p>
      <p v-if="bench.plan?.shared" class="trade">
        One of the set “{{ bench.plan.shared.place.set }}”, {{ bench.plan.shared.columns }} ×
        {{ bench.plan.shared.rows }} cells.
        <RouterLink :to="{ name: 'new', query: { set: bench.plan.shared.place.set } }"
          >Change the place: all of them follow</RouterLink
        >
      </p>
      <AssumedMark :of="['LENGTH', 'WIDTH', 'HEIGHT']" what="Sizes not typed are" />
      <TheRest>
        <PlanLength label="Thickness of the parts" field="size.thickness" />
        <PlanLength label="Of the ends, when it differs" field="size.endThickness" house="size.thickness" />
        <WoodChoice label="Wood of the walls" field="walls" />
        <ChoiceField
          label="The ends"
          :value="bench.plan?.ends ? 'OWN' : 'SAME'"
          :choices="[
            { value: 'SAME', label: 'of the same wood' },
            { value: 'OWN', label: 'of another wood or cut' }
          ]"
          @choose="endsApart($event === 'OWN')"
        />
        <WoodChoice v-if="bench.plan?.ends" label="Wood of the ends" field="ends" rings />
        <ChoiceField
          label="Lower walls"
          :value="size?.lowered?.which ?? 'NONE'"
          :choices="lowerWalls"
          @choose="lower"
        />
        <PlanLength v-if="size?.lowered" label="Height of the low wall" field="size.lowered.height" />
        <ChoiceField
          label="Finger tips"
          :value="size?.tips ?? 'SAND'"
          :choices="tips"
          @choose="bench.set('size.tips', $event)"
        />
        <p class="trade">{{ tradeOffs[size?.tips ?? 'SAND'] }}</p>
        <PlanLength
          :label="size?.tips === 'UNDER' ? 'Tips under by' : 'Proud'"
          field="size.proud"
          house="size.tips"
          fine
        />
      </TheRest>
      <AssumedMark :of="['WOOD', 'THICKNESS']" what="Wood and thickness are" />
    </template>
    <template #follow>
      <NumberRow v-if="size?.from !== 'OUTSIDE'" id="size.inside-length" />
      <NumberRow v-if="size?.from !== 'OUTSIDE'" id="size.inside-width" />
      <template v-if="size?.contents">
        <NumberRow id="size.needed-length" />
        <NumberRow id="size.needed-width" />
        <NumberRow id="size.needed-height" />
      </template>
      <NumberRow v-if="size?.tips === 'UNDER'" id="size.final-thickness" />
      <NumberRow id="mates.apart" strong />
      <NumberRow id="size.slot-depth" />
      <NumberRow id="size.end-slot-depth" />
      <NumberRow id="size.thickness-spread" />
      <NumberRow id="fingers.low-boundary" label="Low wall, nearest boundary" />
      <NumberRow id="fingers.low-sections" />
      <NumberRow id="fingers.slope" />
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.plan {
  flex: 1;
  min-height: 0;
}
.views {
  display: flex;
  gap: 1rem;
  margin: 0.1rem 0 0.2rem;
}
.views button {
  font-weight: 600;
  color: var(--quiet);
  border-bottom: 3px solid transparent;
}
.views button[aria-pressed='true'] {
  color: var(--ink);
  border-bottom-color: var(--edge);
}
.strip-title {
  font-size: 0.9rem;
  font-weight: 600;
  color: var(--quiet);
}
.unfolded {
  height: 10rem;
}
@media (max-width: 900px) {
  .plan {
    flex: none;
    height: 340px;
  }
  .unfolded {
    height: 7rem;
  }
}
.trade {
  margin: 0.15rem 0;
  font-size: 0.85rem;
  color: var(--quiet);
}
</style>
