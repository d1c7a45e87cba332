<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import Slider from 'primevue/slider'
import { computed } from 'vue'
import ChoiceField from '../bench/ChoiceField.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import SeasonFields from '../bench/SeasonFields.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import WoodChoice from '../bench/WoodChoice.vue'
import EditableFigure from '../drawing/EditableFigure.vue'

/** Bottom or lid: the panel in its grooves through the year. */
const bench = useBench()
const lid = computed(() => bench.station === 'lid')
const at = computed(() => (lid.value ? 'lid' : 'bottom'))
const none = computed(() => (lid.value ? bench.plan?.lid.kind : bench.plan?.bottom.kind) === 'NONE')
const figure = (name: string) => bench.answer?.figures.find((f) => f.id === `${at.value}-${name}`)
const ends = computed(() => figure('ends'))

function season(value: number | number[]) {
  bench.day = (Array.isArray(value) ? (value[0] ?? 0) : value) / 100
  void bench.work()
}
</script>

<template>
  <StationFrame
    :question="lid ? 'Will the lid slide all year?' : 'Will the bottom stay in all year?'"
    :hint="
      lid
        ? 'Section across the slide, and both grooves magnified. Slide the season.'
        : 'Section across the panel’s grain, and both grooves magnified. Slide the season.'
    "
  >
    <template #drawing>
      <div v-if="none" class="none">
        <h3>{{ lid ? 'No lid yet' : 'No bottom yet' }}</h3>
        <p v-if="lid">
          A sliding lid runs in grooves of the sides and the back, over a lowered front. It wants the lid line
          on a section boundary.
        </p>
        <p v-else>
          A captured bottom sits in a groove all round and goes in before the last wall. Solid wood needs room
          to move across its grain.
        </p>
        <button type="button" class="fix" @click="bench.set(`${at}.kind`, lid ? 'SLIDING' : 'CAPTURED')">
          {{ lid ? 'Give it a sliding lid' : 'Give it a bottom' }}
        </button>
      </div>
      <template v-else>
        <div class="top">
          <EditableFigure v-if="figure('section')" :figure="figure('section')!" class="section" />
          <div class="map">
            <EditableFigure v-if="ends && ends.shapes.length" :figure="ends" />
            <p>
              <strong>through</strong>: the mate’s finger covers the groove’s end. <strong>stop</strong>:
              short of the finger, or a notch shows.
              <template v-if="lid"><strong> open</strong>: the lid slides in here.</template>
            </p>
          </div>
        </div>
        <EditableFigure v-if="figure('grooves')" :figure="figure('grooves')!" class="grooves" />
        <div class="season">
          <span>driest</span>
          <Slider
            :model-value="Math.round(bench.day * 100)"
            :min="0"
            :max="100"
            aria-label="Day of the year, from the driest to the wettest"
            @update:model-value="season"
          />
          <span>wettest</span>
        </div>
        <p class="caution">
          Router: feed against the bit's turn, plunge stopped ends first, clamp or hold down, unplug to change
          the bit. The machine's manual, local rules and trained people come first.
        </p>
      </template>
    </template>
    <template #decide>
      <ChoiceField
        :label="lid ? 'Lid' : 'Bottom'"
        :value="(lid ? bench.plan?.lid.kind : bench.plan?.bottom.kind) ?? 'NONE'"
        :choices="
          lid
            ? [
                { value: 'NONE', label: 'none' },
                { value: 'SLIDING', label: 'slides' }
              ]
            : [
                { value: 'NONE', label: 'none' },
                { value: 'CAPTURED', label: 'captured in a groove' }
              ]
        "
        @choose="bench.set(`${at}.kind`, $event)"
      />
      <template v-if="!none">
        <WoodChoice :label="lid ? 'Wood of the lid' : 'Wood of the panel'" :field="`${at}.stuff`" rings />
        <PlanLength label="Panel thickness" :field="`${at}.thickness`" :least="0.5" :most="100" />
        <PlanLength label="Groove width" :field="`${at}.groove.width`" :least="0.5" :most="100" />
        <PlanLength label="Groove depth" :field="`${at}.groove.depth`" :least="0.5" :most="200" />
        <PlanLength label="Its lower edge at" :field="`${at}.groove.offset`" :most="1500" />
        <template v-if="lid">
          <PlanLength label="Running clearance" field="lid.running" house="lid.running" :most="20" fine />
          <PlanLength label="Clearance in height" field="lid.vertical" house="lid.vertical" :most="5" fine />
        </template>
        <template v-else>
          <ChoiceField
            label="Its grain runs"
            :value="bench.plan?.bottom.grain ?? 'ALONG_LENGTH'"
            :choices="[
              { value: 'ALONG_LENGTH', label: 'along the length' },
              { value: 'ALONG_WIDTH', label: 'along the width' }
            ]"
            @choose="bench.set('bottom.grain', $event)"
          />
          <PlanLength label="Gap at the wettest" field="bottom.gap" house="bottom.gap" :most="50" fine />
          <PlanLength label="End fit" field="bottom.endFit" house="bottom.end-fit" :most="20" fine />
          <div class="pinned">
            <Checkbox
              :model-value="bench.plan?.bottom.pinned ?? false"
              binary
              input-id="pinned"
              @update:model-value="bench.set('bottom.pinned', $event)"
            />
            <label for="pinned">Pinned at its centre</label>
          </div>
        </template>
        <SeasonFields />
      </template>
    </template>
    <template #follow>
      <template v-if="!none">
        <NumberRow :id="`${at}.cut`" label="Cut across the grain today" strong />
        <NumberRow :id="`${at}.along`" strong />
        <NumberRow :id="`${at}.engagement-slid`" />
        <NumberRow :id="`${at}.engagement-centred`" />
        <NumberRow :id="`${at}.least-engagement`" />
        <NumberRow v-if="!lid" id="bottom.gap" />
        <NumberRow v-else id="lid.running" />
        <NumberRow :id="`${at}.tongue`" />
        <NumberRow v-if="!lid" id="bottom.stop-at" />
        <template v-if="lid">
          <NumberRow id="lid.line" />
          <NumberRow id="lid.boundary" />
          <NumberRow id="lid.off" />
          <NumberRow id="lid.over-groove" />
        </template>
        <NumberRow :id="`${at}.inside-height`" />
        <NumberRow id="seasons.now" />
        <NumberRow id="seasons.driest" />
        <NumberRow id="seasons.wettest" />
      </template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.caution {
  margin: 0.1rem 0;
  font-size: 0.86rem;
  color: var(--quiet);
}
.top {
  flex: 1.1;
  min-height: 0;
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: 0.8rem;
}
.grooves {
  flex: 1.25;
}
.season {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 1rem;
  align-items: center;
  padding: 0.5rem 0.8rem;
}
.map {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
}
.map p {
  font-size: 0.86rem;
  color: var(--quiet);
  margin: 0;
}
.none {
  margin: auto;
  max-width: 26rem;
  background: var(--paper);
  padding: 1.2rem 1.4rem;
  border-left: 5px solid var(--edge);
}
.fix {
  border: 1.5px solid var(--edge);
  border-radius: 3px;
  background: var(--edge);
  color: var(--sheet);
  font-weight: 700;
  padding: 0.45rem 0.9rem;
  cursor: pointer;
}
.pinned {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  padding: 0.4rem 0;
}
</style>
