<script setup lang="ts">
import { computed } from 'vue'
import { lostL, sumL, wonL } from '@bonitas/core/stages/brief/storage'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** What the room keeps out of sight: what stays, goes and comes, and whether what was in use finds its place. */
const store = useJobStore()
const { says } = useLocale()
const storage = computed(() => store.derived?.brief.storage)
const known = computed(() => {
  const s = storage.value
  return !!s && s.stays.length + s.goes.length + s.comes.length > 0
})
const used = computed(() => {
  const s = storage.value
  return s?.goes.every((g) => g.inUseL !== undefined) ? says.value.capacity(lostL(s)) : t('notLookedAt')
})
</script>

<template>
  <section v-if="storage" class="panel-part">
    <h2>{{ t('storage') }}</h2>
    <template v-if="known">
      <p v-if="storage.stays.length > 0">
        {{ t('storageStays', { liters: says.capacity(sumL(storage.stays)) }) }}
      </p>
      <p v-if="storage.goes.length > 0">
        {{ t('storageGoes', { liters: says.capacity(sumL(storage.goes)), used }) }}
      </p>
      <p v-if="storage.comes.length > 0">
        {{ t('storageComes', { liters: says.capacity(sumL(storage.comes)) }) }}
      </p>
      <p v-if="storage.goes.length > 0 && lostL(storage) <= wonL(storage)" class="second">
        {{ t('noLoss') }}
      </p>
    </template>
    <p v-else class="second">{{ t('noStorage') }}</p>
    <p v-if="storage.needed.length > 0">
      {{
        t('needed', {
          liters: says.capacity(storage.neededL),
          names: storage.needed.map((n) => n.name).join(', '),
        })
      }}
    </p>
  </section>
</template>
