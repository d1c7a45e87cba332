<script setup lang="ts">
import Select from 'primevue/select'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, problemOf, type PrintedView } from '../api/client'

/** The papers of a box as they will be printed, before they are. */
const route = useRoute()
const id = computed(() => String(route.params.id ?? ''))
const paper = ref(localStorage.getItem('paper') ?? 'a4')
const papers = ref<PrintedView[]>([])
const name = ref('')
const trouble = ref('')
const chosen = ref(String(route.query.sheet ?? 'shop-sheet'))
const now = computed(() => papers.value.find((p) => p.name === chosen.value) ?? papers.value[0])

watch(
  [id, paper],
  async () => {
    localStorage.setItem('paper', paper.value)
    trouble.value = ''
    try {
      const box = await api.GET('/api/boxes/{id}', { params: { path: { id: id.value } } })
      name.value = box.data?.plan.name ?? ''
      const asked = await api.GET('/api/boxes/{id}/papers', {
        params: { path: { id: id.value }, query: { paper: paper.value } }
      })
      papers.value = asked.data ?? []
      document.title = `Papers, ${name.value} – Cant Hook`
    } catch (error) {
      trouble.value = problemOf(error).detail
    }
  },
  { immediate: true }
)

const file = (path: string) => `/api/boxes/${id.value}/${path}?paper=${paper.value}`
const drawn = ref(0)
watch([now, paper], () => (drawn.value = 0))

function key(event: KeyboardEvent) {
  if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey) return
  const by =
    event.key === 'ArrowDown' || event.key === ']' ? 1 : event.key === 'ArrowUp' || event.key === '[' ? -1 : 0
  const at = papers.value.findIndex((p) => p === now.value) + by
  const next = papers.value[at]
  if (by && next && (event.target as HTMLElement).tagName !== 'SPAN') chosen.value = next.name
}
window.addEventListener('keydown', key)
onBeforeUnmount(() => window.removeEventListener('keydown', key))
</script>

<template>
  <div class="papers">
    <header>
      <RouterLink :to="`/boxes/${id}/cut`" class="back">Back to {{ name || 'the box' }}</RouterLink>
      <h1>Papers</h1>
      <span id="paper-size">Paper</span>
      <Select
        v-model="paper"
        :options="[
          { value: 'a4', label: 'A4' },
          { value: 'letter', label: 'Letter' }
        ]"
        option-label="label"
        option-value="value"
        size="small"
        aria-labelledby="paper-size"
      />
      <a class="print" :href="file('papers.pdf')" target="_blank">Print everything in one</a>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-else class="both">
      <nav aria-label="The papers of this box">
        <ul>
          <li v-for="p in papers" :key="p.name">
            <button type="button" :aria-current="p === now ? 'page' : undefined" @click="chosen = p.name">
              <strong>{{ p.title }}</strong>
              <span>{{ p.about }}; {{ p.pages === 1 ? 'one page' : `${p.pages} pages` }}</span>
            </button>
          </li>
        </ul>
        <a v-if="now" class="one" :href="file(`papers/${now.name}.pdf`)" target="_blank"
          >Print {{ now.title.toLowerCase() }}</a
        >
        <p class="at">Print at 100 %, no fitting to the page; then measure the bar of 100 mm.</p>
      </nav>
      <main tabindex="0" aria-label="The pages" :aria-busy="now ? drawn < now.pages : true">
        <template v-if="now">
          <p v-if="drawn < now.pages" class="wait" role="status">Drawing the pages…</p>
          <img
            v-for="page in now.pages"
            :key="`${now.name} ${page} ${paper}`"
            :src="file(`papers/${now.name}/${page}.png`)"
            :alt="`${now.title}, page ${page} of ${now.pages}`"
            :class="{ lying: now.name === 'stick' || now.name === 'corners' }"
            @load="drawn++"
            @error="trouble = 'A page could not be drawn. Print it: that works without the picture.'"
          />
        </template>
      </main>
    </div>
  </div>
</template>

<style scoped>
.papers {
  height: 100%;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.4rem 1.1rem;
  padding: 0.7rem 1.3rem 0.55rem;
  background: var(--rail);
  color: var(--rail-ink);
}
h1 {
  flex: 1;
}
.back {
  color: var(--rail-quiet);
}
.print,
.one {
  background: var(--edge);
  color: var(--sheet);
  font-weight: 700;
  padding: 0.45rem 0.9rem;
  border-radius: 3px;
  text-decoration: none;
}
.one {
  display: block;
  margin: 0.8rem 1.1rem;
  text-align: center;
}
.both {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 19rem minmax(0, 1fr);
}
nav {
  background: var(--paper);
  border-right: 1px solid var(--rule);
  overflow: auto;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li button {
  display: grid;
  width: 100%;
  padding: 0.65rem 1.1rem;
  border: 0;
  border-bottom: 1px solid var(--rule);
  border-left: 7px solid transparent;
  background: none;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
li button[aria-current] {
  border-left-color: var(--edge);
  background: var(--sheet);
}
li span,
.at {
  font-size: 0.88rem;
  color: var(--quiet);
}
.at {
  margin: 0 1.1rem;
}
main {
  overflow: auto;
  padding: 1rem;
  display: grid;
  gap: 1rem;
  justify-items: center;
  align-content: start;
}
img {
  width: min(100%, 46rem);
  background: #fff;
  border: 1px solid var(--rule);
  box-shadow: 0 2px 10px rgb(0 0 0 / 14%);
}
img.lying {
  width: 100%;
}
.wait {
  margin: 0;
  color: var(--quiet);
}
.trouble {
  margin: 1rem 1.3rem;
  padding: 0.6rem 1rem;
  background: var(--sheet);
  border-left: 8px solid var(--mind);
}
@media (max-width: 900px) {
  .papers {
    height: auto;
  }
  .both {
    grid-template-columns: 1fr;
  }
  ul {
    display: flex;
    overflow-x: auto;
  }
  li button {
    width: 11rem;
    height: 100%;
    border-left: 0;
    border-top: 6px solid transparent;
  }
  li button[aria-current] {
    border-top-color: var(--edge);
  }
  main {
    padding: 0.5rem;
  }
}
</style>
