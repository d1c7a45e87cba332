<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useBench } from './store'

/** Asks before a box is left of which something is not kept yet. */
const bench = useBench()
const emit = defineEmits<{ answer: [leave: boolean] }>()

async function again() {
  await bench.keep()
  if (bench.kept === 'kept') emit('answer', true)
}
</script>

<template>
  <Dialog visible modal :closable="false" header="Not kept yet" :style="{ width: '32rem' }">
    <p>
      Your last changes to <strong>{{ bench.plan?.name }}</strong> are on this page and not kept:
      {{ bench.why }}
    </p>
    <p v-if="bench.putBy">
      Leave, and they wait in this browser; they are offered when the box is opened here again.
    </p>
    <p v-else><strong>This browser keeps nothing of its own: leave, and they are gone.</strong></p>
    <div class="ways">
      <Button label="Stay here" autofocus @click="emit('answer', false)" />
      <Button label="Try to keep them now" severity="secondary" @click="again" />
      <Button label="Leave" severity="secondary" @click="emit('answer', true)" />
    </div>
  </Dialog>
</template>

<style scoped>
.ways {
  display: grid;
  gap: 0.5rem;
}
</style>
