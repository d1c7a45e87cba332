<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { answer as got, api, problemOf, type Figure } from '../api/client'
import type { components } from '../api/generated/schema'
import FixButtons from '../bench/FixButtons.vue'
import NumberRow from '../bench/NumberRow.vue'
import { useBench } from '../bench/store'

/** Whether the whole joint goes together with the errors of this jig: told by formula and by simulated joints, and what would help most. */
type Together = components['schemas']['TogetherView']
const bench = useBench()
const emit = defineEmits<{ drawn: [figure: Figure | undefined] }>()
const found = shallowRef<Together>()
const failed = shallowRef('')
let asked = 0

watch(
  () => [bench.worked, bench.testCuts] as const,
  async () => {
    if (!bench.plan) return
    const turn = ++asked
    try {
      const answer = await got(
        api.POST('/api/together', {
          body: { plan: bench.plan, testCuts: bench.testCuts.map((c) => c.cut) }
        })
      )
      if (turn !== asked) return
      found.value = answer.together ?? undefined
      emit('drawn', found.value?.figure)
      failed.value = ''
      bench.searched = { numbers: answer.together?.workings ?? [], verdicts: [] }
    } catch (error) {
      if (turn === asked) failed.value = problemOf(error).detail
    }
  },
  { immediate: true }
)
const has = (id: string) => computed(() => bench.numbers.has(id))
const gaps = has('together.gap-median')
const ready = has('together.formula')
</script>

<template>
  <section v-if="found && ready" class="together" aria-label="Will it go together?">
    <h3>Will the whole joint go together?</h3>
    <p class="how">Here {{ found.errors }}.</p>
    <NumberRow id="together.formula" strong />
    <NumberRow id="together.simulated" />
    <NumberRow id="together.piece" />
    <NumberRow v-if="gaps" id="together.gap-median" />
    <NumberRow v-if="gaps" id="together.gap-twentieth" />
    <NumberRow id="together.sigma" />
    <NumberRow id="together.room" />
    <template v-if="found.helps.length">
      <h4>What would help most</h4>
      <ul class="helps">
        <li v-for="help in found.helps" :key="help.says">
          <FixButtons v-if="help.fix" :fixes="[help.fix]" />
          <span v-else>{{ help.says }}</span>
          <span class="gives">{{ help.percent }} %</span>
        </li>
      </ul>
    </template>
    <p v-else class="how">Nothing that is known here would help it much.</p>
  </section>
  <p v-if="failed" class="refused" role="alert">{{ failed }}</p>
</template>

<style scoped>
.together {
  border-top: 1px solid var(--rule);
  padding-top: 0.4rem;
}
h3 {
  font-size: 1.05rem;
  margin: 0.2rem 0;
}
h4 {
  font-size: 0.95rem;
  margin: 0.5rem 0 0.1rem;
}
.how {
  margin: 0 0 0.3rem;
  font-size: 0.9rem;
  color: var(--quiet);
}
.helps {
  list-style: none;
  margin: 0;
  padding: 0;
}
.helps li {
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  justify-content: space-between;
  border-bottom: 1px dotted var(--rule);
  padding: 0.25rem 0;
}
.gives {
  font-family: var(--mono, inherit);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.refused {
  color: var(--cut);
  font-weight: 600;
}
</style>
