<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FirstGuess } from '../api/client'
import NothingYet from '../bench/NothingYet.vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import EditableFigure from '../drawing/EditableFigure.vue'
import DraggedDividers from './DraggedDividers.vue'
import FittingFields from './FittingFields.vue'

/** What goes in, on and through the box: where it stands, what it takes of the walls, what it meets. */
const bench = useBench()
const fittings = computed(() => bench.plan?.fittings ?? [])
const chosen = ref(0)
watch(
  () => fittings.value.length,
  (now, before) => {
    chosen.value = now > before ? now - 1 : Math.max(0, Math.min(chosen.value, now - 1))
  }
)
const figure = (name: string) => bench.answer?.figures.find((f) => f.id === `fittings-${name}`)
const names = {
  DIVIDER: 'divider',
  GRIP: 'grip',
  PEGS: 'pegs',
  CORNER_PIN: 'corner pins',
  HANDLE: 'handle',
  FEET: 'feet'
} as const
const called = (i: number) => {
  const f = fittings.value[i]
  if (!f) return ''
  return f.kind === 'DIVIDER' ? `divider ${i + 1}` : f.kind === 'GRIP' ? `grip in ${f.wall}` : names[f.kind]
}
const all: { guess: FirstGuess; label: string }[] = [
  { guess: 'DIVIDER_ACROSS', label: 'a divider across' },
  { guess: 'DIVIDER_ALONG', label: 'a divider along' },
  { guess: 'GRIP', label: 'a grip' },
  { guess: 'PEGS', label: 'pegs' },
  { guess: 'CORNER_PIN', label: 'a pin down each corner' },
  { guess: 'HANDLE', label: 'a handle on the lid' },
  { guess: 'FEET', label: 'feet' }
]
/** A handle wants a lid to sit on. */
const adds = computed(() => all.filter((a) => a.guess !== 'HANDLE' || bench.plan?.lid.kind !== 'NONE'))
const betweenThings = computed(
  () =>
    bench.plan?.size.contents &&
    (bench.plan.size.contents.divider || bench.plan.size.contents.items.some((i) => i.divider))
)
/** Numbers of the chosen one, the ones to cut by first. */
const own = computed(() => {
  const of = `fittings.f${chosen.value + 1}-`
  return [...bench.numbers.keys()].filter((id) => id.startsWith(of))
})
const first = [
  'long',
  'stop',
  'dado-wide',
  'apart',
  'down',
  'deep',
  'pilot',
  'centre',
  'bore',
  'middle-along',
  'middle-across',
  'screw',
  'stick',
  'stands'
]
const strong = computed(() =>
  own.value.filter((id) => first.some((name) => id.endsWith(`-${name}`))).slice(0, 4)
)
function take(i: number) {
  void bench.decide((plan) => plan.fittings?.splice(i, 1))
}
</script>

<template>
  <StationFrame
    question="What goes in, on and through it?"
    hint="From above; drag a divider. Below, the walls from inside with all that is taken from them."
  >
    <template #drawing>
      <NothingYet
        v-if="!fittings.length"
        title="No fittings yet"
        :gives="betweenThings ? 'Dividers between what goes in' : 'Give it a divider'"
        @give="bench.begin(betweenThings ? 'DIVIDERS_OF_CONTENTS' : 'DIVIDER_ACROSS')"
      >
        Dividers, grips, pegs and feet: each takes something of the walls, so it is decided before the joint
        is cut.
      </NothingYet>
      <template v-else>
        <DraggedDividers
          v-if="figure('above')"
          :figure="figure('above')!"
          class="above"
          @chosen="chosen = $event"
        />
        <EditableFigure v-if="figure('inside')" :figure="figure('inside')!" class="inside" />
        <p class="caution">
          Stopped dadoes: plunge and lift with the work clamped or held by a stop; boring: a board behind, the
          part clamped. The machine's manual, local rules and trained people come first.
        </p>
      </template>
    </template>
    <template #answers>
      <template v-if="fittings.length">
        <NumberRow v-for="(id, i) in strong" :id="id" :key="id" :strong="i === 0" />
      </template>
      <p v-else>Nothing yet.</p>
    </template>
    <template #decide>
      <p class="adds" role="group" aria-label="Add">
        <span>Add</span>
        <button v-for="a in adds" :key="a.guess" type="button" class="word" @click="bench.begin(a.guess)">
          {{ a.label }}
        </button>
        <button v-if="betweenThings" type="button" class="word" @click="bench.begin('DIVIDERS_OF_CONTENTS')">
          dividers between what goes in
        </button>
      </p>
      <ul v-if="fittings.length" class="which" aria-label="Fittings">
        <li v-for="(_, i) in fittings" :key="i">
          <button
            type="button"
            class="plain"
            :aria-pressed="i === chosen"
            @click="chosen = i"
            @pointerenter="bench.lit = `fittings.${i}`"
            @pointerleave="bench.lit = ''"
          >
            {{ called(i) }}
          </button>
        </li>
        <li v-if="fittings[chosen]">
          <button type="button" class="word" :aria-label="`Take out ${called(chosen)}`" @click="take(chosen)">
            take it out
          </button>
        </li>
      </ul>
      <FittingFields v-if="fittings[chosen]" :key="`${chosen} ${fittings[chosen]?.kind}`" :index="chosen" />
    </template>
    <template #follow>
      <template v-if="fittings.length">
        <NumberRow v-for="id in own.filter((n) => !strong.includes(n))" :id="id" :key="id" />
      </template>
    </template>
    <template #verdicts><VerdictList /></template>
  </StationFrame>
</template>

<style scoped>
.above {
  flex: 1.4;
}
.inside {
  flex: 1;
}
.caution {
  margin: 0.1rem 0;
  font-size: 0.86rem;
  color: var(--quiet);
}
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.4rem;
  list-style: none;
  margin: 0 0 0.4rem;
  padding: 0;
}
.which .plain {
  padding: 0.1rem 0.5rem;
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
}
.which .plain[aria-pressed='true'] {
  border-color: var(--edge);
  font-weight: 700;
}
.adds {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.8rem;
  margin: 0 0 0.4rem;
}
.adds span {
  color: var(--quiet);
}
@media (max-width: 900px) {
  .above,
  .inside {
    flex: none;
    height: 240px;
  }
}
</style>
