<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useToast } from 'primevue/usetoast'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { answer as got, api, problemOf } from '../api/client'
import { useSheets } from '../bench/sheets'
import { useBench } from '../bench/store'
import BoardDrawing from '../drawing/BoardDrawing.vue'
import NumText from '../drawing/NumText.vue'

/** The sheets and wide boards of the rack with the panels laid on them, and the order of cuts beside each. */
const bench = useBench()
const sheets = useSheets()
const toast = useToast()
const lit = ref('')
const busy = ref(false)
const area = ref<HTMLElement>()
const { width } = useElementSize(area)
/** Beside the drawing stands the order of cuts; on a narrow screen it stands below. */
const room = computed(() => (width.value > 560 ? width.value - 250 : width.value))
/** In the order they are used: scraps first. */
const opened = computed(() =>
  [...(sheets.answer?.sheets.filter((s) => s.cuts.length) ?? [])].sort(
    (a, b) => Number(b.scrap) - Number(a.scrap)
  )
)
const idle = computed(() => sheets.answer?.sheets.filter((s) => !s.cuts.length) ?? [])
const longest = computed(() => Math.max(1, ...opened.value.map((s) => s.figure.length)))
const scale = computed(() => Math.max(0.05, (room.value - 14) / longest.value))
const allMade = computed(() => sheets.answer?.panels.every((p) => p.cut + p.laid >= p.wanted))
const several = computed(() => new Set(sheets.answer?.panels.map((p) => p.box)).size > 1)

watch(
  () => JSON.stringify(bench.plan),
  () => {
    if (bench.plan) void sheets.ask(bench.plan)
  },
  { immediate: true }
)
onBeforeUnmount(() => sheets.forget())

/** A tick that is refused is taken back where it was set. */
async function tick(sheet: string, at: EventTarget | null) {
  const box = at as HTMLInputElement
  const done = box.checked
  if (!bench.id || busy.value || !bench.plan) return
  busy.value = true
  try {
    await bench.keep()
    await sheets.cut(bench.id, sheet, done)
  } catch (error) {
    box.checked = !done
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 7000 })
  } finally {
    busy.value = false
  }
  await sheets.ask(bench.plan)
}

/** Sheets such as are wanting, put on the rack to plan with before they are bought. */
async function buy() {
  const w = sheets.answer?.wanting
  if (!w || !bench.plan) return
  try {
    for (let i = 1; i <= w.sheets; i++) {
      await got(
        api.POST('/api/rack/blanks', {
          params: { query: {} },
          body: {
            blank: {
              id: 'new',
              name: w.sheets === 1 ? 'Sheet to be bought' : `Sheet to be bought, ${i} of ${w.sheets}`,
              length: w.length,
              width: w.width,
              thickness: w.thickness,
              wood: w.wood,
              ringAngle: 0,
              figure: 'STRAIGHT',
              snipe: false,
              note: `For the panels of ${bench.plan.name}.`,
              defects: [],
              scrap: false
            }
          }
        })
      )
    }
  } catch (error) {
    toast.add({ severity: 'warn', summary: problemOf(error).detail, life: 7000 })
  }
  await sheets.ask(bench.plan)
}
</script>

