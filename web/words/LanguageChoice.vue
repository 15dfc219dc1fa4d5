<script setup lang="ts">
import { ElButton } from 'element-plus'
import { languageHere, LANGUAGES, speak } from './languages.js'

/** The language of the interface, each written in itself. Numbers and days are written as the studio does. */
const here = languageHere()
</script>

<template>
  <p class="languages">
    <ElButton
      v-for="l in LANGUAGES"
      :key="l.id"
      link
      :lang="l.id"
      :aria-pressed="l.id === here"
      @click="speak(l.id)"
      >{{ l.name }}</ElButton
    >
  </p>
</template>

<style scoped>
.languages {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.languages [aria-pressed='true'] {
  font-weight: 600;
  border-bottom: 2px solid currentcolor;
}
</style>
