<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onMounted, reactive, ref, shallowRef } from 'vue'
import { ApiProblem, request } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { useSessionStore } from '../session/sessionStore.js'
import FaultSummary from '../form/FaultSummary.vue'
import { t } from './words.js'

interface MemberLine {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: string
}

/** Who works in the studio; its owner adds assistants. */
const session = useSessionStore()
const members = shallowRef<readonly MemberLine[]>([])
const adding = ref(false)
const form = reactive({ name: '', email: '', password: '' })
const faults = ref<Record<string, string>>({})
const message = ref('')

async function load(): Promise<void> {
  members.value = await request<MemberLine[]>('/members')
}
onMounted(() => load().catch((error: unknown) => (message.value = String(error))))

async function add(): Promise<void> {
  faults.value = {}
  message.value = ''
  try {
    await request('/members', { method: 'POST', body: { ...form } })
    Object.assign(form, { name: '', email: '', password: '' })
    adding.value = false
    await load()
  } catch (error) {
    if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <section aria-labelledby="members-head">
    <div class="head">
      <h2 id="members-head">{{ t('members') }}</h2>
      <ElButton
        v-if="session.visitor?.member.role === 'owner'"
        :aria-expanded="adding"
        @click="adding = !adding"
      >
        {{ t('addAnAssistant') }}
      </ElButton>
    </div>
    <form v-if="adding" novalidate @submit.prevent="add">
      <PlainField v-model="form.name" :label="t('name')" :fault="faults.name" />
      <PlainField
        v-model="form.email"
        :label="t('signInName')"
        :hint="t('anAddressSuchAsName')"
        :fault="faults.email"
      />
      <PlainField
        v-model="form.password"
        :label="t('firstPassword')"
        :hint="t('n10CharactersOrMore')"
        type="password"
        autocomplete="new-password"
        :fault="faults.password"
      />
      <ElButton type="primary" native-type="submit">{{ t('add') }}</ElButton>
    </form>
    <FaultSummary :faults="faults" />
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <ul>
      <li v-for="m in members" :key="m.id">
        <b>{{ m.name }}</b> <span class="second">{{ m.role }} · {{ m.email }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  border-top: 1px solid var(--ink);
  padding-top: 10px;
  display: grid;
  gap: 10px;
  max-width: 760px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
form {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 12px;
  align-items: start;
}
form > .el-button {
  margin-top: 21px;
}
li {
  padding: 3px 0;
}
</style>
