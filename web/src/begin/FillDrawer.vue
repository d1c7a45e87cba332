<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useDebounceFn, useElementSize } from '@vueuse/core'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { answer, api, problemOf, type Wish } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import WorkingLines from '../bench/WorkingLines.vue'
import NumText from '../drawing/NumText.vue'
import { holds, joined, pressed, singles, type Lies } from './cells'

/** A drawer filled with small boxes: cells are dragged together, the kinds that result are told at once. */
const props = defineProps<{ wish: Wish; set?: string }>()
const emit = defineEmits<{ refused: [why: string] }>()
const place = reactive({ set: '', width: 412, length: 287, height: 80, atWall: 1.5, between: 1, above: 12 })
const columns = ref(4)
const rows = ref(3)
const boxes = ref<Lies[]>([])
const cells = shallowRef<Awaited<ReturnType<typeof look>>>()
const refused = ref('')
/** Whether the working of the cell is open. */
const shown = ref(false)
const kept = ref(false)
const asked = [
  { key: 'width' as const, label: 'Inside, wide', at: 'place.width' },
  { key: 'length' as const, label: 'Inside, deep', at: 'place.length' },
  { key: 'height' as const, label: 'Inside, high', at: 'place.height' },
  { key: 'atWall' as const, label: 'Play at each wall', at: 'place.atWall' },
  { key: 'between' as const, label: 'Play between boxes', at: 'place.between' },
  { key: 'above' as const, label: 'Runners and finger room above', at: 'place.above' }
]

watch(
  [columns, rows],
  () => {
    // a grid that was kept comes with its boxes
    if (boxes.value.every((b) => b.column + b.columns <= columns.value && b.row + b.rows <= rows.value)) {
      if (boxes.value.length && kept.value) return
    }
    kept.value = false
    boxes.value = singles(columns.value, rows.value)
  },
  { immediate: true, flush: 'sync' }
)
/** The set as it is kept: what is changed here, all of its boxes follow. */
async function take(set: string) {
  try {
    const found = await answer(api.GET('/api/places/{set}', { params: { path: { set } } }))
    const { columns: across, rows: along, boxes: lie, ...rest } = found.place
    Object.assign(place, rest)
    kept.value = true
    boxes.value = lie
    columns.value = across
    rows.value = along
    boxes.value = lie
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}
if (props.set) void take(props.set)

const filling = computed(() => ({
  place: {
    ...place,
    set: place.set.trim() || 'Drawer',
    columns: columns.value,
    rows: rows.value,
    boxes: boxes.value
  },
  wish: { ...props.wish }
}))
async function look() {
  return answer(api.POST('/api/places/look', { body: filling.value }))
}
let turn = 0
const soon = useDebounceFn(async () => {
  const mine = ++turn
  try {
    const told = await look()
    if (mine !== turn) return
    cells.value = told
    refused.value = ''
  } catch (error) {
    if (mine === turn) refused.value = problemOf(error).detail
  }
}, 80)
watch(filling, () => void soon(), { deep: true, immediate: true })

/** Lays a box of every kind on the shelf, or has those of the set follow. @returns the one that holds the batch */
async function fill(): Promise<string | undefined> {
  try {
    const made = props.set
      ? await answer(
          api.PUT('/api/places/{set}', { params: { path: { set: props.set } }, body: filling.value.place })
        )
      : await answer(api.POST('/api/places', { body: filling.value }))
    return made.boxes[0]
  } catch (error) {
    refused.value = problemOf(error).detail
    emit('refused', '')
    return undefined
  }
}
defineExpose({ fill })

const from = ref<{ column: number; row: number }>()
const over = ref<{ column: number; row: number }>()
const dragged = computed<Lies | undefined>(() => {
  if (!from.value || !over.value) return undefined
  return {
    column: Math.min(from.value.column, over.value.column),
    row: Math.min(from.value.row, over.value.row),
    columns: Math.abs(from.value.column - over.value.column) + 1,
    rows: Math.abs(from.value.row - over.value.row) + 1
  }
})
function begin(column: number, row: number) {
  from.value = { column, row }
  over.value = { column, row }
}
function end() {
  const one = dragged.value
  from.value = undefined
  over.value = undefined
  if (!one) return
  boxes.value =
    one.columns * one.rows > 1 ? joined(boxes.value, one) : pressed(boxes.value, one.column, one.row)
}
function key(event: KeyboardEvent, column: number, row: number) {
  const here = boxes.value.find((b) => holds(b, column, row))
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    boxes.value = pressed(boxes.value, column, row)
  } else if (
    event.shiftKey &&
    event.key === 'ArrowRight' &&
    here &&
    here.column + here.columns < columns.value
  ) {
    boxes.value = joined(boxes.value, { ...here, columns: here.columns + 1 })
  } else if (event.shiftKey && event.key === 'ArrowUp' && here && here.row + here.rows < rows.value) {
    boxes.value = joined(boxes.value, { ...here, rows: here.rows + 1 })
  }
}
const ground = ref<HTMLElement>()
const { width: room } = useElementSize(ground)
const scale = computed(() => Math.min(Math.max(120, room.value - 4) / place.width, 380 / place.length))
const at = (b: Lies) => ({
  x: ((b.column / columns.value) * place.width * scale.value + 3).toFixed(1),
  y: (((rows.value - b.row - b.rows) / rows.value) * place.length * scale.value + 3).toFixed(1),
  width: Math.max(2, (b.columns / columns.value) * place.width * scale.value - 6),
  height: Math.max(2, (b.rows / rows.value) * place.length * scale.value - 6)
})
const every = computed(() => singles(columns.value, rows.value))
function count(which: 'columns' | 'rows', by: number) {
  const now = which === 'columns' ? columns : rows
  now.value = Math.min(24, Math.max(1, now.value + by))
}
const said = (b: Lies) => {
  const here = boxes.value.find((o) => holds(o, b.column, b.row))
  return here ? `box over ${here.columns} by ${here.rows}` : 'empty'
}
</script>

