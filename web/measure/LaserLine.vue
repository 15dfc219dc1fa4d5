<script setup lang="ts">
import { useLaser } from './laser/useLaser.js'

/** The laser tape: to connect, and what it says. */
const { state, says, connect, disconnect } = useLaser()
</script>

<template>
  <p class="laser second">
    <button v-if="state === 'on'" class="word" @click="disconnect">Disconnect the laser tape</button>
    <button v-else class="word" :disabled="state === 'connecting'" @click="connect">
      {{ state === 'lost' ? 'Connect it again' : 'Connect a laser tape' }}
    </button>
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
