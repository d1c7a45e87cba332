<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef } from 'vue'
import { answer as got, api, problemOf, type DrillResult, type DrillView } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import PlaceHead from '../practice/PlaceHead.vue'

const drill = shallowRef<DrillView>()
const result = shallowRef<DrillResult>()
const chosen = ref(-1)
const refused = ref('')
const onward = useTemplateRef<HTMLButtonElement>('onward')
document.title = 'Drills – Cant Hook'

async function next() {
  refused.value = ''
  try {
    drill.value = await got(api.GET('/api/practice/drill'))
    result.value = undefined
    chosen.value = -1
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}
onMounted(next)

async function choose(choice: number) {
  const d = drill.value
  if (!d || result.value) return
  chosen.value = choice
  try {
    result.value = await got(
      api.POST('/api/practice/drill', { body: { kind: d.kind, subject: d.subject, seed: d.seed, choice } })
    )
    await nextTick()
    onward.value?.focus()
  } catch (error) {
    chosen.value = -1
    refused.value = problemOf(error).detail
  }
}

const figures = computed(() => result.value?.figures ?? drill.value?.figures ?? [])
const tally = computed(() => {
  const all = result.value?.progress ?? []
  const answered = all.reduce((n, p) => n + p.answered, 0)
  return answered ? `${all.reduce((n, p) => n + p.right, 0)} of ${answered} right` : ''
})

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey) return
  const n = Number(event.key)
  if (!result.value && n >= 1 && n <= (drill.value?.choices.length ?? 0)) {
    event.preventDefault()
    void choose(n - 1)
  }
})
</script>

<template>
  <div class="place">
    <PlaceHead title="Drills" :line="tally" back="All shops" back-to="/practice" />
    <main v-if="drill">
      <h2>{{ drill.question }}</h2>
      <div class="pictures" :class="{ two: figures.length > 1 }">
        <figure v-for="f in figures" :key="f.id + f.title">
          <FigureView :figure="f" class="picture" :pad="12" />
          <figcaption v-if="result">{{ f.title }}</figcaption>
        </figure>
      </div>
      <div class="choices">
        <button
          v-for="(c, i) in drill.choices"
          :key="c"
          type="button"
          class="plain choice"
          :class="{
            right: result && i === result.right,
            wrong: result && !result.isRight && i === chosen
          }"
          :disabled="Boolean(result)"
          @click="choose(i)"
        >
          <kbd>{{ i + 1 }}</kbd> {{ c }}<template v-if="result && i === result.right"> ✓</template
          ><template v-else-if="result && i === chosen"> ✗</template>
        </button>
      </div>
      <div v-if="result" class="told" role="status">
        <p>
          <b>{{ result.isRight ? 'So it is.' : 'No.' }}</b> {{ result.why }}
        </p>
        <button ref="onward" type="button" class="plain next" @click="next">Next</button>
      </div>
    </main>
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
  </div>
</template>

<style scoped>
.place {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
main {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
  padding: 1.1rem 1.5rem;
  max-width: 76rem;
}
h2 {
  font-size: 1.45rem;
}
.pictures {
  display: grid;
  gap: 1rem;
}
.pictures.two {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
figure {
  margin: 0;
}
.picture {
  height: min(20rem, 40vh);
}
figcaption {
  color: var(--quiet);
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}
.choice {
  padding: 0.6rem 1rem;
  border: 2.5px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  font-weight: 600;
}
.choice.right {
  border-color: var(--good);
  color: var(--good);
}
.choice.wrong {
  border-color: var(--cut);
  color: var(--cut);
}
kbd {
  font: 600 0.8rem var(--mono);
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 0 0.3rem;
  background: none;
  color: inherit;
}
.told {
  display: flex;
  gap: 1.4rem;
  align-items: flex-start;
}
.told p {
  margin: 0;
  font-size: 1.08rem;
  max-width: 60rem;
}
.next {
  padding: 0.5rem 1.6rem;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
  border-radius: 3px;
}
.refused {
  padding: 0 1.5rem;
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 700px) {
  .pictures.two {
    grid-template-columns: 1fr;
  }
}
</style>
