<script setup lang="ts">
import { ref } from 'vue'
import NotesOn from '../book/NotesOn.vue'
import type { SawEvent } from '../api/client'

/** Something went wrong with a part in the stack: which, and what. */
defineProps<{ parts: string[]; box: string; cut: number }>()
const emit = defineEmits<{ spoilt: [part: string, what: NonNullable<SawEvent['wrong']>]; nothing: [] }>()
const part = ref('')
const wrongs: { value: NonNullable<SawEvent['wrong']>; label: string }[] = [
  { value: 'WRONG_PLACE', label: 'cut in the wrong place' },
  { value: 'TURNED', label: 'cut from the wrong edge' },
  { value: 'TEAR_OUT', label: 'torn out' },
  { value: 'TOO_DEEP', label: 'too deep' },
  { value: 'OTHER', label: 'something else' }
]
</script>

<template>
  <div class="trouble" role="dialog" aria-modal="true" aria-label="Something is wrong">
    <h2>Stop the machine. {{ part ? `What happened to ${part}?` : 'Which part?' }}</h2>
    <p v-if="!part" class="choices">
      <button v-for="p in parts" :key="p" type="button" class="big" @click="part = p">{{ p }}</button>
    </p>
    <p v-else class="choices">
      <button
        v-for="w in wrongs"
        :key="w.value"
        type="button"
        class="big"
        @click="emit('spoilt', part, w.value)"
      >
        {{ w.label }}
      </button>
    </p>
    <p>A new part is put on the list, to be cut alone up to this cut.</p>
    <button type="button" class="word" @click="emit('nothing')">Nothing is spoilt, go on</button>
    <NotesOn :box="box" :about="`cut ${cut}`" :label="`Write a note on cut ${cut}`" />
  </div>
</template>

<style scoped>
.trouble {
  position: absolute;
  inset: 0;
  background: var(--ground);
  padding: 2rem;
  border: 10px solid var(--cut);
}
.trouble h2 {
  font-size: 2.2rem;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
}
.big {
  min-width: 12rem;
  min-height: 6rem;
  font-size: 1.8rem;
  font-weight: 700;
  border: 3px solid var(--ink);
  border-radius: 6px;
  background: var(--paper);
  cursor: pointer;
  padding: 0.5rem 1rem;
}
</style>
