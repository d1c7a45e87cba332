<script setup lang="ts">
import InputText from 'primevue/inputtext'
import LengthField from '../bench/LengthField.vue'
import type { Held } from './beginning'

/** What goes into a new box beside its size: what it is, how many, what parts them. */
defineProps<{ thing: Held; unit: 'MILLIMETRE' | 'INCH' }>()
const emit = defineEmits<{ say: [changed: { [K in keyof Held]?: Held[K] | undefined }] }>()
const say = (changed: { [K in keyof Held]?: Held[K] | undefined }) => emit('say', changed)
</script>

<template>
  <div class="things">
    <label
      >What
      <InputText
        :model-value="thing.name ?? ''"
        maxlength="60"
        autocomplete="off"
        placeholder="things"
        @update:model-value="say({ name: $event })"
    /></label>
    <label
      >How many
      <InputText
        :model-value="String(thing.count ?? '')"
        inputmode="numeric"
        placeholder="1"
        autocomplete="off"
        @update:model-value="say({ count: Number($event) >= 1 ? Math.floor(Number($event)) : undefined })"
    /></label>
    <LengthField
      label="Divider between them"
      text=""
      :unit="unit"
      at="size.contents.items.0.divider"
      house="none"
      stands="assumed"
      @read="(mm) => say({ divider: mm })"
    />
  </div>
</template>

<style scoped>
.things {
  display: flex;
  gap: 1rem;
  align-items: end;
  justify-content: center;
  flex-wrap: wrap;
}
.things label {
  display: grid;
  font-size: 0.9rem;
  color: var(--quiet);
}
.things label:nth-child(2) :deep(input) {
  width: 5rem;
}
.things :deep(.field) {
  border: 0;
}
</style>
