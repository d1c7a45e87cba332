<script setup lang="ts">
/** Grain, end grain and hatches, once per drawing. */
defineProps<{ id: string }>()
</script>

<template>
  <defs>
    <pattern :id="`${id}-grain`" width="96" height="26" patternUnits="userSpaceOnUse">
      <rect width="96" height="26" fill="var(--wood)" />
      <path
        d="M0 4q24-3 48 0t48 0M0 11q24 3 48 0t48 0M0 18q24-2 48 0t48 0M0 24q24 2 48 0t48 0"
        class="grain"
      />
    </pattern>
    <pattern :id="`${id}-grain-up`" width="26" height="96" patternUnits="userSpaceOnUse">
      <rect width="26" height="96" fill="var(--wood)" />
      <path
        d="M4 0q-3 24 0 48t0 48M11 0q3 24 0 48t0 48M18 0q-2 24 0 48t0 48M24 0q2 24 0 48t0 48"
        class="grain"
      />
    </pattern>
    <pattern :id="`${id}-mate-up`" width="26" height="96" patternUnits="userSpaceOnUse">
      <rect width="26" height="96" fill="var(--wood-end)" />
      <path d="M4 0q-3 24 0 48t0 48M11 0q3 24 0 48t0 48M18 0q-2 24 0 48t0 48" class="grain dark-grain" />
    </pattern>
    <pattern :id="`${id}-end`" width="22" height="14" patternUnits="userSpaceOnUse">
      <rect width="22" height="14" fill="var(--wood-end)" />
      <path d="M-2 12Q11 4 24 12M-2 5Q11 -3 24 5" class="grain dark-grain" />
    </pattern>
    <pattern
      :id="`${id}-hatch`"
      width="7"
      height="7"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="7" height="7" fill="var(--cut)" fill-opacity="0.08" />
      <path d="M0 0V7" stroke="var(--cut)" stroke-width="1.6" />
    </pattern>
    <pattern
      :id="`${id}-hatch-panel`"
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <rect width="8" height="8" fill="var(--panel)" fill-opacity="0.32" />
      <path d="M0 0V8" stroke="var(--panel)" stroke-width="1.6" />
    </pattern>
    <pattern :id="`${id}-hatch-lid`" width="8" height="8" patternUnits="userSpaceOnUse">
      <rect width="8" height="8" fill="var(--lid)" fill-opacity="0.26" />
      <path d="M0 4H8M4 0V8" stroke="var(--lid)" stroke-width="0.9" />
    </pattern>
    <pattern :id="`${id}-hatch-glue`" width="8" height="8" patternUnits="userSpaceOnUse">
      <rect width="8" height="8" fill="var(--glue)" fill-opacity="0.16" />
      <path d="M0 8L8 0" stroke="var(--glue)" stroke-width="1.2" />
    </pattern>
    <marker
      :id="`${id}-arrow`"
      viewBox="0 0 10 10"
      refX="6"
      refY="5"
      markerWidth="5"
      markerHeight="5"
      orient="auto"
    >
      <path d="M0 0L10 5L0 10z" fill="var(--good)" />
    </marker>
  </defs>
</template>

<style scoped>
.grain {
  fill: none;
  stroke: var(--wood-line);
  stroke-width: 0.8;
  opacity: 0.55;
}
.dark-grain {
  stroke: color-mix(in srgb, var(--ink) 55%, var(--wood-end));
  opacity: 0.5;
}
</style>
