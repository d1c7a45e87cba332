<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, type Today } from '../api/client'
import { woodTint } from '../drawing/tint'

/** What is to do today in the whole shop, in order; nothing is shown while no box is under way. */
const emit = defineEmits<{ refused: [why: string]; changed: [] }>()
const today = ref<Today>()
async function load() {
  try {
    today.value = await answer(api.GET('/api/today'))
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
}
onMounted(load)
useIntervalFn(() => void load(), 60_000)
async function done(box: string, step: string, part: number) {
  try {
    await answer(
      api.POST('/api/boxes/{id}/steps/{step}', {
        params: { path: { id: box, step } },
        body: { done: true, part }
      })
    )
    await load()
    emit('changed')
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
}
</script>

<template>
  <section
    v-if="today && (today.steps.length || today.drying.length || today.later)"
    class="today"
    aria-label="Today in the shop"
  >
    <h2>Today, {{ today.day }}</h2>
    <p v-if="!today.steps.length" class="quiet">
      {{ today.closed ? 'The shop is closed.' : 'Nothing more for hands.' }}
      <template v-if="today.later">Next: {{ today.later }}.</template>
    </p>
    <ol v-else>
      <li
        v-for="s in today.steps"
        :key="`${s.box} ${s.step} ${s.part}`"
        :style="woodTint(s.wood)"
        :class="{ now: s.now }"
      >
        <span class="when">{{ s.when }}</span>
        <RouterLink :to="{ name: 'bench', params: { id: s.box, station: 'finish' } }">
          <span class="chip"></span><strong>{{ s.says }}</strong> <span class="of">{{ s.name }}</span>
        </RouterLink>
        <span class="takes">{{ s.takes }}</span>
        <button
          type="button"
          class="word"
          :aria-label="`${s.name}, ${s.says}: done`"
          @click="done(s.box, s.step, s.part)"
        >
          done
        </button>
      </li>
    </ol>
    <p v-if="today.drying.length" class="quiet">
      Dries meanwhile:
      <template v-for="(d, i) in today.drying" :key="`${d.box} ${d.says}`"
        >{{ i ? '; ' : '' }}{{ d.name }} ({{ d.says.toLowerCase() }}) until {{ d.until }}</template
      >.
    </p>
  </section>
</template>

<style scoped>
.today {
  margin: 0 0 1.3rem;
  padding: 0.7rem 1rem;
  background: var(--sheet);
  border-left: 8px solid var(--good);
}
h2 {
  font-size: 1.15rem;
  margin: 0 0 0.3rem;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 4.2rem minmax(0, 1fr) 5rem auto;
  gap: 0.8rem;
  align-items: baseline;
  padding: 0.28rem 0;
  border-bottom: 1px dotted var(--rule);
  font-size: 1.1rem;
}
li a {
  color: inherit;
  text-decoration: none;
}
li a:hover strong {
  text-decoration: underline;
}
.chip {
  display: inline-block;
  width: 0.8rem;
  height: 0.8rem;
  margin-right: 0.45rem;
  background: var(--wood);
  border: 1px solid var(--ink);
}
.when,
.takes {
  font-family: var(--mono);
}
.now .when {
  font-weight: 700;
}
.now .when::before {
  content: '▸ ';
}
.of,
.quiet {
  color: var(--quiet);
}
.quiet {
  margin: 0.35rem 0 0;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: 3.4rem minmax(0, 1fr) auto;
  }
  .takes {
    display: none;
  }
}
</style>
