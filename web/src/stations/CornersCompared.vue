<script setup lang="ts">
import { computed } from 'vue'
import NumText from '../drawing/NumText.vue'
import { useBench } from '../bench/store'
import FigureView from '../drawing/FigureView.vue'

/** The same box with every kind of corner, side by side and to one scale. */
const bench = useBench()
const ways = computed(() =>
  (bench.answer?.corners ?? []).map((corner) => ({
    corner,
    figure: bench.answer?.figures.find((f) => f.id === `corner-${corner.id}`),
    numbers: [
      { id: corner.side, label: 'Sides cut to' },
      { id: corner.end, label: 'Ends cut to' },
      { id: corner.glue, label: 'Long grain glued' },
      { id: corner.ratio, label: 'Against a plain butt' }
    ]
  }))
)
</script>

<template>
  <div class="ways">
    <article v-for="way in ways" :key="way.corner.id" :aria-label="way.corner.title">
      <h3>{{ way.corner.title }}</h3>
      <div class="picture"><FigureView v-if="way.figure" :figure="way.figure" :pad="6" /></div>
      <button
        v-for="n in way.numbers"
        :key="n.id"
        type="button"
        class="plain row"
        title="Show the working"
        :data-number="n.id"
        @click="bench.openWorking(n.id)"
      >
        <span>{{ n.label }}</span>
        <strong
          ><NumText :text="bench.numbers.get(n.id)?.text ?? ''" />{{
            bench.numbers.get(n.id)?.unit ? ` ${bench.numbers.get(n.id)?.unit}` : ''
          }}</strong
        >
      </button>
      <p>{{ way.corner.says }}</p>
      <dl>
        <dt>Fasteners</dt>
        <dd>{{ way.corner.fasteners }}</dd>
        <dt>Cutters</dt>
        <dd>{{ way.corner.cutters }}</dd>
        <dt>Set up</dt>
        <dd>{{ way.corner.setups }}</dd>
      </dl>
    </article>
  </div>
  <p class="foot">
    Each from above, and the face of the side below it. The same outside and the same inside for all; only
    finger corners go further on this bench.
  </p>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 0.8rem;
  flex: 1;
  min-height: 0;
  overflow: auto;
}
article {
  min-width: 0;
  font-size: 0.86rem;
}
h3 {
  font-size: 1rem;
}
.picture {
  height: 13.5rem;
}
.row {
  display: grid;
  width: 100%;
  border-bottom: 1px dotted var(--rule);
  padding: 0.1rem 0;
}
.row span {
  color: var(--quiet);
}
.row strong {
  font: 500 1.02rem var(--mono);
}
.row:hover {
  background: var(--sheet);
}
article p {
  margin: 0.35rem 0;
}
dl {
  margin: 0;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0 0 0.2rem;
}
.foot {
  margin: 0.3rem 0 0;
  color: var(--quiet);
  font-size: 0.88rem;
}
</style>
