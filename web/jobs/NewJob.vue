<script setup lang="ts">
import { ElButton } from 'element-plus'
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { ApiProblem, request } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { useSessionStore } from '../session/sessionStore.js'

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
  try {
    const agreedMinor = parseMoney(form.agreed, session.visitor?.studio.currency ?? 'EUR', 'Agreed budget')
    const made = await request<{ id: string }>('/jobs', {
      method: 'POST',
      body: { clientName: form.clientName, roomName: form.roomName, agreedMinor },
    })
    await router.push(`/jobs/${made.id}/brief`)
  } catch (error) {
    if (error instanceof InputError) faults.value = { agreedMinor: error.message }
    else if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <form novalidate @submit.prevent="open">
    <p v-if="first" class="teach">
      A job is one room of one client, with the money agreed for it. Open the first one here; everything can
      be changed later.
    </p>
    <PlainField v-model="form.clientName" label="Client" :fault="faults.clientName" />
    <PlainField v-model="form.roomName" label="Room" :fault="faults.roomName" />
    <PlainField v-model="form.agreed" label="Agreed budget" inputmode="decimal" :fault="faults.agreedMinor" />
    <ElButton type="primary" native-type="submit">Open the job</ElButton>
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
