<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { freeAfter } from '@bonitas/core/stages/ledger/budgetPosition'
import { useLocale } from '../form/useLocale.js'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import ChangeHistory from '../job/ChangeHistory.vue'
import StageTabs from '../job/StageTabs.vue'
import ActPanel from './ActPanel.vue'
import ChangeEstimate from './ChangeEstimate.vue'
import { useActs } from './useActs.js'
import { t } from './words.js'

/** Changes of the agreed budget: proposed, agreed by the client or refused, and the history of what was agreed. */
const store = useJobStore()
const { money, day } = useLocale()
const { act, acts, said, panel, begin, close, done } = useActs()
const job = computed(() => store.snapshot)
const open = computed(() => (job.value?.proposals ?? []).filter((p) => p.state === 'proposed'))
const answered = computed(() => (job.value?.proposals ?? []).filter((p) => p.state !== 'proposed'))
const signed = (minor: number) => `${minor < 0 ? '−' : '+'}${money(Math.abs(minor))}`
const free = computed(() => store.derived?.position.freeMinor ?? 0)
/** The reserve takes its share of what is added. */
const freeWith = (amountMinor: number) => {
  const [j, d] = [job.value, store.derived]
  return j && d ? freeAfter(d.position, j.brief.reservePpm, amountMinor) : 0
}
const bound = computed(
  () => job.value !== undefined && (job.value.brief.agreedOn !== null || job.value.orders.length > 0),
)
function propose(): void {
  store.add('proposals', {
    proposedOn: store.day,
    amountMinor: 0,
    why: t('whatChanges'),
    items: '',
    state: 'proposed',
    answeredOn: null,
    answer: '',
  })
}
</script>

<template>
  <StagePage v-if="job && store.derived" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <section :aria-label="t('proposed')">
      <h2>{{ t('proposed') }}</h2>
      <article v-for="p in open" :key="p.id">
        <RowField collection="proposals" :row="p" field="why" kind="text" class="two" />
        <RowField
          collection="proposals"
          :row="p"
          field="amountMinor"
          kind="money"
          :label="t('addedOrTakenOffWith')"
          figure
        />
        <RowField collection="proposals" :row="p" field="proposedOn" kind="date" />
        <RowField collection="proposals" :row="p" field="items" kind="text" class="two" />
        <RowField
          collection="proposals"
          :row="p"
          field="answer"
          kind="text"
          :label="t('whatTheClientSaid')"
          class="two"
        />
        <p class="second two">
          {{
            t('freeWouldBeAmountMinorNow', { amountMinor: money(freeWith(p.amountMinor)), free: money(free) })
          }}
        </p>
        <p class="buttons two">
          <ElButton type="primary" :disabled="!bound || p.amountMinor === 0" @click="begin(acts.agree(p))">
            {{ t('agreed') }}
          </ElButton>
          <ElButton @click="store.change('proposals', p.id, { state: 'refused', answeredOn: store.day })">
            {{ t('refused') }}
          </ElButton>
          <ElButton
            link
            :aria-label="t('removeWhy', { why: p.why })"
            @click="store.remove('proposals', p.id)"
          >
            {{ t('remove') }}
          </ElButton>
        </p>
      </article>
      <p v-if="open.length === 0" class="second">{{ t('nothingIsWaitingForThe') }}</p>
      <p v-if="!bound" class="second">
        {{ t('theBudgetIsNotAgreed') }}
      </p>
      <ElButton @click="propose">{{ t('proposeAChange') }}</ElButton>
      <ChangeEstimate />
    </section>
    <section :aria-label="t('agreedChanges')" class="part">
      <h2>{{ t('agreed') }}</h2>
      <ChangeHistory />
    </section>
    <section v-if="answered.length > 0" :aria-label="t('answered')" class="part">
      <h2>{{ t('answered') }}</h2>
      <ul>
        <li v-for="p in answered" :key="p.id">
          {{ p.answeredOn ? day(p.answeredOn) : '' }} · {{ p.state }}: {{ p.why }}, {{ signed(p.amountMinor)
          }}<template v-if="p.answer"> — “{{ p.answer }}”</template>
        </li>
      </ul>
    </section>
    <template #panel>
      <div ref="panel" class="acting"><ActPanel :act="act" :said="said" @done="done" @close="close" /></div>
      <p class="second">
        {{ t('aChangeThatIsAgreed') }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.part {
  margin-top: 20px;
}
article {
  background: var(--paper);
  padding: 10px 14px;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px 12px;
  width: 100%;
  align-items: end;
}
.two {
  grid-column: span 2;
}
.buttons {
  display: flex;
  gap: 10px;
  justify-content: flex-end;
  align-items: center;
}
@media (width < 760px) {
  article {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
