<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { unmeasured } from '@bonitas/core/model/openingSize'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Why the figures of the take-off are not to be bought by yet: walls that do not close, openings that nobody measured. */
const store = useJobStore()
const open = computed(() => store.derived?.areas?.certain === false)
const openings = computed(() =>
  store.derived?.areas
    ? (store.snapshot?.openings ?? [])
        .filter((o) => unmeasured(o).length > 0)
        .map((o) => o.name || o.kind)
        .join(', ')
    : '',
)
</script>

<template>
  <div v-if="open || openings" class="uncertain" role="note">
    <p v-if="open">{{ t('everyFigureIsUncertainThe') }}</p>
    <p v-if="openings">
      {{ t('reckonedAsUsual', { openings }) }}
      <RouterLink :to="`/jobs/${store.snapshot?.brief.id}/measure/openings`">{{
        t('measureThem')
      }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.uncertain {
  border-left: 4px solid var(--stop);
  padding: 4px 10px;
  margin-bottom: 8px;
  background: var(--paper);
}
</style>
