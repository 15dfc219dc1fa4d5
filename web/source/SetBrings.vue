<script setup lang="ts">
import type { ToldSet } from '@bonitas/core/job/toldSet'
import { t } from './words.js'

/** What a set would bring to the job, told before it is taken, and what was left out so that it brings no stop. */
defineProps<{ told: ToldSet }>()
</script>

<template>
  <ul v-if="told.brings.length > 0 || told.leftOut.length > 0" class="brings">
    <li v-for="f in told.brings" :key="f.key">
      {{
        f.severity === 'stop' ? t('bringsAStop', { title: f.title }) : t('bringsTitle', { title: f.title })
      }}
    </li>
    <li v-for="o in told.leftOut" :key="o.optionId">
      {{ t('leftOutSince', { name: o.name, title: o.title }) }}
    </li>
    <li v-if="!told.offered">{{ t('notOffered') }}</li>
  </ul>
</template>

<style scoped>
.brings {
  margin: 6px 0 10px;
  padding-left: 18px;
  max-width: 80ch;
}
</style>
