<script setup lang="ts">
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { useToast } from 'primevue/usetoast'
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch, type Component } from 'vue'
import { onBeforeRouteLeave, onBeforeRouteUpdate, useRouter } from 'vue-router'
import { problemOf, type RungView } from '../api/client'
import BenchRail from '../bench/BenchRail.vue'
import DisplaySwitch from '../bench/DisplaySwitch.vue'
import LeftUnkept from '../bench/LeftUnkept.vue'
import StickBar from '../bench/StickBar.vue'
import { useBench, type StationId } from '../bench/store'
import WorkingPanel from '../bench/WorkingPanel.vue'
import { woodTint } from '../drawing/tint'

// what is seldom seen is not part of the first load
const ChangedElsewhere = defineAsyncComponent(() => import('../bench/ChangedElsewhere.vue'))
const NotKept = defineAsyncComponent(() => import('../bench/NotKept.vue'))
// the station that is asked for comes first, the others a moment later, before anyone is there
const load: Record<StationId, () => Promise<Component>> = {
  size: () => import('../stations/SizeStation.vue'),
  fingers: () => import('../stations/FingersStation.vue'),
  blank: () => import('../stations/BlankStation.vue'),
  jig: () => import('../stations/JigStation.vue'),
  fit: () => import('../stations/FitStation.vue'),
  cut: () => import('../stations/CutStation.vue'),
  bottom: () => import('../stations/BottomStation.vue'),
  lid: () => import('../stations/LidStation.vue'),
  fittings: () => import('../stations/FittingsStation.vue'),
  glue: () => import('../stations/GlueStation.vue'),
  finish: () => import('../stations/FinishStation.vue')
}
setTimeout(() => Object.values(load).forEach((one) => void one()), 2500)
const WholeBox = defineAsyncComponent(() => import('../drawing/WholeBox.vue'))
const KeysHelp = defineAsyncComponent(() => import('../bench/KeysHelp.vue'))

const props = defineProps<{ id?: string; station?: string }>()
const bench = useBench()
const router = useRouter()
const toast = useToast()
const missing = ref('')
const help = ref(false)
/** Whether the whole box is looked at, over the station's drawing. */
const whole = ref(false)
const route = computed(() => router.currentRoute.value)

const stations = Object.fromEntries(
  Object.entries(load).map(([id, one]) => [id, defineAsyncComponent(one)])
) as Record<StationId, Component>

const boxId = computed(() => props.id ?? String(route.value.params.id ?? ''))
const wanted = computed<StationId>(() => {
  const station = String(route.value.params.station ?? '') || 'size'
  return station in stations ? (station as StationId) : 'size'
})

watch(
  boxId,
  async (id) => {
    if (!id) return
    bench.station = wanted.value
    try {
      await bench.open(id)
      missing.value = ''
      document.title = `${bench.plan?.name} – Cant Hook`
    } catch (error) {
      missing.value = problemOf(error).detail
    }
  },
  { immediate: true }
)
watch(wanted, async (station) => {
  whole.value = false
  if (bench.station === station || route.value.name !== 'bench') return
  bench.working = []
  bench.step = 0
  bench.station = station
  await bench.work()
})
watch(
  () => bench.problem,
  (problem) => {
    if (problem && !problem.field) toast.add({ severity: 'warn', summary: problem.detail, life: 6000 })
  }
)

/** A box changed in another window or on another device is seen here before long, unless a hand is at a field. */
async function lookElsewhere() {
  const at = document.activeElement
  if (document.hidden || missing.value || (at && typing({ target: at } as unknown as KeyboardEvent))) return
  try {
    if (await bench.follow())
      toast.add({
        severity: 'info',
        summary: 'Changed in another window.',
        detail: 'Undo leads back.',
        life: 5000
      })
  } catch {
    // what cannot be asked now is asked again; a save that fails says so at its place
  }
}
useIntervalFn(() => void lookElsewhere(), 4000)
useEventListener(document, 'visibilitychange', () => void lookElsewhere())

const stale = computed(() => bench.kept === 'stale')
function typing(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  return target.closest('input, textarea, [role=combobox], [role=dialog]') !== null
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
    event.preventDefault()
    void (event.shiftKey ? bench.redo() : bench.undo())
    return
  }
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === '?') help.value = true
  if (event.key === 'b') whole.value = !whole.value
  if (event.key === '[' || event.key === ']') climb(event.key === ']' ? 1 : -1)
})

/** To the next count the cutter can make, as the rungs stand in the ladder. */
function climb(by: 1 | -1) {
  const now = bench.answer?.sections ?? 0
  const next = now + 2 * by
  const rungs = bench.answer?.ladder?.rungs
  const any = bench.plan?.fingers.anyCutter
  const makes = (r: RungView) => r.sections === next && r.feasible && (any || !r.name.split('.')[2])
  if (next < 3 || (rungs && !rungs.some(makes))) return
  void bench.set('fingers.sections', next, 'climb')
}

useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
  if (bench.kept !== 'kept' && bench.kept !== 'looking') {
    void bench.keep()
    event.preventDefault()
  }
})
/** Set while it is asked whether to leave a box of which something is not kept. */
const leaving = ref<(leave: boolean) => void>()
async function mayLeave(): Promise<boolean> {
  await bench.keep()
  if (bench.kept === 'kept' || bench.kept === 'looking') return true
  const leave = await new Promise<boolean>((resolve) => {
    leaving.value = resolve
  })
  leaving.value = undefined
  return leave
}
onBeforeRouteLeave(mayLeave)
onBeforeRouteUpdate((to) => to.params.id === bench.id || mayLeave())
onBeforeUnmount(() => {
  bench.working = []
})
</script>

<template>
  <div v-if="missing" class="missing">
    <h1>{{ missing }}</h1>
    <p><RouterLink to="/boxes">See the boxes that are here</RouterLink></p>
  </div>
  <div v-else-if="bench.plan && bench.answer" class="bench" :style="woodTint(bench.plan.walls.wood)">
    <BenchRail />
    <component :is="stations[bench.station]" :key="bench.station" />
    <WholeBox v-if="whole" @close="whole = false" />
    <div class="over-slate" :class="{ open: bench.working.length }"><WorkingPanel /></div>
    <footer class="foot">
      <LeftUnkept />
      <DisplaySwitch :whole="whole" @help="help = true" @whole="whole = !whole" />
      <StickBar />
    </footer>
    <KeysHelp v-if="help" v-model="help" />
    <NotKept v-if="leaving" @answer="leaving?.($event)" />
    <ChangedElsewhere v-else-if="stale" />
  </div>
  <p v-else class="missing" role="status">Laying the box on the bench…</p>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template: minmax(0, 1fr) auto / 12.6rem minmax(0, 1fr) 20.4rem;
  height: 100%;
}
.foot {
  grid-area: 2/1/3/4;
}
.over-slate {
  grid-area: 1/3;
  position: relative;
  pointer-events: none;
}
.over-slate.open {
  pointer-events: auto;
}
.missing {
  padding: 3rem;
}
@media (max-width: 1100px) {
  .bench {
    grid-template-columns: 10.4rem minmax(0, 1fr) 17.6rem;
  }
}
@media (max-width: 900px) {
  .bench {
    display: flex;
    flex-direction: column;
    height: auto;
  }
  .foot {
    order: 5;
  }
  .over-slate.open {
    position: fixed;
    inset: 10% 0 0 10%;
    z-index: 9;
  }
}
</style>
