<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { daysBetween } from '@bonitas/core/kernel/units/days'
import { ApiProblem } from '../api/http.js'
import '../styles/element.css'
import { stageKeys, typing } from './keys.js'
import { useJobStore } from './jobStore.js'
import { stageLines } from './stageLines.js'
import TheRibbon from './TheRibbon.vue'
import TheTape from './TheTape.vue'
import { tapeView } from './tapeView.js'

// Dialogs are rare; the shell does not carry them until one opens.
const BlockedDialog = defineAsyncComponent(() => import('./BlockedDialog.vue'))
const ConflictDialog = defineAsyncComponent(() => import('./ConflictDialog.vue'))
const KeyHelp = defineAsyncComponent(() => import('./KeyHelp.vue'))

const store = useJobStore()
const route = useRoute()
const router = useRouter()
const help = ref(false)
const failure = ref('')

const jobId = computed(() => String(route.params.jobId))
const money = (minor: number) =>
  moneyText(minor, store.snapshot?.studio.currency ?? 'EUR', store.snapshot?.studio.locale)
const tape = computed(
  () =>
    store.derived &&
    store.snapshot &&
    tapeView(
      store.derived.position,
      currencyDigits(store.snapshot.studio.currency),
      money,
      store.snapshot.changeOrders,
    ),
)
const stages = computed(() => {
  if (!store.snapshot || !store.derived) return []
  const { findings } = store
  const lines = stageLines(store.snapshot, store.derived, findings ?? [], store.day, store.plan)
  return findings ? lines : lines.map((l) => ({ ...l, line: '\u00a0' }))
})
const daysLeft = computed(() => {
  const on = store.snapshot?.brief.installOn
  return on ? daysBetween(store.day, on) : undefined
})

async function load(): Promise<void> {
  failure.value = ''
  const wanted = jobId.value
  try {
    await store.open(wanted)
    // The line of the plan can wait until the page stands.
    setTimeout(() => void store.needPlan(), 600)
  } catch (error) {
    if (wanted !== jobId.value) return
    if (error instanceof ApiProblem && error.status === 401)
      await router.push({ path: '/sign-in', query: { to: route.fullPath } })
    else failure.value = error instanceof Error ? error.message : String(error)
  }
}

function go(path: string): void {
  void router.push(`/jobs/${jobId.value}/${path}`)
}

/** A stage stays marked on its further pages. */
const isHere = (path: string) => route.path.split('/')[3] === path

function keys(event: KeyboardEvent): void {
  if (event.altKey && !event.ctrlKey && !event.metaKey) {
    const stage = stages.value.find((s) => event.code === `Digit${s.number}`)
    if (stage) {
      event.preventDefault()
      go(stage.path)
    } else if (event.code === 'KeyJ') {
      event.preventDefault()
      void router.push('/jobs')
    }
    return
  }
  const command = event.ctrlKey || event.metaKey
  if (command && (event.key === 'z' || event.key === 'Z' || event.key === 'y')) {
    // Inside a field that is being typed in, the browser's own undo belongs to the field.
    const field = event.target instanceof HTMLInputElement && event.target.dataset.dirty === 'true'
    if (field) return
    event.preventDefault()
    if (event.key === 'y' || event.shiftKey) store.redo()
    else store.undo()
    return
  }
  if (event.key === '?' && !typing(event)) {
    event.preventDefault()
    help.value = true
  }
}

function leaving(event: BeforeUnloadEvent): void {
  // What waits is kept in this browser, but only this browser: say so before the page goes.
  if (store.waiting > 0 && store.gone) event.preventDefault()
}

watch(jobId, load, { immediate: true })
watch(
  () => route.path.split('/')[3] ?? '',
  (stage) => (store.stage = stage),
  { immediate: true },
)
/** A question about a change is asked where the change was made, and said elsewhere. */
const asksHere = computed(() => store.conflict?.group.at === store.stage)
const comeBack = () => store.nudge()
const reloadPage = () => window.location.reload()
const undoTitle = computed(() => {
  const step = store.lastStep
  return !step ? 'Nothing to undo on this page' : 'act' in step ? step.act : `Undo: ${step.name}`
})
const redoTitle = computed(() =>
  store.nextStep ? `Redo: ${store.nextStep.name}` : 'Nothing to do again on this page',
)
onMounted(() => {
  window.addEventListener('keydown', keys)
  window.addEventListener('online', comeBack)
  window.addEventListener('beforeunload', leaving)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', keys)
  window.removeEventListener('online', comeBack)
  window.removeEventListener('beforeunload', leaving)
})
</script>

