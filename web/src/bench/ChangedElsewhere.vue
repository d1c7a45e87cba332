<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useRouter } from 'vue-router'
import { useBench } from './store'

const bench = useBench()
const router = useRouter()

async function takeTheirs() {
  bench.letGo()
  await bench.open(bench.id)
}

async function mineAsCopy() {
  const id = await bench.keepAsCopy()
  await router.push({ name: 'bench', params: { id, station: bench.station } })
}
</script>

<template>
  <Dialog visible modal :closable="false" header="Changed in another window" :style="{ width: '30rem' }">
    <p>
      This box was changed elsewhere while you worked on it here. Your changes are still on this page and
      nothing has been overwritten.
    </p>
    <div class="ways">
      <Button label="Keep mine as a box of its own" @click="mineAsCopy" />
      <Button label="Take theirs" severity="secondary" @click="takeTheirs" />
      <Button label="Put mine over theirs" severity="secondary" @click="bench.keepOnTop()" />
    </div>
    <p class="small">Every saved state stays in the history, theirs too.</p>
  </Dialog>
</template>

<style scoped>
.ways {
  display: grid;
  gap: 0.5rem;
}
.small {
  font-size: 0.88rem;
  color: var(--quiet);
}
</style>
