<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answer, api, problemOf, type Damaged } from '../api/client'

/** What of some kinds is kept and cannot be read, with what can be done about it. Nothing is shown when all is sound. */
const props = defineProps<{ kinds: readonly Damaged['kind'][] }>()
const emit = defineEmits<{ changed: [] }>()
const damaged = ref<Damaged[]>([])
const failed = ref('')

async function load() {
  try {
    damaged.value = (await answer(api.GET('/api/damaged'))).filter((d) => props.kinds.includes(d.kind))
    failed.value = ''
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
onMounted(load)

const away: Partial<Record<Damaged['kind'], string>> = {
  HOUSE_RULE: 'use the usual value',
  RUN: 'put this run away'
}
async function putAway(d: Damaged) {
  try {
    await answer(api.DELETE('/api/damaged/{kind}/{id}', { params: { path: { kind: d.kind, id: d.id } } }))
    await load()
    emit('changed')
  } catch (error) {
    failed.value = problemOf(error).detail
  }
}
</script>

<template>
  <section v-if="damaged.length || failed" class="damaged" aria-label="Cannot be read">
    <p v-if="failed" role="alert">{{ failed }}</p>
    <p v-for="d in damaged" :key="`${d.kind} ${d.id}`" :data-damaged="d.id">
      <strong>{{ d.name }}</strong> is kept and cannot be read: {{ d.why }} Everything else works.
      <span class="ways">
        <a :href="`/api/damaged/${d.kind}/${encodeURIComponent(d.id)}/as-kept`" download
          >download it as it is</a
        >
        <button type="button" class="word" @click="putAway(d)">{{ away[d.kind] ?? 'put it away' }}</button>
      </span>
    </p>
  </section>
</template>

<style scoped>
.damaged {
  background: var(--sheet);
  border-left: 8px solid var(--cut);
  padding: 0.5rem 1.3rem;
}
p {
  margin: 0.25rem 0;
}
.ways {
  display: inline-flex;
  gap: 1rem;
  margin-left: 0.6rem;
}
</style>
