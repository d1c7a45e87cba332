<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import {
  answer,
  api,
  problemOf,
  type BoxPlan,
  type Cutter,
  type KeptCutter,
  type RungView
} from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import NumberRow from '../bench/NumberRow.vue'
import PlanLength from '../bench/PlanLength.vue'
import AssumedMark from '../bench/AssumedMark.vue'
import StationFrame from '../bench/StationFrame.vue'
import TheRest from '../bench/TheRest.vue'
import { useShopJigs } from '../bench/shop-jigs'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import LadderRung from '../drawing/LadderRung.vue'
import OwnSections from './OwnSections.vue'

const bench = useBench()
const ladder = computed(() => bench.answer?.ladder?.rungs ?? [])
/** of very long ladders only the rungs about the chosen one come; the others are counted, and come as one climbs */
const beyond = computed(() => ({
  coarser: bench.answer?.ladder?.coarser ?? 0,
  finer: bench.answer?.ladder?.finer ?? 0
}))
const most = computed(() =>
  ladder.value.reduce((m, r) => Math.max(m, r.figure?.height ?? 1, r.figure?.closing ?? 1), 1)
)
const list = ref<HTMLElement>()

/** a list of unequal sections is given up for a rung; a rung of another cutter brings the cutter */
function choose(rung: RungView) {
  void bench.decide((plan) => {
    plan.fingers.sections = rung.sections
    delete plan.fingers.widths
    // a rung chosen by eye is a cutter chosen too
    delete plan.fingers.anyCutter
    if (rung.cutterId && rung.cutterId !== (plan.fingers.tool?.id ?? '')) {
      const cutter = cutters.value.find((c) => c.cutter.id === rung.cutterId)?.cutter
      if (cutter) take(plan, cutter)
    }
  })
}
function take(plan: BoxPlan, cutter: Cutter) {
  plan.fingers.tool = structuredClone(cutter)
  plan.fingers.cutter = cutter.name
  plan.fingers.kerf = cutter.kerf
}
const cutters = shallowRef<KeptCutter[]>([])
onMounted(async () => {
  try {
    cutters.value = await answer(api.GET('/api/rack/cutters', { params: { query: {} } }))
  } catch (error) {
    bench.problem = problemOf(error)
  }
})
const OWN = ' '
const ANY = '*'
const tool = computed(() => (bench.plan?.fingers.anyCutter ? ANY : (bench.plan?.fingers.tool?.id ?? OWN)))
const tools = computed(() => {
  const rack = cutters.value.map((c) => ({ value: c.cutter.id, label: c.cutter.name }))
  const own = bench.plan?.fingers.tool
  if (own && !rack.some((r) => r.value === own.id)) rack.push({ value: own.id, label: own.name })
  return [
    { value: OWN, label: 'one I describe here' },
    ...rack,
    ...(rack.length ? [{ value: ANY, label: 'whichever is best' }] : [])
  ]
})
function chooseTool(value: string) {
  void bench.decide((plan) => {
    delete plan.fingers.anyCutter
    if (value === ANY) plan.fingers.anyCutter = true
    else if (value === OWN) delete plan.fingers.tool
    else {
      const cutter = cutters.value.find((c) => c.cutter.id === value)?.cutter
      if (cutter) take(plan, cutter)
    }
  })
}
function parity(value: string) {
  void bench.decide((plan) => {
    plan.fingers.parity = value as BoxPlan['fingers']['parity']
    delete plan.fingers.sections
    delete plan.fingers.widths
  })
}
/** which ways of indexing can make this division, and which cannot */
const able = computed(() => (bench.answer?.jig?.ways ?? []).filter((w) => w.able).map((w) => w.words))
const unable = computed(() => (bench.answer?.jig?.ways ?? []).filter((w) => !w.able).map((w) => w.words))
const isChosen = (rung: RungView) => rung.name === bench.answer?.rung
const best = computed(() => ladder.value.find((r) => r.name === bench.answer?.recommendedRung))
/** the two or three different answers beside each other */
const alternatives = computed(() => bench.answer?.alternatives ?? [])
/** jigs of the shop: which rungs they cut without building, and another count one of them cuts as it is */
const { weighed, take: takeJig } = useShopJigs()
const onJig = computed(() =>
  (weighed.value?.makes ?? []).filter(
    (m) => m.how === 'AS_IT_IS' && m.after && m.id !== bench.plan?.jig.own?.id
  )
)
function takeAnswer(after: BoxPlan) {
  void bench.apply({ label: '', after })
}
/** how far the height may give: about what was typed, exactly, or bounds of the maker's own */
const give = computed(() => {
  const f = bench.plan?.fingers
  if (!f || (f.lowerBy === undefined && f.higherBy === undefined)) return 'ABOUT'
  return f.lowerBy === 0 && (f.higherBy ?? 0) === 0 ? 'EXACT' : 'OWN'
})
const follows = computed(() => bench.plan?.size.from === 'CONTENTS' || bench.plan?.size.from === 'OPENING')
function giveWay(value: string) {
  if (value === 'OWN') {
    void bench.begin('HEIGHT_WITHIN')
    return
  }
  void bench.decide((plan) => {
    if (value === 'ABOUT') {
      delete plan.fingers.lowerBy
      delete plan.fingers.higherBy
    } else {
      plan.fingers.lowerBy = 0
      plan.fingers.higherBy = 0
    }
  })
}
function takeRecommended() {
  if (best.value) choose(best.value)
}

