<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Select from 'primevue/select'
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, type DoorView, type May } from '../api/client'
import { isHere } from '../shop/asking'
import ShelfFrame from './ShelfFrame.vue'
import { hourOf } from '../words/when'

/** The shop opened to its own network, for the tablet at the saw: shut by default; who is in is listed and can be put out. */
const door = ref<DoorView>()
const may = ref<May>('MARK')
const failed = ref('')
const busy = ref(false)
const choices: { value: May; words: string; about: string }[] = [
  { value: 'READ', words: 'look', about: 'every box and every number; nothing is changed' },
  { value: 'MARK', words: 'look, and mark at the saw', about: 'passes, glue-up, test cuts, notes' },
  { value: 'ALL', words: 'everything', about: 'decide too; who comes in is still decided here' }
]

let underWay: Promise<unknown> = Promise.resolve()
/** One after the other: what is chosen while the list is being looked at waits for it, and is not lost. */
function act(what: () => Promise<DoorView | undefined>) {
  return (underWay = underWay.then(() => carriedOut(what)))
}
async function carriedOut(what: () => Promise<DoorView | undefined>) {
  busy.value = true
  try {
    door.value = (await what()) ?? (await answer(api.GET('/api/sharing')))
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  } finally {
    busy.value = false
  }
}
const look = () => act(async () => undefined)
onMounted(async () => {
  if (!isHere.value) return
  await look()
  if (door.value) may.value = door.value.may
})
// who joined shows without being asked for
useIntervalFn(() => {
  if (door.value?.open && !document.hidden && !busy.value) void look()
}, 3000)
const open = (value: May) => act(() => answer(api.POST('/api/sharing/open', { body: { may: value } })))
const shut = () => act(() => answer(api.POST('/api/sharing/shut', {})))
async function choose(value: May) {
  may.value = value
  if (door.value?.open) await open(value)
  // when that was refused, what the door still allows is shown
  if (door.value?.open) may.value = door.value.may
}
const allow = (id: string, value: May) =>
  act(async () => {
    await answer(api.PUT('/api/sharing/devices/{id}', { params: { path: { id } }, body: { may: value } }))
    return undefined
  })
const putOut = (id: string) =>
  act(async () => {
    await answer(api.DELETE('/api/sharing/devices/{id}', { params: { path: { id } } }))
    return undefined
  })
</script>

