<script setup lang="ts">
import '../styles/elementInside.css'
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { ApiProblem } from '../api/http.js'
import { stageKeys, typing } from './keys.js'
import { useUploadStore } from './uploadStore.js'
import { useJobStore } from './jobStore.js'
import JobHead from './JobHead.vue'
import JobNotices from './JobNotices.vue'
import { stageLines } from './stageLines.js'
import StageNav from './StageNav.vue'
import TheRibbon from './TheRibbon.vue'
import { tapeView } from './tapeView.js'
import { useDayTurn } from './useDayTurn.js'
import { useLocale } from '../form/useLocale.js'
import { term } from '../words/term.js'
import { t } from './words.js'

// Dialogs are rare; the shell does not carry them until one opens.
const BlockedDialog = defineAsyncComponent(() => import('./BlockedDialog.vue'))
const ConflictDialog = defineAsyncComponent(() => import('./ConflictDialog.vue'))
const KeyHelp = defineAsyncComponent(() => import('./KeyHelp.vue'))

const store = useJobStore()
const { says } = useLocale()
const route = useRoute()
const router = useRouter()
const help = ref(false)
const failure = ref('')

const jobId = computed(() => String(route.params.jobId))
const tape = computed(
  () =>
    store.derived &&
    store.snapshot &&
    tapeView(
      store.derived.position,
      currencyDigits(store.snapshot.studio.currency),
      says.value,
      store.snapshot.changeOrders,
    ),
)
const stages = computed(() => {
  if (!store.snapshot || !store.derived) return []
  const { findings } = store
  const lines = stageLines(
    store.snapshot,
    store.derived,
    findings ?? [],
    store.day,
    store.plan,
    store.install,
  )
  return findings ? lines : lines.map((l) => ({ ...l, line: '\u00a0' }))
})
/** Past the tape and the stages, for whoever comes by keyboard. */
function goTo(part: string): void {
  const to = document.querySelector<HTMLElement>(part)
  if (!to) return
  to.tabIndex = Math.max(to.tabIndex, -1)
  to.focus()
}
useDayTurn(store.turnDay)
const jobName = computed(() =>
  [store.snapshot?.brief.roomName, store.snapshot?.client.name].filter(Boolean).join(', '),
)
/** What a printed page is of, and when. */
const printed = computed(() => `${jobName.value} · ${says.value.day(store.day)}`)
// The title of the window tells one job from another.
watch(
  () => [route.meta.title, jobName.value] as const,
  ([page, name]) => {
    if (page && name) document.title = `${term(page)} · ${name} · Bonitas`
  },
  { immediate: true },
)
async function load(): Promise<void> {
  failure.value = ''
  const wanted = jobId.value
  try {
    await store.open(wanted)
    // The lines of the two plans can wait until the page stands.
    setTimeout(() => {
      void store.needPlan()
      store.needInstall()
    }, 600)
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
    const field = event.target instanceof HTMLElement && event.target.dataset.dirty === 'true'
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
  // A file that waits is kept on this page alone.
  if ((store.waiting > 0 && store.gone) || uploads.waiting.length > 0) event.preventDefault()
}

watch(jobId, load, { immediate: true })
watch(
  () => route.path.split('/')[3] ?? '',
  (stage) => (store.stage = stage),
  { immediate: true },
)
/** A question about a change is asked where the change was made, and said elsewhere. */
const asksHere = computed(() => store.conflict?.group.at === store.stage)
const uploads = useUploadStore()
function comeBack(): void {
  store.nudge()
  void uploads.sendUnreached()
}
watch(
  () => store.gone,
  (gone) => !gone && void uploads.sendUnreached(),
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
    <p class="skips">
      <ElButton class="skip" @click="goTo('.stage .bench')">{{ t('toThePage') }}</ElButton>
      <ElButton class="skip" @click="goTo('.stage aside.panel, .stage .to-panel button')">{{
        t('toDetailsAndFindings')
      }}</ElButton>
    </p>
    <p class="printed">{{ printed }}</p>
    <JobHead class="head" :job-id="jobId" :tape="tape" />
    <StageNav class="stages" :job-id="jobId" :stages="stages" @keys="help = true" />
    <main :class="{ told: store.gone || store.signedOut || store.refusal }">
      <RouterView />
      <JobNotices :job-id="jobId" :asks-here="asksHere" />
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
      <h1>{{ t('thisJobCannotBeOpened') }}</h1>
      <p>{{ failure }}</p>
      <p>
        <ElButton @click="load">{{ t('tryAgain') }}</ElButton>
        <RouterLink to="/jobs">{{ t('allJobs') }}</RouterLink>
      </p>
    </template>
    <p v-else class="second">{{ t('opening') }}</p>
  </div>
</template>

<style scoped>
.skips {
  position: absolute;
  z-index: 5;
}
/* Seen only while it has the focus. */
.skip.el-button {
  position: absolute;
  left: 8px;
  top: 8px;
  transform: translateY(-200%);
}
.skip.el-button:focus-visible {
  transform: none;
}
.printed {
  display: none;
}
@media print {
  .printed {
    display: block;
    font-weight: 650;
    padding-bottom: 8px;
  }
}
.shell {
  display: grid;
  grid-template: 92px minmax(0, 1fr) / 168px minmax(0, 1fr) 38px;
  height: 100vh;
}
.head {
  grid-column: 1 / -1;
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
  .shell > :deep(.ribbon) {
    display: none;
  }
}
</style>
