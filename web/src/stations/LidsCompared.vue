<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { ref, useTemplateRef, watch } from 'vue'
import { answer, api, problemOf, type LidKind } from '../api/client'
import { useBench } from '../bench/store'
import { together } from '../drawing/fraction'
import NumText from '../drawing/NumText.vue'

/** The kinds of lid beside each other for this box, asked for when they are looked at; pressed, one becomes its lid. */
const bench = useBench()
const lids = ref<LidKind[]>([])
const failed = ref('')
const seen = useElementVisibility(useTemplateRef<HTMLElement>('list'))
let turn = 0
watch(
  [seen, () => bench.worked],
  async ([looked]) => {
    const plan = bench.plan
    if (!looked || !plan) return
    const mine = ++turn
    try {
      const found = await answer(api.POST('/api/work/lids', { body: { plan } }))
      if (mine !== turn) return
      lids.value = found
      failed.value = ''
    } catch (error) {
      if (mine === turn) failed.value = problemOf(error).detail
    }
  },
  { immediate: true }
)

function heights(kind: LidKind) {
  return [
    { called: 'inside', text: kind.inside, number: kind.insideNumber },
    { called: 'closed', text: kind.outside, number: kind.outsideNumber }
  ].filter((h) => h.text)
}

/** A number of the box as it would be with that lid. */
function open(kind: LidKind, number: string) {
  const would = kind.stands ? undefined : { plan: kind.plan, says: `As it would be, lid: ${kind.name}` }
  void bench.openWorking(number, would)
}
</script>

<template>
  <p v-if="failed" class="not">{{ failed }}</p>
  <p v-else-if="!lids.length">Working them out…</p>
  <ul ref="list" class="lids" aria-label="Kinds of lid">
    <li v-for="l in lids" :key="l.guess" :class="{ stands: l.stands }">
      <button type="button" class="take" :aria-pressed="l.stands" @click="bench.begin(l.guess)">
        <strong>{{ l.name }}</strong>
        <span v-if="!l.made" class="not"> needs other sizes first</span>
      </button>
      <div class="heights">
        <component
          :is="h.number ? 'button' : 'span'"
          v-for="h in heights(l)"
          :key="h.called"
          :type="h.number ? 'button' : undefined"
          :title="h.number ? 'Show the working' : undefined"
          class="height"
          @click="h.number && open(l, h.number)"
        >
          {{ h.called }} <span class="value"><NumText :text="h.text" /></span>
        </component>
      </div>
      <span v-if="l.work" class="work">{{ together(l.work) }}</span>
      <span v-if="l.year" class="work">{{ together(l.year) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.lids {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 0.45rem 0.5rem;
  border-bottom: 1px dotted var(--rule);
  line-height: 1.3;
}
li.stands {
  border-left: 5px solid var(--edge);
}
button {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.take {
  display: block;
  width: 100%;
  padding: 0.15rem 0;
}
button:hover,
button:focus-visible {
  background: var(--ground);
}
.heights {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.height {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding: 0;
}
button.height .value {
  border-bottom: 2px solid color-mix(in srgb, var(--good) 45%, transparent);
}
.work {
  display: block;
  font-size: 0.9rem;
  color: var(--quiet);
}
.not {
  color: var(--cut);
}
</style>
