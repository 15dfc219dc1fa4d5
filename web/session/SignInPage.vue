<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import ChoiceField from '../form/ChoiceField.vue'
import { ApiProblem } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { useSessionStore } from './sessionStore.js'

const session = useSessionStore()
const route = useRoute()
const router = useRouter()
const founding = ref(false)
const busy = ref(false)
const message = ref('')
const faults = ref<Record<string, string>>({})
const form = reactive({ email: '', password: '' })
const studio = reactive({
  name: '',
  currency: 'EUR',
  system: 'metric',
  memberName: '',
  email: '',
  password: '',
})

onMounted(() => {
  session
    .ready()
    .catch(() => (message.value = 'The server cannot be reached. Start it, then reload this page.'))
})

const next = computed(() => {
  const to = route.query.to
  // Only a path of this program: a link must not be able to send a member elsewhere.
  return typeof to === 'string' && /^\/jobs(\/|$)/.test(to) ? to : '/jobs'
})

async function attempt(work: () => Promise<void>): Promise<void> {
  busy.value = true
  message.value = ''
  faults.value = {}
  try {
    await work()
    await router.push(next.value)
  } catch (error) {
    if (error instanceof ApiProblem && error.errors.length > 0)
      faults.value = Object.fromEntries(error.errors.map((e) => [e.field, e.text]))
    else message.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="sign-in">
    <div class="mark">
      <h1>Bonitas</h1>
      <p>The bench where a room is measured, its colors judged, its goods chosen and its money kept.</p>
      <div class="scale" aria-hidden="true">
        <i v-for="n in 41" :key="n" :class="{ long: n % 5 === 1 }"></i>
      </div>
    </div>

    <form
      v-if="!founding"
      novalidate
      @submit.prevent="attempt(() => session.signIn(form.email, form.password))"
    >
      <h2>Sign in</h2>
      <PlainField
        v-model="form.email"
        label="Sign-in name"
        autocomplete="username"
        inputmode="email"
        :fault="faults.email"
      />
      <PlainField
        v-model="form.password"
        label="Password"
        type="password"
        autocomplete="current-password"
        :fault="faults.password"
      />
      <p class="fault" role="alert">{{ message }}</p>
      <div class="row">
        <ElButton type="primary" native-type="submit" :disabled="busy">Sign in</ElButton>
        <ElButton v-if="session.mayFound" link @click="founding = true"> Found a studio </ElButton>
      </div>
      <div v-if="session.demo" class="demo">
        <p class="second">Tern &amp; Thole is a made-up studio in the middle of its work.</p>
        <ElButton :disabled="busy" @click="attempt(session.openDemo)"> Open the demo studio </ElButton>
      </div>
    </form>

    <form v-else novalidate @submit.prevent="attempt(() => session.found({ ...studio }))">
      <h2>Found a studio</h2>
      <PlainField v-model="studio.name" label="Studio" :fault="faults.name" />
      <div class="two">
        <PlainField
          v-model="studio.currency"
          label="Currency"
          hint="ISO code: EUR, GBP, USD"
          :fault="faults.currency"
        />
        <ChoiceField
          v-model="studio.system"
          label="Measures"
          :choices="[
            { value: 'metric', text: 'Metric' },
            { value: 'imperial', text: 'Feet and inches' },
          ]"
        />
      </div>
      <PlainField
        v-model="studio.memberName"
        label="Your name"
        autocomplete="name"
        :fault="faults.memberName"
      />
      <PlainField
        v-model="studio.email"
        label="Sign-in name"
        hint="An address such as name@place"
        autocomplete="username"
        :fault="faults.email"
      />
      <PlainField
        v-model="studio.password"
        label="Password"
        hint="10 characters or more"
        type="password"
        autocomplete="new-password"
        :fault="faults.password"
      />
      <p class="fault" role="alert">{{ message }}</p>
      <div class="row">
        <ElButton type="primary" native-type="submit" :disabled="busy">Found the studio</ElButton>
        <ElButton link @click="founding = false">Back to sign in</ElButton>
      </div>
    </form>
  </main>
</template>

<style scoped>
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
.mark p {
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
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
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
