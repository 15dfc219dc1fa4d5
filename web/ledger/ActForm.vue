<script setup lang="ts">
import { computed, reactive, ref, useId, watch } from 'vue'
import { InputError } from '@bonitas/core/errors/InputError'
import { MEANS } from '@bonitas/core/ledger/schema'
import { minorToDecimal } from '@bonitas/core/money/currency'
import { moneyText } from '@bonitas/core/money/moneyText'
import { parseMoney } from '@bonitas/core/money/parseMoney'
import { ApiProblem, ServerGone } from '../api/http.js'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'

const props = defineProps<{ act: Act }>()
const emit = defineEmits<{ done: []; close: [] }>()
const store = useJobStore()
const id = useId()
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const form = reactive({
  day: '',
  amount: '',
  quantity: '',
  means: MEANS[0],
  expectedOn: '',
  note: '',
})
const faults = ref<Record<string, string>>({})
const message = ref('')
const busy = ref(false)
const root = ref<HTMLFormElement>()
// One key for one act, however often it is sent: a lost answer must not buy a second sofa.
let key = crypto.randomUUID()

watch(() => props.act, begin, { immediate: true })
function begin(): void {
  key = crypto.randomUUID()
  faults.value = {}
  message.value = ''
  form.day = store.day
  form.amount = props.act.amount ? minorToDecimal(props.act.amount.minor, currency.value) : ''
  form.quantity = String(props.act.quantity ?? '')
  form.means = MEANS[0]
  form.expectedOn = props.act.expectedOn ?? ''
  form.note = ''
  void Promise.resolve().then(() => root.value?.querySelector<HTMLElement>('input, select')?.focus())
}

// A changed form is another act. The same form sent again is the same act.
watch(
  () => JSON.stringify(form),
  () => (key = crypto.randomUUID()),
)

function body(): Record<string, unknown> | undefined {
  const { act } = props
  faults.value = {}
  const wish: Record<string, unknown> = { ...act.fixed, [act.dayField]: form.day, note: form.note.trim() }
  if (!/^\d{4}-\d{2}-\d{2}$/.test(form.day))
    faults.value[act.dayField] = 'The date is missing. Write it as 2026-12-31.'
  if (act.amount)
    try {
      wish[act.amount.field] = parseMoney(form.amount, currency.value, act.amount.label)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      faults.value[act.amount.field] = error.message
    }
  if (act.quantity !== undefined) {
    if (!/^\d{1,5}$/.test(form.quantity.trim()))
      faults.value.quantity = 'Quantity is not a whole number. Write how many.'
    else wish.quantity = Number(form.quantity)
  }
  if (act.means) wish.means = form.means
  if (act.expectedOn !== undefined) wish.expectedOn = form.expectedOn || null
  if (act.needsNote && form.note.trim() === '') faults.value.note = 'Reason is empty. Say what was wrong.'
  return Object.keys(faults.value).length > 0 ? undefined : wish
}

async function send(): Promise<void> {
  const wish = body()
  if (!wish || busy.value) return
  busy.value = true
  message.value = ''
  try {
    await store.act(props.act.path, wish, key)
    emit('done')
  } catch (error) {
    if (error instanceof ApiProblem) {
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
      const shown = [props.act.dayField, props.act.amount?.field, 'quantity', 'note', 'expectedOn', 'means']
      const loose = error.errors.filter((e) => !shown.includes(e.field)).map((e) => e.text)
      message.value = error.errors.length === 0 ? error.detail : loose.join(' ')
    } else if (error instanceof ServerGone)
      message.value =
        'The server did not answer. What you typed is kept here; send it again when it is back. It is entered once, however often it is sent.'
    else throw error
  } finally {
    busy.value = false
  }
}

const fault = (field: string | undefined) => (field ? faults.value[field] : undefined)
const over = computed(() => {
  const { amount } = props.act
  return amount ? moneyText(amount.minor, currency.value, store.snapshot?.studio.locale) : ''
})
</script>

<template>
  <form ref="root" class="act" novalidate @submit.prevent="send" @keydown.esc="emit('close')">
    <h2>{{ act.title }}</h2>
    <p class="second">{{ act.says }}</p>
    <div v-if="act.amount" class="row-field">
      <label :for="`${id}a`">{{ act.amount.label }}</label>
      <input
        :id="`${id}a`"
        v-model="form.amount"
        inputmode="decimal"
        class="right"
        autocomplete="off"
        :aria-invalid="fault(act.amount.field) ? 'true' : undefined"
        :aria-describedby="`${id}as`"
      />
      <p :id="`${id}as`" :class="fault(act.amount.field) ? 'fault' : 'second'">
        {{ fault(act.amount.field) ?? `at most ${over}` }}
      </p>
    </div>
    <div v-if="act.quantity !== undefined" class="row-field">
      <label :for="`${id}q`">Quantity</label>
      <input
        :id="`${id}q`"
        v-model="form.quantity"
        inputmode="numeric"
        class="right"
        autocomplete="off"
        :aria-invalid="fault('quantity') ? 'true' : undefined"
        :aria-describedby="`${id}qs`"
      />
      <p :id="`${id}qs`" :class="fault('quantity') ? 'fault' : 'second'">
        {{ fault('quantity') ?? `at most ${act.quantity}` }}
      </p>
    </div>
    <div class="row-field">
      <label :for="`${id}d`">Date</label>
      <input
        :id="`${id}d`"
        v-model="form.day"
        type="date"
        :aria-invalid="fault(act.dayField) ? 'true' : undefined"
        :aria-describedby="`${id}ds`"
      />
      <p :id="`${id}ds`" class="fault">{{ fault(act.dayField) }}</p>
    </div>
    <div v-if="act.expectedOn !== undefined" class="row-field">
      <label :for="`${id}e`">Expected on</label>
      <input
        :id="`${id}e`"
        v-model="form.expectedOn"
        type="date"
        :aria-invalid="fault('expectedOn') ? 'true' : undefined"
        :aria-describedby="`${id}es`"
      />
      <p :id="`${id}es`" :class="fault('expectedOn') ? 'fault' : 'second'">
        {{ fault('expectedOn') ?? 'may stay empty' }}
      </p>
    </div>
    <div v-if="act.means" class="row-field">
      <label :for="`${id}m`">Paid by</label>
      <select :id="`${id}m`" v-model="form.means">
        <option v-for="m in MEANS" :key="m">{{ m }}</option>
      </select>
    </div>
    <div class="row-field">
      <label :for="`${id}n`">{{ act.needsNote ? 'Reason' : 'Note' }}</label>
      <input
        :id="`${id}n`"
        v-model="form.note"
        autocomplete="off"
        :aria-invalid="fault('note') ? 'true' : undefined"
        :aria-describedby="`${id}ns`"
      />
      <p :id="`${id}ns`" class="fault">{{ fault('note') }}</p>
    </div>
    <p class="fault" role="alert">{{ message }}</p>
    <div class="buttons">
      <button class="button primary" :disabled="busy">{{ act.button }}</button>
      <button type="button" class="button" @click="emit('close')">Close</button>
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
.right {
  text-align: right;
}
.buttons {
  display: flex;
  gap: 10px;
}
p:empty {
  display: none;
}
</style>
