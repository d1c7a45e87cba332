<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api, problemOf, type Cutter, type KeptCutter } from '../api/client'
import ChoiceField from '../bench/ChoiceField.vue'
import LengthField from '../bench/LengthField.vue'
import NumText from '../drawing/NumText.vue'
import { rackDisplay, rackUnit } from './display'
import ShelfFrame from './ShelfFrame.vue'
import StackFor from './StackFor.vue'

/** Cutters as they hang: each drawn by the slot it leaves, with the kerf that was read in a cut. */
const cutters = ref<KeptCutter[]>([])
const picked = ref('')
const failed = ref('')
const gone = ref<KeptCutter>()
const now = computed(() => cutters.value.find((c) => c.cutter.id === picked.value))
const kinds = [
  { value: 'BLADE', label: 'saw blade' },
  { value: 'STACK', label: 'stacked cutter' },
  { value: 'BIT', label: 'straight router bit' },
  { value: 'BAND_SAW', label: 'band saw blade' },
  { value: 'HAND_SAW', label: 'hand saw' }
]
const teeth = [
  { value: '', label: 'not said' },
  { value: 'FLAT', label: 'flat-topped' },
  { value: 'ALTERNATE', label: 'alternate bevels' },
  { value: 'RAKER', label: 'bevels and raker' }
]

/** What was refused of one is not told of the next. */
watch(picked, () => {
  failed.value = ''
})

