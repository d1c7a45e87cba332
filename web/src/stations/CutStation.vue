<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { caution } from '../bench/cautions'
import { useBench } from '../bench/store'
import { isHere } from '../shop/asking'
import VerdictList from '../bench/VerdictList.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'

const bench = useBench()
const view = ref<'marks' | 'list'>('marks')
const marked = computed(() => bench.answer?.figures.find((f) => f.id === 'marked'))
const turned = computed(() => bench.answer?.figures.find((f) => f.id === 'turned'))
const setups = computed(() => bench.answer?.cuts?.setups ?? [])
/** the numbers run on from stack to stack, as on the run sheet */
const first = computed(() => {
  let next = 1
  return setups.value.map((s) => (next += s.passes) - s.passes)
})
const jobs = (when: 'BEFORE_JOINT' | 'AFTER_JOINT' | 'AFTER_GLUE') =>
  computed(() => (bench.answer?.cuts?.jobs ?? []).filter((j) => j.when === when))
const before = jobs('BEFORE_JOINT')
const after = [
  { title: 'After the joint, before the glue', jobs: jobs('AFTER_JOINT') },
  { title: 'Once the glue has set', jobs: jobs('AFTER_GLUE') }
]
const meetings = computed(() => bench.answer?.cuts?.meetings ?? [])
const paper = ref(localStorage.getItem('paper') ?? 'a4')
const file = (name: string) => `/api/boxes/${bench.id}/${name}`
const sheet = (name: string) => `papers/${name}.pdf?paper=${paper.value}`
const sheets = computed(() => [
  { label: 'Everything in one', file: `papers.pdf?paper=${paper.value}` },
  { label: 'Shop sheet', file: sheet('shop-sheet') },
  { label: 'Run sheet', file: sheet('run-sheet') },
  { label: 'Stick', file: sheet('stick') },
  { label: 'Corner templates', file: sheet('corners') }
])
const files = [
  { label: 'cut list, CSV', file: 'cuts.csv' },
  { label: 'stick, SVG', file: 'stick.svg' },
  { label: 'stick, DXF', file: 'stick.dxf' },
  { label: 'templates, SVG', file: 'corners.svg' },
  { label: 'templates, DXF', file: 'corners.dxf' }
]
</script>

