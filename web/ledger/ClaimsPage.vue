<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, nextTick, ref } from 'vue'
import type { DerivedLine } from '@bonitas/core/job/deriveLedger'
import { CLAIM_ANSWERS, CLAIM_ASKS } from '@bonitas/core/model/vocabulary/ledger'
import ChoiceField from '../form/ChoiceField.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import FilePick from '../form/FilePick.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import PhotoStrip from '../job/PhotoStrip.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useConfirm } from '../job/useConfirm.js'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'
import type { Act } from './act.js'
import ActPanel from './ActPanel.vue'
import { optionsOf } from './ledgerView.js'
import { useActs } from './useActs.js'
import { t } from './words.js'

/** What is asked of sellers for things that came damaged or wrong, with photos, and what came of it. */
const store = useJobStore()
const { act, acts, said, panel, begin, close, done } = useActs()
const { waiting, send, take, forget } = useUploads()
const job = computed(() => store.snapshot)
const lines = computed(() =>
  (store.derived?.orders ?? []).flatMap((o) => o.lines.map((l) => ({ ...l, order: o }))),
)
/** What can be claimed for, first what was noted to be damaged and is not claimed yet. */
const here = computed(() => {
  const claimed = new Set(job.value?.claims.map((c) => c.lineId))
  const waits = (l: DerivedLine) => Number(l.damaged && !claimed.has(l.line.id))
  return lines.value.filter((l) => l.state.hereQuantity > 0).sort((x, y) => waits(y) - waits(x))
})
const claims = computed(() =>
  (job.value?.claims ?? []).map((claim) => ({
    claim,
    line: lines.value.find((l) => l.line.id === claim.lineId),
  })),
)
const findings = computed(() => (store.findings ?? []).filter((f) => f.rule === 'ledger.claim-waits'))

const lineId = ref('')
function add(): void {
  const line = here.value.find((l) => l.line.id === lineId.value) ?? here.value[0]
  if (!line) return
  const noted = line.order.events.filter((e) => e.kind === 'damaged' && e.lineId === line.line.id).at(-1)
  const id = store.add('claims', {
    ...ROWS.claims.blank(),
    lineId: line.line.id,
    madeOn: store.day,
    note: noted?.note ?? '',
  })
  lineId.value = ''
  void nextTick(() =>
    document.querySelector<HTMLElement>(`[data-claim="${id}"] .wrong :is(input, textarea)`)?.focus(),
  )
}
/** What a granted claim is entered as. */
function settles(asks: string, line: DerivedLine): { readonly word: string; readonly act: Act } | undefined {
  const a = acts.value
  if (line.state.liveQuantity <= 0) return undefined
  if (asks === 'part of the price') return { word: t('enterWhatIsTakenOff'), act: a.lower(line) }
  if (asks === 'money back' && line.state.hereQuantity > 0)
    return { word: t('enterTheReturn'), act: a.sendBack(line) }
  if (asks === 'replacement')
    return {
      word: t('enterTheExchange'),
      act: a.exchange(line, optionsOf(store.derived, line), line.line.optionId),
    }
  return undefined
}

const picker = ref<InstanceType<typeof FilePick>>()
let into = ''
function pick(claimId: string): void {
  into = claimId
  picker.value?.pick()
}
const picked = (files: readonly File[]) => take(files, { kind: 'damage', subject: `claim:${into}` })
const { armed, press: remove } = useConfirm((id) => store.remove('claims', id))
</script>

<template>
  <StagePage v-if="job && store.derived" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <FilePick ref="picker" :label="t('photosOfTheDamage')" accept="image/*" @picked="picked" />
    <section class="claims" :aria-label="t('claims')">
      <div v-if="here.length > 0" class="above">
        <ChoiceField
          v-model="lineId"
          beside
          class="claimed"
          :label="t('whatCameDamagedOrWrong')"
          :choices="
            here.map((l, i) => ({
              value: i === 0 ? '' : l.line.id,
              text: t('itemNameOrderNumber', { itemName: l.line.itemName, number: l.order.order.number }),
            }))
          "
        />
        <ElButton @click="add">{{ t('claim') }}</ElButton>
      </div>
      <p class="second">
        {{ t('photographItAsItCame') }}
      </p>
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <article
        v-for="{ claim, line } in claims"
        :key="claim.id"
        :data-claim="claim.id"
        :aria-label="t('claimForItemName', { itemName: line?.line.itemName ?? '' })"
      >
        <h2>
          {{ line?.line.itemName }} <span class="second">{{ line?.order.name }}</span>
        </h2>
        <RowField collection="claims" :row="claim" field="note" kind="text" class="wrong" />
        <RowChoice collection="claims" :row="claim" field="asks" :choices="CLAIM_ASKS" />
        <RowField collection="claims" :row="claim" field="amountMinor" kind="money" figure />
        <RowField collection="claims" :row="claim" field="madeOn" kind="date" />
        <RowField collection="claims" :row="claim" field="answerByOn" kind="date" />
        <RowChoice collection="claims" :row="claim" field="answer" :choices="CLAIM_ANSWERS" />
        <RowField
          v-if="claim.answer !== 'waiting'"
          collection="claims"
          :row="claim"
          field="answeredOn"
          kind="date"
        />
        <div class="files">
          <PhotoStrip :subject="`claim:${claim.id}`" :of="line?.line.itemName ?? t('theThing')" />
          <p>
            <ElButton
              v-if="claim.answer === 'granted' && line && settles(claim.asks, line)"
              @click="begin(settles(claim.asks, line)!.act)"
            >
              {{ settles(claim.asks, line)!.word }}
            </ElButton>
            <ElButton
              link
              :aria-label="t('photoOfTheDamageTo', { itemName: line?.line.itemName ?? '' })"
              @click="pick(claim.id)"
            >
              {{ t('photo') }}
            </ElButton>
            <ElButton
              link
              :aria-label="t('removeTheClaimForItemName', { itemName: line?.line.itemName ?? '' })"
              @click="remove(claim.id)"
            >
              {{ armed === claim.id ? t('removeItWithItsPhotos') : t('remove') }}
            </ElButton>
          </p>
        </div>
      </article>
      <p v-if="claims.length === 0" class="second">
        {{ t('noClaim') }}
        <template v-if="here.length === 0"> {{ t('whatHasBeenDeliveredCan') }}</template>
      </p>
    </section>
    <template #panel>
      <div ref="panel" class="acting"><ActPanel :act="act" :said="said" @done="done" @close="close" /></div>
      <FindingsPanel stage="ledger" :list="findings" :quiet="t('noClaimWaitsPastIts')" />
    </template>
  </StagePage>
</template>

<style scoped>
.claims {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.above {
  display: flex;
  gap: 10px;
  align-items: center;
}
.claimed :deep(.choice-box) {
  width: 260px;
}
h2 .second {
  font-weight: 400;
}
article {
  background: var(--paper);
  padding: 10px 14px;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px 12px;
  align-items: end;
  width: 100%;
}
h2,
.wrong,
.files {
  grid-column: 1 / -1;
}
.files {
  display: flex;
  gap: 16px;
  align-items: end;
}
.files p {
  display: flex;
  gap: 16px;
  align-items: baseline;
  margin-left: auto;
}
</style>
