<template>
  <div class="shelf-frame">
    <main><slot /></main>
    <aside><slot name="slate" /></aside>
  </div>
</template>

<style scoped>
.shelf-frame {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 22rem;
}
main {
  overflow: auto;
  padding: 0.8rem 1.3rem;
}
aside {
  background: var(--paper);
  border-left: 1px solid var(--rule);
  overflow: auto;
  padding: 0.8rem 1.1rem;
  scrollbar-gutter: stable;
}
@media (max-width: 900px) {
  .shelf-frame {
    display: block;
    overflow: auto;
  }
}
</style>
