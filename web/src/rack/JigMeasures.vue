<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type KeptCutter, type KeptJig, type RackJig } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import { rackUnit } from './display'
import NumberField from './NumberField.vue'
import PiecesField from './PiecesField.vue'
import { ways } from './ways'

/** What a jig on the rack is measured by, as its way of indexing asks. */
const props = defineProps<{ kept: KeptJig }>()
const emit = defineEmits<{ change: [by: (jig: RackJig) => unknown]; failed: [why: string] }>()
const way = computed(() => props.kept.jig.jig.way)
const KEYED = ['SLED_KEY', 'ROUTER_SLED', 'ROD_KEY', 'SHIM_FENCE']
const hasKey = computed(() => KEYED.includes(way.value))

function change(by: (jig: RackJig) => unknown) {
  emit('change', by)
}

function setWay(value: string) {
  change((j) => {
    j.jig.way = value as RackJig['jig']['way']
    if (value !== 'SPACERS') j.spacers = []
    if (!KEYED.includes(value)) delete j.glued
    if (value === 'SHIM_FENCE') j.jig.leaves ??= { set: [0.05, 0.1, 0.2, 0.3, 0.4, 0.5], paper: 0.1 }
    if (value === 'SCREW') j.jig.screw ??= { lead: 2, driver: 1, driven: 1, parts: 8 }
  })
}
/** Both are wanted; what is said first waits for the other. */
const half = ref<{ kerf?: number; gap?: number }>({})
function glue(field: 'kerf' | 'gap', mm: number | undefined) {
  const both = { ...half.value, ...props.kept.jig.glued, [field]: mm }
  half.value = both
  change((j) => {
    if (both.kerf !== undefined && both.gap !== undefined) j.glued = { kerf: both.kerf, gap: both.gap }
    else delete j.glued
  })
}
function set<K extends 'slimmerBy' | 'base' | 'rod' | 'resolution'>(field: K, mm: number | undefined) {
  change((j) => {
    if (mm === undefined) Reflect.deleteProperty(j.jig, field)
    else j.jig[field] = mm
  })
}
function leaf(field: 'zeroGap' | 'paper', mm: number | undefined) {
  change((j) => {
    j.jig.leaves ??= { set: [] }
    if (mm === undefined) Reflect.deleteProperty(j.jig.leaves, field)
    else j.jig.leaves[field] = mm
  })
}
function screw(field: 'lead' | 'backlash', mm: number | undefined) {
  change((j) => {
    j.jig.screw ??= { lead: 2, driver: 1, driven: 1, parts: 8 }
    if (mm !== undefined) j.jig.screw[field] = mm
    else if (field === 'backlash') delete j.jig.screw.backlash
  })
}

function turn(field: 'parts' | 'driver' | 'driven', n: number | undefined) {
  change((j) => {
    if (j.jig.screw && n !== undefined) j.jig.screw[field] = n
  })
}

/** what a jig may be made for; one that was taken off stays named */
const NONE = ' '
const cutters = ref<KeptCutter[]>([])
const cutterChoices = computed(() => {
  const all = cutters.value.map((c) => ({ value: c.cutter.id, label: c.cutter.name }))
  const own = props.kept.jig.cutter
  if (own && !all.some((c) => c.value === own)) all.push({ value: own, label: `${own} (taken off)` })
  return [{ value: NONE, label: 'no one cutter' }, ...all]
})
onMounted(async () => {
  try {
    cutters.value = await answer(api.GET('/api/rack/cutters', { params: { query: {} } }))
  } catch (error) {
    emit('failed', problemOf(error).detail)
  }
})
</script>