<template>
  <StationFrame
    question="Which cut comes after which?"
    hint="Mark all four parts as drawn before the first cut; then follow the list, or take it to the saw."
  >
    <template #drawing>
      <p class="views">
        <button type="button" :class="{ here: view === 'marks' }" @click="view = 'marks'">the marks</button>
        <button type="button" :class="{ here: view === 'list' }" @click="view = 'list'">every pass</button>
      </p>
      <template v-if="view === 'marks'">
        <FigureView v-if="marked" :figure="marked" class="opened" @open="bench.openWorking" />
        <p class="meets">
          <span v-for="m in meetings" :key="m.number"
            ><b>{{ m.number }}</b> {{ m.one }} {{ m.oneKind }}, {{ m.other }} {{ m.otherKind
            }}<template v-if="m.upTo"
              >: <em>{{ m.sections }} sections, up to {{ m.upTo }}</em></template
            ></span
          >
        </p>
        <h3>If it looks like this, a part is turned</h3>
        <FigureView v-if="turned" :figure="turned" class="turned" @open="bench.openWorking" />
      </template>
      <div v-else class="list" tabindex="0" aria-label="Every cut, stack by stack">
        <section v-if="before.length">
          <h3>Before the joint</h3>
          <ul class="jobs">
            <li v-for="job in before" :key="job.says">
              <button type="button" class="plain" @click="bench.openWorking(job.number)">
                {{ job.says }}
              </button>
            </li>
          </ul>
        </section>
        <section v-for="(setup, i) in setups" :key="setup.stack + setup.kind">
          <h3>
            {{ setup.stack }}, {{ setup.kind }}
            <small
              >{{ setup.depth }} deep, {{ setup.face
              }}<template v-if="setup.upTo">, nothing above {{ setup.upTo }}</template></small
            >
          </h3>
          <p v-if="setup.why" class="why">{{ setup.why }}</p>
          <ol :start="first[i]">
            <li v-for="cut in setup.cuts" :key="cut.id">
              <div class="cut">
                <span class="title">{{ cut.title }}</span>
                <span class="span"><NumText :text="`${cut.from}–${cut.to}`" /></span>
                <button
                  v-if="cut.place !== cut.from"
                  type="button"
                  class="plain place"
                  :title="`${cut.placeLabel}: show the working`"
                  @click="bench.openWorking(cut.number)"
                >
                  <NumText :text="cut.place" />
                </button>
                <span class="does">{{ cut.instruction }}</span>
              </div>
            </li>
          </ol>
          <p v-if="setup.passes > setup.cuts.length" class="why">
            and {{ setup.passes - setup.cuts.length }} more, on the run sheet and in the CSV
          </p>
        </section>
        <template v-for="then in after" :key="then.title">
          <section v-if="then.jobs.value.length">
            <h3>{{ then.title }}</h3>
            <ul class="jobs">
              <li v-for="job in then.jobs.value" :key="job.says">
                <button type="button" class="plain" @click="bench.openWorking(job.number)">
                  {{ job.says }}
                </button>
              </li>
            </ul>
          </section>
        </template>
        <p v-if="!setups.some((s) => s.passes)">Nothing can be cut yet: see the Jig station.</p>
      </div>
      <p class="caution">{{ caution(bench.plan?.jig.way ?? 'SLED_KEY') }}</p>
    </template>
    <template #answers>
      <NumberRow id="cut.passes" strong />
      <NumberRow id="cut.time" strong :label="bench.plan?.batch ? 'Time a box' : undefined" />
      <NumberRow v-if="bench.plan?.batch" id="cut.batch-passes" />
      <NumberRow v-if="bench.plan?.batch" id="cut.batch-time" />
      <NumberRow id="jig.cutter-height" />
    </template>
    <template #decide>
      <p class="go">
        <RouterLink
          v-if="setups.some((s) => s.passes)"
          :to="{ name: 'saw', params: { id: bench.id } }"
          class="saw"
          >Take it to the saw</RouterLink
        >
        <RouterLink v-if="isHere" to="/rack/tablets" class="tablet">on a tablet</RouterLink>
      </p>
      <div class="papers">
        <span id="paper">On paper</span>
        <Select
          v-model="paper"
          :options="[
            { value: 'a4', label: 'A4' },
            { value: 'letter', label: 'Letter' }
          ]"
          option-label="label"
          option-value="value"
          size="small"
          aria-labelledby="paper"
        />
        <a
          v-for="one in sheets"
          :key="one.label"
          :href="file(one.file)"
          target="_blank"
          @click="bench.keep()"
          >{{ one.label }}</a
        >
      </div>
      <p class="look">
        <RouterLink :to="{ name: 'papers', params: { id: bench.id } }" @click="bench.keep()"
          >Look at all papers before you print</RouterLink
        >
      </p>
      <p class="files">
        <span>In files</span>
        <a v-for="f in files" :key="f.file" :href="file(f.file)" download>{{ f.label }}</a>
      </p>
    </template>
    <template #follow>
      <NumberRow id="cut.setups" />
      <NumberRow id="cut.seconds-per-pass" />
      <NumberRow id="cut.seconds-per-setup" />
      <NumberRow id="size.end-slot-depth" />
      <NumberRow id="fingers.first-rip" label="Parts ripped first to" />
      <NumberRow v-if="bench.numbers.has('lid.line')" id="lid.line" />
      <NumberRow v-if="bench.numbers.has('fingers.low-height')" id="fingers.low-height" />
      <NumberRow id="fingers.glue-faces" />
      <NumberRow id="fingers.glue-area-all" />
      <NumberRow id="glue.all" />
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.opened {
  flex: 1;
  min-height: 150px;
}
.turned {
  flex: 1.1;
  min-height: 130px;
}
.meets {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.4rem;
  margin: 0 0 0.5rem;
}
.meets b {
  display: inline-grid;
  place-content: center;
  width: 1.5rem;
  height: 1.5rem;
  border: 1.5px solid var(--ink);
  border-radius: 50%;
}
h3 {
  font-size: 0.95rem;
}
.list {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.list section {
  margin-bottom: 0.8rem;
}
.list h3 small {
  font-weight: 400;
  color: var(--quiet);
  font-size: 0.9rem;
}
.why {
  margin: 0;
  color: var(--quiet);
  font-size: 0.88rem;
}
.list ol {
  margin: 0.15rem 0 0;
  padding-left: 2.1rem;
}
.list li {
  border-bottom: 1px dotted var(--rule);
  padding: 0.1rem 0;
}
.list li::marker {
  font-weight: 700;
}
/* an instruction that wraps stays in its own column */
.cut {
  display: inline-grid;
  width: calc(100% - 0.5rem);
  vertical-align: top;
  grid-template-columns: 10rem 8.4rem auto 1fr;
  gap: 0 0.6rem;
  align-items: baseline;
}
.does {
  grid-column: 4;
}
@media (max-width: 900px) {
  .opened {
    flex: 0 0 112px;
    min-height: 0;
  }
  .cut {
    grid-template-columns: auto auto 1fr;
  }
  .does {
    grid-column: 1/-1;
  }
}
.span {
  color: var(--cut);
  font-family: var(--mono);
}
.place {
  min-width: 4.6rem;
  font: 600 1rem var(--mono);
  text-decoration: underline dotted;
  margin-right: 0.8rem;
}
.does {
  color: var(--quiet);
}
.go {
  margin: 0.2rem 0 0.6rem;
}
.saw {
  display: block;
  text-align: center;
  padding: 0.7rem;
  background: var(--edge);
  color: var(--sheet);
  font-weight: 700;
  font-size: 1.1rem;
  border-radius: 3px;
  text-decoration: none;
}
.papers,
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: baseline;
  margin: 0.3rem 0;
  font-size: 0.95rem;
}
.look {
  margin: 0.2rem 0;
}
.files span {
  width: 100%;
  color: var(--quiet);
}
.caution {
  margin: 0.45rem 0 0.1rem;
  font-size: 0.86rem;
  color: var(--quiet);
}
.jobs {
  margin: 0 0 0.6rem;
  padding-left: 1.1rem;
}
.jobs button {
  text-align: left;
}
.meets em {
  font-style: normal;
  font-weight: 700;
  color: var(--cut);
}
</style>
