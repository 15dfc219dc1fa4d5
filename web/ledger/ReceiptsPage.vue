<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { estimatesLeft, documentName, documentOrders } from '@bonitas/core/job/documentSide'
import { checkDocument, proposeOrders } from '@bonitas/core/stages/ledger/documentsReceived'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import FilePick from '../form/FilePick.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useConfirm } from '../job/useConfirm.js'
import { unfit } from '../job/uploadStore.js'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'
import ReceiptCard from './ReceiptCard.vue'
import { t } from './words.js'

/** Receipts, invoices and credit notes as they came, each matched to its order by a person and held against the ledger. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const orders = computed(() => (job.value ? documentOrders(job.value, store.derived?.orders ?? []) : []))
const { waiting, send, take, forget } = useUploads()

const only = ref<'all' | 'not matched' | 'differs' | 'in part'>('all')
const papers = computed(() =>
  [...(job.value?.receipts ?? [])]
    .sort((x, y) => (x.on < y.on ? 1 : x.on > y.on ? -1 : 0))
    .map((paper) => ({
      paper,
      name: documentName(paper),
      check: checkDocument(
        paper,
        orders.value.find((o) => o.id === paper.orderId),
        job.value?.receipts ?? [],
        money,
      ),
      likely: paper.orderId ? [] : proposeOrders(paper, orders.value),
    })),
)
const shown = computed(() =>
  papers.value.filter((p) => only.value === 'all' || p.check.verdict === only.value),
)
const orderChoices = computed(() => [
  { value: null, text: t('noneYet') },
  ...orders.value.map((o) => ({ value: o.id, text: o.name })),
])
/** Paid and without a paper: what the bookkeeper will ask for. */
const bare = computed(() =>
  orders.value.filter((o) => o.paidMinor > 0 && !papers.value.some((p) => p.paper.orderId === o.id)),
)
const estimates = computed(() => (job.value ? estimatesLeft(job.value, store.derived?.orders ?? []) : []))
const findings = computed(() =>
  (store.findings ?? []).filter((f) => f.rule === 'ledger.paper-differs' || f.rule === 'ledger.estimated'),
)

/** The button goes with what it did; the choice it made is where to go on. */
function match(id: string, orderId: string): void {
  store.change('receipts', id, { orderId })
  void nextTick(() =>
    document.querySelector<HTMLElement>(`[data-receipt="${id}"] .order [role="combobox"]`)?.focus(),
  )
}

const picker = ref<InstanceType<typeof FilePick>>()
let into = ''
function pick(receiptId = ''): void {
  into = receiptId
  picker.value?.pick()
}
const picked = (files: readonly File[]) => bring(files, into)
/** Without a receipt named, each file is a receipt of its own. */
async function bring(files: readonly File[], receiptId = ''): Promise<void> {
  for (const file of files) {
    const id = receiptId || (unfit({ file, kind: 'paper' }) ? '' : add())
    await take([file], { kind: 'paper', subject: `receipt:${id}` })
  }
}
function add(orderId: string | null = null): string {
  const order = orders.value.find((o) => o.id === orderId)
  only.value = 'all'
  const id = store.add('receipts', {
    kind: 'receipt',
    fromName: order?.supplierName ?? '',
    number: '',
    on: store.day,
    orderId,
    totalMinor: 0,
    taxMinor: null,
    note: '',
  })
  void nextTick(() =>
    document.querySelector<HTMLElement>(`[data-receipt="${id}"] [role="combobox"]`)?.focus(),
  )
  return id
}
const { armed, press: remove } = useConfirm((id) => store.remove('receipts', id))
</script>

<template>
  <StagePage v-if="job && store.derived" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <FilePick
      ref="picker"
      :label="t('photosOrPDFsOfPapers')"
      accept="image/*,application/pdf"
      @picked="picked"
    />
    <div class="papers" @dragover.prevent @drop.prevent="bring([...($event.dataTransfer?.files ?? [])])">
      <div class="above">
        <ElButton @click="pick()">{{ t('photosOrPDFs') }}</ElButton>
        <ElButton @click="add()">{{ t('typeOneIn') }}</ElButton>
        <template v-if="papers.length > 0">
          <ChoiceField
            v-model="only"
            beside
            :label="t('show')"
            :choices="['all', 'not matched', 'differs', 'in part']"
          />
          <span class="second">{{ t('shownOfPapers', { shown: shown.length, papers: papers.length }) }}</span>
        </template>
      </div>
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <ReceiptCard
        v-for="r in shown"
        :key="r.paper.id"
        :receipt="r"
        :order-choices="orderChoices"
        :armed="armed === r.paper.id"
        @pick="pick(r.paper.id)"
        @remove="remove(r.paper.id)"
        @match="(orderId) => match(r.paper.id, orderId)"
      />
      <p v-if="papers.length === 0" class="second teach">
        {{ t('dropReceiptsAndInvoicesHere') }}
      </p>
      <p v-else-if="shown.length === 0" class="second">{{ t('noneOfThem') }}</p>
    </div>
    <template #panel>
      <FindingsPanel stage="ledger" :list="findings" :quiet="t('noPaperSaysSomethingElse')" />
      <section v-if="bare.length > 0" class="part">
        <h2>{{ t('paidAndNoPaperYet') }}</h2>
        <ul>
          <li v-for="o in bare" :key="o.id">
            {{ o.name }} <b>{{ money(o.paidMinor) }}</b>
            <ElButton link :aria-label="t('addThePaperOfName', { name: o.name })" @click="add(o.id)">{{
              t('add')
            }}</ElButton>
          </li>
        </ul>
      </section>
      <p v-if="estimates.length > 0" class="second">
        {{ t('reduceOfWhatIsPaid', { reduce: money(estimates.reduce((s, g) => s + g.amountMinor, 0)) }) }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.papers {
  display: grid;
  gap: 10px;
  min-height: 100%;
  align-content: start;
}
.above {
  display: flex;
  gap: 10px;
  align-items: center;
}
.part {
  display: grid;
  gap: 6px;
}
.part li {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.part li b {
  margin-left: auto;
}
.teach {
  max-width: 60ch;
}
</style>
