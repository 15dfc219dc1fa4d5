<script setup lang="ts">
import { computed } from 'vue'
import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { LEVELS } from '@bonitas/core/model/vocabulary/change'
import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import { PIECE_KINDS } from '@bonitas/core/model/vocabulary/piece'
import { SPENDS } from '@bonitas/core/model/vocabulary/buying'
import { useJobStore } from '../job/jobStore.js'
import SeveralRows from '../job/SeveralRows.vue'
import type { SeveralFact } from '../job/severalFacts.js'
import { useWallChoices } from '../measure/useWallChoices.js'
import { t } from './words.js'
import OrderRows from '../job/OrderRows.vue'

/** What is done to many items of the schedule at once: their order, and facts that are often the same for many. */
const store = useJobStore()
const walls = useWallChoices(t('noWall'))
const facts = computed((): SeveralFact[] => [
  { field: 'category', choices: CATEGORIES },
  { field: 'neededOn', kind: 'date' },
  { field: 'importance', kind: 'whole', label: t('counts15') },
  { field: 'spend', choices: SPENDS, label: t('spend') },
  { field: 'level', choices: [{ value: null, text: t('bothLevels') }, ...LEVELS] },
  { field: 'mayWait' },
  { field: 'locked', label: t('locked') },
  { field: 'pieceKind', choices: [{ value: null, text: t('notSaid') }, ...PIECE_KINDS], label: t('piece') },
  { field: 'fixing', choices: FIXINGS },
  { field: 'wallId', choices: walls.value },
  {
    field: 'focalPointId',
    choices: [
      { value: null, text: 'none' },
      ...(store.snapshot?.focalPoints ?? []).map((f) => ({ value: f.id, text: f.name })),
    ],
    label: t('focus'),
  },
  { field: 'usesPerYear', kind: 'whole', label: t('usesAYear') },
  { field: 'targetMinor', kind: 'money' },
])
</script>

<template>
  <OrderRows collection="items" :rows="store.snapshot?.items ?? []" :what="t('items')" />
  <SeveralRows collection="items" :rows="store.snapshot?.items ?? []" :facts="facts" />
</template>
