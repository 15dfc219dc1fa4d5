<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { MEANS } from '@bonitas/core/model/vocabulary/ledger'
import { minorToDecimal } from '@bonitas/core/kernel/money/currency'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { ApiProblem, ServerGone } from '../api/http.js'
import DayField from '../form/DayField.vue'
import ChoiceField from '../form/ChoiceField.vue'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import { useLocale } from '../form/useLocale.js'
import FaultSummary from '../form/FaultSummary.vue'
import { t } from './words.js'

const props = defineProps<{ act: Act }>()
const emit = defineEmits<{ done: []; close: [] }>()
const store = useJobStore()
const { money } = useLocale()
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const NO_MORE: Record<string, string> = {}
const form = reactive({
  day: '',
  amount: '',
  quantity: '',
  means: MEANS[0],
  expectedOn: '',
  note: '',
  more: NO_MORE,
})
const faults = ref<Record<string, string>>({})
const message = ref('')
/** The act that is on its way; another may be sent meanwhile. */
const sending = ref<Act>()
const busy = computed(() => sending.value === props.act)
const root = ref<HTMLFormElement>()
// One key for one act, however often it is sent: a lost answer must not buy a second sofa.
let key = crypto.randomUUID()

watch(() => props.act, begin, { immediate: true })
function begin(): void {
  key = crypto.randomUUID()
  faults.value = {}
  message.value = ''
  form.day = props.act.day ?? store.day
  const { amount } = props.act
  form.amount =
    amount && !(amount.open && amount.minor === 0) ? minorToDecimal(amount.minor, currency.value) : ''
  form.quantity = String(props.act.quantity ?? '')
  form.means = MEANS[0]
  form.expectedOn = props.act.expectedOn ?? ''
  form.note = props.act.note ?? ''
  form.more = Object.fromEntries((props.act.more ?? []).map((m) => [m.field, m.value ?? '']))
  void Promise.resolve().then(() =>
    root.value?.querySelector<HTMLElement>('input, [role="combobox"]')?.focus(),
  )
}

// A changed form is another act. The same form sent again is the same act.
watch(
  () => JSON.stringify(form),
  () => (key = crypto.randomUUID()),
)

function body(): Record<string, unknown> | undefined {
  const { act } = props
  faults.value = {}
  const wish: Record<string, unknown> = { ...act.fixed, [act.dayField]: form.day }
  if (!act.noNote) wish.note = form.note.trim()
  if (!/^\d{4}-\d{2}-\d{2}$/.test(form.day)) faults.value[act.dayField] = t('theDateIsMissingWrite')
  if (act.amount)
    try {
      wish[act.amount.field] = parseMoney(form.amount, currency.value, act.amount.label)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      faults.value[act.amount.field] = error.message
    }
  if (act.quantity !== undefined) {
    if (!/^\d{1,5}$/.test(form.quantity.trim())) faults.value.quantity = t('quantityIsNotAWhole')
    else wish.quantity = Number(form.quantity)
  }
  if (act.means) wish.means = form.means
  if (act.expectedOn !== undefined) wish.expectedOn = form.expectedOn || null
  for (const m of more.value) {
    const text = (form.more[m.field] ?? '').trim()
    if (m.kind === 'check') wish[m.field] = text === 'yes'
    else if (m.kind === 'money')
      try {
        wish[m.field] = text === '' ? null : parseMoney(text, currency.value, m.label)
      } catch (error) {
        if (!(error instanceof InputError)) throw error
        faults.value[m.field] = error.message
      }
    else wish[m.field] = m.kind === 'text' ? text : text || null
  }
  if (act.needsNote && form.note.trim() === '')
    faults.value.note = t('noteLabelIsEmptySayWhat', { noteLabel: act.noteLabel ?? t('reason') })
  return Object.keys(faults.value).length > 0 ? undefined : wish
}

/** Fields that belong to what it is paid by come and go with it. */
const more = computed(() => (props.act.more ?? []).filter((m) => !m.onlyBy || m.onlyBy.includes(form.means)))

