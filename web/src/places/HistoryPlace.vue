<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, problemOf, type HistoryChange, type KeptBox, type EarlierState } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { woodTint } from '../drawing/tint'

/** What was done to a box, change after change: any of it looked at, given a name, gone back to. */
const route = useRoute()
const router = useRouter()
const box = computed(() => String(route.params.id ?? ''))
const kept = ref<KeptBox>()
const changes = ref<HistoryChange[]>([])
const now = ref(0)
const next = ref<number>()
const picked = ref<EarlierState>()
const name = ref('')
const failed = ref('')
const told = ref('')
const busy = ref(false)

async function load(from?: number) {
  try {
    const [page, stands] = await Promise.all([
      answer(
        api.GET('/api/boxes/{id}/history', {
          params: { path: { id: box.value }, query: from === undefined ? {} : { from } }
        })
      ),
      answer(api.GET('/api/boxes/{id}', { params: { path: { id: box.value } } }))
    ])
    kept.value = stands
    now.value = page.now
    next.value = page.next
    changes.value = from === undefined ? page.changes : [...changes.value, ...page.changes]
    document.title = `History: ${stands.plan.name} – Cant Hook`
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(() => load())

async function pick(change: HistoryChange) {
  told.value = ''
  try {
    picked.value = await answer(
      api.GET('/api/boxes/{id}/history/{revision}', {
        params: { path: { id: box.value, revision: change.revision } }
      })
    )
    name.value = change.keep ?? ''
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
async function back() {
  const to = picked.value
  if (!to || busy.value) return
  busy.value = true
  try {
    await answer(
      api.POST('/api/boxes/{id}/history/{revision}/back', {
        params: { path: { id: box.value, revision: to.revision } },
        body: { revision: now.value }
      })
    )
    await router.push({ name: 'bench', params: { id: box.value, station: 'size' } })
  } catch (error) {
    const problem = problemOf(error)
    failed.value = problem.status === 409 ? 'The box was changed meanwhile; look again.' : problem.detail
    if (problem.status === 409) await load()
  } finally {
    busy.value = false
  }
}
async function keep() {
  const of = picked.value
  if (!of) return
  try {
    await answer(
      api.PUT('/api/boxes/{id}/history/{revision}/keep', {
        params: { path: { id: box.value, revision: of.revision } },
        body: { name: name.value }
      })
    )
    changes.value = changes.value.map((c) => {
      if (c.revision !== of.revision) return c
      const other = { ...c }
      if (name.value.trim()) other.keep = name.value.trim()
      else delete other.keep
      return other
    })
    told.value = name.value.trim() ? 'Kept under that name; it stays for good.' : 'It has no name any more.'
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
const day = (at: string) =>
  new Date(at).toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' })
const time = (at: string) =>
  new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })
/** the day stands once, over its changes */
const newDay = (i: number) =>
  i === 0 || day(changes.value[i]?.at ?? '') !== day(changes.value[i - 1]?.at ?? '')
</script>

<template>
  <div class="history" :style="kept ? woodTint(kept.plan.walls.wood) : {}">
    <header>
      <RouterLink :to="{ name: 'bench', params: { id: box, station: 'size' } }">Back to the bench</RouterLink>
      <h1>{{ kept?.plan.name ?? 'History' }}, change after change</h1>
    </header>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <div class="both">
      <main>
        <ol class="changes" aria-label="Changes, the newest first">
          <template v-for="(c, i) in changes" :key="c.revision">
            <li v-if="newDay(i)" class="day" aria-hidden="true">{{ day(c.at) }}</li>
            <li>
              <button
                type="button"
                class="change"
                :class="{ here: picked?.revision === c.revision, kept: c.keep }"
                :aria-pressed="picked?.revision === c.revision"
                @click="pick(c)"
              >
                <FigureView v-if="c.figure" :figure="c.figure" class="small" :pad="1" quiet />
                <span class="words">
                  <strong v-if="c.keep" class="keep">{{ c.keep }}</strong>
                  <span v-for="s in c.says" :key="s">{{ s }}</span>
                </span>
                <span class="when"
                  >{{ time(c.at) }}<template v-if="c.revision === now"><br />as it stands</template></span
                >
              </button>
            </li>
          </template>
          <li v-if="next !== undefined" class="more">
            <button type="button" class="word" @click="load(next)">Further back</button>
          </li>
        </ol>
      </main>
      <aside v-if="picked">
        <h2>
          {{ picked.revision === now ? 'As it stands' : `As it was, ${day(picked.at)} ${time(picked.at)}` }}
        </h2>
        <FigureView :figure="picked.figure" class="large" :pad="4" quiet />
        <template v-if="picked.revision !== now">
          <h3>{{ picked.would.length ? 'Going back to it changes' : 'It is the same as what stands' }}</h3>
          <ul>
            <li v-for="w in picked.would" :key="w">{{ w }}</li>
          </ul>
          <p>
            <button type="button" class="back" :disabled="busy || !picked.would.length" @click="back">
              Go back to this
            </button>
          </p>
          <p class="quiet">What stands now stays in the list.</p>
        </template>
        <form @submit.prevent="keep">
          <label
            >Keep it under a name
            <input v-model="name" maxlength="60" placeholder="before the lid" autocomplete="off"
          /></label>
          <button type="submit" class="word">keep</button>
        </form>
        <p v-if="told" role="status">{{ told }}</p>
        <p class="quiet">
          For a month every change stays; then of each day the last. What has a name stays always.
        </p>
      </aside>
      <aside v-else>
        <p class="quiet">Tap a change: the box as it was after it, and what going back would change.</p>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.history {
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
  font-size: 1.15rem;
  margin: 0 0 0.4rem;
}
h3 {
  font-size: 1rem;
  margin: 0.6rem 0 0.2rem;
}
.both {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 24rem;
}
main {
  overflow: auto;
}
.changes {
  list-style: none;
  margin: 0;
  padding: 0.4rem 1.3rem 1rem;
}
.day {
  padding: 0.7rem 0 0.2rem;
  font-weight: 700;
}
.change {
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr) auto;
  gap: 0.9rem;
  align-items: center;
  width: 100%;
  padding: 0.35rem 0.6rem;
  text-align: left;
  border: 0;
  border-bottom: 1px dotted var(--rule);
  background: none;
  cursor: pointer;
}
.change.here {
  background: var(--sheet);
  box-shadow: inset 4px 0 var(--edge);
}
.small {
  height: 3.4rem;
}
.words {
  display: grid;
  gap: 0.1rem;
  font-size: 1.06rem;
}
.keep {
  justify-self: start;
  padding: 0 0.4rem;
  background: var(--good);
  color: var(--sheet);
  border-radius: 2px;
  font-size: 0.9rem;
}
.when {
  color: var(--quiet);
  font-size: 0.9rem;
  text-align: right;
}
aside {
  background: var(--paper);
  border-left: 1px solid var(--rule);
  padding: 0.9rem 1.1rem;
  overflow: auto;
}
.large {
  height: 13rem;
}
aside ul {
  margin: 0;
  padding-left: 1.2rem;
}
.back {
  padding: 0.6rem 1.2rem;
  border: 0;
  border-radius: 4px;
  background: var(--good);
  color: var(--sheet);
  font-size: 1.1rem;
  font-weight: 700;
  cursor: pointer;
}
.back:disabled {
  opacity: 0.5;
}
form {
  display: flex;
  gap: 0.6rem;
  align-items: end;
  margin-top: 0.8rem;
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
  .change {
    grid-template-columns: 4.5rem minmax(0, 1fr) auto;
  }
}
</style>
