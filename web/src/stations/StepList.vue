<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { ref } from 'vue'
import type { CalendarView } from '../api/client'
import { useBench } from '../bench/store'

/** Every step from the first pass to the last coat, to tick and to move without dragging. */
defineProps<{ steps: CalendarView['steps'] }>()
const emit = defineEmits<{
  moved: [step: string, to: string | undefined]
  tick: [step: string, done: boolean, part: number | undefined]
}>()
const bench = useBench()
/** the step whose moment is typed */
const moving = ref('')

function move(step: string, to: string | undefined) {
  moving.value = ''
  emit('moved', step, to)
}
/** Every go at a step has a name of its own, as in the drawing. */
const goOf = (s: CalendarView['steps'][number]) => (s.part === 1 ? s.id : `${s.id}~${s.part}`)
</script>

<template>
  <ol class="steps" aria-label="Every step">
    <li
      v-for="s in steps"
      :key="goOf(s)"
      :class="{ done: s.done, lit: bench.lit === `step.${goOf(s)}` }"
      @pointerenter="bench.lit = `step.${goOf(s)}`"
      @pointerleave="bench.lit = ''"
    >
      <Checkbox
        v-if="s.takes"
        :model-value="s.done"
        binary
        :input-id="`step-${goOf(s)}`"
        @update:model-value="emit('tick', s.id, $event, s.parts > 1 ? s.part : undefined)"
      />
      <span v-else></span>
      <span class="when">{{ s.when }}</span>
      <label class="says" :for="`step-${goOf(s)}`"
        ><span class="sr-only">{{ s.lane }}: </span>{{ s.says }}</label
      >
      <span class="takes">{{ s.takes }}</span>
      <span class="dries">{{ s.waits ? `dries ${s.waits}` : '' }}</span>
      <span class="moves">
        <button
          v-if="s.takes && !s.done && s.part === 1 && moving !== s.id"
          type="button"
          class="word"
          :aria-label="`Move: ${s.says}`"
          @click="moving = s.id"
        >
          move
        </button>
        <input
          v-if="moving === s.id && s.part === 1 && !s.done"
          type="datetime-local"
          step="900"
          :aria-label="`${s.says}: not before`"
          :value="s.from.slice(0, 16)"
          @change="move(s.id, ($event.target as HTMLInputElement).value || undefined)"
        />
        <button
          v-if="s.moved && s.part === 1 && !s.done"
          type="button"
          class="word"
          @click="move(s.id, undefined)"
        >
          as it comes
        </button>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  list-style: none;
  margin: 0.3rem 0 0;
  padding: 0;
  overflow: auto;
  flex: 1 1 6rem;
  min-height: 3rem;
}
.steps li {
  display: grid;
  grid-template-columns: 1.6rem 10rem minmax(9rem, 1fr) 4.6rem 8.4rem 6rem;
  gap: 0.5rem;
  align-items: center;
  padding: 0.16rem 0.3rem;
  border-bottom: 1px dotted var(--rule);
}
.steps li.lit {
  background: var(--sheet);
}
.when,
.takes,
.dries {
  font-family: var(--mono);
  font-size: 0.92rem;
}
.dries {
  color: var(--quiet);
  white-space: nowrap;
}
.moves {
  justify-content: flex-end;
}
.done .says {
  text-decoration: line-through;
  color: var(--quiet);
}
.moves {
  display: flex;
  gap: 0.4rem;
  align-items: center;
}
input[type='datetime-local'],
input[type='date'] {
  font: 500 0.9rem var(--mono);
  padding: 0.15rem 0.3rem;
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
}
.moves input {
  max-width: 11.4rem;
}
@media (max-width: 900px) {
  .steps {
    flex: none;
  }
  .steps li {
    grid-template-columns: 1.6rem 1fr auto;
  }
  .says {
    grid-column: 2/-1;
    grid-row: 2;
  }
  .dries {
    grid-column: 2;
    grid-row: 3;
  }
  .moves {
    grid-column: 3;
    grid-row: 3;
  }
}
</style>
