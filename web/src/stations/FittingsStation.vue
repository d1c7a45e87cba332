<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FirstGuess } from '../api/client'
import NothingYet from '../bench/NothingYet.vue'
import NumberRow from '../bench/NumberRow.vue'
import StationFrame from '../bench/StationFrame.vue'
import { useBench } from '../bench/store'
import VerdictList from '../bench/VerdictList.vue'
import DraggedFittings from './DraggedFittings.vue'
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
  FEET: 'feet',
  TRAY: 'tray',
  BASE: 'base',
  UPRIGHT_HANDLE: 'upright handle',
  FINGERED_BLOCK: 'block with fingers',
  STAY: 'stay',
  CARD_SLIT: 'card slit',
  LABEL: 'label',
  LINING: 'lining',
  SECOND_FLOOR: 'second floor'
} as const
const called = (i: number) => {
  const f = fittings.value[i]
  if (!f) return ''
  switch (f.kind) {
    case 'DIVIDER':
      return `divider ${i + 1}`
    case 'GRIP':
    case 'LABEL':
      return `${names[f.kind]} in ${f.wall}`
    case 'STAY':
      return `${f.what.toLowerCase()} in ${f.wall}`
    case 'CARD_SLIT':
      return f.in === 'HANDLE' ? 'card slit' : `card slit in ${f.in}`
    case 'PEGS':
    case 'CORNER_PIN':
    case 'HANDLE':
    case 'FEET':
    case 'TRAY':
    case 'BASE':
    case 'UPRIGHT_HANDLE':
    case 'FINGERED_BLOCK':
    case 'LINING':
    case 'SECOND_FLOOR':
      return names[f.kind]
  }
}
type Add = { guess: FirstGuess; label: string; wantsLid?: boolean }
const groups: { where: string; adds: Add[] }[] = [
  {
    where: 'inside',
    adds: [
      { guess: 'DIVIDER_ACROSS', label: 'a divider across' },
      { guess: 'DIVIDER_ALONG', label: 'a divider along' },
      { guess: 'TRAY', label: 'a tray' },
      { guess: 'SECOND_FLOOR', label: 'a second floor' },
      { guess: 'LINING', label: 'a lining' }
    ]
  },
  {
    where: 'to take hold of',
    adds: [
      { guess: 'GRIP', label: 'a grip' },
      { guess: 'UPRIGHT_HANDLE', label: 'an upright handle' },
      { guess: 'HANDLE', label: 'a handle on the lid', wantsLid: true },
      { guess: 'FINGERED_BLOCK', label: 'a block with fingers', wantsLid: true }
    ]
  },
  {
    where: 'through the joint',
    adds: [
      { guess: 'PEGS', label: 'pegs' },
      { guess: 'CORNER_PIN', label: 'a pin down each corner' }
    ]
  },
  {
    where: 'under it',
    adds: [
      { guess: 'FEET', label: 'feet' },
      { guess: 'BASE', label: 'a base' }
    ]
  },
  {
    where: 'on its walls',
    adds: [
      { guess: 'LABEL', label: 'a label' },
      { guess: 'CARD_SLIT', label: 'a card slit' },
      { guess: 'STAY', label: 'a stay or catch', wantsLid: true }
    ]
  }
]
/** What sits on a lid wants one. */
const adds = computed(() =>
  groups.map((g) => ({
    ...g,
    adds: g.adds.filter((a) => !a.wantsLid || bench.plan?.lid.kind !== 'NONE')
  }))
)
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
  'across',
  'wide',
  'tenon',
  'along',
  'up',
  'left',
  'sides',
  'ends',
  'under',
  'slot',
  'stands'
]
/** What was typed is no answer to itself, unless nothing else follows from it. */
const strong = computed(() => {
  const all = own.value.filter((id) => first.some((name) => id.endsWith(`-${name}`)))
  const follow = all.filter((id) => bench.numbers.get(id)?.basis !== 'DECIDED')
  return (follow.length ? follow : all).slice(0, 4)
})
function take(i: number) {
  void bench.decide((plan) => plan.fittings?.splice(i, 1))
}
</script>

<template>
  <StationFrame
    question="What goes in, on and through it?"
    hint="From above, and the walls from inside with all that is taken from them. Drag what has a place of its own."
  >
    <template #drawing>
      <NothingYet
        v-if="!fittings.length"
        title="No fittings yet"
        :gives="betweenThings ? 'Dividers between what goes in' : 'Give it a divider'"
        @give="bench.begin(betweenThings ? 'DIVIDERS_OF_CONTENTS' : 'DIVIDER_ACROSS')"
      >
        Dividers, trays, grips, pegs, feet: each takes something of the walls, so it is decided before the
        joint is cut.
      </NothingYet>
      <template v-else>
        <DraggedFittings
          v-if="figure('above')"
          :figure="figure('above')!"
          view="above"
          class="above"
          @chosen="chosen = $event"
        />
        <DraggedFittings
          v-if="figure('inside')"
          :figure="figure('inside')!"
          view="inside"
          class="inside"
          @chosen="chosen = $event"
        />
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
      <details class="adds" :open="!fittings.length">
        <summary>
          <strong>Add</strong> <span class="tells">what goes inside, to take hold of, under, through</span>
        </summary>
        <p v-for="g in adds" :key="g.where" role="group" :aria-label="`Add ${g.where}`">
          <span>{{ g.where }}</span>
          <button v-for="a in g.adds" :key="a.guess" type="button" class="word" @click="bench.begin(a.guess)">
            {{ a.label }}
          </button>
          <button
            v-if="betweenThings && g.where === 'inside'"
            type="button"
            class="word"
            @click="bench.begin('DIVIDERS_OF_CONTENTS')"
          >
            dividers between what goes in
          </button>
        </p>
      </details>
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
  margin: 0.3rem 0;
}
.adds summary {
  cursor: pointer;
  padding: 0.3rem 0;
}
.adds .tells {
  color: var(--quiet);
  font-size: 0.9rem;
}
.adds p {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.1rem 0.8rem;
  margin: 0 0 0.3rem;
}
.adds p span {
  flex: 0 0 100%;
  color: var(--quiet);
  font-size: 0.9rem;
}
@media (max-width: 900px) {
  .above,
  .inside {
    flex: none;
    height: 240px;
  }
}
</style>
