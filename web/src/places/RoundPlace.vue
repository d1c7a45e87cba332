<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer as got, api, problemOf, type Act, type RoundView } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import { useReadings } from '../bench/reading'
import FigureView from '../drawing/FigureView.vue'
import PlaceHead from '../practice/PlaceHead.vue'
import TestPiece from '../practice/TestPiece.vue'

const route = useRoute()
const router = useRouter()
const round = shallowRef<RoundView>()
const by = ref<number | undefined>(0.1)
const refused = ref('')
const busy = ref(false)
document.title = 'Practice – Cant Hook'

async function load() {
  try {
    round.value = await got(
      api.GET('/api/practice/rounds/{id}', { params: { path: { id: String(route.params.id) } } })
    )
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}
onMounted(load)
/** Readings asked for while one is on its way: keys are quicker than the shop. Nothing else is done twice by a second press. */
const waiting: Act[] = []

/** What was typed last counts, however fast a hand goes on: how far is read before anything is moved by it, or cut after it. */
const allRead = useReadings()
async function asked(what: () => Act | undefined) {
  await allRead()
  const act = what()
  if (act) await does(act)
}

async function does(act: Act) {
  if (!round.value || round.value.over) {
    // what was still to be read was of a round that is over, and not of the next one entered here
    waiting.length = 0
    return
  }
  if (busy.value) {
    if (act.kind === 'READ') waiting.push(act)
    return
  }
  busy.value = true
  refused.value = ''
  try {
    round.value = await got(
      api.POST('/api/practice/rounds/{id}/acts', {
        params: { path: { id: round.value.id } },
        body: { seq: round.value.seq, act }
      })
    )
  } catch (error) {
    waiting.length = 0
    refused.value = problemOf(error).detail
  } finally {
    busy.value = false
  }
  const next = waiting.shift()
  if (next) await does(next)
}

function move(sign: 1 | -1) {
  void asked(() => {
    if (by.value) return { kind: 'MOVE', by: sign * by.value }
    refused.value = 'Say how far.'
    return undefined
  })
}
function read(spot: 'SLOT' | 'FINGER', place: number) {
  void asked(() => ({ kind: 'READ', spot, place }))
}
async function again() {
  if (!round.value) return
  try {
    const next = await got(
      api.POST('/api/practice/rounds', { body: { level: round.value.level, way: round.value.way } })
    )
    await router.replace(`/practice/${next.id}`)
    by.value = 0.1
    await load()
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}

function tally(of: { cuts: number; moves: number; spoilt: number }) {
  const count = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`
  return `${count(of.cuts, 'cut')}, ${count(of.moves, 'move')}, ${of.spoilt} spoilt`
}

const figure = (id: string) => computed(() => round.value?.figures.find((f) => f.id === id))
const jig = figure('still')
const caliper = figure('caliper')
const truth = figure('truth')
const last = computed(() => round.value?.pieces.at(-1))
const noneToRead = computed(() => !last.value || round.value?.over)

useEventListener('keydown', (event: KeyboardEvent) => {
  if (
    !round.value ||
    event.ctrlKey ||
    event.metaKey ||
    (event.target as HTMLElement).closest('input, textarea, [role=combobox]')
  )
    return
  const place = Number(event.key)
  if (event.key === 'c') void asked(() => ({ kind: 'CUT' }))
  else if (event.key === 'p') void asked(() => ({ kind: 'PARTS' }))
  else if (event.key === 'ArrowLeft') move(1)
  else if (event.key === 'ArrowRight') move(-1)
  else if (place >= 1 && place <= 6 && last.value)
    read(place % 2 ? 'SLOT' : 'FINGER', Math.floor((place - 1) / 2))
  else return
  event.preventDefault()
})
</script>

<template>
  <div class="place">
    <PlaceHead
      title="Practice"
      :line="
        round
          ? `${round.levelWords} · ${round.wayWords} · ${round.cuts} ${round.cuts === 1 ? 'cut' : 'cuts'}, ${round.spoilt} spoilt`
          : ''
      "
      back="All shops"
      back-to="/practice"
    />
    <p v-if="refused && !round" class="refused" role="alert">{{ refused }}</p>
    <main v-if="round">
      <section class="jig-side">
        <h2 aria-live="polite">{{ round.question }}</h2>
        <p class="task">{{ round.task }}.</p>
        <FigureView v-if="truth" :figure="truth" class="truth" :pad="8" />
        <FigureView v-else-if="jig" :figure="jig" class="jig" :pad="10" quiet />
        <p v-if="truth" class="task">○ read · ● as it was · the green band is good</p>
        <p class="said" role="status">{{ round.said }}</p>
        <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
        <div v-if="!round.over" class="hands">
          <button type="button" class="plain hand" @click="move(1)"><kbd>←</kbd> {{ round.away }}</button>
          <button type="button" class="plain hand" @click="move(-1)">{{ round.towards }} <kbd>→</kbd></button>
          <LengthField
            label="by"
            text="0.10"
            :mm="by"
            unit="MILLIMETRE"
            :least="0"
            :most="3"
            fine
            marked
            @read="(mm) => (by = mm)"
          />
          <button type="button" class="plain cut" @click="asked(() => ({ kind: 'CUT' }))">
            <kbd>c</kbd> Cut a test piece
          </button>
          <button type="button" class="plain parts" @click="asked(() => ({ kind: 'PARTS' }))">
            <kbd>p</kbd> Good: cut the parts
          </button>
          <button type="button" class="word" @click="does({ kind: 'GIVE_UP' })">Show what is hidden</button>
        </div>
        <div v-else class="hands">
          <button type="button" class="plain cut" @click="again">Enter another of these</button>
          <p v-if="round.best" class="score">
            You: {{ tally(round) }}. By the bench’s advice: {{ tally(round.best) }}.
          </p>
        </div>
      </section>
      <section class="read-side">
        <template v-if="round.truths.length">
          <h3>What was hidden</h3>
          <table class="truths">
            <thead>
              <tr>
                <th scope="col">what</th>
                <th scope="col">as it was</th>
                <th scope="col">as you had it</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="t in round.truths" :key="t.what">
                <th scope="row">{{ t.what }}</th>
                <td>{{ t.was }}</td>
                <td>{{ t.believed }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="round.bench" class="bench">The bench would say: {{ round.bench }}</p>
        </template>
        <template v-else>
          <FigureView v-if="caliper" :figure="caliper" class="caliper" :pad="4" />
          <TestPiece v-if="last" :piece="last" :off="Boolean(noneToRead)" @read="read" />
          <p class="steady">
            It is only as steady as a hand.
            <button type="button" class="word" @click="does({ kind: 'READ', spot: 'CLOSED' })">
              close the jaws
            </button>
            <button type="button" class="word" @click="does({ kind: 'ZERO' })">set to zero</button>
            <button
              type="button"
              class="word"
              :class="{ low: round.batteryLow }"
              @click="does({ kind: 'BATTERY' })"
            >
              new battery{{ round.batteryLow ? ' (it blinks)' : '' }}
            </button>
            <button v-if="last" type="button" class="word" @click="does({ kind: 'READ', spot: 'THICKNESS' })">
              measure the scrap
            </button>
          </p>
          <div v-if="round.doubt" class="doubt" role="alert">
            <p>{{ round.doubt }}</p>
          </div>
          <div v-if="round.cuts" class="suspects">
            <span>Look for</span>
            <button
              v-for="s in round.suspects"
              :key="s.cause"
              type="button"
              class="word"
              @click="does({ kind: 'LOOK', cause: s.cause })"
            >
              {{ s.words }}
            </button>
          </div>
        </template>
        <h3 v-if="round.pieces.length">What you read</h3>
        <ol class="reads">
          <li v-for="(p, i) in round.pieces" :key="i">
            <span>
              {{ i + 1 }}<template v-if="p.moved"> · moved {{ p.moved }}</template> · slot
              {{ p.slots.filter(Boolean).join(' ') || '?' }} · finger
              {{ p.fingers.filter(Boolean).join(' ') || '?' }}
            </span>
            <b class="mono">{{ p.clearance || '?' }}</b>
          </li>
          <li v-if="round.movedSince && !round.over">
            <span>moved since</span><b class="mono">{{ round.movedSince }}</b>
          </li>
        </ol>
      </section>
    </main>
  </div>
</template>

<style scoped>
.place {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
main {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.08fr);
  gap: 2rem;
  padding: 1.1rem 1.5rem;
}
h2 {
  font-size: 1.5rem;
}
h3 {
  font-size: 0.95rem;
  color: var(--quiet);
  margin: 0.9rem 0 0.2rem;
}
.task {
  margin: 0.2rem 0 0;
  color: var(--quiet);
}
.jig {
  height: 15rem;
}
.truth {
  height: 19rem;
}
.said {
  min-height: 2.8rem;
  margin: 0.4rem 0;
  font-size: 1.08rem;
}
.hands {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
}
.hand,
.cut,
.parts {
  padding: 0.6rem 0.9rem;
  border: 2.5px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  font-weight: 700;
}
.cut {
  background: var(--ink);
  color: var(--sheet);
}
.parts {
  border-color: var(--good);
  color: var(--good);
}
kbd {
  font: 600 0.8rem var(--mono);
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 0 0.3rem;
  background: none;
  color: inherit;
}
.caliper {
  height: 12.5rem;
}
.steady,
.suspects {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 1rem;
  margin: 0.6rem 0;
  color: var(--quiet);
}
.suspects .word,
.steady .word {
  padding: 0.3rem 0;
}
.low {
  color: var(--cut);
}
.doubt {
  border-left: 5px solid var(--mind);
  background: var(--sheet);
  padding: 0.5rem 0.8rem;
}
.doubt p {
  margin: 0;
}
.reads {
  list-style: none;
  margin: 0;
  padding: 0;
  max-width: 40rem;
}
.reads li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  padding: 0.3rem 0;
  border-bottom: 1px dotted var(--rule);
}
.reads b {
  white-space: nowrap;
}
.truths {
  border-collapse: collapse;
  width: 100%;
}
.truths th,
.truths td {
  text-align: left;
  vertical-align: top;
  padding: 0.35rem 0.8rem 0.35rem 0;
  border-bottom: 1px dotted var(--rule);
  font-weight: 400;
}
.truths tbody th {
  font-weight: 700;
}
.truths thead th {
  color: var(--quiet);
  font-size: 0.9rem;
}
.bench {
  border-left: 5px solid var(--edge);
  padding-left: 0.8rem;
}
.score {
  margin: 0;
}
.refused {
  margin: 0.3rem 0;
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
  }
}
</style>
