<script setup lang="ts">
import Select from 'primevue/select'
import { computed, defineAsyncComponent, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { displays } from '../bench/displays'
import { useBench } from '../bench/store'
import BlanksShelf from '../rack/BlanksShelf.vue'
import { rackDisplay } from '../rack/display'
import DamagedRecords from '../shop/DamagedRecords.vue'

/** What the shop owns and believes. */
const route = useRoute()
const bench = useBench()
/** the box on the bench, when the rack was opened from it: its lengths are shown here too */
const from = computed(() => (route.query.from && route.query.from === bench.id ? bench.id : ''))
if (from.value && bench.plan) rackDisplay.value = bench.plan.display
const shelves = {
  blanks: { title: 'Boards', part: BlanksShelf, kinds: ['BLANK'] },
  cutters: {
    title: 'Cutters',
    part: defineAsyncComponent(() => import('../rack/CuttersShelf.vue')),
    kinds: ['CUTTER']
  },
  jigs: {
    title: 'Jigs',
    part: defineAsyncComponent(() => import('../rack/JigsShelf.vue')),
    kinds: ['JIG']
  },
  machines: {
    title: 'Machines',
    part: defineAsyncComponent(() => import('../rack/MachinesShelf.vue')),
    kinds: ['MACHINE']
  },
  finishes: {
    title: 'Finishes',
    part: defineAsyncComponent(() => import('../rack/FinishesShelf.vue')),
    kinds: ['FINISH']
  },
  woods: {
    title: 'Woods',
    part: defineAsyncComponent(() => import('../rack/WoodsShelf.vue')),
    kinds: ['WOOD']
  },
  climates: {
    title: 'Climates',
    part: defineAsyncComponent(() => import('../rack/ClimatesShelf.vue')),
    kinds: ['CLIMATE']
  },
  'house-rules': {
    title: 'House rules',
    part: defineAsyncComponent(() => import('../rack/RulesShelf.vue')),
    kinds: ['HOUSE_RULE']
  },
  backups: {
    title: 'Backups',
    part: defineAsyncComponent(() => import('../rack/BackupsShelf.vue')),
    kinds: []
  },
  tablets: {
    title: 'Tablets',
    part: defineAsyncComponent(() => import('../rack/TabletsShelf.vue')),
    kinds: []
  }
} as const
/** A shelf that is not there, as the address has it. */
const unknown = computed(() => {
  const asked = String(route.params.shelf ?? '')
  return asked && !(asked in shelves) ? asked : ''
})
const shelf = computed(() => {
  const asked = String(route.params.shelf ?? '')
  return asked in shelves ? (asked as keyof typeof shelves) : 'blanks'
})
watchEffect(() => {
  document.title = `${shelves[shelf.value].title} – Cant Hook`
})
</script>

<template>
  <div class="rack">
    <header>
      <RouterLink v-if="from" :to="`/boxes/${from}`" class="boxes">Back to {{ bench.plan?.name }}</RouterLink>
      <RouterLink to="/boxes" class="boxes">All boxes</RouterLink>
      <h1>Rack</h1>
      <nav aria-label="Shelves of the rack">
        <RouterLink
          v-for="(s, id) in shelves"
          :key="id"
          :to="{ path: `/rack/${id}`, query: route.query }"
          :class="{ here: id === shelf }"
          >{{ s.title }}</RouterLink
        >
      </nav>
      <span id="rack-lengths">Lengths in</span>
      <Select
        v-model="rackDisplay"
        :options="displays"
        option-label="label"
        option-value="value"
        aria-labelledby="rack-lengths"
        size="small"
      />
    </header>
    <p v-if="unknown" class="unknown" role="alert">
      There is no shelf called “{{ unknown }}”; these are the blanks.
    </p>
    <DamagedRecords :key="shelf" :kinds="shelves[shelf].kinds" />
    <component :is="shelves[shelf].part" :key="`${shelf} ${rackDisplay}`" />
  </div>
</template>

<style scoped>
.rack {
  height: 100%;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.9rem;
  padding: 0.7rem 1.3rem 0.55rem;
  background: var(--rail);
  color: var(--rail-ink);
}
.unknown {
  margin: 0;
  padding: 0.5rem 1.3rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
}
.boxes {
  color: var(--rail-quiet);
}
nav {
  display: flex;
  flex-wrap: wrap;
  flex: 1;
}
nav a {
  color: var(--rail-quiet);
  text-decoration: none;
  padding: 0.2rem 0.6rem;
  font-weight: 600;
}
nav a.here {
  color: var(--rail-ink);
  box-shadow: inset 0 -4px var(--edge);
}
</style>