<template>
  <ChoiceField label="How it indexes" :value="kept.jig.jig.way" :choices="ways" @choose="setWay" />
  <PiecesField
    v-if="hasKey"
    label="Keys made for it, as measured"
    :text="kept.fields.keys ?? ''"
    :unit="rackUnit"
    :such="rackUnit === 'INCH' ? '0.292; 0.249' : '7.42; 6.30'"
    @read="(mm) => change((j) => (j.keys = mm))"
  />
  <PiecesField
    v-if="way === 'SPACERS'"
    label="Spacers that lie with it, each as measured"
    :text="kept.fields.spacers ?? ''"
    :unit="rackUnit"
    :such="rackUnit === 'INCH' ? '0.586; 0.587' : '14.88; 14.90'"
    @read="(mm) => change((j) => (j.spacers = mm))"
  />
  <ChoiceField
    v-if="way !== 'HAND'"
    label="Made for"
    :value="kept.jig.cutter ?? NONE"
    :choices="cutterChoices"
    @choose="(id) => change((j) => (id === NONE ? delete j.cutter : (j.cutter = id)))"
  />
  <template v-if="hasKey">
    <LengthField
      label="Key glued in: slot it cuts"
      :text="kept.fields['glued.kerf'] ?? ''"
      :mm="kept.jig.glued?.kerf"
      :unit="rackUnit"
      at="rack.jig.glued.kerf"
      house="not glued"
      fine
      @read="(mm) => glue('kerf', mm)"
    />
    <LengthField
      label="and the gap, key to cut"
      :text="kept.fields['glued.gap'] ?? ''"
      :mm="kept.jig.glued?.gap"
      :unit="rackUnit"
      at="rack.jig.glued.gap"
      house="not glued"
      fine
      @read="(mm) => glue('gap', mm)"
    />
  </template>
  <LengthField
    v-if="way === 'ROUTER_SLED'"
    label="Base the bit passes"
    :text="kept.fields.base ?? ''"
    :unit="rackUnit"
    at="jig.base"
    house=" "
    @read="(mm) => set('base', mm)"
  />
  <LengthField
    v-if="way === 'ROD_KEY'"
    label="Rod, measured"
    :text="kept.fields.rod ?? ''"
    :unit="rackUnit"
    at="jig.rod"
    house=" "
    fine
    @read="(mm) => set('rod', mm)"
  />
  <template v-if="way === 'SHIM_FENCE'">
    <LengthField
      label="Gap on the zero block"
      :text="kept.fields['leaves.zeroGap'] ?? ''"
      :unit="rackUnit"
      at="jig.leaves.zeroGap"
      house="not cut yet"
      fine
      @read="(mm) => leaf('zeroGap', mm)"
    />
    <LengthField
      label="A sheet of paper measures"
      :text="kept.fields['leaves.paper'] ?? ''"
      :unit="rackUnit"
      at="jig.leaves.paper"
      house="not measured"
      fine
      @read="(mm) => leaf('paper', mm)"
    />
  </template>
  <PiecesField
    v-if="way === 'SHIM_FENCE'"
    label="Leaves that lie with it"
    :text="kept.fields['leaves.set'] ?? ''"
    :unit="rackUnit"
    :such="rackUnit === 'INCH' ? '0.002; 0.004' : '0.05; 0.1'"
    @read="(mm) => change((j) => (j.jig.leaves = { ...j.jig.leaves, set: mm }))"
  />
  <template v-if="way === 'SCREW' && kept.jig.jig.screw">
    <NumberField
      label="A turn is divided in"
      :value="kept.jig.jig.screw.parts"
      unit="parts"
      at="jig.screw.parts"
      @read="(n) => turn('parts', n)"
    />
    <NumberField
      label="Teeth of the driving gear"
      :value="kept.jig.jig.screw.driver"
      unit=""
      at="jig.screw.driver"
      @read="(n) => turn('driver', n)"
    />
    <NumberField
      label="Teeth of the driven gear"
      :value="kept.jig.jig.screw.driven"
      unit=""
      at="jig.screw.driven"
      @read="(n) => turn('driven', n)"
    />
  </template>
  <template v-if="way === 'SCREW'">
    <LengthField
      label="Lead, measured over ten turns"
      :text="kept.fields['screw.lead'] ?? ''"
      :unit="rackUnit"
      at="jig.screw.lead"
      fine
      @read="(mm) => screw('lead', mm)"
    />
    <LengthField
      label="Backlash"
      :text="kept.fields['screw.backlash'] ?? ''"
      :unit="rackUnit"
      at="jig.screw.backlash"
      house="not measured"
      fine
      @read="(mm) => screw('backlash', mm)"
    />
  </template>
  <LengthField
    v-if="way === 'STOPS'"
    label="The scale reads to"
    :text="kept.fields.resolution ?? ''"
    :unit="rackUnit"
    at="jig.resolution"
    house="a tenth"
    fine
    @read="(mm) => set('resolution', mm)"
  />
</template>