async function load() {
  try {
    cutters.value = await answer(
      api.GET('/api/rack/cutters', { params: { query: { display: rackDisplay.value } } })
    )
    if (!now.value) picked.value = cutters.value[0]?.cutter.id ?? ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)

async function change(by: (cutter: Cutter) => void) {
  const was = now.value
  if (!was) return
  const cutter = JSON.parse(JSON.stringify(was.cutter)) as Cutter
  by(cutter)
  if (JSON.stringify(cutter) === JSON.stringify(was.cutter)) return
  try {
    const saved = await answer(
      api.PUT('/api/rack/cutters/{id}', {
        params: { path: { id: cutter.id }, query: { display: rackDisplay.value } },
        body: { revision: was.revision, cutter }
      })
    )
    cutters.value = cutters.value.map((c) => (c.cutter.id === cutter.id ? saved : c))
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
    if (problemOf(error).status === 409) await load()
  }
}

function measured(mm: number | undefined) {
  if (mm === undefined) return
  void change((c) => {
    c.kerf = mm
    c.kerfOn = new Date().toISOString().slice(0, 10)
    if (c.stack) c.stack.outer = mm
  })
}
function kind(value: string) {
  void change((c) => {
    c.kind = value as Cutter['kind']
    if (value === 'STACK') c.stack ??= { outer: c.kerf, chippers: [], shims: [], arbor: Math.max(20, c.kerf) }
    else delete c.stack
    if (value === 'BIT') delete c.tooth
  })
}
/** Pieces one after another, each as it measures; a comma may be a decimal comma, so they are parted by spaces or semicolons. */
function pieces(field: 'chippers' | 'shims', text: string) {
  const read = text
    .split(/[;\s]+/)
    .filter(Boolean)
    .map((t) => Number(t.replace(',', '.')))
  if (read.some((n) => !Number.isFinite(n))) {
    failed.value = `“${text}”: write the pieces in millimetres, such as 3.2; 3.2; 1.6.`
    return
  }
  void change((c) => {
    if (c.stack) c.stack[field] = read
  })
}

async function hang() {
  try {
    const made = await answer(
      api.POST('/api/rack/cutters', {
        params: { query: { display: rackDisplay.value } },
        body: {
          cutter: {
            id: 'new',
            name: 'New cutter',
            kind: 'BLADE',
            nominal: 3,
            kerf: 3,
            kerfFrom: '',
            note: ''
          }
        }
      })
    )
    cutters.value = [...cutters.value, made]
    picked.value = made.cutter.id
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
async function takeOff() {
  const was = now.value
  if (!was) return
  await answer(api.DELETE('/api/rack/cutters/{id}', { params: { path: { id: was.cutter.id } } }))
  gone.value = was
  picked.value = ''
  await load()
}
async function putBack() {
  if (!gone.value) return
  await answer(api.POST('/api/rack/cutters/{id}/restore', { params: { path: { id: gone.value.cutter.id } } }))
  picked.value = gone.value.cutter.id
  gone.value = undefined
  await load()
}

const widest = computed(() => Math.max(8, ...cutters.value.map((c) => c.cutter.kerf)))
</script>

<template>
  <ShelfFrame>
    <p class="bar">
      <button type="button" class="act" @click="hang">Hang a cutter on the rack</button>
    </p>
    <p v-if="gone" class="gone" role="status">
      {{ gone.cutter.name }} is off the rack.
      <button type="button" class="word" @click="putBack">Put it back</button>
    </p>
    <p v-if="!cutters.length" class="empty">
      No cutter hangs here yet. Hang one, cut a slot in scrap, and read it: what counts is the kerf as
      measured, not what is printed on the cutter.
    </p>
    <ul class="cutters">
      <li v-for="c in cutters" :key="c.cutter.id" :class="{ here: c.cutter.id === picked }">
        <button
          type="button"
          class="plain"
          :aria-pressed="c.cutter.id === picked"
          @click="picked = c.cutter.id"
        >
          <svg viewBox="0 0 120 54" aria-hidden="true">
            <path
              :d="`M4 8H${60 - (c.cutter.kerf / widest) * 34}V40H${60 + (c.cutter.kerf / widest) * 34}V8H116V52H4Z`"
              class="wood"
            />
            <path
              v-if="c.cutter.tooth === 'ALTERNATE'"
              :d="`M${60 - (c.cutter.kerf / widest) * 34} 43L60 39.5L${60 + (c.cutter.kerf / widest) * 34} 43`"
              class="ridge"
            />
          </svg>
          <span>
            <strong>{{ c.cutter.name }}</strong>
            <span class="kerf"
              ><NumText :text="c.fields.kerf ?? ''" /> {{ rackDisplay === 'METRIC' ? 'mm' : 'in' }}</span
            >
            <small>{{ c.says }}</small>
          </span>
        </button>
      </li>
    </ul>
    <template #slate>
      <template v-if="now">
        <h2>{{ now.cutter.name }}</h2>
        <label class="name"
          >Name
          <InputText
            :model-value="now.cutter.name"
            maxlength="60"
            aria-label="Name of the cutter"
            @change="change((c) => (c.name = ($event.target as HTMLInputElement).value))"
          />
        </label>
        <ChoiceField label="Kind" :value="now.cutter.kind" :choices="kinds" @choose="kind" />
        <LengthField
          label="Printed on it"
          :text="now.fields.nominal ?? ''"
          :mm="now.cutter.nominal"
          :unit="rackUnit"
          at="rack.cutter.nominal"
          house=""
          refused=""
          fine
          @read="change((c) => ($event === undefined ? undefined : (c.nominal = $event)))"
        />
        <LengthField
          :label="now.cutter.stack ? 'Outer blades, measured' : 'Kerf, measured in a cut'"
          :text="now.fields.kerf ?? ''"
          :mm="now.cutter.kerf"
          :unit="rackUnit"
          :at="now.cutter.stack ? 'rack.cutter.stack.outer' : 'rack.cutter.kerf'"
          house=""
          refused=""
          fine
          @read="measured"
        />
        <label class="name"
          >Measured how
          <InputText
            :model-value="now.cutter.kerfFrom"
            maxlength="120"
            @change="change((c) => (c.kerfFrom = ($event.target as HTMLInputElement).value))"
          />
        </label>
        <ChoiceField
          v-if="now.cutter.kind !== 'BIT'"
          label="Teeth"
          :value="now.cutter.tooth ?? ''"
          :choices="teeth"
          @choose="change((c) => ($event ? (c.tooth = $event as Cutter['tooth']) : delete c.tooth))"
        />
        <LengthField
          label="Reaches"
          :text="now.fields.reach ?? ''"
          :mm="now.cutter.reach"
          :unit="rackUnit"
          at="rack.cutter.reach"
          house="not said"
          refused=""
          @read="change((c) => ($event === undefined ? delete c.reach : (c.reach = $event)))"
        />
        <template v-if="now.cutter.stack">
          <label class="name"
            >Chippers, mm
            <InputText
              :model-value="now.cutter.stack.chippers.join('; ')"
              @change="pieces('chippers', ($event.target as HTMLInputElement).value)"
            />
          </label>
          <label class="name"
            >Shims, mm
            <InputText
              :model-value="now.cutter.stack.shims.join('; ')"
              @change="pieces('shims', ($event.target as HTMLInputElement).value)"
            />
          </label>
          <LengthField
            label="The arbor holds"
            :text="now.fields['stack.arbor'] ?? ''"
            :mm="now.cutter.stack.arbor"
            :unit="rackUnit"
            at="rack.cutter.stack.arbor"
            house=""
            refused=""
            @read="
              change((c) => {
                if (c.stack && $event !== undefined) c.stack.arbor = $event
              })
            "
          />
          <StackFor :key="now.cutter.id" :kept="now" />
          <p class="caution">
            Stacked cutters only on machines whose arbor and brake allow them; the nut fully on. Your
            machine's manual comes first.
          </p>
        </template>
        <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
        <p><button type="button" class="word" @click="takeOff">Take it off the rack</button></p>
      </template>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.bar {
  margin: 0 0 0.7rem;
}
.cutters {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(22rem, 1fr));
  gap: 0.6rem;
}
.cutters button {
  width: 100%;
  display: grid;
  grid-template-columns: 9rem 1fr;
  gap: 0.9rem;
  align-items: center;
  padding: 0.5rem 0.7rem;
  background: var(--paper);
  border-left: 6px solid transparent;
}
.here button {
  border-left-color: var(--edge);
}
svg {
  width: 9rem;
}
.wood {
  fill: var(--wood);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.ridge {
  fill: none;
  stroke: var(--cut);
  stroke-width: 1.6;
}
.kerf {
  display: block;
  font: 600 1.3rem var(--mono);
}
small {
  color: var(--quiet);
  font-size: 0.88rem;
}
.name {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.6rem;
  align-items: center;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.name :deep(input) {
  padding: 0.3rem 0.5rem;
  min-width: 0;
}
.caution {
  font-size: 0.86rem;
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
