<script setup lang="ts">
import type { OptionKind } from '@bonitas/core/source/words'
import { markShape } from './axisView.js'
import './axisMark.css'

/** One option on the axis: form tells the kind, filled is chosen, dotted does not fit. */
defineProps<{ kind: OptionKind; chosen: boolean; fits: boolean }>()
</script>

<template>
  <svg
    viewBox="-9 -9 18 18"
    width="18"
    height="18"
    aria-hidden="true"
    class="axis-mark"
    :class="{ chosen, unfit: !fits }"
  >
    <path :d="markShape(kind)" />
  </svg>
</template>