<template>
  <ShelfFrame>
    <p v-if="!isHere" class="state">Which devices come in is decided at the machine Cant Hook runs on.</p>
    <template v-else>
      <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
      <div v-if="door?.open && door.addresses[0]" class="open">
        <svg
          :viewBox="`0 0 ${door.addresses[0].size} ${door.addresses[0].size}`"
          role="img"
          aria-label="Code to scan with the tablet"
          shape-rendering="crispEdges"
        >
          <rect width="100%" height="100%" fill="#fff" />
          <path :d="door.addresses[0].path" fill="#000" />
        </svg>
        <div>
          <p class="state" role="status">Open to the shop’s network</p>
          <p class="address">{{ door.addresses[0].url }}</p>
          <p v-for="a in door.addresses.slice(1)" :key="a.url" class="also">or {{ a.url }}</p>
          <p class="code">
            Passcode <strong>{{ door.passcode }}</strong>
          </p>
          <p>
            <button type="button" class="door" :disabled="busy" @click="shut">Shut the door</button>
          </p>
        </div>
      </div>
      <div v-else-if="door" class="shut">
        <p class="state" role="status">Shut: only this machine gets in</p>
        <p>
          <button type="button" class="door go" :disabled="busy" @click="open(may)">
            Open to the shop’s network
          </button>
        </p>
      </div>
      <fieldset v-if="door">
        <legend>Who joins may</legend>
        <label v-for="c in choices" :key="c.value">
          <input type="radio" name="may" :checked="may === c.value" @change="choose(c.value)" />
          <span
            ><strong>{{ c.words }}</strong> {{ c.about }}</span
          >
        </label>
      </fieldset>
      <template v-if="door?.devices.length">
        <h2>Devices that are in</h2>
        <ul class="devices" aria-label="Devices that are in">
          <li v-for="d in door.devices" :key="d.id">
            <strong>{{ d.name }}</strong>
            <Select
              :model-value="d.may"
              :options="choices"
              option-label="words"
              option-value="value"
              :aria-label="`What ${d.name} may do`"
              size="small"
              @update:model-value="(value: May) => allow(d.id, value)"
            />
            <span class="quiet">seen {{ hourOf(d.seenAt) }}</span>
            <button type="button" class="word" :aria-label="`Put ${d.name} out`" @click="putOut(d.id)">
              put out
            </button>
          </li>
        </ul>
      </template>
    </template>
    <template #slate>
      <h2>On the tablet</h2>
      <ol>
        <li>Join the same network as this machine.</li>
        <li>Scan the code, or type the address.</li>
        <li>
          The browser warns once: the certificate was made in this shop, nobody else vouches for it. Go on.
        </li>
        <li>Name the tablet, join.</li>
        <li>To cut on without the network, take up the certificate there, step by step.</li>
      </ol>
      <template v-if="door?.fingerprint">
        <h2>Its certificate begins</h2>
        <p class="print">{{ door.fingerprint }}</p>
        <p class="quiet">
          The tablet shows the same. If it does not, something else answers it: do not go on.
        </p>
      </template>
      <p class="quiet">
        Nothing leaves the shop’s network. A device not seen for a month has to join again. From a terminal:
        <code>./cant-hook share</code>
      </p>
    </template>
  </ShelfFrame>
</template>

<style scoped>
.state {
  font-size: 1.3rem;
  font-weight: 700;
  margin: 0 0 0.4rem;
}
.open {
  display: flex;
  gap: 1.6rem;
  align-items: center;
}
svg {
  width: min(17rem, 42vw);
  flex: none;
  border: 1px solid var(--rule);
}
.address {
  font-size: 1.35rem;
  font-family: var(--mono);
  margin: 0;
  overflow-wrap: anywhere;
}
.also {
  margin: 0.1rem 0;
  color: var(--quiet);
  font-family: var(--mono);
  overflow-wrap: anywhere;
}
.code {
  font-size: 1.2rem;
}
.code strong {
  font-family: var(--mono);
  font-size: 2rem;
  letter-spacing: 0.06em;
}
.door {
  padding: 0.6rem 1.3rem;
  border: 1.5px solid var(--ink);
  border-radius: 4px;
  background: none;
  font-size: 1.05rem;
  font-weight: 700;
  cursor: pointer;
}
.door.go {
  border-color: var(--good);
  background: var(--good);
  color: var(--sheet);
}
.door:disabled {
  opacity: 0.5;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 1rem 0 0;
}
legend {
  font-weight: 700;
  padding: 0;
}
label {
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  padding: 0.25rem 0;
  cursor: pointer;
}
h2 {
  font-size: 1.1rem;
  margin: 1.1rem 0 0.3rem;
}
.devices {
  list-style: none;
  padding: 0;
  margin: 0;
}
.devices li {
  display: grid;
  grid-template-columns: minmax(6rem, 1fr) auto auto auto;
  gap: 0.9rem;
  align-items: baseline;
  padding: 0.35rem 0;
  border-bottom: 1px dotted var(--rule);
}
ol {
  padding-left: 1.3rem;
  margin: 0.2rem 0;
}
.print {
  font-family: var(--mono);
  font-size: 1.05rem;
  margin: 0;
}
.quiet {
  color: var(--quiet);
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
@media (max-width: 700px) {
  .open {
    flex-direction: column;
    align-items: flex-start;
  }
  .devices li {
    grid-template-columns: 1fr auto;
  }
}
</style>
