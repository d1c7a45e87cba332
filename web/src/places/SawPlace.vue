<script setup lang="ts">
import { useEventListener, useIntervalFn, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { type SawEvent } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'
import SawStick from '../drawing/SawStick.vue'
import { woodTint } from '../drawing/tint'
import { sawRun } from './saw-run'
import SpoiltPart from './SpoiltPart.vue'
import TickList from './TickList.vue'

/** One cut at a time, huge. */
const route = useRoute()
const box = computed(() => String(route.params.id ?? ''))
const { run, told, busy, gone, waiting, left, canGoOn, begin, happened, look, putAway } = sawRun(box)
const wrong = ref(false)
const wake = useWakeLock()

onMounted(async () => {
  await begin()
  if (run.value) document.title = `At the saw: ${run.value.name} – Cant Hook`
  if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
})
useIntervalFn(() => void look(), 4000)
useEventListener('online', () => void look())

const done = () => run.value?.now && happened({ kind: 'DONE', cut: run.value.now.id })
const back = () => run.value?.before && happened({ kind: 'BACK', cut: run.value.before.id })
const check = (id: string, was: boolean) => happened({ kind: was ? 'UNCHECKED' : 'CHECKED', check: id })
async function spoilt(part: string, what: NonNullable<SawEvent['wrong']>) {
  await happened({ kind: 'SPOILT', part, wrong: what })
  wrong.value = false
}
/** what the shop's absence means for whoever stands at the saw */
const apart = computed(() => {
  if (!gone.value && !waiting.value.length) return ''
  const n = waiting.value.length
  if (!canGoOn.value) return n ? '' : 'The server does not answer. Do not cut on until it is back.'
  return `Without the shop: cut on. ${n === 0 ? 'Passes are' : n === 1 ? 'A pass is' : `${n} passes are`} kept on this device until it is back.`
})
const inStack = computed(() => run.value?.now?.stack ?? [])
const lastAdvice = computed(() => run.value?.spoilt[run.value.spoilt.length - 1])

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!run.value?.open || wrong.value || event.ctrlKey || event.metaKey || event.altKey) {
    if (event.key === 'Escape') wrong.value = false
    return
  }
  if (event.key === ' ' || event.key === 'ArrowRight') {
    event.preventDefault()
    if (!event.repeat) void done()
  } else if (event.key === 'ArrowLeft') {
    event.preventDefault()
    if (!event.repeat) void back()
  }
})
</script>

<template>
  <div class="at-the-saw" :data-ahead="canGoOn ? 'here' : undefined" :style="run ? woodTint(run.wood) : {}">
    <header>
      <RouterLink :to="{ name: 'bench', params: { id: box, station: 'cut' } }">Back to the bench</RouterLink>
      <h1>{{ run?.name ?? 'At the saw' }}</h1>
      <p v-if="run && run.open && !run.finished" class="count">
        pass <b>{{ run.at + 1 }}</b> of {{ run.total }} · part <b>{{ run.now?.parts }}</b>
      </p>
      <p v-if="run?.lot" class="lot">
        {{
          run.lot.boxes === 1
            ? `box ${run.lot.first} of ${run.lot.of}, the first`
            : `boxes ${run.lot.first} to ${run.lot.first + run.lot.boxes - 1} of ${run.lot.of}, in stacks`
        }}. {{ run.lot.spares }}
      </p>
    </header>
    <p v-if="told || (gone && !canGoOn)" class="told" :class="{ away: gone }" role="alert">
      {{ told || apart }}
    </p>
    <p v-else-if="apart" class="told apart" role="status">{{ apart }}</p>
    <div v-if="left.length" class="told away" role="alert">
      Another device went another way meanwhile. This is where the run stands now; marked here and not taken:
      <ol>
        <li v-for="(l, i) in left" :key="i">{{ l }}</li>
      </ol>
      Look at the parts, then mark what is cut.
      <button type="button" class="word" @click="left = []">I have looked</button>
    </div>

    <main v-if="run && !run.open" class="gate">
      <h2>Before the first cut</h2>
      <TickList :looks="run.gate" :busy="busy" :columns="2" @tick="check" />
      <p v-if="run.lot && run.lot.boxes === 1 && run.lot.first === 1 && run.at === 0" class="ends">
        One box first: a fault is then in one and not in {{ run.lot.of }}.
        <button type="button" class="word" @click="begin('REST_UNPROVEN')">
          Cut all {{ run.lot.of }} now all the same; it is written down
        </button>
      </p>
      <p v-if="run.lot?.unproven" class="told">Begun before a first box went together.</p>
    </main>

    <main v-else-if="run?.finished" class="finished">
      <h2>
        {{
          run.lot && run.lot.boxes === 1 && run.lot.left > 0
            ? 'The first box is cut.'
            : `All ${run.total} passes are made.`
        }}
      </h2>
      <p>Unplug. Then, before the glue:</p>
      <ol class="after" aria-label="After the joint">
        <li v-for="says in run.after" :key="says">{{ says }}</li>
      </ol>
      <p v-for="s in run.spoilt" :key="s.part">
        <b>{{ s.part }}</b> was replaced by <b>{{ s.by }}</b>. {{ s.advice }}
      </p>
      <p v-if="run.lot && run.lot.left > 0" class="ends">
        Put it together, panel in, and look at every corner. Then:
        <button type="button" class="others" @click="begin('REST')">
          It went together: cut the other {{ run.lot.left }}
        </button>
      </p>
      <p v-else class="ends">
        <RouterLink :to="{ name: 'gluing', params: { id: run.box } }" class="others"
          >To the glue-up</RouterLink
        >
      </p>
      <p class="ends">
        <button type="button" class="word" @click="back">The last one was not made</button>
        <button type="button" class="word" @click="putAway">
          {{
            run.lot && run.lot.boxes === 1 && run.lot.first === 1 && run.lot.left > 0
              ? 'It did not: put it aside, cut another first box'
              : 'Put this run away, begin another'
          }}
        </button>
      </p>
    </main>

    <main v-else-if="run?.now" class="cut">
      <p class="say" aria-live="polite" aria-atomic="true">
        <span class="sr-only">Pass {{ run.at + 1 }}, part {{ run.now.parts }}, {{ run.now.title }}.</span>
        {{ run.now.instruction }}
      </p>
      <p class="facts">
        <span
          >{{ run.now.placeLabel }} <b><NumText :text="run.now.place" /> {{ run.now.unit }}</b></span
        >
        <span>{{ run.now.kind }}, {{ run.now.title }}</span>
        <span>{{ run.now.face }}</span>
        <span>{{ run.now.depth }} deep</span>
        <span v-if="run.stopText" class="stops">nothing above {{ run.stopText }}</span>
      </p>
      <p v-if="run.setup" class="setup">
        New set-up: {{ run.now.parts }}, {{ run.now.face }}. Reference edge to key, fence or stop.
      </p>
      <p v-else-if="run.now.extra" class="setup">Cut {{ run.now.parts }} alone, up to this cut.</p>
      <FigureView v-if="run.now.jig" :figure="run.now.jig" class="drawing" :most-scale="200" />
      <SawStick :run="run" />
    </main>

    <footer v-if="run?.open && !run.finished">
      <button type="button" class="back" :disabled="busy || !run.before" @click="back">
        ◂ Back <small v-if="run.before">{{ run.before.parts }} {{ run.before.title }}</small>
      </button>
      <button type="button" class="wrong" @click="wrong = true">Something is wrong</button>
      <button type="button" class="done" :disabled="busy" @click="done">
        Done ▸ <small v-if="run.next">then {{ run.next.parts }} {{ run.next.title }}</small>
        <small v-else>the last one</small>
      </button>
    </footer>

    <SpoiltPart
      v-if="wrong && run"
      :parts="inStack"
      :box="box"
      :cut="run.at + 1"
      @spoilt="spoilt"
      @nothing="wrong = false"
    />
    <p v-if="lastAdvice && run?.open && !run.finished && run.now?.extra" class="advice">
      <b>{{ lastAdvice.part }}:</b> {{ lastAdvice.advice }}
    </p>
  </div>
