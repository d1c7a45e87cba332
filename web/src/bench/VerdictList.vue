<script setup lang="ts">
import { computed } from 'vue'
import TradeText from '../words/TradeText.vue'
import FixButtons from './FixButtons.vue'
import { useBench } from './store'

/** What stands in the way at this station, and what would mend it. */
const bench = useBench()
/** What stops the work stands before what is only to be minded, and that before a note; else as it was found. */
const heaviest = ['STOP', 'MIND', 'NOTE']
const verdicts = computed(() => {
  const own = bench.station
  const panel = own === 'bottom' || own === 'lid'
  // never those of a preview: the button that shows it must not vanish under the pointer
  return [...bench.searched.verdicts, ...(bench.worked?.verdicts ?? [])]
    .filter((v) => v.station === own || (panel && v.station === 'seasons'))
    .sort((one, other) => heaviest.indexOf(one.weight) - heaviest.indexOf(other.weight))
})
/** What must not be missed goes to the top of the slate. */
const urgent = computed(() => verdicts.value.some((v) => v.weight !== 'NOTE'))
const words = { STOP: 'stop', MIND: 'mind', NOTE: 'note' } as const
</script>

<template>
  <section aria-label="Verdicts" aria-live="polite" class="verdicts" :class="{ urgent }">
    <article v-for="(v, i) in verdicts" :key="v.code + i" :class="v.weight.toLowerCase()" :data-code="v.code">
      <p>
        <strong class="weight">{{ words[v.weight] }}</strong> <TradeText :text="v.sentence" />{{ ' '
        }}<button
          type="button"
          class="word where"
          @click="bench.openWorking(v.place)"
          @pointerenter="bench.lit = v.place"
          @pointerleave="bench.lit = ''"
        >
          where
        </button>
      </p>
      <FixButtons :fixes="v.fixes" />
    </article>
  </section>
</template>

<style scoped>
.verdicts {
  display: grid;
  gap: 0.55rem;
}
.verdicts.urgent {
  order: -1;
}
@media (max-width: 900px) {
  .verdicts {
    order: 3;
    padding: 0 1rem;
  }
  .verdicts.urgent {
    order: 1;
    padding: 0.4rem 1rem;
    background: var(--paper);
  }
}
article {
  background: var(--sheet);
  border-left: 5px solid var(--good);
  padding: 0.5rem 0.65rem;
  font-size: 0.93rem;
  line-height: 1.32;
}
article.mind {
  border-left: 5px double var(--mind);
}
article.stop {
  border-left: 9px solid var(--cut);
}
p {
  margin: 0;
}
.weight {
  color: var(--good);
}
.mind .weight {
  color: var(--mind);
}
.stop .weight {
  color: var(--cut);
}
.where {
  font-weight: 500;
  font-size: 0.88rem;
}
</style>
