<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useLaser } from './laser/useLaser.js'
import { t } from './words.js'

/** The laser tape: to connect, and what it says. */
const { state, says, connect, disconnect } = useLaser()
</script>

<template>
  <p class="laser second">
    <ElButton v-if="state === 'on'" link @click="disconnect">{{ t('disconnectTheLaserTape') }}</ElButton>
    <ElButton v-else link :disabled="state === 'connecting'" @click="connect">
      {{ state === 'lost' ? t('connectItAgain') : t('connectALaserTape') }}
    </ElButton>
    <span role="status">{{ says }}</span>
  </p>
</template>

<style scoped>
.laser {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}
</style>
