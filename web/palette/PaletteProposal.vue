<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { ToldProposal } from '@bonitas/core/job/proposeInJob'
import { surfaceName } from '@bonitas/core/stages/palette/surfaceAreas'
import ListTable from '../form/ListTable.vue'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number, says } = useLocale()
/** A whole palette put together: its colors in their shares, why, and where each goes. */
defineProps<{ proposal: ToldProposal }>()
const emit = defineEmits<{ take: [] }>()
const store = useJobStore()
const where = (f: ToldProposal['finishes'][number]) =>
  [
    ...f.surfaces.map((s) => surfaceName(s, says.value.locale, store.derived?.surfaces)),
    ...f.pieceIds.flatMap((id) => store.snapshot?.pieces.find((p) => p.id === id)?.name ?? []),
  ].join(', ')
</script>

<template>
  <article>
    <div
      class="strip"
      role="img"
      :aria-label="proposal.seen.map((f) => `${f.finish.name} ${number(100 * f.share)} %`).join(', ')"
    >
      <i
        v-for="f in proposal.seen"
        :key="f.finish.id"
        :style="{ flexGrow: f.share, background: labToHex(f.lab) }"
        :title="`${f.finish.name}, ${number(100 * f.share, 1)} %`"
      ></i>
    </div>
    <div class="text">
      <div>
        <h2>{{ proposal.name }}</h2>
        <p class="second">{{ proposal.why.join('; ') }}.</p>
        <ul v-if="proposal.findings.some((f) => f.severity === 'look')" class="second">
          <li v-for="f in proposal.findings.filter((x) => x.severity === 'look')" :key="f.title">
            {{ t('lookTitle', { title: f.title }) }}
          </li>
        </ul>
        <ElButton @click="emit('take')">{{ t('takeOverAsAScheme') }}</ElButton>
      </div>
      <ListTable
        :rows="proposal.finishes"
        :columns="[
          { id: 'swatch', head: '' },
          { id: 'sample', head: '' },
          { id: 'where', head: '' },
        ]"
        :key-of="(f) => f.sample.name + f.role"
        headless
      >
        <template #cell-swatch="{ row: f }"
          ><span class="sw"><i :style="{ background: labToHex(f.sample.lab) }"></i></span
        ></template>
        <template #cell-sample="{ row: f }"
          ><b>{{ f.sample.name }}</b> <span class="second">{{ f.sample.code }}</span></template
        >
        <template #cell-where="{ row: f }"
          ><span class="second">{{ where(f) }}</span></template
        >
      </ListTable>
    </div>
  </article>
</template>

<style scoped>
article {
  border-top: 1px solid var(--ink);
  padding: 10px 0 16px;
}
.strip {
  display: flex;
  height: 54px;
}
.strip i {
  flex: 0 1 0;
  min-width: 1px;
}
.text {
  display: grid;
  grid-template-columns: minmax(180px, 5fr) 8fr;
  gap: 20px;
  padding-top: 10px;
}
.text > div {
  display: grid;
  gap: 6px;
  justify-items: start;
  align-content: start;
}
:deep(td b) {
  font-weight: 600;
}
.sw {
  width: 46px;
}
.sw i {
  display: inline-block;
  width: 36px;
  height: 20px;
  vertical-align: middle;
}
</style>
