<script setup lang="ts">
import NotesOn from '../book/NotesOn.vue'
import OpenWorking from './OpenWorking.vue'
import { useBench } from './store'

/** The working of a number of the box on the bench, with what was written on it. */
const bench = useBench()
</script>

<template>
  <OpenWorking
    :trail="bench.working"
    :says="bench.wouldBe?.says"
    @open="bench.openWorking($event, bench.wouldBe)"
    @back="bench.working = bench.working.slice(0, -1)"
    @close="bench.working = []"
  >
    <template #default="{ number }">
      <NotesOn
        v-if="bench.id && !bench.wouldBe"
        :box="bench.id"
        :about="number"
        label="Write a note on this number"
      />
    </template>
  </OpenWorking>
</template>
