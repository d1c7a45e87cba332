<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useToast } from 'primevue/usetoast'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { answer, api, problemOf, type ShelfBox } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { bringIn } from '../shop/bring-in'
import { woodTint } from '../drawing/tint'
import FirstBoxes from '../begin/FirstBoxes.vue'
import { allUnkept, type Unkept } from '../bench/unkept'
import ShelfSieve, { ANY, type Order, type Stage } from '../shop/ShelfSieve.vue'
import DamagedRecords from '../shop/DamagedRecords.vue'
import TodaySteps from './TodaySteps.vue'

const router = useRouter()
const toast = useToast()
const boxes = ref<ShelfBox[]>()
const total = ref(0)
const put = ref<ShelfBox[]>([])
const putTotal = ref(0)
const search = ref('')
const order = ref<Order>('NEWEST')
const wood = ref(ANY)
const stage = ref<Stage>('ANY')
const find = ref<{ $el: HTMLInputElement }>()
const unkept = ref<Unkept[]>([])
const failed = ref('')
let turn = 0

/** A page of the shelf, and how many boxes there are in all. */
async function page(archived: boolean, from: number): Promise<[ShelfBox[], number]> {
  const asked = api.GET('/api/boxes', {
    params: {
      query: {
        archived,
        search: search.value,
        wood: wood.value === ANY ? '' : wood.value,
        stage: stage.value,
        order: order.value,
        from
      }
    }
  })
  const found = await answer(asked)
  return [found, Number((await asked).response.headers.get('X-Total-Count') ?? found.length)]
}

