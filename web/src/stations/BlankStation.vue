<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, defineAsyncComponent } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import ChoiceField from '../bench/ChoiceField.vue'
import { useBreakdown } from '../bench/breakdown'
import PlainField from '../bench/PlainField.vue'
import { useSheets } from '../bench/sheets'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import StationFrame from '../bench/StationFrame.vue'
import TheRest from '../bench/TheRest.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import EditableFigure from '../drawing/EditableFigure.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'

// the rack's part is fetched when a batch is first asked for
const BatchBoards = defineAsyncComponent(() => import('./BatchBoards.vue'))
const PanelSheets = defineAsyncComponent(() => import('./PanelSheets.vue'))
const BatchFields = defineAsyncComponent(() => import('../bench/BatchFields.vue'))

const bench = useBench()
const breakdown = useBreakdown()
const sheets = useSheets()
const batch = computed(() => bench.plan?.batch)
const route = useRoute()
const router = useRouter()
/** The four walls out of boards, or the panels out of sheets; in the address, so that bottom and lid can lead here. */
const ofPanels = computed(() => route.query.of === 'panels')
function turnTo(of: 'walls' | 'panels') {
  void router.replace({ query: of === 'panels' ? { of } : {} })
}
const question = computed(() =>
  ofPanels.value
    ? 'Which sheets give the panels?'
    : batch.value
      ? 'Which boards give the boxes?'
      : 'Does the board give four parts?'
)
const hint = computed(() =>
  ofPanels.value
    ? 'Rip strips, crosscut them, trim the pieces: each setting once. Scraps go before whole sheets.'
    : batch.value
      ? 'Drag a defect where it is; the plan follows. Put the corner that cannot match at the back.'
      : 'Side, end, side, end along the board: the figure runs round three corners; put the fourth at the back.'
)

function cutFrom(where: string) {
  void bench.decide((plan) => {
    if (where === 'RACK')
      plan.batch ??= {
        count: 1,
        spareSides: 0,
        spareEnds: 0,
        broken: 'PAIRS',
        resaw: false,
        blanks: [],
        others: []
      }
    else delete plan.batch
  })
}
const figure = computed(() => bench.answer?.figures.find((f) => f.id === 'blank'))
const round = computed(() => bench.answer?.figures.find((f) => f.id === 'round'))
const labels = { 'blank.length': 'Board length', 'blank.width': 'Board width' }
const measured = computed(() => bench.plan?.blank.measured ?? [])
const letters = ['A', 'B', 'C', 'D']

/** Planed parts are measured one by one; the readings begin at what was planned. */
function measure() {
  void bench.decide((plan) => {
    const thickness = plan.size.thickness
    plan.blank.measured = letters.map(() => thickness)
  })
}
function forget() {
  void bench.decide((plan) => delete plan.blank.measured)
}
const toBuy = computed(() => bench.plan?.blank.length === undefined)
const copying =
  'Without a stop: mark the second side from the first, and the second end from its fellow; a copy is truer than two readings. Cut all parts of a box on one day.'
</script>

