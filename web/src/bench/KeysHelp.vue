<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { backCloses } from './back'

const visible = defineModel<boolean>({ required: true })
backCloses(visible, () => (visible.value = false))
const keys = [
  ['[', ']', 'down and up the ladder of finger counts'],
  ['b', '', 'the whole box; arrow keys turn it'],
  ['w', '', 'working of the number that has the focus'],
  ['↑', '↓', 'step a number in its field; with Shift ten times as far'],
  ['Esc', '', 'put a number back, close a working'],
  ['Ctrl Z', '', 'undo; with Shift, redo'],
  ['?', '', 'this list']
]
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Keys" :style="{ width: '28rem' }">
    <dl>
      <template v-for="[a, b, says] in keys" :key="a">
        <dt>
          <kbd>{{ a }}</kbd> <kbd v-if="b">{{ b }}</kbd>
        </dt>
        <dd>{{ says }}</dd>
      </template>
    </dl>
    <p>Drag the name of a number sideways to change it while you look at the drawing.</p>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem 1rem;
  margin: 0;
}
dd {
  margin: 0;
}
</style>
