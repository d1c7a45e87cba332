<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { answer, api, problemOf, type KeptBlank } from '../api/client'
import BoardDrawing from '../drawing/BoardDrawing.vue'
import NumText from '../drawing/NumText.vue'
import { woodTint } from '../drawing/tint'
import type { Beginning } from './beginning'

/** What board to buy, or one of the rack by its picture. A board brings its wood and its thickness. */
const props = defineProps<{ beginning: Beginning }>()
const emit = defineEmits<{ refused: [why: string] }>()
const wish = props.beginning.wish
const blanks = shallowRef<KeptBlank[]>([])
const chosen = shallowRef('')
onMounted(async () => {
  try {
    blanks.value = await answer(api.GET('/api/rack/blanks'))
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
const number = (id: string) => props.beginning.begun.value?.numbers.find((n) => n.id === id)
const needed = computed(() => ({
  length: number('blank.needed')?.value ?? 0,
  width: number('fingers.first-rip')?.value ?? 0
}))
/** those that give the box first, the shortest of them before the longer */
const shown = computed(() => {
  const gives = (b: KeptBlank) => b.blank.length >= needed.value.length && b.blank.width >= needed.value.width
  return [...blanks.value]
    .sort((a, b) => Number(gives(b)) - Number(gives(a)) || a.blank.length - b.blank.length)
    .slice(0, 3)
})
const scale = computed(() => 250 / shown.value.reduce((most, b) => Math.max(most, b.blank.length), 300))

function take(kept: KeptBlank) {
  if (chosen.value === kept.blank.id) {
    chosen.value = ''
    delete wish.blankLength
    delete wish.blankWidth
    delete wish.wood
    delete wish.thickness
    return
  }
  chosen.value = kept.blank.id
  Object.assign(wish, {
    blankLength: kept.blank.length,
    blankWidth: kept.blank.width,
    thickness: kept.blank.thickness,
    wood: kept.blank.wood
  })
}
const buy = computed(() =>
  chosen.value ? '' : `${number('blank.length')?.text} × ${number('blank.width')?.text}`
)
</script>

<template>
  <div class="boards">
    <p class="buy" aria-live="polite">
      <template v-if="buy"
        >To buy: one of <strong><NumText :text="buy" /></strong
        ><template v-if="shown.length">. Or one from the rack:</template></template
      >
      <template v-else-if="(number('blank.left')?.value ?? 0) < 0">This board does not give it.</template>
      <template v-else>Left over: <NumText :text="number('blank.left')?.text ?? ''" /></template>
    </p>
    <button
      v-for="b in shown"
      :key="b.blank.id"
      type="button"
      class="board"
      :aria-pressed="chosen === b.blank.id"
      :style="woodTint(b.blank.wood)"
      @click="take(b)"
    >
      <BoardDrawing :board="b.figure" :wood="b.blank.wood" :scale="scale" />
      <span>{{ b.blank.name }} <NumText :text="`${b.fields.length} × ${b.fields.width}`" /></span>
    </button>
  </div>
</template>

<style scoped>
.buy {
  margin: 0.2rem 0 0.4rem;
  padding-left: 0.6rem;
  border-left: 5px solid var(--panel);
}
.board {
  display: block;
  width: 100%;
  padding: 0.25rem;
  border: 2px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 0.86rem;
  text-align: left;
  cursor: pointer;
}
.board[aria-pressed='true'] {
  border-color: var(--edge);
}
.board :deep(svg) {
  pointer-events: none;
}
</style>
