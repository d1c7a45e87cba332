<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useBeginning, type Aim } from '../begin/beginning'
import AssumedList from '../begin/AssumedList.vue'
import FillDrawer from '../begin/FillDrawer.vue'
import LikeOne from '../begin/LikeOne.vue'
import ThingFields from '../begin/ThingFields.vue'
import { useReadings } from '../bench/reading'
import LengthField from '../bench/LengthField.vue'
import FigureView from '../drawing/FigureView.vue'
import NumText from '../drawing/NumText.vue'
import { woodTint } from '../drawing/tint'

/** A new box: what it is for, a true box from the first number on, and all that is assumed until it is said. */
const router = useRouter()
const beginning = useBeginning()
const { aim, inside, wish, thing, plan, begun, from, assumed, refused, refusedAt } = beginning
/** a set whose place is to be changed */
const set = computed(() => String(router.currentRoute.value.query.set ?? ''))
if (set.value) aim.value = 'DRAWER'
const laying = ref(false)
const readings = useReadings()
const filler = ref<InstanceType<typeof FillDrawer>>()
const drawn = ref<HTMLElement>()

const aims: { value: Aim; title: string; about: string }[] = [
  { value: 'CONTENTS', title: 'to hold something', about: 'things, room to move, dividers' },
  { value: 'OPENING', title: 'to fit a place', about: 'an opening, a shelf, a host box' },
  { value: 'DRAWER', title: 'to fill a drawer with small ones', about: 'a grid of boxes' },
  { value: 'OUTSIDE', title: 'this size', about: 'outside or inside' },
  { value: 'LIKE', title: 'like one I made', about: 'copy and change' }
]
const questions: Record<Aim, string> = {
  CONTENTS: 'What goes in?',
  OPENING: 'What must it fit into?',
  OUTSIDE: 'How large is it?',
  DRAWER: 'How do they lie in it?',
  LIKE: 'Which one?'
}
const figure = computed(() => begun.value?.figures.find((f) => f.id === 'standing'))
const station = (id: string) => begun.value?.stations.find((s) => s.id === id)?.line ?? ''
const dims = computed(() => {
  const at =
    from.value === 'CONTENTS' ? 'size.contents.items.0' : from.value === 'OPENING' ? 'size.opening' : 'size'
  return [
    { key: 'height' as const, label: from.value === 'CONTENTS' ? 'each, high' : 'High', at: `${at}.height` },
    { key: 'length' as const, label: from.value === 'CONTENTS' ? 'each, along' : 'Long', at: `${at}.length` },
    { key: 'width' as const, label: from.value === 'CONTENTS' ? 'each, across' : 'Wide', at: `${at}.width` }
  ]
})
const ASSUMED = { height: 'HEIGHT', length: 'LENGTH', width: 'WIDTH' } as const
function say(key: 'height' | 'length' | 'width', mm: number | undefined) {
  const target = from.value === 'CONTENTS' ? thing : wish
  Object.assign(target, { [key]: mm })
}
const stop = computed(() => {
  const found = begun.value?.verdicts.find((v) => v.weight === 'STOP')
  if (!found) return ''
  const words = ['LENGTH', 'WIDTH', 'HEIGHT', 'THICKNESS', 'CUTTER']
    .filter((a) => assumed.value.has(a))
    .map((a) => a.toLowerCase())
  return words.length ? `${found.sentence} Assumed so far: ${words.join(', ')}.` : found.sentence
})
onMounted(() => {
  document.title = 'A new box – Cant Hook'
})
/** the first number is asked at once */
async function begin() {
  await nextTick()
  drawn.value?.querySelector<HTMLInputElement>('.length input')?.focus()
}
watch(aim, begin)
onMounted(begin)

