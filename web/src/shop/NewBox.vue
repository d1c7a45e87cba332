<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, problemOf, type Wish, type WoodView } from '../api/client'
import LengthField from '../bench/LengthField.vue'

/** A new box begins with a question: what is it for, how large, and what board is there. */
const visible = defineModel<boolean>({ required: true })
const router = useRouter()
const woods = ref<WoodView[]>([])
const refused = ref('')
const refusedAt = ref('')
const making = ref(false)

const wish = reactive({
  name: '',
  purpose: '',
  unit: 'MILLIMETRE' as Wish['unit'],
  from: 'OUTSIDE' as Wish['from'],
  wood: 'cherry-black',
  cutter: 'the saw blade'
})
const lengths = reactive<Record<string, number | undefined>>({})
const asked = [
  { key: 'length', label: 'Length', at: 'size.length' },
  { key: 'width', label: 'Width', at: 'size.width' },
  { key: 'height', label: 'Height of the wall', at: 'size.height' },
  { key: 'thickness', label: 'Thickness of the board', at: 'size.thickness' },
  { key: 'blankLength', label: 'Length of the board', at: 'blank.length' },
  { key: 'blankWidth', label: 'Width of the board', at: 'blank.width' },
  { key: 'kerf', label: 'Kerf of the cutter, measured', at: 'fingers.kerf' }
]
/** What the length field of one question needs. */
function asLength(a: (typeof asked)[number]) {
  return {
    label: a.label,
    text: '',
    unit: wish.unit,
    at: a.at,
    fine: a.key === 'kerf',
    refused: refusedAt.value === a.key ? refused.value : ''
  }
}
const missing = computed(() => [
  ...(wish.name.trim() ? [] : ['a name']),
  ...asked.filter((a) => lengths[a.key] === undefined).map((a) => a.label.toLowerCase())
])

watch(visible, async (now) => {
  if (now && !woods.value.length) woods.value = await answer(api.GET('/api/woods'))
})

async function make() {
  refused.value = ''
  refusedAt.value = ''
  making.value = true
  // a length typed a moment ago may still be on its way from being read
  for (let wait = 0; missing.value.length && wait < 6; wait++)
    await new Promise((done) => setTimeout(done, 50))
  if (missing.value.length) {
    refused.value = `Still wanted: ${missing.value.join(', ')}.`
    making.value = false
    return
  }
  try {
    const body = { ...wish, ...lengths } as unknown as Wish
    const plan = await answer(api.POST('/api/starting-plan', { body }))
    const box = await answer(api.POST('/api/boxes', { body: { plan } }))
    visible.value = false
    await router.push({ name: 'bench', params: { id: box.id, station: 'size' } })
  } catch (error) {
    const problem = problemOf(error)
    refused.value = problem.detail
    refusedAt.value = problem.field ?? ''
  } finally {
    making.value = false
  }
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    header="What is the box for, and what must it fit?"
    :style="{ width: '46rem', maxWidth: '96vw' }"
  >
    <form @submit.prevent="make">
      <div class="words">
        <label>Name <InputText v-model="wish.name" maxlength="80" autocomplete="off" autofocus /></label>
        <label>It is for <InputText v-model="wish.purpose" maxlength="400" autocomplete="off" /></label>
      </div>
      <div class="halves">
        <fieldset>
          <legend>The box</legend>
          <div class="pair">
            <label
              >Bare numbers are
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
            </label>
            <label
              >Size of
              <Select
                v-model="wish.from"
                :options="[
                  { value: 'OUTSIDE', label: 'the outside' },
                  { value: 'INSIDE', label: 'the inside' }
                ]"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="Size of"
              />
            </label>
          </div>
          <LengthField
            v-for="a in asked.slice(0, 3)"
            :key="a.key + wish.unit"
            v-bind="asLength(a)"
            @read="(mm) => (lengths[a.key] = mm)"
          />
        </fieldset>
        <fieldset>
          <legend>The board and the cutter</legend>
          <label
            >Wood
            <Select
              v-model="wish.wood"
              :options="woods"
              option-label="name"
              option-value="id"
              filter
              size="small"
              aria-label="Wood"
          /></label>
          <LengthField
            v-for="a in asked.slice(3, 6)"
            :key="a.key + wish.unit"
            v-bind="asLength(a)"
            @read="(mm) => (lengths[a.key] = mm)"
          />
          <label
            >Cutter <InputText v-model="wish.cutter" maxlength="60" autocomplete="off" size="small"
          /></label>
          <LengthField
            v-for="a in asked.slice(6)"
            :key="a.key + wish.unit"
            v-bind="asLength(a)"
            @read="(mm) => (lengths[a.key] = mm)"
          />
        </fieldset>
      </div>
      <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
      <div class="acts">
        <span v-if="missing.length" class="missing">Still wanted: {{ missing.join(', ') }}.</span>
        <Button type="submit" label="Lay it on the bench" :disabled="making" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.words {
  display: grid;
  grid-template-columns: 1fr 1.6fr;
  gap: 0.9rem;
  margin-bottom: 0.8rem;
}
.words label,
.pair label,
fieldset > label {
  display: grid;
  gap: 0.2rem;
}
.halves {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1.2rem;
}
fieldset {
  border: 0;
  border-top: 3px solid var(--wood-end);
  padding: 0.5rem 0 0;
  margin: 0;
  display: grid;
  align-content: start;
  gap: 0.3rem;
}
legend {
  font-weight: 700;
  padding-right: 0.6rem;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem;
}
.refused {
  color: var(--cut);
  font-weight: 600;
}
.acts {
  display: flex;
  align-items: center;
  gap: 1rem;
  justify-content: flex-end;
  margin-top: 1rem;
}
.missing {
  color: var(--quiet);
  font-size: 0.9rem;
  flex: 1;
}
@media (max-width: 760px) {
  .halves,
  .words {
    grid-template-columns: 1fr;
  }
}
</style>
