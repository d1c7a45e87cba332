<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { named } from '../words/names'
import { answer, api, problemOf, type KeptBox, type WhatIf, type WhatIfsOf } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { woodTint } from '../drawing/tint'
import { hourOf } from '../words/when'

/** A box tried otherwise: begun here, laid over the box it came from, taken, kept as a box of its own, or let go. */
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id ?? ''))
const box = ref<KeptBox>()
const all = ref<WhatIfsOf>()
const both = ref<WhatIf>()
const name = ref('')
const failed = ref('')
const busy = ref(false)

async function load() {
  both.value = undefined
  all.value = undefined
  try {
    const path = { params: { path: { id: id.value } } }
    const [found, tried] = await Promise.all([
      answer(api.GET('/api/boxes/{id}', path)),
      answer(api.GET('/api/boxes/{id}/what-ifs', path))
    ])
    box.value = found
    all.value = tried
    document.title = `What if: ${found.plan.name} – Cant Hook`
    if (tried.of) {
      both.value = await answer(api.GET('/api/boxes/{id}/what-if', path))
      name.value = named(found.plan.name, { behind: ', the other' })
    }
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
watch(id, load, { immediate: true })

/** One thing at a time; what went wrong is said. */
async function act(what: () => Promise<unknown>) {
  if (busy.value) return
  busy.value = true
  try {
    await what()
  } catch (error) {
    const problem = problemOf(error)
    if (problem.status === 409) await load()
    failed.value =
      problem.status === 409 ? 'The box was changed meanwhile; look again, then take it.' : problem.detail
  } finally {
    busy.value = false
  }
}
const toBench = (of: string, station = 'size') => router.push({ name: 'bench', params: { id: of, station } })
const begin = () =>
  act(async () => {
    const tried = await answer(api.POST('/api/boxes/{id}/what-ifs', { params: { path: { id: id.value } } }))
    await toBench(tried.id)
  })
const take = () =>
  act(async () => {
    const seen = both.value
    if (!seen) return
    const taken = await answer(
      api.POST('/api/boxes/{id}/what-if/take', {
        params: { path: { id: id.value } },
        body: { revision: seen.revision }
      })
    )
    await toBench(taken.id)
  })
const keep = () =>
  act(async () => {
    const own = await answer(
      api.POST('/api/boxes/{id}/what-if/keep', {
        params: { path: { id: id.value } },
        body: { name: name.value }
      })
    )
    await toBench(own.id)
  })
const letGo = () =>
  act(async () => {
    const of = both.value?.of.id ?? ''
    await answer(api.DELETE('/api/boxes/{id}/what-if', { params: { path: { id: id.value } } }))
    await router.push({ name: 'what-if', params: { id: of } })
  })
const figure = (of: string) => both.value?.figures.find((f) => f.id === of)
</script>

<template>
  <div class="what-if" :style="box ? woodTint(box.plan.walls.wood) : {}">
    <header>
      <RouterLink :to="{ name: 'bench', params: { id, station: 'size' } }">Back to the bench</RouterLink>
      <RouterLink v-if="both" :to="{ name: 'bench', params: { id: both.of.id, station: 'size' } }"
        >To the box as it stands</RouterLink
      >
      <h1>{{ both ? `What if: ${both.of.name}` : `What if ${box?.plan.name ?? 'it'} were otherwise?` }}</h1>
    </header>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <div v-if="both" class="both">
      <main>
        <p class="key"><span class="was" /> as it stands <span class="is" /> what if</p>
        <div class="sticks">
          <FigureView v-if="figure('sticks')" :figure="figure('sticks')!" :pad="8" quiet />
        </div>
        <div class="parts">
          <FigureView v-if="figure('parts')" :figure="figure('parts')!" :pad="8" quiet />
        </div>
        <div class="boxes">
          <FigureView v-if="figure('both')" :figure="figure('both')!" :pad="8" quiet />
        </div>
      </main>
      <aside>
        <h2>Decided otherwise</h2>
        <ul v-if="both.says.length" class="says">
          <li v-for="s in both.says" :key="s">{{ s }}</li>
        </ul>
        <p v-else>
          Nothing yet.
          <RouterLink :to="{ name: 'bench', params: { id, station: 'size' } }">Change it</RouterLink>
        </p>
        <p v-if="both.moved" class="moved">
          {{ both.of.name }} itself was changed since; taking this one puts that back too.
        </p>
        <p class="acts">
          <button type="button" class="take" :disabled="busy || !both.says.length" @click="take">
            Take it
          </button>
          <button type="button" class="word" :disabled="busy" @click="letGo">Let it go</button>
        </p>
        <form @submit.prevent="keep">
          <label
            >Keep both, this one as
            <input v-model="name" maxlength="80" autocomplete="off" />
          </label>
          <button type="submit" class="word" :disabled="busy">keep both</button>
        </form>
        <h2>Numbers that differ</h2>
        <table v-if="both.numbers.length">
          <thead>
            <tr>
              <td></td>
              <th scope="col">as it stands</th>
              <th scope="col">what if</th>
            </tr>
          </thead>
          <tbody v-for="at in both.numbers" :key="at.station">
            <tr>
              <th colspan="3" scope="rowgroup" class="station">{{ at.title }}</th>
            </tr>
            <tr v-for="n in at.numbers" :key="n.id" :data-number="n.id">
              <th scope="row">{{ n.label }}</th>
              <td class="was">{{ n.was ?? 'none' }}</td>
              <td class="is">{{ n.is ?? 'none' }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">{{ both.numbers.length ? `${both.alike} others are alike.` : 'All are alike.' }}</p>
      </aside>
    </div>
    <main v-else-if="all && box" class="begin">
      <button type="button" class="take" :disabled="busy" @click="begin">Try it otherwise</button>
      <p>
        A copy goes on the bench, with its test cuts. Change it as you like: {{ box.plan.name }} stays as it
        is until you lay both over each other and take one.
      </p>
      <template v-if="all.tried.length">
        <h2>Tried so far</h2>
        <ul class="tried">
          <li v-for="t in all.tried" :key="t.id">
            <RouterLink :to="{ name: 'what-if', params: { id: t.id } }">
              <span v-for="s in t.says" :key="s">{{ s }}</span>
              <span v-if="!t.says.length">Nothing changed yet</span>
            </RouterLink>
            <span class="quiet">{{ hourOf(t.begunAt) }}</span>
          </li>
        </ul>
      </template>
    </main>
  </div>
</template>

<style scoped>
.what-if {
  height: 100%;
  display: flex;
  flex-direction: column;
  background: var(--ground);
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 1.4rem;
  background: var(--rail);
  color: var(--rail-ink);
  padding: 0.7rem 1.3rem;
}
header a {
  color: var(--rail-quiet);
}
h1 {
  font-size: 1.4rem;
}
h2 {
  font-size: 1.1rem;
  margin: 0.9rem 0 0.3rem;
}
h2:first-child {
  margin-top: 0;
}
.both {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 27rem;
}
main {
  min-height: 0;
  display: grid;
  grid-template-rows: auto minmax(0, 0.7fr) minmax(0, 1fr) minmax(0, 1.5fr);
  padding: 0.3rem 1rem 0.6rem;
}
main.begin {
  display: block;
  overflow: auto;
  padding: 1.6rem;
  font-size: 1.1rem;
  max-width: 46rem;
}
.sticks,
.parts,
.boxes {
  min-height: 0;
  position: relative;
}
.key {
  margin: 0;
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
.key span {
  width: 2.2rem;
  height: 0;
  border-top: 2px dashed var(--cut);
}
.key .is {
  margin-left: 1rem;
  height: 0.8rem;
  border: 1px solid var(--ink);
  background: var(--wood);
}
aside {
  background: var(--paper);
  border-left: 1px solid var(--rule);
  padding: 0.8rem 1.1rem;
  overflow: auto;
}
.says {
  margin: 0;
  padding-left: 1.2rem;
  font-size: 1.06rem;
  font-weight: 600;
}
.moved {
  border-left: 5px solid var(--edge);
  padding-left: 0.6rem;
}
.acts {
  display: flex;
  gap: 1.2rem;
  align-items: baseline;
  margin: 0.7rem 0 0.4rem;
}
.take {
  padding: 0.55rem 1.3rem;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-size: 1.1rem;
  font-weight: 700;
  cursor: pointer;
}
.take:disabled {
  opacity: 0.5;
}
form {
  display: flex;
  gap: 0.6rem;
  align-items: end;
}
label {
  display: grid;
  flex: 1;
}
input {
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  padding: 0.25rem 0.4rem;
}
table {
  width: 100%;
  border-collapse: collapse;
}
thead th {
  text-align: right;
  font-size: 0.86rem;
  color: var(--quiet);
}
tbody th {
  text-align: left;
  font-weight: 400;
  padding-right: 0.6rem;
}
tbody td {
  text-align: right;
  font-family: var(--mono);
  font-size: 0.92rem;
  white-space: nowrap;
  padding-left: 0.6rem;
}
tbody tr {
  border-bottom: 1px dotted var(--rule);
}
th.station {
  padding-top: 0.5rem;
  font-weight: 700;
}
td.was {
  color: var(--cut);
}
td.is {
  font-weight: 700;
}
.tried {
  list-style: none;
  padding: 0;
}
.tried li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  padding: 0.4rem 0;
  border-bottom: 1px dotted var(--rule);
}
.tried a {
  display: grid;
}
.quiet {
  color: var(--quiet);
}
.failed {
  margin: 0;
  padding: 0.5rem 1.3rem;
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 900px) {
  .both {
    display: block;
    overflow: auto;
  }
  .sticks {
    height: 9rem;
  }
  .parts {
    height: 9rem;
  }
  .boxes {
    height: 15rem;
  }
}
</style>
