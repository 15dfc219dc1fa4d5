<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef } from 'vue'
import type { DerivedOrder } from '@bonitas/core/job/deriveLedger'
import type { MatchedUpdate } from '@bonitas/core/stages/ledger/supplierUpdates'
import { ApiProblem, request, ServerGone } from '../api/http.js'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import type { ledgerActs } from './ledgerActs.js'
import { t } from './words.js'

/** An order sent to its supplier, and what the supplier and courier say of it; a person notes or enters each. */
const props = defineProps<{ order: DerivedOrder; acts: ReturnType<typeof ledgerActs> }>()
const emit = defineEmits<{ begin: [act: Act] }>()
const store = useJobStore()
const { money, day } = useLocale()
const number = computed(() => props.order.order.number)
const path = computed(() => `/jobs/${store.snapshot?.brief.id ?? ''}/orders/${props.order.order.id}`)
const sent = computed(() => props.order.events.some((e) => e.kind === 'sent'))
const open = computed(() => props.order.lines.some((l) => l.state.toComeQuantity > 0))

interface Answer {
  readonly asOf: string
  readonly updates: readonly MatchedUpdate[]
  readonly unnumbered: readonly string[]
}
const answer = shallowRef<Answer>()
const trouble = ref('')
const busy = ref(false)
async function ask(what: 'send' | 'updates'): Promise<void> {
  busy.value = true
  trouble.value = ''
  try {
    answer.value = await (what === 'send'
      ? request<Answer>(`${path.value}/send`, { method: 'POST', body: {} })
      : request<Answer>(`${path.value}/updates`))
    if (what === 'send') await store.open(store.snapshot?.brief.id ?? '')
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = error instanceof ApiProblem ? error.detail : t('theServerDoesNotAnswer')
  } finally {
    busy.value = false
  }
}

/** Which line a person said it is, where the number does not tell. */
const picked = ref<Record<string, string>>({})
const lineOf = (n: MatchedUpdate) => {
  const id = n.lineId ?? (n.ask.length > 0 ? (picked.value[n.id] ?? '') : undefined)
  return id ? props.order.lines.find((l) => l.line.id === id) : undefined
}
const undecided = (n: MatchedUpdate) => n.ask.length > 0 && !lineOf(n)
/** Updates that are noted or entered, those whose entry was reversed left out: they can be entered again. */
const enteredIds = computed(() => {
  const lines = new Set(props.order.lines.map((l) => l.line.id))
  const entries = store.snapshot?.entries ?? []
  const reversed = new Set(entries.map((e) => e.reverses))
  const standing = entries.filter((e) => e.lineId && lines.has(e.lineId) && !reversed.has(e.eventId))
  return new Set([...props.order.events, ...standing].map((e) => e.updateId))
})
const noted = (n: MatchedUpdate) => enteredIds.value.has(n.id)
const words = (n: MatchedUpdate) => {
  const what = lineOf(n)?.line.itemName ?? n.key ?? t('theOrder')
  const many = n.quantity !== undefined && n.quantity > 1 ? `${n.quantity} of ` : ''
  const when = n.expectedOn ? t('expectedExpectedOn', { expectedOn: day(n.expectedOn) }) : ''
  const credit = n.creditMinor === undefined ? '' : `, ${money(n.creditMinor)}`
  return `${n.kind} ${many}${what}${when}${credit}${n.says ? ` (${n.says})` : ''}`
}
async function note(n: MatchedUpdate): Promise<void> {
  const line = lineOf(n)
  trouble.value = ''
  try {
    await store.act(
      'order-events',
      {
        orderId: props.order.order.id,
        lineId: line?.line.id ?? null,
        kind: n.kind,
        on: n.on,
        expectedOn: n.expectedOn ?? null,
        updateId: n.id,
        note: n.says,
      },
      `update-${props.order.order.id}-${n.id}`,
    )
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = error instanceof ApiProblem ? error.detail : t('theServerDoesNotAnswerNote')
  }
}
/** What came or was credited is entered with the form of its act, filled in. */
function enter(n: MatchedUpdate): void {
  const line = lineOf(n)
  if (!line) return
  if (n.kind === 'delivered') {
    const quantity = Math.min(n.quantity ?? line.state.toComeQuantity, line.state.toComeQuantity)
    const act = props.acts.part(props.order, line)
    emit('begin', { ...act, fixed: { ...act.fixed, updateId: n.id }, quantity, day: n.on, note: n.says })
  } else {
    const act = props.acts.sendBack(line)
    emit('begin', {
      ...act,
      fixed: { ...act.fixed, updateId: n.id },
      quantity: Math.min(n.quantity ?? 1, line.state.hereQuantity),
      amount: {
        field: 'creditMinor',
        minor: Math.min(n.creditMinor ?? 0, line.state.dueMinor),
        label: t('credit'),
      },
      day: n.on,
      note: n.says,
    })
  }
}
const enterable = (n: MatchedUpdate) => {
  const line = lineOf(n)
  if (!line) return false
  return n.kind === 'delivered'
    ? line.state.toComeQuantity > 0
    : n.kind === 'credited' && line.state.hereQuantity > 0
}
</script>

