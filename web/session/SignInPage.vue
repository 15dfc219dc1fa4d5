<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, onMounted, reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem } from '../api/http.js'
import FaultSummary from '../form/FaultSummary.vue'
import PlainField from '../form/PlainField.vue'
import { useSessionStore } from './sessionStore.js'
import type { StudioHabits } from '@bonitas/core/model/studioHabits'
import LanguageChoice from '../words/LanguageChoice.vue'
import { t } from './words.js'

const habitsCode = () => import('../studio/HabitsFields.vue')
const HabitsFields = defineAsyncComponent(habitsCode)
const session = useSessionStore()
const route = useRoute()
const router = useRouter()
const founding = ref(false)
const busy = ref(false)
let settle: () => void
/** The habits of a new studio are fetched apart: who presses before they stand there waits for them. */
const settled = new Promise<void>((done) => (settle = done))
const message = ref('')
const faults = ref<Record<string, string>>({})
const form = reactive({ email: '', password: '' })
const habits = ref<Omit<StudioHabits, 'name'>>({
  locale: 'en-IE',
  currency: 'EUR',
  system: 'metric',
  paper: 'A4',
  timeZone: 'UTC',
})
const studio = reactive({
  name: '',
  memberName: '',
  email: '',
  password: '',
})

onMounted(() => {
  session.ready().catch(() => (message.value = t('theServerCannotBeReached')))
})

const next = computed(() => {
  const to = route.query.to
  // Only a path of this program: a link must not be able to send a member elsewhere.
  return typeof to === 'string' && /^\/jobs(\/|$)/.test(to) ? to : '/jobs'
})

async function found(): Promise<void> {
  await Promise.all([habitsCode(), settled])
  await session.found({ ...studio, ...habits.value })
}

/** What was asked for while an earlier attempt is under way: an Enter too early must not swallow the one that counts. */
const asked: (() => Promise<void>)[] = []

async function attempt(work: () => Promise<void>): Promise<void> {
  asked.push(work)
  if (busy.value) return
  busy.value = true
  for (let last = asked.pop(); last; last = session.visitor ? undefined : asked.pop()) {
    asked.length = 0
    await once(last)
  }
  busy.value = false
}

async function once(work: () => Promise<void>): Promise<void> {
  message.value = ''
  faults.value = {}
  try {
    await work()
    await router.push(next.value)
  } catch (error) {
    if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <main class="sign-in">
    <div class="mark">
      <h1>{{ t('bonitas') }}</h1>
      <p>{{ t('theBenchWhereARoom') }}</p>
      <div class="scale" aria-hidden="true">
        <i v-for="n in 41" :key="n" :class="{ long: n % 5 === 1 }"></i>
      </div>
      <LanguageChoice class="language" />
    </div>

    <form
      v-if="!founding"
      novalidate
      @submit.prevent="attempt(() => session.signIn(form.email, form.password))"
    >
      <h2>{{ t('signIn') }}</h2>
      <PlainField
        v-model="form.email"
        :label="t('signInName')"
        autocomplete="username"
        inputmode="email"
        :fault="faults.email"
      />
      <PlainField
        v-model="form.password"
        :label="t('password')"
        type="password"
        autocomplete="current-password"
        :fault="faults.password"
      />
      <p class="fault" role="alert">{{ message }}</p>
      <div class="row">
        <ElButton type="primary" native-type="submit">{{ t('signIn') }}</ElButton>
        <ElButton v-if="session.mayFound" link @click="founding = true"> {{ t('foundAStudio') }} </ElButton>
      </div>
      <div v-if="session.demo" class="demo">
        <p class="second">{{ t('ternTholeIsAMade') }}</p>
        <ElButton @click="attempt(session.openDemo)">
          {{ t('openTheDemoStudio') }}
        </ElButton>
      </div>
    </form>

    <form v-else novalidate :aria-busy="busy" @submit.prevent="attempt(found)">
      <h2>{{ t('foundAStudio') }}</h2>
      <PlainField v-model="studio.name" :label="t('studio')" :fault="faults.name" />
      <HabitsFields v-model="habits" :faults="faults" propose @proposed="settle()" />
      <PlainField
        v-model="studio.memberName"
        :label="t('yourName')"
        autocomplete="name"
        :fault="faults.memberName"
      />
      <PlainField
        v-model="studio.email"
        :label="t('signInName')"
        :hint="t('anAddressSuchAsName')"
        autocomplete="username"
        :fault="faults.email"
      />
      <PlainField
        v-model="studio.password"
        :label="t('password')"
        :hint="t('n10CharactersOrMore')"
        type="password"
        autocomplete="new-password"
        :fault="faults.password"
      />
      <FaultSummary :faults="faults" />
      <p class="fault" role="alert">{{ message }}</p>
      <div class="row">
        <ElButton type="primary" native-type="submit">{{ t('foundTheStudio') }}</ElButton>
        <ElButton link @click="founding = false">{{ t('backToSignIn') }}</ElButton>
      </div>
    </form>
  </main>
</template>

<style scoped>
.language {
  margin-top: 34px;
}
.sign-in {
  min-height: 100vh;
  display: grid;
  grid-template-columns: minmax(320px, 5fr) minmax(380px, 4fr);
  align-items: stretch;
}
.mark {
  padding: 22vh 8% 0 10%;
  border-right: 1px solid var(--rule);
}
.mark h1 {
  font-size: 54px;
}
.mark p:not(.language) {
  max-width: 34ch;
  font-size: 17px;
  margin: 14px 0 34px;
}
.scale {
  display: flex;
  justify-content: space-between;
  border-top: 2px solid var(--ink);
  max-width: 420px;
}
.scale i {
  width: 1px;
  height: 8px;
  background: var(--ink);
}
.scale i.long {
  height: 16px;
}
form {
  background: var(--panel);
  padding: 22vh 12% 40px 10%;
  display: grid;
  gap: 12px;
  align-content: start;
}
h2 {
  font-size: 19px;
  font-stretch: 118%;
  margin-bottom: 4px;
}
.row {
  display: flex;
  gap: 20px;
  align-items: center;
}
.demo {
  border-top: 1px solid var(--rule);
  padding-top: 16px;
  margin-top: 8px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
