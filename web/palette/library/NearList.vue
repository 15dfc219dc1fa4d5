<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex, lrv } from '@bonitas/core/kernel/color/lab'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import type { NearSample } from './libraryStore.js'

/** Samples by nearness, each with the way onto the bench. */
defineProps<{
  found: readonly NearSample[]
  price: (minor: number) => string
  narrow?: boolean
  act?: string
}>()
defineEmits<{ take: [found: NearSample] }>()
</script>

<template>
  <table class="near">
    <thead>
      <tr>
        <th scope="col" colspan="2">Sample</th>
        <th scope="col" class="figure">ΔE00</th>
        <th v-if="!narrow" scope="col" class="figure">LRV</th>
        <th v-if="!narrow" scope="col">Undertone</th>
        <th v-if="!narrow" scope="col" class="figure">Price</th>
        <th scope="col"><span class="visually-hidden">Take it</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in found" :key="`${f.sample.deckId} ${f.sample.code} ${f.sample.name}`">
        <td class="sw"><i :style="{ background: labToHex(f.sample.lab) }"></i></td>
        <td>
          <b>{{ f.sample.name }}</b>
          <span class="second">{{ [f.sample.code, f.sample.deck].filter(Boolean).join(' · ') }}</span>
        </td>
        <td class="figure">{{ f.deltaE.toFixed(1) }}</td>
        <td v-if="!narrow" class="figure">{{ lrv(f.sample.lab).toFixed(0) }}</td>
        <td v-if="!narrow">{{ undertone(f.sample.material, f.sample.lab).phrase }}</td>
        <td v-if="!narrow" class="figure">
          {{ f.sample.priceMinor === null ? '' : `${price(f.sample.priceMinor)} / ${f.sample.per}` }}
        </td>
        <td>
          <ElButton link :aria-label="`${act ?? 'To the bench'}: ${f.sample.name}`" @click="$emit('take', f)">
            {{ act ?? 'To the bench' }}
          </ElButton>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.near td {
  vertical-align: middle;
  padding-top: 3px;
  padding-bottom: 3px;
}
.sw {
  width: 62px;
}
i {
  display: block;
  width: 52px;
  height: 28px;
}
b {
  font-weight: 600;
  display: block;
  line-height: 1.2;
}
.el-button {
  white-space: nowrap;
}
</style>
