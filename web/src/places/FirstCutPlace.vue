<script setup lang="ts">
import { useEventListener, useLocalStorage, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import {
  answer,
  api,
  problemOf,
  type FirstCutAct,
  type Felt,
  type KeptBox,
  type WorkingView
} from '../api/client'
import { feelings } from '../bench/feelings'
import OpenWorking from '../bench/OpenWorking.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'
import { woodTint } from '../drawing/tint'
import TradeText from '../words/TradeText.vue'

/** A new jig's first cut, one thing at a time and huge, up to the first reading. Where one stands is kept on this device. */
const route = useRoute()
const router = useRouter()
const box = computed(() => String(route.params.id ?? ''))
const kept = ref<KeptBox>()
const acts = ref<FirstCutAct[]>([])
const told = ref('')
const busy = ref(false)
const trail = ref<WorkingView[]>([])
const stands = useLocalStorage<Record<string, string>>('first-cut', {})
const wake = useWakeLock()

onMounted(async () => {
  try {
    const found = await answer(api.GET('/api/boxes/{id}', { params: { path: { id: box.value } } }))
    kept.value = found
    document.title = `First cut: ${found.plan.name} – Cant Hook`
    acts.value = await answer(
      api.POST('/api/build/first-cut', {
        body: { plan: found.plan, testCuts: found.testCuts.map((c) => c.cut) }
      })
    )
    if (!acts.value.length) told.value = 'This way of indexing cannot cut this joint: choose another at Jig.'
  } catch (error) {
    told.value = problemOf(error).detail
  }
  if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
})

/** one more than the last act: how it went together */
const at = computed(() => {
  const id = stands.value[box.value]
  if (id === READ) return acts.value.length
  return Math.max(
    0,
    acts.value.findIndex((a) => a.id === id)
  )
})
const READ = 'read'
const act = computed(() => acts.value[at.value])
const next = computed(() => acts.value[at.value + 1])
const reading = computed(() => acts.value.length > 0 && at.value >= acts.value.length)
function go(by: 1 | -1) {
  const to = Math.max(0, Math.min(acts.value.length, at.value + by))
  trail.value = []
  stands.value = { ...stands.value, [box.value]: acts.value[to]?.id ?? READ }
}

async function open(number: string) {
  const plan = kept.value?.plan
  if (!plan) return
  try {
    const opened = await answer(
      api.POST('/api/work/{number}', { params: { path: { number } }, body: { plan } })
    )
    trail.value = [...trail.value, opened]
  } catch (error) {
    told.value = problemOf(error).detail
  }
}

async function felt(how: Felt) {
  if (busy.value) return
  busy.value = true
  try {
    await answer(
      api.POST('/api/boxes/{id}/test-cuts', { params: { path: { id: box.value } }, body: { felt: how } })
    )
    await toFit()
  } catch (error) {
    told.value =
      problemOf(error).status === 0
        ? 'Not kept yet: the server does not answer. Press again when it is back.'
        : problemOf(error).detail
  } finally {
    busy.value = false
  }
}
async function toFit() {
  const rest = { ...stands.value }
  Reflect.deleteProperty(rest, box.value)
  stands.value = rest
  await router.push({ name: 'bench', params: { id: box.value, station: 'fit' } })
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || trail.value.length) return
  if (event.key === 'ArrowRight' || (event.key === ' ' && !reading.value)) {
    event.preventDefault()
    go(1)
  } else if (event.key === 'ArrowLeft') {
    event.preventDefault()
    go(-1)
  }
})
</script>