watch(
  () => [bench.answer?.sections, ladder.value.length, alternatives.value.length, weighed.value?.says],
  async () => {
    await nextTick()
    // the ladder is moved and never the page: on a phone that would take the answer out of sight
    const rung = list.value?.querySelector<HTMLElement>('.rung.chosen')
    if (rung && list.value)
      list.value.scrollTop = rung.offsetTop - Math.max(0, (list.value.clientHeight - rung.offsetHeight) / 2)
  },
  { immediate: true }
)
/** the rung the tab key stops at: the chosen one, else the first */
const stop = computed(() => ladder.value.find(isChosen) ?? ladder.value[0])
</script>

<template>
  <StationFrame
    question="How many fingers?"
    hint="Each rung is the real wall edge, mate closed on it. Choose by eye: tap a count."
  >
    <template #drawing>
      <p class="recommended">
        {{ bench.answer?.recommendation }}
        <button v-if="best && !isChosen(best)" type="button" class="word" @click="takeRecommended">
          Take it
        </button>
      </p>
      <p v-if="onJig.length" class="at-hand">
        On the rack, nothing to build:
        <template v-for="(m, i) in onJig" :key="m.id"
          ><template v-if="i"> · </template
          ><button
            type="button"
            class="word"
            :title="m.says"
            :aria-label="`Cut it on ${m.name}`"
            @click="takeJig(m)"
          >
            {{ m.name }}</button
          ><template v-if="m.after?.fingers.sections && m.after.fingers.sections !== bench.answer?.sections"
            >{{ ' ' }}with {{ m.after.fingers.sections }} sections</template
          ></template
        >
      </p>
      <p v-else-if="weighed?.says" class="at-hand">{{ weighed.says }}</p>
      <ul v-if="alternatives.length > 1" class="answers" aria-label="Different answers, and what each costs">
        <li v-for="one in alternatives" :key="one.says" :class="{ stands: one.stands }">
          <button type="button" class="plain" :aria-pressed="one.stands" @click="takeAnswer(one.after)">
            <strong>{{ one.says }}</strong>
            <span v-if="one.cost">{{ one.cost }}</span>
          </button>
        </li>
      </ul>
      <p v-if="unable.length" class="ways">
        <template v-if="able.length < unable.length">Can be cut by: {{ able.join(', ') }} only.</template>
        <template v-else>Not to be cut by: {{ unable.join(', ') }}.</template>
      </p>
      <OwnSections v-if="bench.plan?.fingers.widths" />
      <div ref="list" class="ladder" role="radiogroup" aria-label="Sections">
        <p v-if="beyond.coarser" class="beyond">
          {{ beyond.coarser }} coarser: tap the first here and they come
        </p>
        <LadderRung
          v-for="rung in ladder"
          :key="rung.name"
          :rung="rung"
          :most="most"
          :chosen="isChosen(rung)"
          :stop="rung === stop"
          :recommended="rung.name === bench.answer?.recommendedRung"
          :jigs="weighed?.rungs[rung.name]"
          :with-cutter="bench.plan?.fingers.anyCutter ?? false"
          @choose="choose(rung)"
          @open="bench.openWorking"
        />
        <p v-if="beyond.finer" class="beyond">{{ beyond.finer }} finer: tap the last here and they come</p>
      </div>
    </template>
    <template #answers>
      <NumberRow id="fingers.slot" strong />
      <NumberRow id="fingers.finger" strong />
      <NumberRow id="fingers.closing-height" />
      <NumberRow v-if="bench.plan?.jig.way !== 'HAND'" id="fingers.passes" />
      <NumberRow id="fingers.first-rip" />
    </template>
    <template #decide>
      <NumberRow v-if="follows" id="size.height" label="Height that follows" strong />
      <p v-if="follows" class="lead">
        It follows from what leads.
        <RouterLink :to="{ name: 'bench', params: { id: bench.id, station: 'size' } }">To Size</RouterLink>
      </p>
      <PlanLength v-else label="Height of the wall" field="size.height" />
      <ChoiceField
        v-if="!bench.plan?.fingers.widths"
        label="That height is"
        :value="give"
        :choices="[
          { value: 'ABOUT', label: 'about' },
          { value: 'EXACT', label: 'exact' },
          { value: 'OWN', label: 'within bounds' }
        ]"
        @choose="giveWay"
      />
      <template v-if="give === 'OWN' && !bench.plan?.fingers.widths">
        <PlanLength label="Wall may end lower by" field="fingers.lowerBy" house="fingers.lower-by" />
        <PlanLength label="Wall may end higher by" field="fingers.higherBy" />
      </template>
      <ChoiceField label="Cut with" :value="tool" :choices="tools" @choose="chooseTool" />
      <div v-if="tool === ' '" class="cutter">
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
      <PlanLength v-if="tool === ' '" label="Its kerf, measured" field="fingers.kerf" fine />
      <AssumedMark :of="['CUTTER']" what="The cutter is" />
      <TheRest>
        <PlanLength label="Clearance" field="fingers.clearance" house="fingers.clearance" fine />
        <ChoiceField
          label="Count"
          :value="bench.plan?.fingers.parity ?? 'ODD'"
          :choices="[
            { value: 'ODD', label: 'odd: a pair all finger-first' },
            { value: 'EVEN', label: 'even: all four in one stack' }
          ]"
          @choose="parity"
        />
        <ChoiceField
          label="Clearance goes"
          :value="bench.plan?.fingers.shared ?? 'ONE_SIDE'"
          :choices="[
            { value: 'ONE_SIDE', label: 'all on one side' },
            { value: 'CENTRED', label: 'to both sides' }
          ]"
          @choose="bench.set('fingers.shared', $event)"
        />
        <ChoiceField
          label="What is left over"
          :value="bench.plan?.fingers.leftover ?? 'RIP'"
          :choices="[
            { value: 'RIP', label: 'is ripped off' },
            { value: 'EDGES', label: 'half to either edge' },
            { value: 'LAST', label: 'to the last section' }
          ]"
          @choose="bench.set('fingers.leftover', $event)"
        />
      </TheRest>
      <div class="patterns">
        <button
          v-for="pattern in bench.answer?.patterns ?? []"
          :key="pattern.label"
          type="button"
          class="word"
          @click="bench.apply(pattern)"
        >
          {{ pattern.label }}
        </button>
      </div>
    </template>
    <template #follow>
      <NumberRow id="fingers.pitch" />
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
.at-hand {
  margin: -0.2rem 0 0.4rem;
  padding: 0 0.7rem;
  line-height: 1.3;
}
.ladder {
  position: relative;
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  padding: 3px;
}
.beyond {
  margin: 0.3rem 0;
  text-align: center;
  color: var(--quiet);
}
.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.3rem 0.5rem;
  list-style: none;
  margin: 0 0 0.4rem;
  padding: 0;
}
.answers button {
  display: grid;
  width: 100%;
  height: 100%;
  align-content: start;
  font-size: 0.92rem;
  text-align: left;
  padding: 0.2rem 0.6rem;
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  background: var(--paper);
  line-height: 1.25;
}
.answers .stands button {
  border-color: var(--edge);
  box-shadow: inset 4px 0 var(--edge);
}
.answers span {
  font-size: 0.86rem;
  color: var(--quiet);
}
.lead {
  margin: 0 0 0.2rem;
  font-size: 0.88rem;
}
.ways {
  margin: 0 0 0.4rem;
  font-size: 0.88rem;
  line-height: 1.3;
}
.patterns {
  display: grid;
  justify-items: start;
  padding: 0.3rem 0;
  font-size: 0.92rem;
}
.patterns button {
  text-align: left;
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
