<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { ref, useTemplateRef, watch } from 'vue'
import { answer, api, problemOf, type LidKind } from '../api/client'
import { useBench } from '../bench/store'
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
</script>

<template>
  <p v-if="failed" class="not">{{ failed }}</p>
  <p v-else-if="!lids.length">Working them out…</p>
  <ul ref="list" class="lids" aria-label="Kinds of lid">
    <li v-for="l in lids" :key="l.guess">
      <button type="button" :aria-pressed="l.stands" @click="bench.begin(l.guess)">
        <strong>{{ l.name }}</strong>
        <span v-if="!l.made" class="not"> needs other sizes first</span>
        <span class="heights">
          <span v-if="l.inside">inside <NumText :text="l.inside" /></span>
          <span>closed <NumText :text="l.outside" /></span>
        </span>
        <span v-if="l.work" class="work">{{ l.work }}</span>
        <span v-if="l.year" class="work">{{ l.year }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.lids {
  list-style: none;
  margin: 0;
  padding: 0;
}
button {
  display: block;
  width: 100%;
  padding: 0.45rem 0.5rem;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  line-height: 1.3;
  text-align: left;
  cursor: pointer;
}
button:hover,
button:focus-visible {
  background: var(--ground);
}
button[aria-pressed='true'] {
  border-left: 5px solid var(--edge);
}
.heights {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.heights > span {
  display: flex;
  flex-direction: column;
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
