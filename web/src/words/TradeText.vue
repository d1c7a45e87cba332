<script setup lang="ts">
import { computed } from 'vue'
import { together } from '../drawing/fraction'
import { ask, asked, leave } from './asked'
import { stretches } from './glossary'

/** A text in which the words of the trade tell what they mean: under the pointer, when they have the focus, when they are tapped. */
const props = defineProps<{
  text: string
  /** inside a button: the words answer the pointer only, the button does its own work */
  inButton?: boolean
}>()
const parts = computed(() => stretches(together(props.text)))
</script>

<template>
  <template v-for="(part, i) in parts" :key="i"
    ><template v-if="!part.word">{{ part.text }}</template
    ><span
      v-else-if="inButton"
      class="trade-word"
      @pointerenter="ask(part.word, $event)"
      @pointerleave="leave"
      >{{ part.text }}</span
    ><span
      v-else
      class="trade-word"
      role="button"
      tabindex="0"
      :aria-describedby="asked?.word === part.word ? 'word-card' : undefined"
      @pointerenter="ask(part.word, $event)"
      @pointerleave="leave"
      @focus="ask(part.word, $event)"
      @blur="leave"
      @click.stop="ask(part.word, $event)"
      @keydown.enter.prevent="ask(part.word, $event)"
      @keydown.esc.stop="leave"
      >{{ part.text }}</span
    ></template
  >
</template>

<style scoped>
.trade-word {
  text-decoration: underline dotted color-mix(in srgb, currentColor 45%, transparent);
  text-underline-offset: 0.18em;
  cursor: help;
}
</style>
