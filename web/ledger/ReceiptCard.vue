<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DocumentCheck, OrderMatch } from '@bonitas/core/stages/ledger/documentsReceived'
import type { Receipt } from '@bonitas/core/model/rows/receipts'
import { PAPER_KINDS } from '@bonitas/core/model/vocabulary/ledger'
import type { Choices } from '../form/choices.js'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import PhotoStrip from '../job/PhotoStrip.vue'
import { t } from './words.js'

/** One receipt, invoice or credit note: what it says, the order it belongs to, and whether the two agree. */
const props = defineProps<{
  receipt: {
    readonly paper: Receipt
    readonly name: string
    readonly check: DocumentCheck
    /** Orders it may belong to, the likeliest first. */
    readonly likely: readonly OrderMatch[]
  }
  orderChoices: Choices
  /** Remove was pressed once and asks again. */
  armed: boolean
}>()
const emit = defineEmits<{ pick: []; remove: []; match: [orderId: string] }>()
const paper = computed(() => props.receipt.paper)
const name = computed(() => props.receipt.name)
const check = computed(() => props.receipt.check)
const likely = computed(() => props.receipt.likely)
const MARK = { agrees: '✓', 'in part': '◐', differs: '≠', 'not matched': '–' } as const
</script>

<template>
  <article :data-receipt="paper.id" :aria-label="name" :class="{ differs: check.verdict === 'differs' }">
    <RowChoice collection="receipts" :row="paper" field="kind" :choices="PAPER_KINDS" />
    <RowField collection="receipts" :row="paper" field="fromName" kind="text" class="two" />
    <RowField collection="receipts" :row="paper" field="number" kind="text" />
    <RowField collection="receipts" :row="paper" field="on" kind="date" />
    <RowField collection="receipts" :row="paper" field="totalMinor" kind="money" figure />
    <RowField collection="receipts" :row="paper" field="taxMinor" kind="money" figure />
    <RowChoice
      collection="receipts"
      :row="paper"
      field="orderId"
      :label="t('belongsTo')"
      :choices="orderChoices"
      class="two order"
    />
    <RowField collection="receipts" :row="paper" field="note" kind="text" />
    <p class="check">
      <b>{{ MARK[check.verdict] }} {{ check.verdict }}</b> {{ check.says.join(' · ') }}
    </p>
    <p class="does">
      <ElButton link :aria-label="t('photoOrPDFOfName', { name })" @click="emit('pick')">{{
        t('photoOrPDF')
      }}</ElButton>
      <ElButton link :aria-label="t('removeName', { name })" @click="emit('remove')">
        {{ armed ? t('removeItWithItsPhotos') : t('remove') }}
      </ElButton>
    </p>
    <ul v-if="likely.length > 0" class="likely">
      <li v-for="m in likely" :key="m.order.id">
        <ElButton link @click="emit('match', m.order.id)">
          {{ t('itBelongsToReplace', { replace: m.order.name.replace(/^O/, 'o') }) }}
        </ElButton>
        <span class="second">{{ m.because.join(', ') }}</span>
      </li>
    </ul>
    <PhotoStrip class="files" :subject="`receipt:${paper.id}`" :of="name" />
  </article>
</template>

<style scoped>
article {
  background: var(--paper);
  padding: 10px 14px;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr)) 140px;
  gap: 8px 12px;
  align-items: end;
  border-left: 4px solid var(--rule-2);
}
article.differs {
  border-left-color: var(--stop);
}
.two {
  grid-column: span 2;
}
.likely,
.files {
  grid-column: 1 / -1;
}
.check {
  grid-column: 1 / 4;
  align-self: baseline;
}
.does {
  grid-column: 4 / -1;
  display: flex;
  gap: 16px;
  justify-content: end;
  align-self: baseline;
}
.likely li {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
@media (width < 760px) {
  article {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .check,
  .does {
    grid-column: 1 / -1;
  }
}
</style>
