<script setup lang="ts">
import { useEventListener, useIntervalFn, useSessionStorage, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer as got, api, problemOf, type GlueClockView } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { woodTint } from '../drawing/tint'
import { called, clockWords, warningAt, type Warning } from './glue-clock'
import GlueTimes from './GlueTimes.vue'
import TickList from './TickList.vue'

/** The glue-up at the bench: one instruction, the time since the glue was opened, and what is left of it. Kept on the server. */
const route = useRoute()
const box = computed(() => String(route.params.id ?? ''))
const clock = shallowRef<GlueClockView>()
/** when the clock was last told, by this page's own steady time */
let toldAt = 0
const elapsed = ref(0)
const told = ref('')
const busy = ref(false)
const loud = ref(localStorage.getItem('glue-loud') !== 'off')
const wake = useWakeLock()
const path = computed(() => ({ path: { id: box.value } }))

function take(now: GlueClockView) {
  clock.value = now
  toldAt = performance.now()
  tick()
}
function tick() {
  const now = clock.value
  if (now) elapsed.value = now.elapsed + (now.running ? (performance.now() - toldAt) / 1000 : 0)
}
/** How often something was marked here. An answer asked for before that tells how the clock stood then, whenever it comes. */
let marked = 0
async function look(mine = false) {
  // asked for while an act is on its way it may be answered as it stood before, and after that act's own answer
  if (!mine && busy.value) return
  const asked = marked
  try {
    const now = await got(api.GET('/api/boxes/{id}/glue-up', { params: path.value }))
    // the answer of an act of its own is waited for
    if (asked !== marked || (!mine && busy.value)) return
    take(now)
    told.value = ''
  } catch (error) {
    told.value =
      problemOf(error).status === 0
        ? 'The server does not answer. The clock runs on here; steps are kept once it is back.'
        : problemOf(error).detail
  }
}
onMounted(async () => {
  await look()
  if (clock.value) document.title = `Glue-up: ${clock.value.name} – Cant Hook`
  if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
})
useIntervalFn(tick, 250)
useIntervalFn(() => void look(), 4000)
useEventListener(document, 'visibilitychange', () => void look())

type Act = 'OPEN' | 'STEP' | 'REST' | 'DONE' | 'DROP'
async function act(what: Act, step: number) {
  const now = clock.value
  if (!now || busy.value) return
  busy.value = true
  marked++
  try {
    const revision = what === 'OPEN' && now.done ? 0 : now.revision
    take(
      await got(
        api.POST('/api/boxes/{id}/glue-up', {
          params: path.value,
          body: { act: what, step, revision, dryFit: dry.value }
        })
      )
    )
    if (what === 'DONE') dry.value = []
    told.value = ''
  } catch (error) {
    const problem = problemOf(error)
    told.value =
      problem.status === 409
        ? 'Another device was first. This is where the glue-up stands now.'
        : problem.status === 0
          ? 'Not kept yet: the server does not answer. Press again when it is back; the clock runs on.'
          : problem.detail
    if (problem.status === 409) await look(true)
  } finally {
    busy.value = false
  }
}

const steps = computed(() => clock.value?.steps ?? [])
const at = computed(() => clock.value?.step ?? 0)
const step = computed(() => steps.value[at.value])
const next = computed(() => steps.value[at.value + 1])
const open = computed(() => !!clock.value && clock.value.revision > 0 && !clock.value.done)
const opens = computed(() => steps.value.findIndex((s) => s.phase === 'SPREADING'))
const laidOut = computed(() =>
  steps.value
    .slice(2, opens.value)
    .map((s) => s.says)
    .join(' ')
)
const figure = (id: string) => clock.value?.figures.find((f) => f.id === id)

/** What was looked at dry, of the box that comes next; a reload does not lose it. */
const dry = useSessionStorage<string[]>(() => `dry-fit ${box.value}`, [])
const looks = computed(() =>
  (clock.value?.dryFit ?? []).map((c) => ({ ...c, checked: dry.value.includes(c.id) }))
)
const fits = computed(() => looks.value.every((c) => c.checked))
const looked = (id: string, was: boolean) =>
  (dry.value = was ? dry.value.filter((d) => d !== id) : [...dry.value, id])