<template>
  <StationFrame :question="question" :hint="hint">
    <template #drawing>
      <div class="of" role="group" aria-label="What is cut">
        <button type="button" :aria-pressed="!ofPanels" @click="turnTo('walls')">Walls out of boards</button>
        <button type="button" :aria-pressed="ofPanels" @click="turnTo('panels')">Panels out of sheets</button>
      </div>
      <PanelSheets v-if="ofPanels" />
      <BatchBoards v-else-if="batch" />
      <template v-else>
        <EditableFigure v-if="figure" :figure="figure" :labels="labels" class="board" />
        <h3 class="strip-title">The same four parts as the box, from above</h3>
        <FigureView v-if="round" :figure="round" class="round" :pad="4" />
      </template>
      <p class="caution">
        Support long boards over a close insert, joint one edge before ripping, use a push stick, never
        crosscut against the rip fence. Eyes, ears, dust. Your machine's manual, local rules and trained
        people come first.
      </p>
    </template>
    <template #answers>
      <template v-if="ofPanels">
        <p v-if="!bench.numbers.has('sheets.panels')" role="status">Looking for the best cuts…</p>
        <NumberRow id="sheets.panels" strong />
        <NumberRow id="sheets.area" strong />
        <NumberRow id="sheets.left-length" />
        <NumberRow id="sheets.left-width" />
      </template>
      <template v-else-if="batch && !batch.cut">
        <p v-if="!bench.numbers.has('breakdown.boxes')" role="status">Looking for the best cuts…</p>
        <NumberRow id="breakdown.boxes" strong />
        <NumberRow id="breakdown.corners" strong />
        <NumberRow id="breakdown.opened" />
        <NumberRow id="breakdown.offcut" />
      </template>
      <template v-else-if="!batch">
        <NumberRow id="blank.needed" strong />
        <NumberRow id="blank.needed-width" strong />
        <NumberRow v-if="!toBuy" id="blank.left" label="Left over in length" />
        <NumberRow id="fingers.first-rip" label="Rip the strip first to" />
      </template>
    </template>
    <template #decide>
      <PlainField v-if="ofPanels && batch" label="Boxes like this" field="batch.count" unit="" whole />
      <PlanLength
        v-if="ofPanels"
        label="Crosscut and rip kerf"
        field="blank.crosscutKerf"
        house="blank.kerf"
        fine
      />
      <template v-if="!ofPanels">
        <ChoiceField
          label="Cut from"
          :value="batch ? 'RACK' : 'BOARD'"
          :choices="[
            { value: 'BOARD', label: 'one board at hand' },
            { value: 'RACK', label: 'the boards on the rack' }
          ]"
          @choose="cutFrom"
        />
        <BatchFields v-if="batch" />
        <template v-else>
          <PlanLength label="Board length" field="blank.length" house="blank.length" />
          <PlanLength label="Board width" field="blank.width" house="blank.width" />
          <p v-if="toBuy" class="copy">Left empty: what to buy is told.</p>
        </template>
        <TheRest>
          <PlanLength label="Squaring, each end" field="blank.squaring" house="blank.squaring" />
          <PlanLength label="Crosscut and rip kerf" field="blank.crosscutKerf" house="blank.kerf" fine />
          <div v-if="!batch" class="keep">
            <Checkbox
              :model-value="bench.plan?.blank.keepOffcut ?? false"
              binary
              input-id="keep-offcut"
              @update:model-value="bench.set('blank.keepOffcut', $event)"
            />
            <label for="keep-offcut">Part off the offcut too</label>
          </div>
          <template v-if="measured.length">
            <PlanLength
              v-for="(letter, i) in letters.slice(0, measured.length)"
              :key="i"
              :label="`${letter} measures, planed`"
              :field="`blank.measured.${i}`"
              fine
            />
            <button type="button" class="word" @click="forget">Forget the readings</button>
          </template>
          <button
            v-else-if="bench.plan?.size.endThickness === undefined"
            type="button"
            class="word"
            @click="measure"
          >
            Measure the planed parts
          </button>
        </TheRest>
      </template>
    </template>
    <template #follow>
      <template v-if="ofPanels">
        <NumberRow id="sheets.left" />
        <ul class="goals">
          <li v-for="goal in sheets.answer?.goals ?? []" :key="goal.words">
            {{ goal.words }}: {{ goal.proven ? 'proven' : `within ${goal.gap} % of what there could be` }}
          </li>
        </ul>
      </template>
      <template v-else-if="batch && !batch.cut">
        <NumberRow id="breakdown.spares" />
        <h4 v-if="breakdown.answer?.stops.length">Stop settings, in this order</h4>
        <ol class="stops">
          <li v-for="stop in breakdown.answer?.stops ?? []" :key="stop.length + stop.what">
            <NumText :text="stop.length" class="stop-at" /> {{ stop.unit }} <span>{{ stop.what }}</span>
          </li>
        </ol>
        <p v-if="breakdown.answer?.stops.length" class="copy">{{ copying }}</p>
        <NumberRow id="fingers.first-rip" label="Rip the strips first to" />
        <NumberRow id="breakdown.run" />
        <NumberRow id="size.side-length" label="Sides A, C cut to" />
        <NumberRow id="size.end-length" label="Ends B, D cut to" />
      </template>
      <template v-else-if="!batch">
        <NumberRow v-if="bench.numbers.has('blank.boxes')" id="blank.boxes" />
        <template v-if="measured.length">
          <NumberRow id="size.thickness" />
          <NumberRow id="size.thickness-spread" />
        </template>
        <NumberRow id="blank.strips" />
        <NumberRow id="size.side-length" label="Sides A, C cut to" />
        <NumberRow id="size.end-length" label="Ends B, D cut to" />
        <p class="copy">{{ copying }}</p>
        <template v-if="!toBuy">
          <h4>Largest box of these proportions</h4>
          <NumberRow id="blank.largest-length" />
          <NumberRow id="blank.largest-width" />
          <NumberRow id="blank.largest-height" />
        </template>
      </template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.of {
  display: flex;
  gap: 1.2rem;
  margin: 0 0 0.4rem;
}
.of button {
  background: none;
  border: 0;
  border-bottom: 3px solid transparent;
  padding: 0.15rem 0;
  font: inherit;
  color: var(--quiet);
  cursor: pointer;
}
.of button[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  border-bottom-color: var(--edge);
}
.goals {
  margin: 0.3rem 0;
  padding-left: 1.2rem;
  font-size: 0.9rem;
}
.board,
.round {
  flex: 1;
}
.board {
  min-height: 170px;
}
.round {
  min-height: 190px;
}
.strip-title {
  font-size: 0.95rem;
}
.copy,
.caution {
  margin: 0.45rem 0 0.1rem;
  font-size: 0.86rem;
  color: var(--quiet);
}
.stops {
  margin: 0.2rem 0 0.4rem;
  padding-left: 1.3rem;
}
.stop-at {
  font-size: 1.1rem;
}
.stops span {
  color: var(--quiet);
}
.keep {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
h4 {
  margin: 0.7rem 0 0;
  font-size: 0.88rem;
  color: var(--quiet);
}
</style>
