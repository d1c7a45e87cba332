<script setup lang="ts">
/** Every station alike: a question, its drawing, and the slate beside it. */
defineProps<{ question: string; hint: string }>()
</script>

<template>
  <main class="station">
    <header>
      <h2>{{ question }}</h2>
      <p>{{ hint }}</p>
    </header>
    <div class="drawing"><slot name="drawing" /></div>
  </main>
  <div class="slate">
    <section aria-label="You decide" class="decide">
      <h3>You decide</h3>
      <slot name="decide" />
    </section>
    <section aria-label="What follows" class="follow">
      <h3>What follows</h3>
      <slot name="follow" />
    </section>
    <slot name="verdicts" />
  </div>
</template>

<style scoped>
.station {
  grid-area: 1/2;
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  padding: 0.8rem 1rem 0.4rem;
}
header h2 {
  font-size: 1.35rem;
}
header p {
  margin: 0.15rem 0 0.3rem;
  color: var(--quiet);
}
.drawing {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.slate {
  grid-area: 1/3;
  background: var(--paper);
  border-left: 1px solid var(--rule);
  overflow: auto;
  padding: 0.7rem 1.1rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
  scrollbar-gutter: stable;
}
h3 {
  font-size: 0.86rem;
  color: var(--quiet);
  margin-bottom: 0.15rem;
}
@media (max-width: 900px) {
  .drawing {
    min-height: 380px;
  }
}
</style>