/** of a batch the next box is dry-fitted before its glue is opened */
const fitting = ref(false)

/** The next target: the clock starts with the first glue, stands while a half sets, and ends with the last step. */
function forward() {
  if (!clock.value || (clock.value.done && !fitting.value)) return
  if (!open.value)
    return fits.value
      ? void act('OPEN', opens.value).then(() => (fitting.value = fitting.value && !open.value))
      : undefined
  if (!next.value) return void act('DONE', at.value)
  if (next.value.phase === 'SETTING') return void act('REST', at.value + 1)
  // with the next half the glue is opened anew
  if (step.value?.phase !== 'SPREADING' && next.value.phase === 'SPREADING')
    return void act('OPEN', at.value + 1)
  void act('STEP', at.value + 1)
}
function back() {
  if (open.value && at.value > opens.value) void act('STEP', at.value - 1)
}

const warning = computed<Warning>(() =>
  clock.value?.running ? warningAt(elapsed.value, step.value?.phase ?? 'BEFORE', clock.value) : ''
)
/** It is said aloud and shown when it is time to close, and when it is too late. */
watch(warning, (now) => {
  if (!now || !loud.value) return
  const words = called(now)
  try {
    const audio = new AudioContext()
    for (let i = 0; i < 3; i++) {
      const tone = audio.createOscillator()
      tone.frequency.value = now === 'LATE' ? 440 : 880
      tone.connect(audio.destination)
      tone.start(audio.currentTime + i * 0.4)
      tone.stop(audio.currentTime + i * 0.4 + 0.25)
    }
    if ('speechSynthesis' in window) speechSynthesis.speak(new SpeechSynthesisUtterance(words))
  } catch {
    // a device without sound shows it all the same
  }
})
watch(loud, (on) => localStorage.setItem('glue-loud', on ? 'on' : 'off'))

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
  if ((event.target as HTMLElement).closest('button, a, input')) return
  if (event.key === ' ' || event.key === 'ArrowRight') {
    event.preventDefault()
    forward()
  } else if (event.key === 'ArrowLeft') back()
})
</script>

<template>
  <div class="gluing" :style="clock ? woodTint(clock.wood) : {}" :class="warning.toLowerCase()">
    <header>
      <RouterLink :to="{ name: 'bench', params: { id: box, station: 'glue' } }">Back to the bench</RouterLink>
      <h1>
        {{ clock?.name ?? 'Glue-up' }}
        <template v-if="clock && clock.of > 1 && !clock.done"
          >· box {{ Math.min(clock.of, clock.over + 1) }} of {{ clock.of }}</template
        >
      </h1>
      <label class="loud"><input v-model="loud" type="checkbox" /> say it aloud</label>
    </header>
    <p v-if="told" class="told" role="alert">{{ told }}</p>
    <p v-if="clock?.setBack" class="told" role="alert">
      This machine’s clock was set back: what is told here is short by that. Count by your own watch.
    </p>

    <main v-if="clock && !open && (!clock.done || fitting)">
      <p class="say">All of it together, dry. Look, and tick.</p>
      <div class="gate">
        <TickList :looks="looks" @tick="looked" />
        <FigureView v-if="figure('glue-step')" :figure="figure('glue-step')!" class="box" :pad="6" />
      </div>
      <p class="needs">Then apart again, and laid out in this order: {{ laidOut }}</p>
      <p class="needs">
        {{ clockWords(clock.all) }} are needed; this glue stays open {{ clockWords(clock.open) }} and grabs
        after {{ clockWords(clock.total) }}.
      </p>
    </main>
    <main v-else-if="clock?.done && !open">
      <p class="say">Closed and square in {{ clockWords(clock.took ?? 0) }}.</p>
      <p class="needs">
        Planned {{ clockWords(clock.all) }}. It stands in the Book. Leave it flat, on its reference edges.
      </p>
      <template v-if="clock.of > 1">
        <p class="needs">
          {{ clock.over }} of {{ clock.of }} are glued.
          <template v-if="clock.learned">{{ clock.learned }}</template>
          <template v-else-if="clock.over < 5">From five on it is told how long the others take.</template>
        </p>
        <FigureView v-if="clock.curve" :figure="clock.curve" class="curve" :pad="10" />
      </template>
    </main>
    <main v-else-if="clock && step">
      <p class="say" aria-live="polite">{{ step.says }}</p>
      <p class="why">{{ step.why }}</p>
      <FigureView v-if="figure('glue-step')" :figure="figure('glue-step')!" class="box" :pad="6" />
      <GlueTimes :clock="clock" :elapsed="elapsed" :warning="warning" />
    </main>

    <footer v-if="clock">
      <template v-if="clock.done && !fitting">
        <button type="button" :disabled="busy" @click="act('DROP', 0)">That was no glue-up</button>
        <button type="button" :disabled="busy" @click="fitting = true">
          {{ clock.of > clock.over ? 'The next one' : 'Another like it' }}
        </button>
      </template>
      <template v-else>
        <button type="button" :disabled="busy || !open || at <= opens" @click="back">◂ Back</button>
        <button v-if="open" type="button" class="drop" :disabled="busy" @click="act('DROP', 0)">
          Stop, no glue-up
        </button>
        <button type="button" class="done" :disabled="busy || (!open && !fits)" @click="forward">
          <template v-if="!open"
            >The glue is open ▸
            <small>{{ fits ? 'the clock starts' : 'once all is ticked' }}</small></template
          >
          <template v-else-if="!next">Closed and square <small>the clock stops</small></template>
          <template v-else
            >Done ▸ <small>then {{ next.says }}</small></template
          >
        </button>
      </template>
    </footer>
  </div>