<template>
  <div class="fill">
    <div ref="ground" class="grid">
      <svg
        :width="place.width * scale + 2"
        :height="place.length * scale + 2"
        role="group"
        aria-label="The drawer from above, its front below"
        @pointerup="end"
        @pointerleave="end"
      >
        <rect class="drawer" x="0" y="0" :width="place.width * scale" :height="place.length * scale" />
        <rect v-for="b in boxes" :key="`${b.column} ${b.row}`" class="one" v-bind="at(b)" />
        <rect v-if="dragged" class="dragged" v-bind="at(dragged)" />
        <rect
          v-for="c in every"
          :key="`cell ${c.column} ${c.row}`"
          class="cell"
          v-bind="at(c)"
          role="button"
          tabindex="0"
          :aria-label="`column ${c.column + 1}, row ${c.row + 1}: ${said(c)}`"
          @pointerdown.prevent="begin(c.column, c.row)"
          @pointerenter="from && (over = { column: c.column, row: c.row })"
          @keydown="key($event, c.column, c.row)"
        />
      </svg>
      <p class="counts">
        <span v-for="which in ['columns', 'rows'] as const" :key="which">
          <button type="button" :aria-label="`Fewer ${which}`" @click="count(which, -1)">−</button>
          <strong>{{ which === 'columns' ? columns : rows }}</strong> {{ which }}
          <button type="button" :aria-label="`More ${which}`" @click="count(which, 1)">+</button>
        </span>
      </p>
      <p class="hint">Drag cells together. Press one to take it out, or apart.</p>
      <dl v-if="cells && shown" class="how">
        <template v-for="w in cells.workings" :key="w.number.id">
          <dt>{{ w.number.label }}</dt>
          <dd><WorkingLines :of="w" /></dd>
        </template>
      </dl>
    </div>
    <div class="asked">
      <label class="set">
        Name of the set
        <InputText
          v-model="place.set"
          maxlength="40"
          placeholder="Drawer"
          autocomplete="off"
          :disabled="Boolean(props.set)"
        />
      </label>
      <LengthField
        v-for="a in asked"
        :key="a.key + String(wish.unit)"
        :label="a.label"
        :text="cells?.fields[a.key] ?? ''"
        :mm="place[a.key]"
        :unit="wish.unit ?? 'MILLIMETRE'"
        :at="a.at"
        @read="(mm) => mm !== undefined && (place[a.key] = mm)"
      />
      <p v-if="cells" class="told" aria-live="polite">
        <button
          type="button"
          class="opens"
          :aria-expanded="shown"
          title="How it comes about"
          @click="shown = !shown"
        >
          One cell <NumText :text="cells.cell" />
        </button>
        <small
          >Walls are cut <NumText :text="cells.swells" /> lower: they grow by that until the wettest
          day.</small
        >
      </p>
      <ul v-if="cells" class="kinds" aria-label="Kinds of box">
        <li v-for="k in cells.kinds" :key="k.name">
          <strong>{{ k.count }}</strong> of {{ k.name }} cells: <NumText :text="k.size" />
        </li>
      </ul>
      <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    </div>
  </div>
</template>

<style scoped>
.fill {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(14rem, 1fr);
  gap: 1.4rem;
  margin-top: 0.8rem;
}
.grid {
  user-select: none;
  min-width: 0;
}
svg {
  touch-action: none;
}
.drawer {
  fill: color-mix(in srgb, var(--ink) 62%, var(--wood));
  stroke: var(--ink);
}
.one {
  fill: var(--wood);
  stroke: var(--wood-end);
  stroke-width: 5;
}
.dragged {
  fill: none;
  stroke: var(--edge);
  stroke-width: 4;
}
.cell {
  fill: transparent;
  cursor: pointer;
}
.cell:focus-visible {
  outline: none;
  stroke: var(--edge);
  stroke-width: 4;
}
.counts {
  display: flex;
  gap: 1.6rem;
  margin: 0.5rem 0 0;
}
.counts button {
  width: 2.2rem;
  height: 2.2rem;
  border: 1.5px solid var(--rule);
  background: var(--sheet);
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.hint {
  color: var(--quiet);
  margin: 0.4rem 0 0;
}
.set {
  display: grid;
  font-size: 0.9rem;
  color: var(--quiet);
}
.kinds {
  padding-left: 1.1rem;
  margin: 0.2rem 0;
}
.opens {
  border: 0;
  border-bottom: 1.5px dotted var(--quiet);
  padding: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.how {
  margin: 0.4rem 0;
  padding: 0.5rem 0.8rem;
  border-left: 5px solid var(--good);
  background: var(--sheet);
  font-size: 0.92rem;
}
.how dt {
  font-weight: 600;
}
.how dd {
  margin: 0 0 0.5rem;
}
.told small {
  display: block;
  font-weight: 400;
  color: var(--quiet);
}
.told {
  margin: 0.7rem 0 0;
  font-size: 1.1rem;
}
.refused {
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 1100px) {
  .fill {
    grid-template-columns: 1fr;
  }
}
</style>
