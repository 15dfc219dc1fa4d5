<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { useJobStore } from '../../job/jobStore.js'
import { t } from '../words.js'

/** The colors pulled out of pictures: what inspires the room. */
const store = useJobStore()
const job = computed(() => store.snapshot)
</script>

<template>
  <section v-if="job">
    <h2>{{ t('whatInspiresTheRoom') }}</h2>
    <p v-if="job.sampledColors.length === 0" class="second">{{ t('nothingPulledYet') }}</p>
    <ul class="pulls">
      <li v-for="p in job.sampledColors" :key="p.id">
        <i :style="{ background: labToHex({ l: p.labL, a: p.labA, b: p.labB }) }"></i>{{ p.name
        }}<span class="second">&ensp;{{ p.share > 0 ? `${Math.round(100 * p.share)} %` : '' }}</span
        ><ElButton
          link
          :aria-label="t('putBackName', { name: p.name })"
          @click="store.remove('sampledColors', p.id)"
        >
          {{ t('putBack') }}
        </ElButton>
      </li>
    </ul>
    <p class="second">
      {{ t('aPhotoIsNotA') }}
    </p>
  </section>
</template>

<style scoped>
section,
.pulls {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.pulls li {
  display: flex;
  gap: 9px;
  align-items: center;
}
.pulls i {
  width: 34px;
  height: 20px;
}
.pulls .el-button {
  margin-left: 10px;
}
</style>
