<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef } from 'vue'
import { enteredOf, expectedOf } from '@bonitas/core/job/bankSide'
import { proposeMatches } from '@bonitas/core/stages/ledger/bank/proposeMatches'
import { readStatement, type BankLine, type Statement } from '@bonitas/core/stages/ledger/bank/readStatement'
import { ApiProblem, ServerGone } from '../api/http.js'
import ChoiceField from '../form/ChoiceField.vue'
import FileButton from '../form/FileButton.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** A bank statement against the ledger: what each line seems to pay is proposed, and a person confirms it. */
const store = useJobStore()
const { column, day } = useLocale()
const job = computed(() => store.snapshot)

const statement = shallowRef<Statement>()
const fileName = ref('')
const trouble = ref('')
async function open(file: File): Promise<void> {
  trouble.value = ''
  statement.value = undefined
  fileName.value = file.name
  if (file.size > 5_000_000) {
    trouble.value = t('theFileIsLargerThan')
    return
  }
  const { parse } = await import('papaparse')
  const text = (await file.text()).replace(/^\ufeff/, '')
  const { data } = parse<string[]>(text, { skipEmptyLines: false })
  const read = readStatement(data.slice(0, 20_000), job.value?.studio.currency ?? 'EUR')
  trouble.value = read.trouble ?? ''
  statement.value = read.trouble ? undefined : read
}

const expected = computed(() => (store.derived ? expectedOf(store.derived) : []))
const entered = computed(() => (job.value ? enteredOf(job.value) : []))
const proposals = computed(() => proposeMatches(statement.value?.lines ?? [], expected.value, entered.value))
const aside = ref<ReadonlySet<string>>(new Set())
const waiting = computed(() => proposals.value.filter((p) => !p.entered && !aside.value.has(p.line.key)))
const known = computed(() => proposals.value.filter((p) => p.entered))

const picked = ref<Record<string, string>>({})
const choices = (p: (typeof proposals.value)[number]) => {
  const kind = p.line.amountMinor < 0 ? 'payment' : 'refund'
  const first = p.matches.map((m) => m.expected)
  const others = expected.value.filter((x) => x.kind === kind && !first.some((f) => f.id === x.id))
  return { first, others: others.filter((x) => x.openMinor >= Math.abs(p.line.amountMinor)) }
}
/** What a line can be for: what fits it first, then all else that is open and large enough. */
const lines = (p: (typeof proposals.value)[number]) => {
  const { first, others } = choices(p)
  return [
    ...(first.length === 0 ? [{ value: '', text: t('nothingOpenFits') }] : []),
    ...first.map((x) => ({
      value: x.id,
      text: t('nameOpenMinorOpen', { name: x.name, openMinor: column(x.openMinor) }),
    })),
    ...others.map((x) => ({
      value: x.id,
      text: t('otherwiseNameOpenMinorOpen', { name: x.name, openMinor: column(x.openMinor) }),
    })),
  ]
}
const chosen = (p: (typeof proposals.value)[number]) =>
  picked.value[p.line.key] ?? p.matches[0]?.expected.id ?? ''
const faults = ref<Record<string, string>>({})
const busy = ref('')

/** The same line of the bank is the same act, however often its statement is read. */
async function keyOf(line: BankLine): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(line.key))
  return `bank-${[...new Uint8Array(digest)].map((b) => b.toString(16).padStart(2, '0')).join('')}`
}
async function confirm(p: (typeof proposals.value)[number]): Promise<void> {
  const target = expected.value.find((x) => x.id === chosen(p))
  if (!target || busy.value) return
  const { line } = p
  busy.value = line.key
  faults.value = { ...faults.value, [line.key]: '' }
  const amountMinor = Math.abs(line.amountMinor)
  const note = `bank: ${line.name}`.slice(0, 400)
  const body =
    target.kind === 'payment'
      ? { orderId: target.id, amountMinor, paidOn: line.on, means: 'bank', note }
      : { lineId: target.id, amountMinor, refundedOn: line.on, means: 'bank', note }
  try {
    await store.act(target.kind === 'payment' ? 'payments' : 'refunds', body, await keyOf(line))
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    faults.value = {
      ...faults.value,
      [line.key]:
        error instanceof ApiProblem
          ? error.status === 422
            ? t('thisLineWasEnteredBefore')
            : error.detail
          : t('theServerDidNotAnswerConfirm'),
    }
  } finally {
    busy.value = ''
  }
}
const setAside = (key: string) => (aside.value = new Set([...aside.value, key]))
</script>

