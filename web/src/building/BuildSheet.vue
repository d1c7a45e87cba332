<script setup lang="ts">
import { computed, ref } from 'vue'
import type { JigToBuild } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'
import MeasurePicture from '../rack/MeasurePicture.vue'
import TradeText from '../words/TradeText.vue'

/** A jig to be built: drawn with every part, the parts with their sizes, the order, what is read off it. */
const props = defineProps<{ jig: JigToBuild }>()
const emit = defineEmits<{ open: [number: string] }>()
const lit = ref('')
const plan = computed(() => props.jig.figures[0])
const section = computed(() => props.jig.figures[1])
</script>

<template>
  <div class="build">
    <p v-if="jig.hindrance" class="stops" role="status">{{ jig.hindrance }}</p>
    <template v-else>
      <p v-for="s in jig.stops" :key="s" class="stops" role="alert">{{ s }}</p>
      <p class="title">
        <strong>{{ jig.title }}</strong>, about {{ jig.minutes }} min.
        <slot />
      </p>
      <div class="drawings">
        <FigureView
          v-if="plan"
          :figure="plan"
          :lit="lit"
          :pad="6"
          @point="lit = $event"
          @open="emit('open', $event)"
        />
        <FigureView
          v-if="section"
          :figure="section"
          :lit="lit"
          :pad="6"
          @point="lit = $event"
          @open="emit('open', $event)"
        />
      </div>
      <div class="lists">
        <table>
          <caption class="sr-only">
            Parts of the jig
          </caption>
          <tbody>
            <tr
              v-for="p in jig.parts"
              :key="p.id"
              :class="{ lit: lit === `part.${p.id}` }"
              @pointerenter="lit = `part.${p.id}`"
              @pointerleave="lit = ''"
            >
              <td class="count">{{ p.count }} ×</td>
              <th scope="row">{{ p.name }}</th>
              <td class="sizes">
                <template v-for="(s, i) in p.sizes" :key="s.number"
                  ><span v-if="i"> × </span
                  ><button
                    type="button"
                    class="plain number"
                    title="Show the working"
                    @click="emit('open', s.number)"
                  >
                    <NumText :text="s.text" /></button
                ></template>
              </td>
              <td class="stuff">
                {{ p.stuff }}<template v-if="p.says">. {{ p.says }}</template>
                <strong v-if="p.from" class="from">Out of “{{ p.from }}” on the rack.</strong>
              </td>
            </tr>
          </tbody>
        </table>
        <ol class="order" aria-label="In this order">
          <li v-for="o in jig.order" :key="o.says" :class="{ caution: o.caution }">
            <TradeText :text="o.says" />
          </li>
        </ol>
        <div>
          <h3>Checked before it cuts a part</h3>
          <ul class="checks">
            <li v-for="c in jig.checks" :key="c.id">
              {{ c.says }}
              <button
                v-if="c.number && c.should"
                type="button"
                class="plain number"
                @click="emit('open', c.number)"
              >
                <NumText :text="c.should" />
              </button>
            </li>
          </ul>
          <template v-if="jig.assumed.length">
            <h3>
              Assumed until it is measured
              <RouterLink :to="{ name: 'rack', params: { shelf: 'machines' } }">to the machines</RouterLink>
            </h3>
            <p v-for="a in jig.assumed" :key="a.measure" class="assumed">
              <MeasurePicture :measure="a.measure" />
              <span
                ><strong>{{ a.words }} {{ a.usual }}</strong> {{ a.machine }}. {{ a.how }}</span
              >
            </p>
          </template>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.build {
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
}
.stops {
  margin: 0;
  padding: 0.4rem 0.8rem;
  border-left: 6px solid var(--cut);
  background: var(--sheet);
  font-weight: 600;
}
.title {
  margin: 0;
}
.title :slotted(a) {
  margin-left: 0.9rem;
  white-space: nowrap;
}
.drawings {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 0.8rem;
  flex: none;
  height: min(42vh, 21rem);
}
.lists {
  display: grid;
  gap: 0.8rem;
}
table {
  border-collapse: collapse;
}
td,
th {
  text-align: left;
  font-weight: 600;
  padding: 0.2rem 0.5rem 0.2rem 0;
  border-bottom: 1px dotted var(--rule);
  vertical-align: baseline;
}
tr.lit {
  background: var(--sheet);
}
.count,
.sizes {
  font-family: var(--mono);
  white-space: nowrap;
}
.stuff {
  font-weight: 400;
  color: var(--quiet);
}
.number {
  font-family: var(--mono);
  border-bottom: 2px solid color-mix(in srgb, var(--good) 45%, transparent);
}
.order {
  margin: 0;
  padding-left: 1.4rem;
  display: grid;
  gap: 0.3rem;
}
.order .caution {
  list-style: none;
  border-left: 4px solid var(--mind);
  background: var(--sheet);
  padding: 0.2rem 0.6rem;
  margin-left: -1.4rem;
}
h3 {
  font-size: 0.95rem;
  margin: 0.6rem 0 0.2rem;
}
.checks {
  margin: 0;
  padding-left: 1.2rem;
}
.assumed {
  display: grid;
  grid-template-columns: 4.8rem 1fr;
  gap: 0.5rem;
  align-items: center;
  margin: 0.2rem 0;
  color: var(--quiet);
}
@media (max-width: 900px) {
  .drawings {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
  .stuff {
    display: none;
  }
}
.from {
  margin-left: 0.35rem;
  color: var(--good);
  font-weight: 600;
}
</style>
