<script setup lang="ts">
/** Every station alike: a question, its drawing, and the slate beside it: the answer, the worst of it, what is decided, the rest. */
import { useTemplateRef } from 'vue'
import TradeText from '../words/TradeText.vue'
import HintList from './HintList.vue'
import { unfolded } from './rest'
import { heldStill } from './still'
import { useBench } from './store'

defineProps<{ question: string; hint: string }>()
const open = unfolded.all()
const bench = useBench()
heldStill(
  () => bench.preview !== null,
  useTemplateRef<HTMLElement>('answered'),
  useTemplateRef<HTMLElement>('decided')
)
</script>

<template>
  <main class="station">
    <header>
      <h2>{{ question }}</h2>
      <p><TradeText :text="hint" /></p>
    </header>
    <div class="drawing"><slot name="drawing" /></div>
  </main>
  <div class="slate">
    <section ref="answered" aria-label="The answer" class="the-answer"><slot name="answers" /></section>
    <section v-if="$slots.decide" ref="decided" aria-label="You decide" class="decide">
      <h3>You decide</h3>
      <slot name="decide" />
    </section>
    <slot name="verdicts" />
    <HintList />
    <section v-if="$slots.follow" class="follow" aria-label="More numbers">
      <details :open="open">
        <summary>More numbers</summary>
        <slot name="follow" />
      </details>
    </section>
  </div>
</template>

<style scoped>
.station {
  grid-area: 1/2;
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  padding: 0.8rem 1rem 0.4rem;
}
header h2 {
  font-size: 1.35rem;
}
header p {
  margin: 0.15rem 0 0.3rem;
  color: var(--quiet);
}
.drawing {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.slate {
  grid-area: 1/3;
  background: var(--paper);
  border-left: 1px solid var(--rule);
  overflow: auto;
  padding: 0.7rem 1.1rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
  scrollbar-gutter: stable;
}
.the-answer {
  order: -2;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.5rem;
}
.the-answer :deep(.number) {
  border-bottom: 0;
  padding: 0.1rem 0;
}
.the-answer :deep(.number .value) {
  font-size: 1.2rem;
}
.the-answer :deep(.number.strong .value) {
  font-size: 1.55rem;
}
.held-still {
  overflow: hidden;
  flex-shrink: 0;
}
.follow summary {
  cursor: pointer;
  font-weight: 600;
  color: var(--quiet);
}
h3 {
  font-size: 0.86rem;
  color: var(--quiet);
  margin-bottom: 0.15rem;
}
@media (max-width: 900px) {
  .station {
    order: 2;
  }
  .drawing {
    min-height: 380px;
  }
  .slate {
    display: contents;
  }
  .the-answer,
  .decide,
  .follow {
    background: var(--paper);
    padding: 0.5rem 1rem;
  }
  .the-answer {
    order: 1;
  }
  .decide {
    order: 3;
  }
  .follow {
    order: 4;
  }
}
</style>
