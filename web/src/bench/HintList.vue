<script setup lang="ts">
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { problemOf, type HintCall } from '../api/client'
import TradeText from '../words/TradeText.vue'
import { again, hear, hints, reply, silence } from './hints'
import FixButtons from './FixButtons.vue'
import { useBench } from './store'

/** What a good maker would say at this station. It can be followed, put off for the day, or silenced for the whole shop. */
const bench = useBench()
const toast = useToast()
const last = ref<{ call: HintCall; said: string }>()
const all = computed(() => bench.answer?.hints ?? [])
const shown = computed(() =>
  all.value.filter((h) => !hints.silenced.value.has(h.call) && !hints.answered.value.has(h.call))
)
const followed = computed(() => all.value.filter((h) => hints.answered.value.get(h.call) === 'FOLLOWED'))

async function tried(act: Promise<void>) {
  try {
    await act
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 6000 })
  }
}
watch(
  () => bench.id,
  (id) => id && void tried(hear(id)),
  { immediate: true }
)
watch(
  () => bench.station,
  () => (last.value = undefined)
)

function say(call: HintCall, how: 'FOLLOWED' | 'LATER' | 'NEVER') {
  last.value = { call, said: { FOLLOWED: 'Done', LATER: 'Not today', NEVER: 'Never again' }[how] }
  void tried(how === 'NEVER' ? silence(call) : reply(call, how))
}
function undo(call: HintCall) {
  last.value = undefined
  void tried(again(call))
}
</script>

<template>
  <section v-if="all.length && (shown.length || followed.length || last)" class="hints" aria-label="Hints">
    <h3>What good makers do</h3>
    <article v-for="h in shown" :key="h.call" :data-hint="h.call">
      <p>
        <TradeText :text="h.says" /> <span class="because">{{ h.why }}</span>
      </p>
      <FixButtons :fixes="h.fixes" />
      <p class="answers">
        <button type="button" class="word" :aria-label="`Done: ${h.title}`" @click="say(h.call, 'FOLLOWED')">
          Done
        </button>
        <button
          type="button"
          class="word"
          :aria-label="`Not today: ${h.title}`"
          @click="say(h.call, 'LATER')"
        >
          Not today
        </button>
        <button
          type="button"
          class="word"
          :aria-label="`Never in this shop: ${h.title}`"
          @click="say(h.call, 'NEVER')"
        >
          Never in this shop
        </button>
      </p>
    </article>
    <p v-for="h in followed" :key="h.call" class="followed">
      <span aria-hidden="true">✓</span> {{ h.title }}
      <button type="button" class="word" :aria-label="`Take back: ${h.title}`" @click="undo(h.call)">
        take back
      </button>
    </p>
    <p v-if="last && last.said !== 'Done'" class="followed" role="status">
      {{ last.said }}: {{ all.find((h) => h.call === last?.call)?.title }}.
      <button type="button" class="word" @click="undo(last.call)">Say it again</button>
    </p>
  </section>
</template>

<style scoped>
.hints {
  border-top: 1px solid var(--rule);
  padding-top: 0.5rem;
  font-size: 0.93rem;
}
h3 {
  font-size: 0.86rem;
  color: var(--quiet);
  margin-bottom: 0.15rem;
}
article {
  padding: 0.35rem 0;
  border-bottom: 1px dotted var(--rule);
}
p {
  margin: 0;
  line-height: 1.32;
}
.because {
  color: var(--quiet);
}
.answers {
  display: flex;
  gap: 1rem;
  margin-top: 0.25rem;
}
.answers button,
.followed button {
  font-weight: 500;
  font-size: 0.88rem;
}
.followed {
  padding: 0.3rem 0;
  color: var(--quiet);
}
.followed span {
  color: var(--good);
  font-weight: 700;
}
@media (max-width: 900px) {
  .hints {
    order: 4;
    background: var(--paper);
    padding: 0.5rem 1rem;
  }
}
</style>
