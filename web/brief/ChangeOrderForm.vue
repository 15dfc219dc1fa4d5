<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { ApiProblem, ServerGone } from '../api/http.js'
import DayField from '../form/DayField.vue'
import ChoiceField from '../form/ChoiceField.vue'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** A change of the agreed budget: entered once, safe to send again. */
const store = useJobStore()
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const form = reactive({ way: 'added', amount: '', agreedOn: store.day, agreedBy: '', why: '' })
const faults = ref<Record<string, string>>({})
const message = ref('')
const busy = ref(false)
let key = crypto.randomUUID()
// A changed form is another act. The same form sent again is the same act.
watch(
  () => JSON.stringify(form),
  () => (key = crypto.randomUUID()),
)

async function send(): Promise<void> {
  if (busy.value) return
  faults.value = {}
  message.value = ''
  let amountMinor = 0
  try {
    amountMinor = parseMoney(form.amount, currency.value, t('amount')) * (form.way === 'added' ? 1 : -1)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value.amountMinor = error.message
  }
  if (form.agreedBy.trim() === '') faults.value.agreedBy = t('agreedByIsEmptyWrite')
  if (form.why.trim() === '') faults.value.why = t('whyIsEmptyWriteWhat')
  if (Object.keys(faults.value).length > 0) return
  busy.value = true
  try {
    const wish = {
      amountMinor,
      agreedOn: form.agreedOn,
      agreedBy: form.agreedBy.trim(),
      why: form.why.trim(),
    }
    await store.act('change-orders', wish, key)
    Object.assign(form, { amount: '', agreedBy: '', why: '' })
  } catch (error) {
    if (error instanceof ApiProblem) {
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
      if (error.errors.length === 0) message.value = error.detail
    } else if (error instanceof ServerGone) message.value = t('theServerDidNotAnswer')
    else throw error
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form novalidate :aria-label="t('changeOrder')" @submit.prevent="send">
    <ChoiceField
      v-model="form.way"
      :label="t('theBudgetIs')"
      :choices="[
        { value: 'added', text: t('raisedBy') },
        { value: 'taken', text: t('loweredBy') },
      ]"
    />
    <PlainField
      v-model="form.amount"
      :label="t('amount')"
      inputmode="decimal"
      figure
      :fault="faults.amountMinor"
    />
    <DayField v-model="form.agreedOn" :label="t('agreedOn')" :fault="faults.agreedOn" />
    <PlainField v-model="form.agreedBy" :label="t('agreedBy')" :fault="faults.agreedBy" />
    <PlainField v-model="form.why" class="why" :label="t('why')" :fault="faults.why" />
    <ElButton native-type="submit" :disabled="busy">{{ t('enterIt') }}</ElButton>
    <p class="fault" role="alert">{{ message }}</p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 104px 96px 132px 1fr 1.3fr auto;
  gap: 10px;
  align-items: start;
  padding: 10px 0 4px;
}
.el-button {
  margin-top: 20px;
  min-height: 30px;
}
p.fault {
  grid-column: 1 / -1;
}
p:empty {
  display: none;
}
@media (width < 760px) {
  form {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