<template>
  <div ref="area" class="sheets">
    <p v-if="sheets.failed" class="failed" role="alert">{{ sheets.failed }}</p>
    <p v-if="sheets.running" class="search" role="status">
      <progress aria-label="Seeking the best cuts" /> <span>Seeking the best cuts…</span>
    </p>
    <template v-if="sheets.answer">
      <p v-if="!sheets.answer.panels.length" class="empty">
        This box has no panel to cut. Choose a
        <RouterLink :to="`/boxes/${bench.id}/bottom`">bottom</RouterLink> or a
        <RouterLink :to="`/boxes/${bench.id}/lid`">lid</RouterLink> first.
      </p>
      <ul v-else class="panels">
        <li
          v-for="(p, i) in sheets.answer.panels"
          :key="i"
          :class="{
            lit: lit === `${p.kind}.${p.kind + 1}`,
            over: p.cut === p.wanted,
            short: p.cut + p.laid < p.wanted
          }"
        >
          <strong>{{ p.wanted }} × {{ p.name }}</strong>
          <span class="mono"><NumText :text="p.size" /></span>
          <span v-if="several">{{ p.box }}</span>
          <em v-if="p.cut">{{ p.cut === p.wanted ? 'cut' : `${p.cut} cut` }}</em>
          <em v-if="p.cut + p.laid < p.wanted">{{ p.wanted - p.cut - p.laid }} not to be had</em>
        </li>
      </ul>
      <p
        v-if="sheets.answer.panels.length && !sheets.answer.sheets.length && !sheets.answer.done.length"
        class="empty"
      >
        Nothing on the <RouterLink to="/rack/blanks">rack</RouterLink> is of their stuff and thickness.
      </p>
      <p v-if="opened.length && sheets.answer.proven && !sheets.running" class="proven">
        proven: no plan {{ allMade ? 'opens less of whole sheets' : 'makes more panels' }}
      </p>
      <ol class="list">
        <li v-for="s in opened" :key="s.figure.id">
          <p class="name">
            <strong>{{ s.figure.name }}</strong> <span class="mono"><NumText :text="s.figure.size" /></span>
            <em v-if="s.scrap">scrap</em>
            <label v-if="bench.id && !sheets.running" class="tick">
              <input
                type="checkbox"
                :checked="false"
                :disabled="busy"
                :aria-label="`${s.figure.name} is cut`"
                @change="tick(s.figure.id, $event.target)"
              />
              cut
            </label>
          </p>
          <div class="one" :class="{ below: width <= 560 }">
            <BoardDrawing :board="s.figure" :wood="s.wood" :scale="scale" :lit="lit" @point="lit = $event" />
            <ol class="cuts">
              <li v-if="s.across" class="across">Rips run across its length.</li>
              <li v-for="(cut, i) in s.cuts" :key="i">{{ cut }}</li>
            </ol>
          </div>
        </li>
      </ol>
      <ul v-if="sheets.answer.done.length" class="done">
        <li v-for="d in sheets.answer.done" :key="d.sheet">
          <label class="tick">
            <input
              type="checkbox"
              checked
              :disabled="busy"
              :aria-label="`${d.name} is cut`"
              @change="tick(d.sheet, $event.target)"
            />
            <strong>{{ d.name }}</strong> cut on {{ d.on }}:
          </label>
          <span v-for="p in d.panels" :key="p"><NumText :text="p" />; </span>
          <span>{{ d.scraps === 1 ? 'one scrap' : `${d.scraps} scraps` }} on the rack</span>
        </li>
      </ul>
      <p v-if="sheets.answer.wanting" class="acts">
        <button type="button" class="word" @click="buy">
          {{
            sheets.answer.wanting.sheets === 1
              ? 'Put the missing sheet on the rack, to be bought'
              : `Put the ${sheets.answer.wanting.sheets} missing sheets on the rack, to be bought`
          }}
        </button>
      </p>
      <p v-if="opened.length" class="quiet">
        A tick takes a sheet off the rack and puts its scraps there.
        <template v-if="idle.length">Not needed: {{ idle.map((s) => s.figure.name).join(', ') }}.</template>
      </p>
    </template>
  </div>
</template>

<style scoped>
.sheets {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding-right: 4px;
  scrollbar-gutter: stable;
}
.search {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin: 0 0 0.4rem;
}
progress {
  width: 9rem;
  accent-color: var(--good);
}
.panels,
.done {
  list-style: none;
  margin: 0 0 0.5rem;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.15rem 1.6rem;
  font-size: 0.95rem;
}
.done .tick {
  margin-right: 0.35em;
}
.panels li {
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  border-bottom: 2px solid transparent;
}
.panels li.lit {
  border-bottom-color: var(--edge);
}
.panels .over {
  color: var(--quiet);
}
.panels .short em {
  color: var(--cut);
  font-weight: 600;
}
.done {
  display: block;
  margin-top: 0.5rem;
  border-left: 5px solid var(--good);
  background: var(--sheet);
  padding: 0.35rem 0.7rem;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
}
.name {
  margin: 0 0 0.1rem;
  font-size: 0.9rem;
  display: flex;
  gap: 0.7rem;
}
.name .mono {
  color: var(--quiet);
}
.one {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.9rem;
  align-items: start;
}
.one.below {
  grid-template-columns: 1fr;
}
.cuts {
  margin: 0;
  padding-left: 1.3rem;
  font-size: 1rem;
  line-height: 1.5;
}
.cuts .across {
  list-style: none;
  margin-left: -1.3rem;
  color: var(--quiet);
}
.tick {
  display: inline-flex;
  gap: 0.35rem;
  align-items: center;
  white-space: nowrap;
}
.tick input {
  width: 1.1rem;
  height: 1.1rem;
  accent-color: var(--good);
}
.quiet {
  color: var(--quiet);
  font-size: 0.86rem;
  margin: 0.5rem 0 0;
}
.proven {
  margin: 0 0 0.4rem;
  color: var(--good);
  font-weight: 600;
  font-size: 0.92rem;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
