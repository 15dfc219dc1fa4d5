<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Stored } from '@bonitas/core/model/snapshot'
import { put, type RowChange } from '@bonitas/core/model/changes'
import { ROWS } from '@bonitas/core/model/registry'
import type { Edit } from '@bonitas/core/model/rows/edits'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The room before and after the edit: what was decided of each thing, and where it stood. */
const store = useJobStore()
const { day } = useLocale()
const edits = computed(() => store.snapshot?.edits ?? [])
const piece = (id: string | null) => store.snapshot?.pieces.find((p) => p.id === id)
const before = (e: Edit) => {
  const host = piece(e.wasHostId)
  if (!host) return t('inTheRoom')
  return e.wasLevel
    ? t('onShelfOf', { n: e.wasLevel, name: host.name })
    : t('onTopOfName', { name: host.name })
}
const after = (e: Edit) => {
  const p = piece(e.pieceId)
  if (e.did === 'kept') return t('stands')
  return p?.traits.includes('not to be on view') ? p.place || t('offViewNoPlace') : t('inTheRoom')
}
/** As it was before the edit. */
function back(e: Stored<Edit>): void {
  const p = piece(e.pieceId)
  const changes: RowChange[] = [{ collection: 'edits', id: e.id, remove: true }]
  if (p && e.did === 'taken away') {
    changes.push(put('pieces', p.id, { traits: p.traits.filter((x) => x !== 'not to be on view') }))
    if (e.wasHostId !== null && piece(e.wasHostId))
      changes.push({
        collection: 'shelfPlacements',
        add: {
          ...ROWS.shelfPlacements.blank(),
          ...{ pieceId: p.id, hostId: e.wasHostId, level: e.wasLevel ?? 0, count: e.wasCount, position: 99 },
        },
      })
  }
  store.apply(changes, t('putBackName', { name: p?.name ?? '' }))
}
</script>

<template>
  <section v-if="edits.length > 0" class="bench-part">
    <div class="part-head">
      <h2>{{ t('beforeAndAfterEdit') }}</h2>
    </div>
    <ListTable
      :rows="edits"
      :columns="[
        { id: 'name', head: t('thing') },
        { id: 'before', head: t('beforeEdit') },
        { id: 'after', head: t('afterEdit') },
        { id: 'on', head: t('decided') },
        { id: 'back', head: t('undoIt') },
      ]"
      :key-of="(e) => e.id"
    >
      <template #cell-name="{ row: e }"
        ><b>{{ piece(e.pieceId)?.name }}</b></template
      >
      <template #cell-before="{ row: e }">{{ before(e) }}</template>
      <template #cell-after="{ row: e }">{{ after(e) }}</template>
      <template #cell-on="{ row: e }">{{ [e.did, day(e.on), e.why].filter(Boolean).join(', ') }}</template>
      <template #cell-back="{ row: e }"
        ><ElButton
          link
          :aria-label="t('putBackOf', { name: piece(e.pieceId)?.name ?? '' })"
          @click="back(e)"
          >{{ t('takeBack') }}</ElButton
        ></template
      >
    </ListTable>
  </section>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
  display: grid;
  gap: 8px;
}
</style>