<template>
  <tr>
    <td colspan="5" class="updates">
      <ElButton
        v-if="!sent && open"
        link
        :disabled="busy"
        :aria-label="t('sendOrderNumber', { number })"
        @click="ask('send')"
      >
        {{ t('sendToTheSupplier') }}
      </ElButton>
      <ElButton
        v-if="sent"
        link
        :disabled="busy"
        :aria-label="t('askForUpdatesOfOrder', { number })"
        @click="ask('updates')"
      >
        {{ busy ? t('asking') : t('askForUpdates') }}
      </ElButton>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <template v-if="answer">
        <p class="second" role="status">
          {{ t('asOfAsOf', { asOf: day(answer.asOf) })
          }}<template v-if="answer.updates.length === 0">{{ t('nothingYet') }}</template
          ><template v-if="answer.unnumbered.length > 0">
            {{ t('itKnowsNothingOfJoin', { join: answer.unnumbered.join(', ') }) }}</template
          >
        </p>
        <ul>
          <li v-for="n in answer.updates" :key="n.id">
            <span>{{ day(n.on) }}</span>
            <span>{{ words(n) }}</span>
            <ChoiceField
              v-if="n.ask.length > 0"
              quiet
              :model-value="picked[n.id] ?? ''"
              :label="t('whichLineSaysOfOn', { says: n.says, on: day(n.on) })"
              :choices="[
                { value: '', text: t('whichLine') },
                ...n.ask.map((l) => ({ value: l.lineId, text: l.itemName })),
              ]"
              @update:model-value="picked[n.id] = $event"
            />
            <span v-if="noted(n)" class="second">{{
              n.kind === 'delivered' || n.kind === 'credited' ? 'entered' : 'noted'
            }}</span>
            <ElButton
              v-else-if="n.kind === 'delivered' || n.kind === 'credited'"
              link
              :disabled="!enterable(n)"
              :aria-label="t('enterN', { n: words(n) })"
              @click="enter(n)"
            >
              {{ t('enterIt') }}
            </ElButton>
            <ElButton
              v-else
              link
              :disabled="undecided(n)"
              :aria-label="t('noteN', { n: words(n) })"
              @click="note(n)"
            >
              {{ t('noteIt') }}
            </ElButton>
          </li>
        </ul>
      </template>
    </td>
  </tr>
</template>

<style scoped>
.updates {
  padding: 2px 0 6px;
}
ul {
  display: grid;
  gap: 2px;
}
li {
  display: grid;
  grid-template-columns: 60px 1fr auto auto;
  gap: 10px;
  align-items: center;
  font-size: 13px;
}
.el-button {
  font-size: 13px;
}
.fault {
  color: var(--stop);
}
</style>