<template>
  <StagePage v-if="job" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <div class="bank">
      <p>
        <FileButton :label="t('openAStatementCSV')" accept=".csv,text/csv" @picked="open" />
        <span v-if="statement" class="second" role="status">{{
          t('fileNameLinesLinesReadWaiting', {
            fileName,
            lines: statement.lines.length,
            waiting: waiting.length,
            known: known.length,
          })
        }}</span>
      </p>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <p v-if="!statement && !trouble" class="second teach">
        {{ t('theStatementIsReadHere') }}
      </p>
      <article v-for="p in waiting" :key="p.line.key">
        <div class="line">
          <span>{{ day(p.line.on) }}</span>
          <b>{{ p.line.name || t('noText') }}</b>
          <b class="figure"
            >{{ p.line.amountMinor < 0 ? '−' : '+' }}{{ column(Math.abs(p.line.amountMinor)) }}</b
          >
        </div>
        <div class="match">
          <ChoiceField
            quiet
            :model-value="chosen(p)"
            :label="t('whatLineRowIsFor', { row: p.line.row })"
            :choices="lines(p)"
            @update:model-value="picked[p.line.key] = $event"
          />
          <ElButton
            :type="p.matches.length > 0 ? 'primary' : 'default'"
            :disabled="chosen(p) === '' || busy !== ''"
            :aria-label="t('confirmLineRow', { row: p.line.row })"
            @click="confirm(p)"
          >
            {{ t('confirm') }}
          </ElButton>
          <ElButton link :aria-label="t('lineRowIsNotOf', { row: p.line.row })" @click="setAside(p.line.key)">
            {{ t('notOfThisJob') }}
          </ElButton>
        </div>
        <p v-if="p.matches[0] && chosen(p) === p.matches[0].expected.id" class="second">
          {{ p.matches[0].because.join(' · ') }}
        </p>
        <p v-if="faults[p.line.key]" class="fault" role="alert">{{ faults[p.line.key] }}</p>
      </article>
      <p v-if="statement && waiting.length === 0" class="second">{{ t('everyLineIsEnteredOr') }}</p>
    </div>
    <template #panel>
      <section v-if="known.length > 0">
        <h2>{{ t('inTheLedgerAlready') }}</h2>
        <ul class="second">
          <li v-for="p in known" :key="p.line.key">
            {{ day(p.line.on) }}, {{ column(Math.abs(p.line.amountMinor)) }}: {{ p.entered?.what }}
          </li>
        </ul>
      </section>
      <section v-if="statement && statement.left.length > 0">
        <h2>{{ t('notRead') }}</h2>
        <ul class="second">
          <li v-for="l in statement.left.slice(0, 40)" :key="l.row">
            {{ t('rowRowWhy', { row: l.row, why: l.why }) }}
          </li>
        </ul>
      </section>
      <p class="second">
        {{ t('whatIsConfirmedIsA') }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.bank {
  display: grid;
  gap: 10px;
}
.bank > p:first-child {
  display: flex;
  gap: 14px;
  align-items: center;
}
.file {
  cursor: pointer;
  flex: none;
}
.file:focus-within {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
article {
  background: var(--paper);
  padding: 10px 14px;
  display: grid;
  gap: 6px;
}
.line {
  display: grid;
  grid-template-columns: 70px 1fr auto;
  gap: 10px;
}
.match {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 10px;
  align-items: center;
}
.fault {
  color: var(--stop);
}
.teach {
  max-width: 60ch;
}
</style>
