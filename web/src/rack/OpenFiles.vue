<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { answer, api, problemOf, sendFile, type Found } from '../api/client'
import { brought } from '../shop/brought'

/** The shop as an archive of open files: taken away; brought in after it was looked at. */
const file = shallowRef<File>()
const found = ref<Found[]>([])
const failed = ref('')
const done = ref('')
const busy = ref(false)
const RAW = 'application/octet-stream'

onMounted(() => {
  const one = brought.value
  brought.value = undefined
  if (one) void look(one)
})

async function act(what: () => Promise<void>) {
  if (busy.value) return
  busy.value = true
  try {
    failed.value = ''
    done.value = ''
    await what()
  } catch (error) {
    failed.value = problemOf(error).detail
  } finally {
    busy.value = false
  }
}
const look = (one: File) =>
  act(async () => {
    file.value = undefined
    found.value = (await sendFile<{ all: Found[] }>('/api/shop/look', one, RAW)).all
    file.value = one
  })
function choose(event: Event) {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) void look(input.files[0])
  input.value = ''
}
const take = (whole: boolean) =>
  act(async () => {
    // whatever it brings, what is here can be had back
    if (whole) await answer(api.POST('/api/backups', {}))
    if (file.value) await sendFile(`/api/shop/take?whole=${whole}`, file.value, RAW)
    file.value = undefined
    done.value = whole ? 'The shop is as in the file; what was here is backed up.' : 'Taken in.'
  })

const groups = computed(() =>
  [
    { is: 'NEW', words: 'New' },
    { is: 'OTHER', words: 'Becomes as in the file; what stands stays in the history' },
    { is: 'ONLY_HERE', words: 'Only here: stays when merged, is put away when replaced' }
  ]
    .map((g) => ({ ...g, all: found.value.filter((f) => f.is === g.is) }))
    .filter((g) => g.all.length)
)
const alike = computed(() => found.value.filter((f) => f.is === 'SAME').length)
</script>

<template>
  <section class="open-files">
    <h2>As open files</h2>
    <p>
      Boxes, rack and house rules as JSON and CSV in one archive, to read or work on elsewhere.
      <a href="/api/shop.zip" download>Take the shop away</a>
      <label class="bring"
        >Bring one in<input type="file" accept=".zip,application/zip" class="sr-only" @change="choose"
      /></label>
    </p>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <p v-if="done" role="status">{{ done }}</p>
    <template v-if="file">
      <h3>{{ file.name }} would bring</h3>
      <div v-for="g in groups" :key="g.is">
        <h4>{{ g.words }}</h4>
        <ul>
          <li v-for="f in g.all" :key="`${f.kind} ${f.id}`">
            {{ f.name }} <span class="quiet">{{ f.kind }}</span>
          </li>
        </ul>
      </div>
      <p class="quiet">
        {{ groups.length ? `${alike} others are the same.` : 'All of it is here already.' }}
      </p>
      <p class="acts">
        <button type="button" class="now" :disabled="busy" @click="take(false)">Merge</button>
        <button type="button" class="word" :disabled="busy" @click="take(true)">
          Replace the shop by it
        </button>
        <button type="button" class="word" :disabled="busy" @click="file = undefined">Leave it</button>
      </p>
    </template>
  </section>
</template>

<style scoped>
.open-files {
  margin-top: 1.4rem;
  border-top: 1px solid var(--rule);
}
h2 {
  font-size: 1.2rem;
  margin: 0.8rem 0 0.2rem;
}
h3 {
  font-size: 1.05rem;
  margin: 0.6rem 0 0;
}
h4 {
  margin: 0.5rem 0 0.1rem;
  font-size: 1rem;
}
ul {
  margin: 0;
  padding-left: 1.2rem;
  columns: 18rem auto;
}
.bring {
  margin-left: 1rem;
  white-space: nowrap;
  color: var(--edge);
  font-weight: 700;
  text-decoration: underline;
  cursor: pointer;
}
.bring:focus-within {
  outline: 3px solid var(--edge);
}
.acts {
  display: flex;
  gap: 1.2rem;
  align-items: baseline;
}
.now {
  padding: 0.5rem 1.2rem;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-weight: 700;
  cursor: pointer;
}
.quiet {
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
