<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer as got, api, problemOf, type PracticePlaceView, type RoundView } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import PlaceHead from '../practice/PlaceHead.vue'
import { dayOf } from '../words/when'

const router = useRouter()
const place = shallowRef<PracticePlaceView>()
const level = ref<RoundView['level']>('FRIENDLY')
const refused = ref('')
document.title = 'Practice – Cant Hook'

onMounted(async () => {
  try {
    place.value = await got(api.GET('/api/practice'))
  } catch (error) {
    refused.value = problemOf(error).detail
  }
})

async function enter(way: RoundView['way']) {
  try {
    const round = await got(api.POST('/api/practice/rounds', { body: { level: level.value, way } }))
    await router.push(`/practice/${round.id}`)
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}
</script>

<template>
  <div class="place">
    <PlaceHead title="Practice" line="Spoil nothing but made-up wood." back="All boxes" back-to="/boxes" />
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    <main v-if="place">
      <section aria-labelledby="enter">
        <h2 id="enter">Enter a shop, and make its joint fit</h2>
        <div class="levels" role="group" aria-label="How much it hides">
          <button
            v-for="l in place.levels"
            :key="l.level"
            type="button"
            class="plain level"
            :aria-pressed="l.level === level"
            @click="level = l.level"
          >
            <b>{{ l.words }}</b> {{ l.hides }}
          </button>
        </div>
        <ul class="ways" aria-label="With which jig">
          <li v-for="w in place.ways" :key="w.way">
            <button type="button" class="plain way" @click="enter(w.way)">
              <FigureView :figure="w.figure" class="jig" :pad="6" quiet />
              {{ w.words }}
            </button>
          </li>
        </ul>
      </section>
      <aside>
        <h2>Drills</h2>
        <p>One picture, one decision. What is missed comes back sooner.</p>
        <ul class="kinds">
          <li v-for="p in place.progress" :key="p.kind">
            <span>{{ p.words }}</span>
            <span class="bar" aria-hidden="true"
              ><span :style="{ width: `${p.answered ? (100 * p.right) / p.answered : 0}%` }"
            /></span>
            <span class="mono">{{ p.answered ? `${p.right} of ${p.answered}` : 'not yet' }}</span>
          </li>
        </ul>
        <RouterLink to="/practice/drills" class="go">Drill</RouterLink>
        <template v-if="place.rounds.length">
          <h2>Shops you were in</h2>
          <ul class="rounds">
            <li v-for="r in place.rounds" :key="r.id">
              <RouterLink :to="`/practice/${r.id}`">{{ r.level }}, {{ r.way }}</RouterLink>
              <span>
                {{ dayOf(r.startedAt) }} · {{ r.cuts }} {{ r.cuts === 1 ? 'cut' : 'cuts' }},
                {{ r.spoilt }} spoilt ·
                {{ r.made ? 'made' : r.over ? 'given up' : 'still open' }}
              </span>
            </li>
          </ul>
        </template>
      </aside>
    </main>
  </div>
</template>

<style scoped>
.place {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
main {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 21rem;
  gap: 1.6rem;
  padding: 1.1rem 1.3rem;
  flex: 1;
}
h2 {
  font-size: 1.25rem;
  margin-bottom: 0.5rem;
}
.levels {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.6rem;
  margin-bottom: 0.9rem;
}
.level {
  padding: 0.5rem 0.8rem;
  border: 2px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
}
.level b {
  display: block;
}
.level[aria-pressed='true'] {
  border-color: var(--edge);
}
.ways {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.6rem;
}
.way {
  width: 100%;
  display: grid;
  gap: 0.2rem;
  padding: 0.4rem 0.8rem 0.6rem;
  background: var(--paper);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  font-weight: 600;
}
.way:hover {
  border-color: var(--ink);
}
.jig {
  height: 6.4rem;
}
.kinds,
.rounds {
  list-style: none;
  margin: 0 0 0.8rem;
  padding: 0;
}
.kinds li {
  display: grid;
  grid-template-columns: 1fr 4rem 5rem;
  gap: 0.6rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px dotted var(--rule);
}
.bar {
  height: 0.5rem;
  background: var(--rule);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--good);
}
.mono {
  text-align: right;
  font-size: 0.9rem;
}
.go {
  display: inline-block;
  padding: 0.5rem 1.6rem;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
  text-decoration: none;
  border-radius: 3px;
  margin-bottom: 1.4rem;
}
.rounds li {
  padding: 0.35rem 0;
  border-bottom: 1px dotted var(--rule);
}
.rounds span {
  display: block;
  color: var(--quiet);
  font-size: 0.9rem;
}
.refused {
  margin: 0;
  padding: 0.5rem 1.3rem;
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 560px) {
  .levels,
  .ways {
    grid-template-columns: 1fr;
  }
}
</style>
