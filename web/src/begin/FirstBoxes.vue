<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, problemOf, type Answer, type BoxPlan, type Figure, type Wish } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { woodTint } from '../drawing/tint'

/** On an empty shelf: three true boxes to begin from, and what the rack is for. */
const emit = defineEmits<{ refused: [why: string] }>()
const router = useRouter()
const first: Wish[] = [
  { name: 'A drawer for envelopes', length: 248, width: 166, height: 96, wood: 'cherry-black' },
  {
    name: 'A tray for six packets',
    from: 'CONTENTS',
    things: [{ name: 'packets', length: 42, width: 120, height: 60, count: 6, divider: 3 }],
    wood: 'maple-sugar'
  },
  { name: 'A small box for seed', length: 140, width: 90, height: 60, wood: 'walnut-black' }
]
const begun = shallowRef<{ plan: BoxPlan; figure?: Figure; says: string }[]>([])
onMounted(async () => {
  try {
    begun.value = await Promise.all(
      first.map(async (wish) => {
        const plan = await answer(api.POST('/api/starting-plan', { body: wish }))
        const worked: Answer = await answer(api.POST('/api/work', { body: { plan, station: 'begun' } }))
        const figure = worked.figures[0]
        const says = worked.stations
          .filter((s) => s.id === 'size' || s.id === 'fingers')
          .map((s) => s.line)
          .join(', ')
        return figure ? { plan, figure, says } : { plan, says }
      })
    )
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
async function take(plan: BoxPlan) {
  try {
    const box = await answer(api.POST('/api/boxes', { body: { plan } }))
    await router.push({ name: 'bench', params: { id: box.id, station: 'size' } })
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
}
</script>

<template>
  <section class="first">
    <p>
      The shelf is empty. <RouterLink to="/new-box">Begin a box</RouterLink> from what it must hold or fit, or
      take one of these and change it. What you own, boards, cutters, woods, lies on the
      <RouterLink to="/rack">rack</RouterLink>: a box then takes its cutter and its board from there.
    </p>
    <ul>
      <li v-for="one in begun" :key="one.plan.name" :style="woodTint(one.plan.walls.wood)">
        <button type="button" @click="take(one.plan)">
          <span class="picture"><FigureView v-if="one.figure" :figure="one.figure" :pad="8" quiet /></span>
          <strong>{{ one.plan.name }}</strong>
          <span>{{ one.says }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.first p {
  max-width: 44rem;
  font-size: 1.1rem;
}
ul {
  list-style: none;
  margin: 1.4rem 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
  gap: 1.4rem;
}
button {
  width: 100%;
  display: grid;
  gap: 0.2rem;
  border: 2px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
button:hover,
button:focus-visible {
  border-color: var(--edge);
}
button > span:last-child {
  color: var(--quiet);
}
.picture {
  height: 12rem;
}
.picture :deep(svg) {
  pointer-events: none;
}
</style>
