<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed } from 'vue'
import { isCollection, rowDef } from '@bonitas/core/model/registry'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** A removal that something stands in the way of: what it is, by name, and what can be done about it. */
const store = useJobStore()
const met = computed(() => store.blocked)
const ofLedger = computed(() => met.value?.inTheWay.filter((w) => w.record) ?? [])
const rows = computed(() => met.value?.inTheWay.filter((w) => !w.record) ?? [])

/** What a row is, beside its name: "a piece", "an item". */
const kindOf = (collection: string) => (isCollection(collection) ? rowDef(collection).singular : '')
/** What happens to a row that is taken along: it goes too, or only forgets what it named. */
const forgets = (id: string) => met.value?.along?.some((c) => 'set' in c && c.id === id) ?? false
</script>

<template>
  <ElDialog
    :model-value="!!met"
    :title="t('nameIsStillNeeded', { name: met?.name ?? '' })"
    width="560"
    :close-on-click-modal="false"
    @close="store.settleBlocked(false)"
  >
    <template v-if="met">
      <template v-if="ofLedger.length > 0">
        <p>{{ t('itStandsInTheLedger') }}</p>
        <ul>
          <li v-for="w in ofLedger" :key="w.id">{{ w.name }}</li>
        </ul>
        <p class="second">
          {{ t('whatWasOrderedAndPaid') }}
        </p>
      </template>
      <template v-else>
        <p>{{ t('withoutItTheseWouldChange') }}</p>
        <ul>
          <li v-for="w in rows" :key="`${w.id} ${w.field}`">
            {{ w.name }} <span class="second">({{ kindOf(w.collection) }})</span>
            {{ forgets(w.id) ? t('staysAndNoLongerNames') : t('isRemovedAsWell') }}
          </li>
        </ul>
        <p class="second">{{ t('itIsOneStepUndo') }}</p>
      </template>
    </template>
    <template #footer>
      <ElButton @click="store.settleBlocked(false)">{{ t('keepName', { name: met?.name }) }}</ElButton>
      <ElButton v-if="met?.along" type="primary" @click="store.settleBlocked(true)">{{
        t('removeItAllTheSame')
      }}</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
ul {
  margin: 8px 0;
  padding-left: 18px;
  max-height: 40vh;
  overflow: auto;
}
li {
  margin: 3px 0;
  overflow-wrap: anywhere;
}
</style>