/** What the server said; without what is said beside the fields, where these are on screen. */
function troubleOf(error: unknown, fieldsThere: boolean): string {
  if (error instanceof ServerGone) return t('theServerDidNotAnswer')
  if (!(error instanceof ApiProblem)) throw error
  const shown = fieldsThere
    ? [
        props.act.dayField,
        props.act.amount?.field,
        'quantity',
        'note',
        'expectedOn',
        'means',
        ...more.value.map((m) => m.field),
      ]
    : []
  const loose = error.errors.filter((e) => !shown.includes(e.field)).map((e) => e.text)
  return error.errors.length === 0 ? error.detail : loose.join(' ')
}

async function send(): Promise<void> {
  const wish = body()
  if (!wish || busy.value) return
  const sent = props.act
  // Another act may be begun while this one is on its way: its form stays, and what became of this one is said by its name.
  const still = () => props.act === sent
  sending.value = sent
  message.value = ''
  try {
    await store.act(sent.path, wish, key)
    if (still()) emit('done')
  } catch (error) {
    const text = troubleOf(error, still())
    message.value = still() ? text : `${sent.title}: ${text}`
    if (still() && error instanceof ApiProblem)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
  } finally {
    if (sending.value === sent) sending.value = undefined
  }
}

const fault = (field: string | undefined) => (field ? faults.value[field] : undefined)
const over = computed(() => {
  const { amount } = props.act
  return amount ? money(amount.minor) : ''
})
</script>

<template>
  <form ref="root" class="act" novalidate @submit.prevent="send" @keydown.esc="emit('close')">
    <h2>{{ act.title }}</h2>
    <p class="second">{{ act.says }}</p>
    <PlainField
      v-if="act.amount"
      v-model="form.amount"
      :label="act.amount.label"
      inputmode="decimal"
      figure
      :fault="fault(act.amount.field)"
      :hint="act.amount.open ? undefined : t('atMostOver', { over })"
    />
    <PlainField
      v-if="act.quantity !== undefined"
      v-model="form.quantity"
      :label="t('quantity')"
      inputmode="numeric"
      figure
      :fault="fault('quantity')"
      :hint="t('atMostQuantity', { quantity: act.quantity })"
    />
    <DayField v-model="form.day" :label="t('date')" :fault="fault(act.dayField)" />
    <DayField
      v-if="act.expectedOn !== undefined"
      v-model="form.expectedOn"
      :label="t('expectedOn')"
      :fault="fault('expectedOn')"
      :hint="t('mayStayEmpty')"
    />
    <ChoiceField v-if="act.means" v-model="form.means" :label="t('paidBy')" :choices="MEANS" />
    <template v-for="m in more" :key="m.field">
      <ChoiceField
        v-if="m.kind === 'choice'"
        :model-value="form.more[m.field] ?? ''"
        :label="m.label"
        :choices="m.choices ?? []"
        :fault="fault(m.field)"
        @update:model-value="form.more[m.field] = $event"
      />
      <ElCheckbox
        v-else-if="m.kind === 'check'"
        :model-value="form.more[m.field] === 'yes'"
        @update:model-value="form.more[m.field] = $event === true ? 'yes' : ''"
      >
        {{ m.label }}
      </ElCheckbox>
      <DayField
        v-else-if="m.kind === 'date'"
        :model-value="form.more[m.field] ?? ''"
        :label="m.label"
        :hint="m.hint"
        :fault="fault(m.field)"
        @update:model-value="(v: string) => (form.more[m.field] = v)"
      />
      <PlainField
        v-else
        :model-value="form.more[m.field] ?? ''"
        :label="m.label"
        :figure="m.kind === 'money'"
        :hint="m.hint"
        :fault="fault(m.field)"
        @update:model-value="(v: string) => (form.more[m.field] = v)"
      />
    </template>
    <PlainField
      v-if="!act.noNote"
      v-model="form.note"
      :label="act.noteLabel ?? (act.needsNote ? t('reason') : t('note'))"
      :fault="fault('note')"
    />
    <FaultSummary :faults="faults" />
    <p class="fault" role="alert">{{ message }}</p>
    <div class="buttons">
      <ElButton type="primary" native-type="submit" :disabled="busy">{{ act.button }}</ElButton>
      <ElButton @click="emit('close')">{{ t('close') }}</ElButton>
    </div>
  </form>
</template>

<style scoped>
.act {
  background: var(--paper);
  border-left: 4px solid var(--ink);
  padding: 12px 14px;
  display: grid;
  gap: 9px;
}
.buttons {
  display: flex;
  gap: 10px;
}
p:empty {
  display: none;
}
</style>
