<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answer, api, problemOf, type FinishedView } from '../api/client'
import { hangPhotos } from '../book/notes'
import { useBench } from '../bench/store'

/** The box is finished: the day, the hours, what was learned, a picture. It leaves the shelf and stands in the Book. */
const props = defineProps<{ today: string }>()
const bench = useBench()
const stands = ref<FinishedView>()
const day = ref(props.today)
const hours = ref('')
const learned = ref('')
const photos = ref<File[]>([])
const refused = ref<string[]>([])
const busy = ref(false)
const path = computed(() => ({ path: { id: bench.id } }))

async function look() {
  try {
    stands.value = await answer(api.GET('/api/boxes/{id}/finished', { params: path.value }))
  } catch (error) {
    refused.value = [problemOf(error).detail]
  }
}
onMounted(look)

async function finish() {
  const counted = hours.value.trim() ? Number(hours.value.replace(',', '.')) : undefined
  if (counted !== undefined && !Number.isFinite(counted)) {
    refused.value = [`“${hours.value}” is no number of hours; write such as 6.5.`]
    return
  }
  busy.value = true
  try {
    const kept = await answer(
      api.POST('/api/boxes/{id}/finished', {
        params: path.value,
        body: {
          day: day.value,
          learned: learned.value,
          ...(counted === undefined ? {} : { hours: counted })
        }
      })
    )
    stands.value = kept
    refused.value = kept.note === undefined ? [] : await hangPhotos(kept.note, photos.value)
  } catch (error) {
    refused.value = [problemOf(error).detail]
  } finally {
    busy.value = false
  }
}
async function back() {
  try {
    await answer(api.DELETE('/api/boxes/{id}/finished', { params: path.value }))
    await look()
  } catch (error) {
    refused.value = [problemOf(error).detail]
  }
}
</script>

<template>
  <section class="finished" aria-label="The box is finished">
    <template v-if="stands?.day">
      <h3>Finished on {{ stands.day }}</h3>
      <p>
        It stands in the
        <RouterLink :to="{ name: 'book', query: { box: bench.id } }">Book</RouterLink
        ><template v-if="stands.hours">, {{ stands.hours }} hours</template>.
        <button type="button" class="word" @click="back">Not finished after all</button>
      </p>
    </template>
    <details v-else>
      <summary>The box is finished…</summary>
      <form @submit.prevent="finish">
        <label
          >On
          <input v-model="day" type="date" :max="today" />
        </label>
        <label
          >Hours it took
          <input v-model="hours" inputmode="decimal" placeholder="not counted" />
        </label>
        <label class="learned"
          >What was learned
          <textarea v-model="learned" rows="2" maxlength="4000"></textarea>
        </label>
        <label class="photo"
          ><span class="word">{{
            photos.length ? photos.map((p) => p.name).join(', ') : 'add a picture'
          }}</span
          ><input
            type="file"
            accept="image/*"
            multiple
            class="sr-only"
            aria-label="Picture of the finished box"
            @change="photos = [...(($event.target as HTMLInputElement).files ?? [])]"
        /></label>
        <button type="submit" class="plain keep" :disabled="busy">Into the Book</button>
      </form>
    </details>
    <p v-for="r in refused" :key="r" class="refused" role="alert">{{ r }}</p>
  </section>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
  padding: 0.2rem 0;
}
form {
  display: grid;
  gap: 0.35rem;
}
label {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
}
.learned {
  display: grid;
}
.photo {
  position: relative;
}
input,
textarea {
  font: inherit;
  padding: 0.25rem 0.4rem;
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  min-width: 0;
}
input:not([type='date']) {
  width: 7rem;
}
.keep {
  justify-self: end;
  padding: 0.35rem 0.9rem;
  font-weight: 700;
}
.refused {
  color: var(--cut);
  font-weight: 600;
  margin: 0.2rem 0 0;
}
</style>