async function load() {
  const mine = ++turn
  try {
    const [found, away] = await Promise.all([page(false, 0), page(true, 0)])
    if (mine !== turn) return
    ;[boxes.value, total.value] = found
    ;[put.value, putTotal.value] = away
    unkept.value = allUnkept()
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
watchDebounced(search, load, { debounce: 150 })
watch([order, wood, stage], load)
const sieved = computed(() => Boolean(search.value || wood.value !== ANY || stage.value !== 'ANY'))

/** Slash looks for a box, n begins one. */
useEventListener('keydown', (event: KeyboardEvent) => {
  if (
    (event.target as HTMLElement).closest('input, textarea, [role=combobox]') ||
    event.ctrlKey ||
    event.metaKey
  )
    return
  if (event.key === '/') {
    event.preventDefault()
    find.value?.$el.focus()
  }
  if (event.key === 'n') void router.push('/new-box')
})

async function more(archived: boolean) {
  try {
    const list = archived ? put : boxes
    const known = list.value ?? []
    const [next, all] = await page(archived, known.length)
    const shown = new Set(known.map((b) => b.id))
    list.value = [...known, ...next.filter((b) => !shown.has(b.id))]
    if (archived) putTotal.value = all
    else total.value = all
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}

async function back(box: ShelfBox) {
  try {
    await answer(api.POST('/api/boxes/{id}/earlier', { params: { path: { id: box.id } } }))
    await load()
    toast.add({ severity: 'info', summary: `${box.name} is as it was when it was last sound.`, life: 5000 })
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(() => {
  document.title = 'Boxes – Cant Hook'
  void load()
})

async function copy(box: ShelfBox) {
  await answer(api.POST('/api/boxes/{id}/copy', { params: { path: { id: box.id } } }))
  await load()
}
async function archive(box: ShelfBox) {
  await answer(api.DELETE('/api/boxes/{id}', { params: { path: { id: box.id } } }))
  await load()
  toast.add({ severity: 'info', summary: `${box.name} is put away. Take it out again below.`, life: 5000 })
}
async function restore(box: ShelfBox) {
  await answer(api.POST('/api/boxes/{id}/restore', { params: { path: { id: box.id } } }))
  await load()
}

async function bring(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) failed.value = await bringIn(file, router)
  input.value = ''
}
</script>

<template>
  <div class="shelf-page">
    <header>
      <h1>Boxes</h1>
      <RouterLink to="/rack" class="rack-link">Rack</RouterLink>
      <RouterLink to="/book" class="rack-link">Book</RouterLink>
      <RouterLink to="/practice" class="rack-link">Practice</RouterLink>
      <InputText ref="find" v-model="search" placeholder="Search  /" aria-label="Search the boxes" />
      <label class="bring"
        >Bring in a file<input
          type="file"
          accept="application/json,.json,.zip"
          class="sr-only"
          @change="bring"
      /></label>
      <RouterLink to="/new-box" class="new">New box</RouterLink>
    </header>
    <main>
      <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
      <TodaySteps @refused="failed = $event" @changed="load" />
      <ShelfSieve
        v-if="total > 1 || sieved"
        v-model:order="order"
        v-model:wood="wood"
        v-model:stage="stage"
        :total="total"
        @refused="failed = $event"
      />
      <p v-if="boxes && !boxes.length && sieved" class="empty">
        No box here answers to that<template v-if="search"> and “{{ search }}”</template>.
      </p>
      <FirstBoxes v-else-if="boxes && !boxes.length" @refused="failed = $event" />
      <DamagedRecords :kinds="['RUN']" />
      <p v-for="u in unkept" :key="u.id" class="unkept">
        Changes to <strong>{{ u.name }}</strong> are not kept yet.
        <RouterLink :to="{ name: 'bench', params: { id: u.id } }">Go on with it</RouterLink>
      </p>
      <ul class="shelf">
        <li v-for="box in boxes" :key="box.id" :style="woodTint(box.wood.toLowerCase())">
          <div v-if="box.damage" class="box damaged" :data-damaged="box.id">
            <span class="picture">cannot be read</span>
            <span class="name">{{ box.name }}</span>
            <span class="next stop">{{ box.damage }} Its other states are in its history.</span>
            <p class="acts">
              <button type="button" class="word" @click="back(box)">put back to its last sound state</button>
              <a :href="`/api/boxes/${box.id}/as-kept`" download>download it as it is</a>
              <button type="button" class="word" @click="archive(box)">put away</button>
            </p>
          </div>
          <RouterLink
            v-else
            :to="{ name: 'bench', params: { id: box.id, station: box.station } }"
            class="box"
          >
            <span class="picture"><FigureView v-if="box.figure" :figure="box.figure" :pad="10" quiet /></span>
            <span class="name">{{ box.name }}</span>
            <span class="about">{{ box.purpose }}</span>
            <span class="size mono">{{ box.size.replace('outside ', '') }}</span>
            <span class="about">{{ box.wood }}</span>
            <span class="next" :class="box.worst?.toLowerCase()"><strong>Next</strong> {{ box.next }}</span>
          </RouterLink>
          <p v-if="!box.damage" class="acts">
            <button type="button" class="word" :aria-label="`Copy ${box.name}`" @click="copy(box)">
              copy
            </button>
            <button type="button" class="word" :aria-label="`Put ${box.name} away`" @click="archive(box)">
              put away
            </button>
          </p>
        </li>
      </ul>
      <p v-if="boxes && boxes.length < total" class="more">
        <button type="button" class="word" @click="more(false)">
          show {{ Math.min(24, total - boxes.length) }} more of {{ total }} boxes
        </button>
      </p>
      <section v-if="put.length" class="away">
        <h2>Put away</h2>
        <p v-for="box in put" :key="box.id">
          {{ box.name }} <button type="button" class="word" @click="restore(box)">take out again</button>
        </p>
        <p v-if="put.length < putTotal">
          <button type="button" class="word" @click="more(true)">show more of {{ putTotal }}</button>
        </p>
      </section>
      <p class="made"><RouterLink to="/about">What Cant Hook is made of</RouterLink></p>
    </main>
  </div>
</template>

<style scoped>
.rack-link {
  color: var(--rail-ink);
  font-weight: 600;
  font-size: 1.05rem;
}
.shelf-page {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 1.2rem;
  padding: 0.9rem 1.6rem;
  background: var(--rail);
  color: var(--rail-ink);
}
h1 {
  font-size: 1.5rem;
  margin-right: auto;
}
.bring {
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.bring:focus-within {
  outline: 3px solid #86b4ff;
}
.new {
  background: #f6d9ae;
  color: #12211b;
  border: 0;
  border-radius: 3px;
  font-weight: 700;
  padding: 0.5rem 1.1rem;
  text-decoration: none;
  cursor: pointer;
}
main {
  padding: 1.3rem 1.6rem;
}
.made {
  margin: 2.4rem 0 0;
  font-size: 0.92rem;
}
.made a {
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
  background: var(--sheet);
  border-left: 8px solid var(--cut);
  padding: 0.6rem 0.9rem;
}
.empty {
  max-width: 34rem;
  font-size: 1.1rem;
}
.shelf {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(21rem, 1fr));
  gap: 1.6rem 1.6rem;
}
.box {
  display: grid;
  color: inherit;
  text-decoration: none;
  gap: 0.12rem;
}
.picture {
  height: 15rem;
  border-bottom: 9px solid var(--wood-end);
  margin-bottom: 0.5rem;
}
.picture :deep(svg) {
  pointer-events: none;
}
.name {
  font-weight: 700;
  font-size: 1.2rem;
}
.box:hover .name {
  text-decoration: underline;
}
.about {
  color: var(--quiet);
}
.size {
  font-size: 1.02rem;
}
.next {
  margin-top: 0.3rem;
  padding-left: 0.6rem;
  border-left: 4px solid var(--good);
  line-height: 1.3;
}
.next.mind {
  border-left: 4px double var(--mind);
}
.next.stop {
  border-left: 8px solid var(--cut);
}
.acts {
  margin: 0.35rem 0 0;
  display: flex;
  gap: 1rem;
  font-size: 0.9rem;
}
.box.damaged .acts {
  flex-direction: column;
  align-items: flex-start;
  gap: 0.3rem;
}
.box.damaged .picture {
  display: grid;
  place-items: center;
  color: var(--quiet);
  background: repeating-linear-gradient(135deg, transparent 0 14px, var(--rule) 14px 15px);
}
.unkept {
  border-left: 8px solid var(--mind);
  background: var(--sheet);
  padding: 0.5rem 0.9rem;
}
.more {
  margin-top: 1.4rem;
}
.away {
  margin-top: 2.4rem;
}
.away h2 {
  font-size: 1rem;
  color: var(--quiet);
}
.away p {
  margin: 0.2rem 0;
}
</style>