async function make() {
  if (aim.value === 'LIKE') return
  laying.value = true
  await readings()
  const id = aim.value === 'DRAWER' ? await filler.value?.fill() : await beginning.lay()
  laying.value = false
  if (id) await router.push({ name: 'bench', params: { id, station: 'size' } })
  else await nextTick(() => drawn.value?.querySelector<HTMLInputElement>('.p-invalid')?.focus())
}
</script>

<template>
  <form class="new-box" :style="woodTint(plan?.walls.wood ?? '')" @submit.prevent="make">
    <header>
      <RouterLink to="/boxes">All boxes</RouterLink>
      <h1>{{ set ? `The place of “${set}”` : 'A new box' }}</h1>
      <InputText
        v-model="wish.name"
        class="name"
        maxlength="80"
        autocomplete="off"
        placeholder="its name, when it has one"
        aria-label="Name"
      />
    </header>
    <nav aria-label="What it is for">
      <div class="aims" role="radiogroup" aria-label="What it is for">
        <button
          v-for="a in aims"
          :key="a.value"
          type="button"
          role="radio"
          class="aim"
          :aria-checked="aim === a.value"
          @click="aim = a.value"
        >
          <strong>{{ a.title }}</strong>
          <span>{{ a.about }}</span>
        </button>
      </div>
    </nav>
    <main ref="drawn">
      <div class="ask">
        <h2>{{ questions[aim] }}</h2>
        <p v-if="aim !== 'LIKE'" class="modes">
          <Select
            v-model="wish.unit"
            :options="[
              { value: 'MILLIMETRE', label: 'millimetres' },
              { value: 'INCH', label: 'inches' }
            ]"
            option-label="label"
            option-value="value"
            size="small"
            aria-label="Bare numbers are"
          />
          <Select
            v-if="aim === 'OUTSIDE'"
            v-model="inside"
            :options="[
              { value: false, label: 'of the outside' },
              { value: true, label: 'of the inside' }
            ]"
            option-label="label"
            option-value="value"
            size="small"
            aria-label="Size of"
          />
        </p>
      </div>
      <LikeOne v-if="aim === 'LIKE'" @refused="refused = $event" />
      <FillDrawer
        v-else-if="aim === 'DRAWER'"
        ref="filler"
        v-bind="set ? { set } : {}"
        :wish="wish"
        @refused="refused = $event"
      />
      <template v-else>
        <div class="around">
          <div v-for="d in dims" :key="d.key" class="dim" :class="d.key">
            <span aria-hidden="true">{{ d.label }}</span>
            <LengthField
              :key="d.at"
              :label="d.label"
              text=""
              :unit="wish.unit ?? 'MILLIMETRE'"
              :at="d.at"
              :house="assumed.has(ASSUMED[d.key]) ? (begun?.fields[d.at] ?? ' ') : ' '"
              stands="assumed"
              :refused="refusedAt === d.key ? refused : ''"
              bare
              @read="(mm) => say(d.key, mm)"
            />
          </div>
          <div
            class="figure-place"
            :style="{ aspectRatio: figure ? `${figure.width} / ${figure.height}` : 2 }"
          >
            <FigureView v-if="figure" :figure="figure" :pad="10" quiet />
          </div>
        </div>
        <ThingFields
          v-if="aim === 'CONTENTS'"
          :thing="thing"
          :unit="wish.unit ?? 'MILLIMETRE'"
          @say="Object.assign(thing, $event)"
        />
        <p class="follows" aria-live="polite"><NumText :text="station('size')" /></p>
        <p v-if="refused && !refusedAt" class="refused" role="alert">{{ refused }}</p>
        <p v-else-if="stop" class="refused" role="alert">{{ stop }}</p>
      </template>
    </main>
    <AssumedList
      v-if="aim !== 'LIKE'"
      class="assumed-list"
      :beginning="beginning"
      @refused="refused = $event"
    >
      <div class="acts">
        <button type="submit" class="lay" :disabled="laying">
          {{ set ? 'All boxes of the set follow' : 'Lay it on the bench' }} <small>Enter</small>
        </button>
      </div>
    </AssumedList>
  </form>