<template>
  <div class="first-cut" :style="kept ? woodTint(kept.plan.walls.wood) : {}">
    <header>
      <RouterLink :to="{ name: 'bench', params: { id: box, station: 'jig' } }">Back to the bench</RouterLink>
      <h1>First cut on a new jig</h1>
      <p v-if="acts.length" class="count">
        {{ kept?.plan.name }}, <b>{{ Math.min(at + 1, acts.length + 1) }}</b> of {{ acts.length + 1 }}
      </p>
    </header>
    <p v-if="told" class="told" role="alert">{{ told }}</p>
    <main v-if="act" class="doing">
      <p class="say" :class="{ caution: act.caution }" aria-live="polite" aria-atomic="true">
        {{ act.says }}
      </p>
      <p v-if="act.text && act.number" class="number">
        {{ act.label }}
        <button type="button" class="plain" title="Show the working" @click="open(act.number)">
          <NumText :text="act.text" />
        </button>
      </p>
      <p v-if="act.why" class="why"><TradeText :text="act.why" /></p>
      <FigureView
        v-if="act.figure"
        :key="act.id"
        :figure="act.figure"
        class="drawing"
        :most-scale="200"
        quiet
      />
    </main>
    <main v-else-if="reading" class="doing">
      <p class="say">How did the two go together?</p>
      <div class="feelings">
        <button v-for="f in feelings" :key="f.value" type="button" :disabled="busy" @click="felt(f.value)">
          It {{ f.label }}
        </button>
        <button type="button" class="read" @click="toFit">I read it with a caliper</button>
      </div>
      <FigureView
        v-if="acts[acts.length - 1]?.figure"
        :figure="acts[acts.length - 1]!.figure!"
        class="drawing"
        quiet
      />
      <p class="why">
        Fit says how far to move, and which way. Until it is accepted, cut no part of the box.
      </p>
    </main>
    <footer v-if="acts.length">
      <button type="button" class="back" :disabled="at === 0" @click="go(-1)">◂ Back</button>
      <button v-if="!reading" type="button" class="done" @click="go(1)">
        Done ▸ <small>{{ next ? next.says : 'then how they went together' }}</small>
      </button>
    </footer>
    <OpenWorking
      class="over"
      :trail="trail"
      @open="open"
      @back="trail = trail.slice(0, -1)"
      @close="trail = []"
    />
  </div>
</template>

<style scoped>
.first-cut {
  height: 100%;
  display: flex;
  flex-direction: column;
  background: var(--ground);
  position: relative;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 1.4rem;
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
  font-size: 1.2rem;
}
.told {
  margin: 0;
  padding: 0.6rem 1.2rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
  font-size: 1.2rem;
  font-weight: 600;
}
.doing {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  padding: 0.8rem 1.2rem;
  overflow: auto;
}
.say {
  margin: 0;
  font-size: clamp(1.7rem, 3.6vw, 2.8rem);
  line-height: 1.12;
  font-weight: 700;
}
.say.caution {
  border-left: 10px solid var(--cut);
  padding-left: 0.8rem;
}
.number {
  margin: 0;
  font-size: 1.3rem;
}
.number button {
  font: 600 1.9rem var(--mono);
  border-bottom: 2px solid var(--good);
  margin-left: 0.4rem;
}
.why {
  margin: 0;
  font-size: 1.2rem;
  max-width: 62rem;
}
.drawing {
  flex: 1;
  min-height: 150px;
}
.feelings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
  gap: 0.8rem;
}
.feelings button,
footer button {
  min-height: 5rem;
  border-radius: 6px;
  border: 3px solid var(--ink);
  background: var(--paper);
  font-size: 1.5rem;
  font-weight: 700;
  cursor: pointer;
}
.feelings .read {
  border-color: var(--edge);
  color: var(--edge);
}
footer {
  display: grid;
  grid-template-columns: 1fr 3fr;
  gap: 0.8rem;
  padding: 0.7rem 1.2rem 0.9rem;
}
footer .done {
  background: var(--good);
  border-color: var(--good);
  color: var(--sheet);
}
footer small {
  display: block;
  font-size: 1rem;
  font-weight: 400;
  overflow-wrap: anywhere;
}
footer button:disabled {
  opacity: 0.5;
}
.over {
  left: auto;
  width: min(24rem, 100%);
}
</style>
