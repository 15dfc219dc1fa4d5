<script setup lang="ts">
import '../styles/elementInside.css'
import { ElButton } from 'element-plus'
import { onMounted, reactive, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { ApiProblem, request } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import MembersPanel from './MembersPanel.vue'
import { useSessionStore } from '../session/sessionStore.js'
import HabitsFields from './HabitsFields.vue'
import LanguageChoice from '../words/LanguageChoice.vue'
import FaultSummary from '../form/FaultSummary.vue'
import { t } from './words.js'

/** Settings of the studio: its name, how it writes and measures, and who works in it. */
const session = useSessionStore()
const studio = session.visitor?.studio
const owner = session.visitor?.member.role === 'owner'
const seen = {
  name: studio?.name ?? '',
  locale: studio?.locale ?? 'en-IE',
  currency: studio?.currency ?? 'EUR',
  system: studio?.system ?? 'metric',
  paper: studio?.paper ?? 'A4',
  timeZone: studio?.timeZone ?? 'UTC',
}
const { name, ...rest } = seen
const form = reactive({ name })
const habits = ref(rest)
/** What is stored as far as this page knows: sent along, so that nobody else's change is wiped unseen. */
const was = ref(seen)
const faults = ref<Record<string, string>>({})
const said = ref('')
const message = ref('')
const busy = ref(false)
const bound = ref<string>()

onMounted(async () => {
  const jobs = await request<unknown[]>('/jobs').catch(() => [])
  if (jobs.length > 0) bound.value = t('settledWithTheFirstJob')
})

async function keep(): Promise<void> {
  faults.value = {}
  message.value = ''
  said.value = ''
  busy.value = true
  try {
    const is = { ...form, ...habits.value }
    await request('/studio', { method: 'PUT', body: { was: was.value, is } })
    was.value = is
    await session.load()
    said.value = t('savedEveryPagePaperAnd')
  } catch (error) {
    if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field.replace(/^is\./, ''), e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="studio">
    <header>
      <p class="wide">{{ session.visitor?.studio.name }}</p>
      <p class="second">
        <RouterLink to="/jobs">{{ t('allJobs') }}</RouterLink>
      </p>
    </header>
    <main>
      <h1>{{ t('studio') }}</h1>
      <form novalidate :aria-label="t('settingsOfTheStudio')" @submit.prevent="keep">
        <PlainField v-model="form.name" :label="t('studio')" :fault="faults.name" />
        <HabitsFields v-model="habits" :faults="faults" :bound="bound" />
        <FaultSummary :faults="faults" />
        <p v-if="message" class="fault" role="alert">{{ message }}</p>
        <div class="row">
          <ElButton type="primary" native-type="submit" :disabled="busy || !owner">{{ t('save') }}</ElButton>
          <p role="status" class="second">
            {{ owner ? said : t('onlyTheOwnerOfThe') }}
          </p>
        </div>
      </form>
      <MembersPanel />
      <section>
        <h2>{{ t('languageOfTheInterface') }}</h2>
        <LanguageChoice />
        <p class="second">{{ t('inThisBrowserEnglishIsComplete') }}</p>
      </section>
    </main>
  </div>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 14px 28px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}
main {
  padding: 28px;
  display: grid;
  gap: 24px;
  max-width: 820px;
}
form {
  display: grid;
  gap: 12px;
  max-width: 560px;
}
.row {
  display: flex;
  gap: 16px;
  align-items: center;
}
</style>
