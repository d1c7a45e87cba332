<script setup lang="ts">
import { pieces } from '../drawing/fraction'
import { asking } from '../shop/asking'
import { useBench } from './store'

/** The stations in shop order, along a rule; each says what it has settled. */
const bench = useBench()
/** Puts the old words back when the new ones are refused. */
async function rename(field: 'name' | 'purpose', event: Event) {
  const input = event.target as HTMLInputElement
  await bench.set(field, input.value)
  input.value = bench.plan?.[field] ?? ''
}

const weights = { STOP: 'stop', MIND: 'mind', NOTE: '' } as const
const kept = {
  kept: 'kept',
  keeping: 'keeping…',
  stale: 'changed elsewhere',
  away: 'not kept yet',
  looking: 'only looking'
} as const
</script>

<template>
  <nav class="rail" aria-label="Stations">
    <div class="top">
      <p class="places">
        <RouterLink to="/boxes" class="all">All boxes</RouterLink>
        <RouterLink :to="{ name: 'rack', query: { from: bench.id } }" class="all">Rack</RouterLink>
        <RouterLink :to="{ name: 'book', query: { box: bench.id } }" class="all">Book</RouterLink>
      </p>
      <h1>
        <span class="sr-only">{{ bench.plan?.name }}</span>
        <textarea
          class="plain-text name"
          rows="1"
          aria-label="Name of the box"
          maxlength="80"
          :value="bench.plan?.name"
          @change="rename('name', $event)"
          @keydown.enter.prevent="($event.target as HTMLElement).blur()"
        ></textarea>
      </h1>
      <textarea
        class="plain-text purpose"
        aria-label="What it is for"
        maxlength="400"
        rows="2"
        :value="bench.plan?.purpose"
        @change="rename('purpose', $event)"
      ></textarea>
      <p v-if="bench.triedOn" class="tried">
        <RouterLink :to="{ name: 'what-if', params: { id: bench.id } }">What if</RouterLink>, tried on
        {{ bench.triedOn.name }}
      </p>
      <p v-if="bench.problem" class="refused" role="alert">{{ bench.problem.detail }}</p>
      <p class="tools">
        <button type="button" :disabled="!bench.canUndo" @click="bench.undo()">Undo</button>
        <button type="button" :disabled="!bench.canRedo" @click="bench.redo()">Redo</button>
        <span class="kept" :class="bench.kept" aria-live="polite">{{ kept[bench.kept] }}</span>
      </p>
      <p v-if="bench.kept === 'looking'" class="why">
        Nothing that is changed on this device is kept: it may
        {{ asking?.may === 'MARK' ? 'look and mark' : 'look' }}.
      </p>
      <p v-if="bench.kept === 'away'" class="why" role="alert">
        {{ bench.why }}
        <button type="button" class="word" @click="bench.keep()">try again now</button>
      </p>
    </div>
    <ol>
      <li v-for="(s, i) in bench.answer?.stations ?? []" :key="s.id">
        <RouterLink
          :to="{ name: 'bench', params: { id: bench.id, station: s.id } }"
          class="station"
          :class="{ here: bench.station === s.id }"
          :aria-current="bench.station === s.id ? 'page' : undefined"
        >
          <span class="title"
            ><span class="order">{{ i + 1 }}</span> {{ s.title }}</span
          >
          <span v-if="s.worst && weights[s.worst]" class="worst" :class="s.worst.toLowerCase()">{{
            weights[s.worst]
          }}</span>
          <span class="line"
            ><span
              v-for="(piece, k) in pieces(s.line)"
              :key="k"
              :class="piece.kind === 'plain' ? undefined : `frac-${piece.kind}`"
              >{{ piece.text }}</span
            ></span
          >
        </RouterLink>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.rail {
  grid-area: 1/1;
  background: var(--rail);
  color: var(--rail-ink);
  overflow: auto;
  display: flex;
  flex-direction: column;
}
.top {
  padding: 0.7rem 1rem 0.6rem 1.1rem;
}
.places {
  display: flex;
  gap: 0.9rem;
  margin: 0;
}
.all {
  color: var(--rail-quiet);
  font-size: 0.86rem;
}
.plain-text {
  width: 100%;
  background: none;
  border: 0;
  border-bottom: 1px solid transparent;
  color: inherit;
  font: inherit;
  padding: 0;
  resize: none;
}
/* a long name goes on below and is never cut */
.name {
  field-sizing: content;
  display: block;
}
.plain-text:hover,
.plain-text:focus {
  border-bottom-color: var(--rail-quiet);
}
.tried {
  margin: 0.3rem 0 0;
  padding: 0.1rem 0.5rem;
  border-left: 5px solid #ffc07a;
  font-size: 0.86rem;
  line-height: 1.25;
}
.tried a {
  color: #ffd9a8;
  font-weight: 700;
}
.refused {
  margin: 0.4rem 0 0;
  padding: 0.35rem 0.5rem;
  background: #ffd9cc;
  color: #7c1d02;
  font-size: 0.86rem;
  line-height: 1.25;
}
h1 {
  font-size: 1.15rem;
  margin: 0.35rem 0 0.1rem;
  overflow-wrap: anywhere;
}
.purpose {
  display: block;
  margin: 0;
  font-size: 0.84rem;
  line-height: 1.25;
  color: var(--rail-quiet);
}
.tools {
  display: flex;
  align-items: baseline;
  gap: 0.7rem;
  margin: 0.5rem 0 0;
  font-size: 0.86rem;
}
.tools button {
  background: none;
  border: 0;
  border-bottom: 1px solid var(--rail-quiet);
  padding: 0;
  cursor: pointer;
  color: var(--rail-ink);
}
.tools button:disabled {
  color: #86998d;
  border-color: transparent;
  cursor: default;
}
.why {
  margin: 0.3rem 0 0;
  padding-left: 0.5rem;
  border-left: 4px solid #ffb59e;
  font-size: 0.88rem;
  line-height: 1.3;
}
.why .word {
  color: inherit;
}
.kept {
  margin-left: auto;
  color: var(--rail-quiet);
}
.kept.stale,
.kept.away {
  color: #ffc07a;
  font-weight: 700;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  background: repeating-linear-gradient(to bottom, #4b6356 0 1px, transparent 1px 11px) left 0 top 0/9px 100%
    no-repeat;
}
.station {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 0.4rem;
  padding: 0.14rem 0.9rem 0.2rem 1.1rem;
  color: inherit;
  text-decoration: none;
}
.station.here {
  background: var(--ground);
  color: var(--ink);
  box-shadow: inset 7px 0 0 var(--edge);
}
.title {
  font-weight: 700;
  font-size: 1rem;
  line-height: 1.25;
}
.order {
  font-family: var(--mono);
  font-weight: 500;
  margin-right: 0.15rem;
}
.line {
  grid-column: 1/-1;
  font-size: 0.82rem;
  color: var(--rail-quiet);
  line-height: 1.15;
}
.here .line {
  color: var(--quiet);
}
.worst {
  font-size: 0.82rem;
  font-weight: 700;
  align-self: center;
}
.worst.mind {
  color: #ffc07a;
}
.worst.stop {
  background: #ffd9cc;
  color: #7c1d02;
  padding: 0 0.35rem;
}
.here .worst.mind {
  color: var(--mind);
}
.station:hover:not(.here) {
  background: #24392d;
}
@media (max-height: 780px) {
  .station {
    padding-block: 0.1rem 0.14rem;
  }
  .purpose {
    font-size: 0.78rem;
  }
}
/* eleven stations without scrolling: what the box is for waits, and is there while its name is written */
@media (max-width: 1100px) and (min-width: 901px) {
  h1 {
    font-size: 1rem;
  }
  .top {
    padding: 0.4rem 0.5rem 0.3rem 0.8rem;
  }
  .places {
    gap: 0.6rem;
  }
  .all {
    font-size: 0.8rem;
  }
  .purpose {
    field-sizing: content;
    max-height: 1.3em;
    overflow: hidden;
  }
  .purpose:focus {
    max-height: none;
  }
  .tools {
    margin-top: 0.2rem;
  }
  .station {
    padding-inline: 0.8rem 0.35rem;
  }
  .title {
    font-size: 0.96rem;
  }
  .line {
    font-size: 0.78rem;
    letter-spacing: -0.01em;
  }
}
@media (max-width: 900px) {
  .rail {
    flex: none;
  }
  .top {
    padding: 0.4rem 0.8rem 0.3rem;
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 0.8rem;
    align-items: baseline;
  }
  h1 {
    grid-area: 1/1;
    margin: 0;
  }
  .places {
    grid-area: 1/2;
  }
  .purpose {
    display: none;
  }
  .tools {
    margin: 0.1rem 0 0;
    grid-column: 1/-1;
  }
  .refused,
  .why {
    grid-column: 1/-1;
  }
  ol {
    display: flex;
    overflow-x: auto;
    background: none;
  }
  .station {
    padding: 0.4rem 0.7rem;
    white-space: nowrap;
  }
  .station.here {
    box-shadow: inset 0 5px 0 var(--edge);
  }
  .station:not(.here) .line {
    display: none;
  }
}
</style>