</template>

<style scoped>
.at-the-saw {
  height: 100%;
  display: flex;
  flex-direction: column;
  background: var(--ground);
  position: relative;
}
header {
  display: flex;
  align-items: baseline;
  gap: 1.4rem;
  background: var(--rail);
  color: var(--rail-ink);
  padding: 0.55rem 1.2rem;
}
header a {
  color: var(--rail-quiet);
}
h1 {
  font-size: 1.2rem;
  flex: 1;
}
.count {
  margin: 0;
  font-size: 1.5rem;
}
.lot {
  margin: 0;
  color: var(--rail-quiet);
}
.others {
  display: block;
  margin: 0.6rem 0;
  padding: 0.8rem 1.4rem;
  font-size: 1.3rem;
  font-weight: 700;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  cursor: pointer;
}
a.others {
  display: inline-block;
  text-decoration: none;
}
.after {
  margin: 0.2rem 0 0.6rem;
  padding-left: 1.6rem;
  font-size: 1.25rem;
  line-height: 1.35;
}
.told {
  margin: 0;
  padding: 0.6rem 1.2rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
  font-size: 1.2rem;
  font-weight: 600;
}
.told ol {
  margin: 0.2rem 0;
  max-height: 7rem;
  overflow: auto;
}
.told.apart {
  border-color: var(--edge);
}
.told.away {
  border-color: var(--cut);
}
main {
  flex: 1;
  min-height: 0;
  padding: 0.6rem 1.2rem;
  overflow: auto;
}
.gate h2 {
  margin-bottom: 0.5rem;
  font-size: 1.6rem;
}
.cut {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
.say {
  margin: 0;
  font-size: clamp(1.9rem, 4.2vw, 3.1rem);
  line-height: 1.1;
  font-weight: 700;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 1.6rem;
  margin: 0.4rem 0;
  font-size: 1.25rem;
}
.facts b {
  font: 600 1.6rem var(--mono);
}
.setup {
  margin: 0;
  padding: 0.3rem 0.8rem;
  background: var(--sheet);
  border-left: 8px solid var(--edge);
  font-size: 1.25rem;
  font-weight: 600;
}
.drawing {
  flex: 1;
  min-height: 120px;
}
footer {
  display: grid;
  grid-template-columns: 1fr 1fr 1.6fr;
  gap: 0.8rem;
  padding: 0.7rem 1.2rem 0.9rem;
}
footer button {
  min-height: 5.4rem;
  border-radius: 6px;
  border: 3px solid var(--ink);
  background: var(--paper);
  font-size: 1.6rem;
  font-weight: 700;
  cursor: pointer;
}
footer small {
  display: block;
  font-size: 1rem;
  font-weight: 400;
}
footer .done {
  background: var(--good);
  border-color: var(--good);
  color: var(--sheet);
}
footer .wrong {
  border-color: var(--cut);
  color: var(--cut);
}
footer button:disabled {
  opacity: 0.5;
}
.finished h2 {
  font-size: 2.4rem;
}
.finished p {
  font-size: 1.3rem;
}
.ends {
  display: flex;
  gap: 2rem;
}
.advice {
  margin: 0;
  padding: 0.4rem 1.2rem 0.7rem;
  font-size: 1.05rem;
}
.stops {
  color: var(--cut);
  font-weight: 700;
}
</style>