<template>
  <div v-if="store.snapshot && store.derived && tape" class="shell">
    <header>
      <div class="title">
        <p class="wide">{{ store.snapshot.brief.roomName }}</p>
        <p class="second">
          {{ [store.snapshot.client.name, store.snapshot.brief.place].filter(Boolean).join(', ')
          }}<template v-if="store.derived.palette.scheme">
            · Scheme “{{ store.derived.palette.scheme.name }}”</template
          >
        </p>
      </div>
      <TheTape
        :view="tape"
        @open="(itemId) => router.push({ path: `/jobs/${jobId}/source`, query: { item: itemId } })"
      />
      <div class="days">
        <template v-if="daysLeft !== undefined">
          <p class="big narrow">{{ Math.abs(daysLeft) }}</p>
          <p class="second">{{ daysLeft >= 0 ? 'days to install' : 'days past install' }}</p>
        </template>
        <p v-else class="second">no install date</p>
      </div>
    </header>
    <nav aria-label="Stages">
      <RouterLink
        v-for="s in stages"
        :key="s.path"
        :to="`/jobs/${jobId}/${s.path}`"
        :class="{ here: isHere(s.path) }"
        :aria-current="isHere(s.path) ? 'page' : undefined"
        :title="`Alt + ${s.number}`"
      >
        <span class="narrow number">{{ s.number }}</span>
        <b>{{ s.name }}</b>
        <span class="second">{{ s.line }}</span>
      </RouterLink>
      <div class="foot">
        <RouterLink to="/jobs" class="second">All jobs</RouterLink>
        <div>
          <button class="word" :disabled="!store.lastStep" :title="undoTitle" @click="store.undo">
            Undo
          </button>
          <button class="word" :disabled="!store.nextStep" :title="redoTitle" @click="store.redo">
            Redo
          </button>
          <button class="word" @click="help = true">Keys</button>
        </div>
        <p class="second said" role="status">{{ store.said }}</p>
        <p class="second" role="status">
          {{ store.waiting === 0 ? 'Saved' : store.gone || store.conflict ? '' : 'Saving …' }}
        </p>
      </div>
    </nav>
    <main :class="{ told: store.gone || store.signedOut || store.refusal }">
      <RouterView />
      <div class="notices">
        <div v-if="store.gone" class="notice" role="alert">
          <b>The server is gone.</b> {{ store.waiting }}
          {{ store.waiting === 1 ? 'change waits' : 'changes wait' }} in this browser and will be sent when it
          is back. You can go on working.
          <button class="word" @click="store.nudge">Try now</button>
        </div>
        <div v-if="store.signedOut" class="notice" role="alert">
          <b>Your session has ended.</b> What you changed is kept here.
          <RouterLink :to="{ path: '/sign-in', query: { to: route.fullPath } }" @click="store.close"
            >Sign in again</RouterLink
          >
        </div>
        <div v-if="store.conflict && !asksHere" class="notice" role="alert">
          <b>A change of yours met another’s.</b> {{ store.conflict.group.name }} waits until you choose.
          <RouterLink :to="`/jobs/${jobId}/${store.conflict.group.at}`">Choose</RouterLink>
        </div>
        <div v-if="store.outdated" class="notice" role="status">
          <b>The program was renewed.</b> Load this page anew to go on with it; nothing is lost.
          <button class="word" @click="reloadPage">Load anew</button>
        </div>
        <div v-if="store.refusal" class="notice" role="alert">
          <b>Not saved.</b> {{ store.refusal }}
          <button class="word" @click="store.refusal = ''">Close</button>
        </div>
      </div>
      <ConflictDialog v-if="store.conflict && asksHere" />
      <BlockedDialog v-if="store.blocked" />
      <KeyHelp v-if="help" v-model="help" :own="stageKeys" />
    </main>
    <TheRibbon
      :finishes="store.derived.ribbon"
      @open="(finishId) => router.push({ path: `/jobs/${jobId}/palette`, query: { finish: finishId } })"
    />
  </div>
  <div v-else class="opening" role="status">
    <template v-if="failure">
      <h1>This job cannot be opened</h1>
      <p>{{ failure }}</p>
      <p>
        <button class="button" @click="load">Try again</button> <RouterLink to="/jobs">All jobs</RouterLink>
      </p>
    </template>
    <p v-else class="second">Opening …</p>
  </div>
