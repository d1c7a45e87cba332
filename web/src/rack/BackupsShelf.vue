<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type BackupsView } from '../api/client'
import OpenFiles from './OpenFiles.vue'
import ShelfFrame from './ShelfFrame.vue'
import { hourOf } from '../words/when'

/** Backups of the shop: one a day by itself, one now by hand, each to be taken to another disk; how one is brought back. */
const shop = ref<BackupsView>()
const failed = ref('')
const made = ref('')
const busy = ref(false)

async function load() {
  try {
    shop.value = await answer(api.GET('/api/backups', {}))
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)

async function make() {
  if (busy.value) return
  busy.value = true
  try {
    const one = await answer(api.POST('/api/backups', {}))
    made.value = one.name
    failed.value = ''
    await load()
  } catch (error) {
    failed.value = problemOf(error).detail
  } finally {
    busy.value = false
  }
}
const newest = computed(() => shop.value?.backups.find((b) => b.at))
const size = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
</script>

<template>
  <ShelfFrame>
    <p class="told" role="status">
      <template v-if="newest?.at">
        Backed up last on <strong>{{ hourOf(newest.at) }}</strong>: {{ newest.boxes }} boxes,
        {{ newest.photos }} photos.
      </template>
      <template v-else>Not backed up yet.</template>
    </p>
    <p>
      <button type="button" class="now" :disabled="busy" @click="make">
        {{ busy ? 'Backing up…' : 'Back up now' }}
      </button>
    </p>
    <p v-if="failed || shop?.fault" class="failed" role="alert">{{ failed || shop?.fault }}</p>
    <ul class="backups" aria-label="Backups">
      <li v-for="b in shop?.backups ?? []" :key="b.name" :class="{ made: b.name === made }">
        <strong>{{ b.at ? hourOf(b.at) : b.name }}</strong>
        <span v-if="b.at">{{ b.boxes }} boxes, {{ b.photos }} photos, {{ size(b.bytes) }}</span>
        <span v-else class="failed">cannot be read</span>
        <span class="quiet">{{ b.daily ? 'by itself' : 'by hand' }}</span>
        <a :href="`/api/backups/${b.name}`" download :aria-label="`Take ${b.name} away`">Take it away</a>
      </li>
    </ul>
    <OpenFiles />
    <template #slate>
      <h2>Everything in one file</h2>
      <p>
        Boxes with every state they were in, rack, Book, photos, runs at the saw. Once a day one is made by
        itself; fourteen are kept.
      </p>
      <p>They lie in</p>
      <p class="path">{{ shop?.folder }}</p>
      <p>On this disk they help against a slip. Against a dead disk take one away.</p>
      <h2>Bring one back</h2>
      <p>Stop Cant Hook, then in its folder:</p>
      <p class="path">./cant-hook restore FILE</p>
      <p>It says what it replaces and asks; what was there is kept.</p>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.told {
  margin: 0 0 0.4rem;
  font-size: 1.2rem;
}
.now {
  padding: 0.6rem 1.4rem;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-size: 1.1rem;
  font-weight: 700;
  cursor: pointer;
}
.now:disabled {
  opacity: 0.6;
}
.backups {
  list-style: none;
  margin: 1rem 0 0;
  padding: 0;
}
.backups li {
  display: grid;
  grid-template-columns: 10rem 1fr 5rem auto;
  gap: 0.9rem;
  align-items: baseline;
  padding: 0.5rem 0.6rem;
  border-bottom: 1px dotted var(--rule);
}
.backups .made {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--good);
}
.quiet {
  color: var(--quiet);
}
.path {
  margin: 0.1rem 0 0.6rem;
  padding: 0.3rem 0.5rem;
  background: var(--ground);
  font-family: var(--mono);
  font-size: 0.92rem;
  overflow-wrap: anywhere;
}
h2 {
  margin: 0.8rem 0 0.2rem;
  font-size: 1rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 700px) {
  .backups li {
    grid-template-columns: 1fr auto;
  }
}
</style>