</template>

<style scoped>
.curve {
  height: min(40vh, 20rem);
  max-width: 46rem;
}
.gluing {
  height: 100%;
  display: flex;
  flex-direction: column;
  background: var(--ground);
}
header {
  display: flex;
  align-items: baseline;
  gap: 1.4rem;
  background: var(--rail);
  color: var(--rail-ink);
  padding: 0.55rem 1.2rem;
}
header a,
.loud {
  color: var(--rail-quiet);
}
h1 {
  font-size: 1.2rem;
  flex: 1;
}
.told {
  margin: 0;
  padding: 0.5rem 1.2rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
  font-size: 1.15rem;
  font-weight: 600;
}
main {
  flex: 1;
  min-height: 0;
  padding: 0.6rem 1.2rem;
  overflow: auto;
  display: flex;
  flex-direction: column;
}
.say {
  margin: 0;
  font-size: clamp(1.7rem, 3.6vw, 2.6rem);
  line-height: 1.1;
  font-weight: 700;
}
.why,
.needs {
  margin: 0.3rem 0;
  font-size: 1.2rem;
  color: var(--quiet);
}
.gate {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 1rem;
  margin-top: 0.5rem;
}
@media (max-width: 700px) {
  .gate {
    grid-template-columns: minmax(0, 1fr);
    flex: none;
  }
  .gate .box {
    display: none;
  }
}
.box {
  flex: 1;
  min-height: 120px;
}
footer {
  display: grid;
  grid-template-columns: 1fr 1fr 2fr;
  gap: 0.8rem;
  padding: 0.7rem 1.2rem 0.9rem;
}
footer button {
  min-height: 5.2rem;
  border-radius: 6px;
  border: 3px solid var(--ink);
  background: var(--paper);
  color: var(--ink);
  font-size: 1.5rem;
  font-weight: 700;
  cursor: pointer;
}
footer small {
  display: block;
  font-size: 1rem;
  font-weight: 400;
}
footer .done {
  grid-column: -2;
  background: var(--good);
  border-color: var(--good);
  color: var(--sheet);
}
footer .drop {
  border-color: var(--rule);
  font-weight: 400;
  font-size: 1.1rem;
}
footer button:disabled {
  opacity: 0.5;
}
@media (max-width: 560px) {
  footer {
    grid-template-columns: 1fr 2fr;
  }
  footer .drop {
    grid-row: 2;
    grid-column: 1/3;
    min-height: 2.6rem;
  }
}
</style>
