<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import {
  answer,
  api,
  problemOf,
  type BoxPlan,
  type JigToBuild,
  type RackJig,
  type WorkingView
} from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import OpenWorking from '../bench/OpenWorking.vue'
import BuildSheet from '../building/BuildSheet.vue'
import { rackDisplay } from './display'
import ShelfFrame from './ShelfFrame.vue'
import { ways } from './ways'

/** A jig for a usual width, before there is a box for it. */
const emit = defineEmits<{ close: [] }>()
type Way = RackJig['jig']['way']
const way = ref<Way>('SLED_KEY')
const width = ref('8')
const widths = ref<{ value: string; label: string }[]>([])
const plan = ref<BoxPlan>()
const jig = ref<JigToBuild>()
const trail = ref<WorkingView[]>([])
const failed = ref('')
const address = computed(() => `/api/build/usual/${way.value}/${width.value}`)

async function load() {
  try {
    const query = { display: rackDisplay.value }
    const [all, found] = await Promise.all([
      answer(api.GET('/api/build/usual', { params: { query } })),
      answer(
        api.GET('/api/build/usual/{way}/{width}', {
          params: { path: { way: way.value, width: Number(width.value) }, query }
        })
      )
    ])
    widths.value = all.map((w) => ({ value: String(w.mm), label: w.text }))
    plan.value = found.plan
    jig.value = found.jig
    trail.value = []
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)
watch([way, width, rackDisplay], load)

async function open(number: string) {
  if (!plan.value) return
  try {
    const opened = await answer(
      api.POST('/api/work/{number}', { params: { path: { number } }, body: { plan: plan.value } })
    )
    trail.value = [...trail.value, opened]
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
</script>

<template>
  <ShelfFrame>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <BuildSheet v-if="jig" :jig="jig" @open="open">
      <a :href="`${address}/jig-sheet.pdf?display=${rackDisplay}`" target="_blank">Print it</a>
      <a :href="`${address}/jig.csv`">Parts for a spreadsheet</a>
      <a :href="`${address}/jig.dxf`">Plan, DXF</a>
      <template v-if="way === 'ROUTER_SLED'">
        Plate, 1:1:
        <a :href="`${address}/plate.pdf`" target="_blank">PDF</a>
        <a :href="`${address}/plate.svg`">SVG</a>
        <a :href="`${address}/plate.dxf`">DXF</a>
      </template>
    </BuildSheet>
    <template #slate>
      <div class="choices">
        <p class="lead">
          A jig without a box yet: sections of a usual width, walls a little thicker than those are wide,
          about 100&nbsp;mm high. Of a box it is built from its own Jig station.
        </p>
        <ChoiceField class="way" label="Jig" :value="way" :choices="ways" @choose="way = $event as Way" />
        <ChoiceField label="Slots of" :value="width" :choices="widths" @choose="width = $event" />
        <p><button type="button" class="word" @click="emit('close')">Back to the jigs of the shop</button></p>
        <OpenWorking :trail="trail" @open="open" @back="trail = trail.slice(0, -1)" @close="trail = []" />
      </div>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.choices {
  position: relative;
  min-height: 100%;
}
.lead {
  margin: 0 0 0.6rem;
  color: var(--quiet);
}
.way {
  grid-template-columns: 1fr;
  gap: 0.2rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
