<script setup lang="ts">
import type { OptionKind } from '@bonitas/core/source/words'

/** One option on the axis: form tells the kind, filled is chosen, dotted does not fit. */
defineProps<{ kind: OptionKind; chosen: boolean; fits: boolean }>()
</script>

<template>
  <svg viewBox="-9 -9 18 18" width="18" height="18" aria-hidden="true" :class="{ chosen, unfit: !fits }">
    <rect v-if="kind === 'new'" x="-6" y="-6" width="12" height="12" />
    <circle v-else-if="kind === 'second-hand'" r="6.5" />
    <path v-else-if="kind === 'made'" d="M 0 -7 L 7 6 L -7 6 Z" />
    <path
      v-else-if="kind === 'placeholder'"
      d="M -6 -6 L 6 6 M -6 6 L 6 -6 M -6 0 A 6 6 0 1 0 6 0 A 6 6 0 1 0 -6 0"
    />
    <path v-else-if="kind === 'hired'" d="M -7 -4 H 7 V 4 H -7 Z" />
    <path v-else d="M 0 -7.5 L 7.5 0 L 0 7.5 L -7.5 0 Z" />
  </svg>
</template>

<style scoped>
svg > * {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.3;
}
.chosen > * {
  fill: var(--ink);
}
.unfit > * {
  stroke-dasharray: 1.6 1.8;
  fill: none;
}
.unfit.chosen > * {
  fill: var(--rule-2);
}
svg {
  display: block;
}
</style>
