<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Stored } from '@bonitas/core/model/snapshot'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import RowField from '../form/RowField.vue'
import { useOffView } from './useOffView.js'
import { t } from './words.js'

/** What is not on view, with the place where it is kept. */
defineProps<{ pieces: readonly Stored<Piece>[] }>()
const { putBack } = useOffView()
</script>

<template>
  <section v-if="pieces.length > 0" class="off-view">
    <h2>{{ t('offDisplay') }}</h2>
    <ul>
      <li v-for="p in pieces" :key="p.id">
        <b>{{ p.name }}</b>
        <RowField collection="pieces" :row="p" field="place" kind="text" :label="t('keptAt')" />
        <ElButton link @click="putBack(p.id)">{{ t('onViewAgain') }}</ElButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.off-view {
  margin-top: 16px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 10px 18px;
  list-style: none;
  padding: 6px 0 0;
}
li {
  display: grid;
  gap: 3px;
  justify-items: start;
  align-content: start;
}
</style>