</template>

<style scoped>
.shell {
  display: grid;
  grid-template: 92px minmax(0, 1fr) / 168px minmax(0, 1fr) 38px;
  height: 100vh;
}
header {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 248px minmax(0, 1fr) 150px;
  background: var(--paper);
  border-bottom: 1px solid var(--ink);
}
.title {
  padding: 16px 12px 0 18px;
  border-right: 1px solid var(--rule);
  overflow: hidden;
}
.title .wide {
  font-size: 17px;
  line-height: 1.15;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.title .second {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  margin-top: 3px;
}
.days {
  border-left: 1px solid var(--rule);
  padding: 12px 18px 0 0;
  text-align: right;
}
.big {
  font-size: 28px;
  font-weight: 600;
  line-height: 1.1;
}
nav {
  background: var(--panel);
  border-right: 1px solid var(--rule);
  padding-top: 8px;
  display: flex;
  flex-direction: column;
  overflow-y: auto;
}
nav > a {
  display: grid;
  grid-template-columns: 22px 1fr;
  padding: 8px 8px 8px 14px;
  border-left: 4px solid transparent;
  text-decoration: none;
  line-height: 1.35;
}
nav > a .number {
  color: var(--ink-2);
  padding-top: 1px;
}
nav > a .second {
  grid-column: 2;
}
nav > a:hover {
  background: var(--ground);
}
nav > a.here {
  border-left-color: var(--ink);
  background: var(--paper);
}
nav b {
  font-weight: 600;
}
.foot {
  margin-top: auto;
  padding: 12px 8px 12px 18px;
  display: grid;
  gap: 4px;
  font-size: 13px;
}
.foot div {
  display: flex;
  gap: 12px;
}
main {
  position: relative;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
  overflow: auto;
}
/* What the notice would cover moves up once, and stays reachable. */
main.told {
  padding-bottom: 46px;
}
/* Over the foot of the bench, so that nothing moves under the hand. */
.notices {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  z-index: 6;
}
.notice {
  background: #fff;
  border-left: 4px solid var(--stop);
  border-top: 1px solid var(--ink);
  padding: 10px 16px;
}
.opening {
  padding: 15vh 10vw;
  display: grid;
  gap: 14px;
  justify-items: start;
}
/* On a phone at the client's: the room's name, the stages as one line, and the page. */
@media (width < 760px) {
  .shell {
    grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr);
    height: 100dvh;
  }
  header {
    display: block;
    padding-bottom: 6px;
  }
  .title {
    border: 0;
    padding: 8px 14px 0;
  }
  .title .second {
    margin: 0;
  }
  header > :deep(.tape),
  .days,
  .shell > :deep(.ribbon) {
    display: none;
  }
  nav {
    flex-direction: row;
    overflow-x: auto;
    border-right: 0;
    border-bottom: 1px solid var(--rule);
    padding: 0;
  }
  nav > a {
    display: block;
    padding: 10px 12px 8px;
    border-left: 0;
    border-bottom: 3px solid transparent;
    white-space: nowrap;
  }
  nav > a.here {
    border-bottom-color: var(--ink);
  }
  nav > a .number,
  nav > a .second {
    display: none;
  }
  .foot {
    margin: 0 0 0 auto;
    padding: 8px 12px;
    display: flex;
    gap: 12px;
    align-items: center;
    white-space: nowrap;
  }
  .foot > a,
  .foot .word:last-child {
    display: none;
  }
}
</style>
