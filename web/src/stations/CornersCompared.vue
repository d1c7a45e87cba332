<script setup lang="ts">
import { computed } from 'vue'
import NumText from '../drawing/NumText.vue'
import { useBench } from '../bench/store'
import FigureView from '../drawing/FigureView.vue'

/** The same box with every kind of corner, side by side and to one scale. */
const bench = useBench()
const rows = ['Sides cut to', 'Ends cut to', 'Long grain glued', 'Against a plain butt']
const ways = computed(() =>
  (bench.answer?.corners ?? []).map((corner) => ({
    corner,
    figure: bench.answer?.figures.find((f) => f.id === `corner-${corner.id}`),
    numbers: [corner.side, corner.end, corner.glue, corner.ratio]
  }))
)
</script>

<template>
  <div class="ways">
    <span />
    <h3 v-for="way in ways" :key="way.corner.id">{{ way.corner.title }}</h3>
    <span class="what">from above, and the side’s face</span>
    <div v-for="way in ways" :key="way.corner.id" class="picture">
      <FigureView v-if="way.figure" :figure="way.figure" :pad="4" />
    </div>
    <template v-for="(label, row) in rows" :key="label">
      <span class="what">{{ label }}</span>
      <button
        v-for="way in ways"
        :key="way.corner.id"
        type="button"
        class="plain number"
        :title="`${way.corner.title}: show the working`"
        :data-number="way.numbers[row]"
        @click="bench.openWorking(way.numbers[row] ?? '')"
      >
        <NumText :text="bench.numbers.get(way.numbers[row] ?? '')?.text ?? ''" /><small>{{
          bench.numbers.get(way.numbers[row] ?? '')?.unit
        }}</small>
      </button>
    </template>
    <span class="what">Its character</span>
    <p v-for="way in ways" :key="way.corner.id">{{ way.corner.says }}</p>
    <span class="what">Fasteners</span>
    <p v-for="way in ways" :key="way.corner.id">{{ way.corner.fasteners }}</p>
    <span class="what">Cutters</span>
    <p v-for="way in ways" :key="way.corner.id">{{ way.corner.cutters }}</p>
    <span class="what">Set up</span>
    <p v-for="way in ways" :key="way.corner.id">{{ way.corner.setups }}</p>
  </div>
  <p class="foot">Only finger corners go further on this bench.</p>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: 5.6rem repeat(5, minmax(0, 1fr));
  gap: 0.15rem 0.7rem;
  align-content: start;
  flex: 1;
  min-height: 0;
  overflow: auto;
  font-size: 0.84rem;
  line-height: 1.25;
}
h3 {
  font-size: 0.98rem;
}
.picture {
  height: 11.6rem;
}
.what {
  color: var(--quiet);
  align-self: center;
}
.number {
  font: 500 1.05rem var(--mono);
  border-bottom: 1px dotted var(--rule);
  padding: 0.1rem 0;
}
.number:hover {
  background: var(--sheet);
}
.number small {
  color: var(--quiet);
  font-size: 0.8rem;
  margin-left: 0.3rem;
}
p {
  margin: 0.2rem 0;
}
.foot {
  margin: 0.3rem 0 0;
  color: var(--quiet);
  font-size: 0.88rem;
}
</style>
