<script setup lang="ts">
import { SANITARY } from '@bonitas/core/model/vocabulary/sanitary'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import type { Stored } from '@bonitas/core/model/snapshot'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'

/** What only pieces of one kind have: which plant it is and how it grows, how high one lies, which ware it is. */
defineProps<{ piece: Stored<Piece> }>()
</script>

<template>
  <RowChoice
    v-if="piece.kind === 'sanitary'"
    collection="pieces"
    :row="piece"
    field="sanitary"
    :choices="SANITARY"
  />
  <template v-if="piece.kind === 'plant'">
    <RowField collection="pieces" :row="piece" field="species" kind="text" />
    <RowField collection="pieces" :row="piece" field="grownMm" kind="length" figure />
    <RowField collection="pieces" :row="piece" field="bloomFrom" kind="whole" figure />
    <RowField collection="pieces" :row="piece" field="bloomTo" kind="whole" figure />
  </template>
  <template v-if="piece.kind === 'bed' || piece.kind === 'sofa bed'">
    <RowField collection="pieces" :row="piece" field="mattressMm" kind="length" figure />
    <RowField collection="pieces" :row="piece" field="pillowsMm" kind="length" figure />
  </template>
</template>
