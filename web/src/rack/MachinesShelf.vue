<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import {
  answer,
  api,
  problemOf,
  type KeptMachine,
  type MachineKind,
  type MachineMeasure
} from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import { rackDisplay, rackUnit } from './display'
import MeasurePicture from './MeasurePicture.vue'
import ShelfFrame from './ShelfFrame.vue'
import { useTakenOff } from './taken-off'

/** Machines of the shop, with the measures that bind what is made with them; what was not taken yet is assumed, and said to be. */
const machines = ref<KeptMachine[]>([])
const kinds = ref<MachineKind[]>([])
const picked = ref('')
const failed = ref('')
const refused = ref<{ field: string; detail: string }>()
const now = computed(() => machines.value.find((m) => m.machine.id === picked.value))
const kindOf = (m: KeptMachine) => kinds.value.find((k) => k.kind === m.machine.kind)
const measures = computed(() => (now.value ? (kindOf(now.value)?.measures ?? []) : []))
const query = computed(() => ({ display: rackDisplay.value }))

/** What was refused of one is not told of the next. */
watch(picked, () => {
  failed.value = ''
  refused.value = undefined
})

async function load() {
  try {
    ;[machines.value, kinds.value] = await Promise.all([
      answer(api.GET('/api/rack/machines', { params: { query: query.value } })),
      answer(api.GET('/api/rack/machines/kinds', { params: { query: query.value } }))
    ])
    if (!now.value) picked.value = machines.value[0]?.machine.id ?? ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)
watch(rackDisplay, load)

async function change(by: (machine: KeptMachine['machine']) => void) {
  const was = now.value
  if (!was) return
  const machine = JSON.parse(JSON.stringify(was.machine)) as KeptMachine['machine']
  by(machine)
  if (JSON.stringify(machine) === JSON.stringify(was.machine)) return
  try {
    const saved = await answer(
      api.PUT('/api/rack/machines/{id}', {
        params: { path: { id: machine.id }, query: query.value },
        body: { revision: was.revision, machine }
      })
    )
    machines.value = machines.value.map((m) => (m.machine.id === machine.id ? saved : m))
    failed.value = ''
    refused.value = undefined
  } catch (error) {
    const problem = problemOf(error)
    if (problem.field?.startsWith('machine.measures.'))
      refused.value = { field: problem.field, detail: problem.detail }
    else failed.value = problem.detail
    if (problem.status === 409) await load()
  }
}
const take = (measure: MachineMeasure, mm: number | undefined) =>
  void change((m) => {
    if (mm === undefined) Reflect.deleteProperty(m.measures, measure)
    else m.measures[measure] = mm
  })
async function begin(kind: string) {
  const found = kinds.value.find((k) => k.kind === kind)
  if (!found) return
  try {
    const made = await answer(
      api.POST('/api/rack/machines', {
        params: { query: query.value },
        body: {
          machine: {
            id: 'new',
            name: `Our ${found.words}`,
            kind: found.kind,
            measures: {},
            note: ''
          }
        }
      })
    )
    machines.value = [...machines.value, made]
    picked.value = made.machine.id
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const {
  gone,
  refused: notMoved,
  takeOff,
  putBack
} = useTakenOff<KeptMachine>({
  id: (kept) => kept.machine.id,
  remove: async (id) => answer(api.DELETE('/api/rack/machines/{id}', { params: { path: { id } } })),
  restore: async (id) => answer(api.POST('/api/rack/machines/{id}/restore', { params: { path: { id } } })),
  shown: (id) => (picked.value = id),
  load
})
const taken = (m: KeptMachine) => Object.keys(m.machine.measures).length
</script>

<template>
  <ShelfFrame>
    <button
      v-for="m in machines"
      :key="m.machine.id"
      type="button"
      class="machine"
      :class="{ here: m.machine.id === picked }"
      @click="picked = m.machine.id"
    >
      <strong>{{ m.machine.name }}</strong>
      <small
        >{{ kindOf(m)?.words }}, {{ taken(m) }} of {{ kindOf(m)?.measures.length }} measures taken<template
          v-if="m.machine.kind === 'TABLE_SAW'"
          >; stacked cutters
          {{
            m.machine.stacked === undefined
              ? 'not looked up in its manual'
              : m.machine.stacked
                ? 'allowed by its manual'
                : 'not allowed by its manual'
          }}</template
        ></small
      >
      <span class="pictures">
        <span v-for="x in kindOf(m)?.measures ?? []" :key="x.measure" class="picture">
          <MeasurePicture :measure="x.measure" />
          <i :class="{ assumed: m.machine.measures[x.measure] === undefined }">{{
            m.fields[x.measure] ?? x.usual
          }}</i>
        </span>
      </span>
    </button>
    <p v-if="!machines.length" class="none">
      No machine hangs here yet. Until one is measured its usual sizes are taken, and every number that leans
      on one says so.
    </p>
    <ChoiceField
      :key="machines.length"
      label="Put one here"
      value=""
      placeholder="what kind"
      :choices="kinds.map((k) => ({ value: k.kind, label: k.words }))"
      @choose="begin"
    />
    <p v-if="gone">
      <button type="button" class="word" @click="putBack">put {{ gone.machine.name }} back</button>
    </p>
    <p v-if="failed || notMoved" class="failed" role="alert">{{ failed || notMoved }}</p>
    <template v-if="now" #slate>
      <label class="name">
        <span>Name</span>
        <InputText
          :model-value="now.machine.name"
          size="small"
          @change="change((m) => (m.name = ($event.target as HTMLInputElement).value))"
        />
      </label>
      <div v-for="x in measures" :key="`${now.machine.id} ${x.measure}`" class="take">
        <MeasurePicture :measure="x.measure" />
        <div>
          <LengthField
            :label="x.words"
            :text="now.fields[x.measure] ?? ''"
            :mm="now.machine.measures[x.measure]"
            :unit="rackUnit"
            :least="x.least"
            :most="x.most"
            :house="x.usual"
            stands="assumed"
            marked
            :refused="refused?.field === `machine.measures.${x.measure}` ? refused.detail : ''"
            @read="take(x.measure, $event)"
          />
          <p class="how">{{ x.how }}</p>
        </div>
      </div>
      <ChoiceField
        v-if="now.machine.kind === 'TABLE_SAW'"
        label="Stacked cutters, by its manual"
        :value="now.machine.stacked === undefined ? 'UNKNOWN' : now.machine.stacked ? 'YES' : 'NO'"
        :choices="[
          { value: 'UNKNOWN', label: 'not looked up' },
          { value: 'YES', label: 'allowed' },
          { value: 'NO', label: 'not allowed' }
        ]"
        @choose="
          (v) =>
            change((m) => {
              if (v === 'UNKNOWN') delete m.stacked
              else m.stacked = v === 'YES'
            })
        "
      />
      <p class="caution">Unplug before you measure. The machine’s manual comes first.</p>
      <p><button type="button" class="word" @click="takeOff(now)">Take it off the rack</button></p>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.machine {
  display: grid;
  width: 100%;
  text-align: left;
  padding: 0.6rem 0.8rem;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  color: inherit;
  cursor: pointer;
}
.machine.here {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--edge);
}
.machine strong {
  font-size: 1.15rem;
}
.machine small {
  color: var(--quiet);
  font-size: 0.95rem;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  padding-top: 0.4rem;
}
.picture {
  display: grid;
  justify-items: center;
}
.picture i {
  font: 600 0.95rem var(--mono);
}
.picture .assumed {
  font-weight: 400;
  color: var(--quiet);
  border-bottom: 1px dashed var(--quiet);
}
.name {
  display: grid;
  gap: 0.15rem;
  padding: 0.3rem 0;
}
.take {
  display: grid;
  grid-template-columns: 4.8rem 1fr;
  gap: 0.5rem;
  align-items: center;
}
.how {
  margin: 0.1rem 0 0.4rem;
  font-size: 0.9rem;
  line-height: 1.25;
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
.caution {
  font-size: 0.92rem;
  color: var(--quiet);
}
</style>
