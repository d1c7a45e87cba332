<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type JigMakes, type KeptJig } from '../api/client'
import NumText from '../drawing/NumText.vue'
import ChoiceField from './ChoiceField.vue'
import { useShopJigs } from './shop-jigs'
import { useBench } from './store'

/** Which jig of the rack the box is cut on; or keeps the one that is set here. */
const bench = useBench()
const jigs = ref<KeptJig[]>([])
const failed = ref('')
const name = ref('')
const naming = ref(false)
onMounted(load)

async function load() {
  try {
    jigs.value = await answer(api.GET('/api/rack/jigs', {}))
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}

const own = computed(() => bench.plan?.jig.own)
const NONE = ' '
const choices = computed(() => [
  { value: NONE, label: 'none of the rack' },
  ...jigs.value.map((j) => ({ value: j.jig.id, label: j.jig.name })),
  ...(own.value && !jigs.value.some((j) => j.jig.id === own.value?.id)
    ? [{ value: own.value.id, label: `${own.value.name} (taken off)` }]
    : [])
])

function choose(id: string) {
  if (!bench.plan) return
  const jig = jigs.value.find((j) => j.jig.id === id)
  if (jig) void bench.set('jig', jig.chosen)
  else if (id === NONE) void bench.set('jig.own', null)
}

const { weighed, failed: notWeighed, weigh, take } = useShopJigs()
const makes = computed(() => weighed.value?.makes ?? [])
const words: Record<JigMakes['how'], string> = {
  AS_IT_IS: 'as it is',
  AFTER_A_SHIM: 'after a shim',
  ANOTHER_KEY: 'with another key',
  SET_ANEW: 'set anew',
  NOT: 'not this box'
}
async function keep() {
  if (!bench.plan || !name.value.trim()) return
  try {
    const made = await answer(
      api.POST('/api/rack/jigs', {
        body: { jig: { id: 'new', name: name.value, jig: bench.plan.jig, keys: [], spacers: [], note: '' } }
      })
    )
    await load()
    await bench.set('jig', made.chosen)
    void weigh()
    naming.value = false
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
</script>

<template>
  <ChoiceField
    v-if="jigs.length || own"
    label="On the jig"
    :value="own?.id ?? NONE"
    :choices="choices"
    @choose="choose"
  />
  <details v-if="makes.length" class="shop">
    <summary>{{ weighed?.says }}</summary>
    <ul class="makes" aria-label="The shop’s jigs, and this box">
      <li v-for="m in makes" :key="m.id" :class="m.how.toLowerCase()">
        <strong>{{ m.name }}</strong>, {{ words[m.how] }}. <span>{{ m.says }}</span>
        <details v-if="m.working.length" class="how">
          <summary>how it comes out</summary>
          <p v-for="line in m.working" :key="line"><NumText :text="line" /></p>
        </details>
        <button
          v-if="m.after && m.id !== own?.id"
          type="button"
          class="word"
          :aria-label="`Cut it on ${m.name}`"
          @click="take(m)"
        >
          cut it on this
        </button>
      </li>
    </ul>
  </details>
  <template v-if="!own">
    <button v-if="!naming" type="button" class="word" @click="naming = true">
      Keep this jig on the rack
    </button>
    <form v-else class="keep" @submit.prevent="keep">
      <label>Its name <input v-model="name" maxlength="60" /></label>
      <button type="submit" class="word" :disabled="!name.trim()">keep it</button>
    </form>
  </template>
  <p v-if="failed || notWeighed" class="failed" role="alert">{{ failed || notWeighed }}</p>
</template>

<style scoped>
.keep {
  display: flex;
  gap: 0.6rem;
  align-items: end;
}
label {
  display: grid;
}
input {
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1.5px solid var(--rule);
  border-radius: 3px;
  padding: 0.25rem 0.4rem;
  width: 11rem;
}
.makes {
  list-style: none;
  margin: 0.2rem 0;
  padding: 0;
  font-size: 0.95rem;
  line-height: 1.3;
}
.makes li {
  padding: 0.2rem 0 0.2rem 0.6rem;
  border-left: 4px solid var(--rule);
  margin-bottom: 0.25rem;
}
.makes .as_it_is {
  border-color: var(--good);
}
.makes .after_a_shim {
  border-color: var(--mind);
}
.makes .not {
  color: var(--quiet);
}
.makes span {
  color: var(--quiet);
}
.makes .word {
  margin-left: 0.4rem;
}
.how {
  font-size: 0.88rem;
}
.how p {
  margin: 0;
  font-family: var(--mono);
  overflow-wrap: anywhere;
}
.shop > summary {
  cursor: pointer;
  padding: 0.3rem 0;
  line-height: 1.25;
}
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
