<script setup lang="ts">
import TradeText from '../words/TradeText.vue'
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useBounds } from '../api/bounds'
import { tellsWhatItReads } from './reading'
import { answer as got, api, problemOf } from '../api/client'

const props = withDefaults(
  defineProps<{
    label: string
    /** text of the value that stands, as it can be edited; empty when the house rule stands */
    text: string
    /** millimetres of the value that stands, for dragging */
    mm?: number | undefined
    unit: 'MILLIMETRE' | 'INCH'
    /** place of the field among the bounds */
    at?: string
    /** its bounds where they are not a field's own */
    least?: number | undefined
    most?: number | undefined
    /** what the house rule gives, when the field may be left to it */
    house?: string
    /** what stands while it is empty is called */
    stands?: string
    /** a refusal that came back for this field */
    refused?: string
    fine?: boolean
    bare?: boolean
    /** says the unit behind the field, where no switch stands beside it */
    marked?: boolean
    autofocus?: boolean
  }>(),
  {
    mm: undefined,
    at: '',
    least: undefined,
    most: undefined,
    house: '',
    stands: 'house rule',
    refused: '',
    fine: false,
    bare: false,
    marked: false,
    autofocus: false
  }
)
const emit = defineEmits<{ read: [mm: number | undefined, scrubbing: boolean]; settled: []; leave: [] }>()

const bounds = useBounds()
const least = computed(() => props.least ?? bounds.of(props.at).least)
const most = computed(() => props.most ?? bounds.of(props.at).most)

const id = useId()
const tell = tellsWhatItReads()
const typed = ref(props.text)
const focused = ref(false)
const echo = ref('')
const error = ref('')
let asked = 0
let reading: Promise<void> | undefined
let before: number | undefined

watch(
  () => props.text,
  (text, was) => {
    // a hand that has only come to the field has typed nothing that could be lost
    if (!focused.value || typed.value === was) typed.value = text
  }
)

/** what was typed stays typed, and is read in the unit that holds now */
watch(
  () => props.unit,
  () => {
    if (!props.text && typed.value.trim()) reading = tell(read())
  }
)

const step = computed(() => {
  if (props.unit === 'INCH') return props.fine ? 0.0254 : 25.4 / 32
  return props.fine ? 0.01 : 0.5
})
const shownError = computed(() => error.value || props.refused)

async function read() {
  const turn = ++asked
  if (!typed.value.trim() && props.house) {
    error.value = ''
    echo.value = props.house.trim() ? `${props.stands}: ${props.house}` : ''
    emit('read', undefined, false)
    return
  }
  try {
    const length = await got(
      api.POST('/api/lengths', {
        body: {
          field: props.label,
          text: typed.value,
          unit: props.unit,
          least: least.value,
          most: most.value
        }
      })
    )
    if (turn !== asked) return
    error.value = ''
    echo.value = length.echo
    emit('read', length.mm, false)
  } catch (refused) {
    if (turn === asked) {
      error.value = problemOf(refused).detail
      echo.value = ''
    }
  }
}

function enter() {
  focused.value = true
  before = props.mm
}

async function leave() {
  focused.value = false
  // what was typed last counts, however fast the field is left
  await reading
  if (!error.value && props.text) typed.value = props.text
  echo.value = ''
  emit('settled')
  emit('leave')
}

function putBack() {
  typed.value = props.text
  error.value = ''
  echo.value = ''
  if (before !== undefined && before !== props.mm) emit('read', before, true)
  emit('leave')
}

function nudge(steps: number) {
  if (props.mm === undefined) return
  const next = Math.round((props.mm + steps * step.value) * 1e6) / 1e6
  error.value = ''
  emit('read', Math.min(most.value, Math.max(least.value, next)), true)
}

watch(
  () => props.text,
  (text) => {
    if (scrubbed) typed.value = text
  }
)

let scrubbed = false
function key(event: KeyboardEvent) {
  if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
    event.preventDefault()
    scrubbed = true
    nudge((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1))
  } else if (event.key === 'Escape') {
    putBack()
  } else if (event.key === 'Enter') {
    // in a form Enter belongs to the form
    const input = event.target as HTMLInputElement
    if (!input.form) input.blur()
  } else {
    scrubbed = false
  }
}

function drag(event: PointerEvent) {
  if (props.mm === undefined) return
  const label = event.currentTarget as HTMLElement
  label.setPointerCapture(event.pointerId)
  let from = event.clientX
  before = props.mm
  scrubbed = true
  const move = (e: PointerEvent) => {
    const steps = Math.trunc((e.clientX - from) / 5)
    if (steps !== 0) {
      from += steps * 5
      nudge(steps * (e.shiftKey ? 10 : 1))
    }
  }
  const escape = (e: KeyboardEvent) => {
    if (e.key === 'Escape') {
      putBack()
      stop()
    }
  }
  const stop = () => {
    label.removeEventListener('pointermove', move)
    label.removeEventListener('pointerup', stop)
    window.removeEventListener('keydown', escape)
    scrubbed = false
    emit('settled')
  }
  label.addEventListener('pointermove', move)
  label.addEventListener('pointerup', stop)
  window.addEventListener('keydown', escape)
}
</script>

<template>
  <div class="field" :class="{ wrong: shownError, bare, marked }">
    <label :for="id" :class="{ scrub: mm !== undefined, 'sr-only': bare }" @pointerdown="drag"
      ><TradeText :text="label" in-button
    /></label>
    <InputText
      :id="id"
      v-model="typed"
      :placeholder="house"
      :invalid="!!shownError"
      :aria-describedby="`${id}-says`"
      :autofocus="autofocus"
      autocomplete="off"
      spellcheck="false"
      @focus="enter"
      @blur="leave"
      @update:model-value="reading = tell(read())"
      @keydown="key"
    />
    <span v-if="marked" class="unit">{{ unit === 'INCH' ? 'in' : 'mm' }}</span>
    <span :id="`${id}-says`" class="says" :class="{ error: shownError }" aria-live="polite">{{
      shownError || (focused ? echo : '')
    }}</span>
  </div>
</template>

<style scoped>
.field {
  position: relative;
  display: grid;
  grid-template-columns: 1fr minmax(6.6rem, 7.6rem);
  align-items: center;
  gap: 0 0.6rem;
  padding: 0.24rem 0;
  border-bottom: 1px dotted var(--rule);
}
.field.bare {
  grid-template-columns: 1fr;
  border: 0;
  padding: 0;
}
.field.marked {
  grid-template-columns: 1fr 5.6rem 2.4rem;
  gap: 0 0.4rem;
}
.unit {
  color: var(--quiet);
}
.scrub {
  cursor: ew-resize;
  touch-action: none;
  user-select: none;
}
.field :deep(input) {
  font: 500 1rem var(--mono);
  text-align: right;
  padding: 0.3rem 0.5rem;
  width: 100%;
}
.says {
  grid-column: 1 / -1;
  font-size: 0.82rem;
  color: var(--quiet);
  text-align: right;
  line-height: 1.25;
}
.says:empty {
  display: none;
}
/* what was understood floats over the page, so that nothing moves when the field is left */
.says:not(.error) {
  position: absolute;
  right: 0;
  top: calc(100% - 2px);
  z-index: 3;
  padding: 0.05rem 0.4rem;
  background: var(--ink);
  color: var(--sheet);
  border-radius: 2px;
  white-space: nowrap;
  pointer-events: none;
}
.says.error {
  color: var(--cut);
  text-align: left;
  font-weight: 600;
}
</style>
