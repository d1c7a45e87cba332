<script setup lang="ts">
import { useToast } from 'primevue/usetoast'
import { computed, ref, shallowRef, watch } from 'vue'
import { answer as got, api, problemOf, type JointGapView } from '../api/client'
import LengthField from '../bench/LengthField.vue'
import { useBench } from '../bench/store'
import FigureView from '../drawing/FigureView.vue'
import TradeText from '../words/TradeText.vue'

/** Gaps: tap on the picture that looks like yours, say how wide; what they come from, what fills them, and into the Book. */
const bench = useBench()
const toast = useToast()
const gaps = shallowRef<JointGapView[]>([])
const chosen = ref<JointGapView['gap']>()
const cause = ref('')
const wide = ref<number>()
/** how many were written down since the station was opened */
const written = ref(0)
const refused = ref('')
const failed = ref('')
const gap = computed(() => gaps.value.find((g) => g.gap === chosen.value))

async function load() {
  try {
    gaps.value = await got(
      api.GET('/api/boxes/{id}/gaps', {
        params: { path: { id: bench.id }, query: wide.value === undefined ? {} : { wide: wide.value } }
      })
    )
    failed.value = refused.value = ''
  } catch (error) {
    const problem = problemOf(error)
    if (problem.field === 'wide') refused.value = problem.detail
    else failed.value = problem.detail
  }
}
watch([() => bench.id, wide], () => void load(), { immediate: true })
watch(chosen, () => (cause.value = gap.value?.causes[0]?.words ?? ''))

async function write() {
  if (!gap.value || wide.value === undefined) return
  try {
    await got(
      api.POST('/api/boxes/{id}/gaps', {
        params: { path: { id: bench.id } },
        body: { gap: gap.value.gap, wide: wide.value, cause: cause.value }
      })
    )
    toast.add({
      severity: 'info',
      summary: 'It stands in the Book.',
      detail: 'Met twice, it is said at the next box before you cut.',
      life: 5000
    })
    chosen.value = undefined
    wide.value = undefined
    written.value++
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
</script>

<template>
  <div class="gaps">
    <div class="pictures" role="radiogroup" aria-label="Where is the gap?">
      <button
        v-for="g in gaps"
        :key="g.gap"
        type="button"
        class="plain picture"
        role="radio"
        :aria-checked="g.gap === chosen"
        @click="chosen = g.gap"
      >
        <FigureView :figure="g.figure" class="corner" :pad="4" quiet />
        <span>{{ g.words }}</span>
      </button>
    </div>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <div v-if="gap && bench.plan" class="found">
      <fieldset>
        <legend>It comes from</legend>
        <label v-for="c in gap.causes" :key="c.words">
          <input v-model="cause" type="radio" name="cause" :value="c.words" />
          <span
            ><strong>{{ c.words }}</strong
            >: <TradeText :text="c.look"
          /></span>
        </label>
      </fieldset>
      <div class="wide">
        <!-- what is typed stays as it was typed, in the unit of the box; another gap begins anew -->
        <LengthField
          :key="written"
          label="How wide"
          text=""
          :mm="wide"
          :unit="bench.plan.unit"
          :least="0.01"
          :most="20"
          stands="read it with a leaf"
          :refused="refused"
          fine
          @read="(mm) => (wide = mm)"
        />
        <p v-if="gap.filled" class="filled">Most makers would {{ gap.filled }}</p>
        <p class="pegs">A joint that is loose all over holds by pegs: see Fittings.</p>
        <button type="button" class="plain keep" :disabled="wide === undefined" @click="write">
          Write it in the Book
        </button>
      </div>
    </div>
    <p v-else-if="gaps.length" class="hint">Tap on the one that looks like yours.</p>
  </div>
</template>

<style scoped>
.gaps {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.pictures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(7.6rem, 1fr));
  gap: 0.6rem;
  margin: 0.5rem 0;
}
.picture {
  display: grid;
  grid-template-rows: 9rem auto;
  gap: 0.3rem;
  padding: 0.4rem;
  border: 2px solid var(--rule);
  border-radius: 4px;
  background: var(--paper);
  text-align: center;
  line-height: 1.15;
}
.picture[aria-checked='true'] {
  border-color: var(--ink);
  box-shadow: inset 0 -5px 0 var(--good);
  font-weight: 700;
}
.found {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  font-weight: 700;
  padding: 0;
}
fieldset label {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem;
  padding: 0.3rem 0;
  align-items: start;
}
.filled {
  margin: 0.4rem 0 0;
  border-left: 4px solid var(--good);
  padding: 0.3rem 0.6rem;
  background: var(--sheet);
}
.pegs,
.hint {
  color: var(--quiet);
  margin: 0.4rem 0;
}
.keep {
  padding: 0.5rem 1rem;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
}
.keep:disabled {
  background: var(--rule);
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 700px) {
  .found {
    grid-template-columns: 1fr;
  }
}
</style>
