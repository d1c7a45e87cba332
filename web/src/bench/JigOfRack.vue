<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type KeptJig } from '../api/client'
import ChoiceField from './ChoiceField.vue'
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
const choices = computed(() => [
  { value: '', label: 'none of the rack' },
  ...jigs.value.map((j) => ({ value: j.jig.id, label: j.jig.name })),
  ...(own.value && !jigs.value.some((j) => j.jig.id === own.value?.id)
    ? [{ value: own.value.id, label: `${own.value.name} (taken off)` }]
    : [])
])

function choose(id: string) {
  if (!bench.plan) return
  const jig = jigs.value.find((j) => j.jig.id === id)
  if (jig) void bench.set('jig', jig.chosen)
  else if (!id) void bench.set('jig.own', null)
}

async function keep() {
  if (!bench.plan || !name.value.trim()) return
  try {
    const made = await answer(
      api.POST('/api/rack/jigs', {
        body: { jig: { id: 'new', name: name.value, jig: bench.plan.jig, keys: [], note: '' } }
      })
    )
    await load()
    await bench.set('jig', made.chosen)
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
    :value="own?.id ?? ''"
    :choices="choices"
    @choose="choose"
  />
  <template v-if="!own">
    <button v-if="!naming" type="button" class="word" @click="naming = true">
      Keep this jig on the rack
    </button>
    <form v-else class="keep" @submit.prevent="keep">
      <label>Its name <input v-model="name" maxlength="60" /></label>
      <button type="submit" class="word" :disabled="!name.trim()">keep it</button>
    </form>
  </template>
  <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
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
.failed {
  color: var(--cut);
  font-weight: 600;
}
</style>
