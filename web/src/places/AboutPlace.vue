<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, type MadeOf } from '../api/client'
import PlaceHead from '../practice/PlaceHead.vue'

/** What the application is made of, and under which licences. */
const made = ref<MadeOf>()
const failed = ref('')
onMounted(async () => {
  document.title = 'What it is made of – Cant Hook'
  try {
    made.value = await answer(api.GET('/api/made-of'))
  } catch (error) {
    failed.value = problemOf(error).detail
  }
})
const parts = [
  { id: 'frontEnd', title: 'What is on the screen' },
  { id: 'server', title: 'What works behind it' }
] as const
</script>

<template>
  <div class="about">
    <PlaceHead
      title="What it is made of"
      line="Cant Hook works out finger-jointed boxes on this machine alone; nothing leaves it. It stands on the work of many others:"
      back="All boxes"
      back-to="/boxes"
    />
    <p v-if="failed" role="alert">{{ failed }}</p>
    <main v-if="made">
      <section v-for="p in parts" :key="p.id">
        <h2>{{ p.title }}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">library</th>
              <th scope="col">version</th>
              <th scope="col">licence</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in made[p.id]" :key="`${l.name} ${l.version}`">
              <th scope="row">{{ l.name }}</th>
              <td>{{ l.version }}</td>
              <td>{{ l.licences.join(', ') }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </main>
  </div>
</template>

<style scoped>
.about {
  min-height: 100%;
  background: var(--ground);
}
main {
  padding: 0.4rem 1.3rem 2rem;
}
h2 {
  font-size: 1.2rem;
  margin: 1rem 0 0.3rem;
}
table {
  border-collapse: collapse;
  width: 100%;
  max-width: 62rem;
}
thead th {
  text-align: left;
  color: var(--quiet);
  font-weight: 600;
}
tbody th {
  text-align: left;
  font-weight: 600;
  overflow-wrap: anywhere;
}
td {
  font-size: 0.95rem;
}
tr > * {
  padding: 0.2rem 1rem 0.2rem 0;
}
tbody tr {
  border-top: 1px dotted var(--rule);
}
</style>
