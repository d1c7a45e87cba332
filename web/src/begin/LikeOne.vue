<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, problemOf, type ShelfBox } from '../api/client'
import FigureView from '../drawing/FigureView.vue'
import { woodTint } from '../drawing/tint'

/** Boxes on the shelf to begin from: the one pressed is copied, and the copy lies on the bench. */
const emit = defineEmits<{ refused: [why: string] }>()
const router = useRouter()
const boxes = shallowRef<ShelfBox[]>()
onMounted(async () => {
  try {
    boxes.value = (await answer(api.GET('/api/boxes', { params: { query: {} } }))).filter((b) => !b.damage)
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
})
async function copy(box: ShelfBox) {
  try {
    const made = await answer(api.POST('/api/boxes/{id}/copy', { params: { path: { id: box.id } } }))
    await router.push({ name: 'bench', params: { id: made.id, station: 'size' } })
  } catch (error) {
    emit('refused', problemOf(error).detail)
  }
}
</script>

<template>
  <ul class="like" aria-label="Boxes to begin from">
    <li v-for="box in boxes" :key="box.id" :style="woodTint(box.wood.toLowerCase())">
      <button type="button" @click="copy(box)">
        <span class="picture"><FigureView v-if="box.figure" :figure="box.figure" :pad="6" quiet /></span>
        <strong>{{ box.name }}</strong>
        <span class="mono">{{ box.size.replace('outside ', '') }}</span>
      </button>
    </li>
    <li v-if="boxes && !boxes.length">Nothing is on the shelf yet. Begin with a size.</li>
  </ul>
</template>

<style scoped>
.like {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
  gap: 1rem;
  overflow: auto;
}
.like button {
  width: 100%;
  display: grid;
  gap: 0.2rem;
  border: 2px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.like button:hover,
.like button:focus-visible {
  border-color: var(--edge);
}
.picture {
  height: 9rem;
}
.picture :deep(svg) {
  pointer-events: none;
}
</style>
