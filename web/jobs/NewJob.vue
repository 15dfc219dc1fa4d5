<script setup lang="ts">
import { ElButton } from 'element-plus'
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { ApiProblem, request } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { useSessionStore } from '../session/sessionStore.js'
import FaultSummary from '../form/FaultSummary.vue'
import { t } from './words.js'

/** A new job: one room of one client, with the money agreed for it. */
defineProps<{ first: boolean }>()
const session = useSessionStore()
const router = useRouter()
const message = ref('')
const form = reactive({ clientName: '', roomName: '', agreed: '' })
const faults = ref<Record<string, string>>({})

async function open(): Promise<void> {
  faults.value = {}
  message.value = ''
  const wrong: Record<string, string> = {}
  if (form.clientName.trim() === '') wrong.clientName = t('clientIsEmpty')
  if (form.roomName.trim() === '') wrong.roomName = t('roomIsEmpty')
  let agreedMinor = 0
  try {
    agreedMinor = parseMoney(form.agreed, session.visitor?.studio.currency ?? 'EUR', t('agreedBudget'))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    wrong.agreedMinor = error.message
  }
  if (Object.keys(wrong).length > 0) {
    faults.value = wrong
    return
  }
  try {
    const made = await request<{ id: string }>('/jobs', {
      method: 'POST',
      body: { clientName: form.clientName, roomName: form.roomName, agreedMinor },
    })
    await router.push(`/jobs/${made.id}/brief`)
  } catch (error) {
    if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <form novalidate @submit.prevent="open">
    <p v-if="first" class="teach">
      {{ t('aJobIsOneRoom') }}
    </p>
    <FaultSummary :faults="faults" />
    <PlainField v-model="form.clientName" :label="t('client')" :fault="faults.clientName" />
    <PlainField v-model="form.roomName" :label="t('room')" :fault="faults.roomName" />
    <PlainField
      v-model="form.agreed"
      :label="t('agreedBudget')"
      inputmode="decimal"
      :fault="faults.agreedMinor"
    />
    <ElButton type="primary" native-type="submit">{{ t('openTheJob') }}</ElButton>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
  </form>
</template>

<style scoped>
form {
  background: var(--panel);
  padding: 16px 18px;
  display: grid;
  grid-template-columns: 1fr 1fr 180px auto;
  gap: 14px;
  align-items: start;
}
form > .el-button {
  margin-top: 21px;
  min-height: 30px;
}
.teach {
  grid-column: 1 / -1;
  max-width: 64ch;
}

form > .fault {
  grid-column: 1 / -1;
}
</style>