</template>

<style scoped>
.new-box {
  display: grid;
  grid-template: auto minmax(0, 1fr) / 17.5rem minmax(0, 1fr) 20.4rem;
  height: 100%;
}
header {
  grid-column: 1/-1;
  display: flex;
  align-items: center;
  gap: 1.4rem;
  padding: 0.7rem 1.6rem;
  background: var(--rail);
  color: var(--rail-ink);
}
header a {
  color: var(--rail-quiet);
}
h1 {
  font-size: 1.4rem;
}
.name {
  width: 20rem;
}
.aims {
  display: grid;
  align-content: start;
  gap: 0.8rem;
  padding: 1.4rem 0 1.4rem 1.6rem;
  overflow: auto;
}
.aim {
  display: grid;
  gap: 0.1rem;
  text-align: left;
  padding: 0.8rem 1rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.aim strong {
  font-size: 1.1rem;
}
.aim span {
  color: var(--quiet);
}
.aim[aria-checked='true'] {
  outline: 3px solid var(--edge);
}
main {
  padding: 1.2rem 1.6rem;
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow: auto;
}
.ask {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  align-items: center;
}
.modes {
  display: flex;
  gap: 0.5rem;
  margin: 0;
}
.around {
  flex: 1;
  min-height: 15rem;
  position: relative;
  display: grid;
  grid-template: auto auto / 6.8rem minmax(0, 1fr);
  align-content: center;
}
.figure-place {
  grid-area: 1/2;
  min-width: 0;
  max-height: 25rem;
  display: flex;
}
.dim {
  width: 6.6rem;
}
.dim > span {
  display: block;
  font-size: 0.9rem;
  color: var(--quiet);
  text-align: right;
}
.dim.height {
  grid-area: 1/1;
  align-self: center;
  margin-top: 5rem;
}
.dim.length {
  grid-area: 2/2;
  justify-self: center;
  margin-right: 8rem;
}
.dim.width {
  grid-area: 2/2;
  justify-self: end;
}
.dim :deep(input) {
  font-size: 1.15rem;
}
.follows {
  text-align: center;
  margin: 0.5rem 0 0;
  font-size: 1.05rem;
}
.refused {
  color: var(--cut);
  font-weight: 600;
  border-left: 8px solid var(--cut);
  padding-left: 0.7rem;
}
.lay small {
  font-weight: 400;
  opacity: 0.85;
}
.acts {
  position: sticky;
  bottom: 0;
  background: var(--paper);
  padding: 0.7rem 0;
  margin-top: auto;
}
.lay {
  width: 100%;
  background: var(--good);
  color: var(--paper);
  border: 0;
  border-radius: 3px;
  font: inherit;
  font-weight: 700;
  padding: 0.65rem 1rem;
  cursor: pointer;
}
@media (max-width: 1100px) {
  .new-box {
    grid-template-columns: 13rem minmax(0, 1fr) 18rem;
  }
}
@media (max-width: 900px) {
  .new-box {
    display: flex;
    flex-direction: column;
    height: auto;
  }
  .name {
    width: 100%;
    min-width: 0;
  }
  header {
    flex-wrap: wrap;
    gap: 0.4rem 1rem;
    padding: 0.6rem 1rem;
  }
  .aims {
    grid-template-columns: 1fr 1fr;
    padding: 0.8rem 1rem 0;
  }
  .aim {
    padding: 0.5rem 0.7rem;
  }
  .aim span {
    display: none;
  }
  main {
    padding: 0.8rem 1rem;
  }
  .dim {
    width: 4.6rem;
  }
  .ask {
    flex-wrap: wrap;
  }
  .acts {
    position: fixed;
    inset: auto 0 0;
    padding: 0.6rem 1rem;
    z-index: 4;
  }
  .assumed-list {
    padding-bottom: 4rem;
  }
}
</style>
