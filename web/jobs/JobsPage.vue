<script setup lang="ts">
import '../styles/elementInside.css'
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { dayIn } from '@bonitas/core/kernel/units/days'
import { request } from '../api/http.js'
import ListTable from '../form/ListTable.vue'
import FileButton from '../form/FileButton.vue'
import { useSessionStore } from '../session/sessionStore.js'
import ExampleRooms from './ExampleRooms.vue'
import { usePlans } from './usePlans.js'
import NewJob from './NewJob.vue'
import { t } from './words.js'

const session = useSessionStore()
const router = useRouter()
const jobs = shallowRef<readonly JobLine[]>()
const message = ref('')
const adding = ref(false)
const showing = ref(false)
const year = new Date().toISOString().slice(0, 10)

const says = computed(() =>
  formatterOf(session.visitor?.studio ?? { system: 'metric', locale: 'en-IE', currency: 'EUR' }),
)
const { plans, plan } = usePlans()
const open = computed(() => jobs.value?.filter((j) => j.closedOn === null) ?? [])
/** Handed over and closed, the last one first. */
const closed = computed(() =>
  (jobs.value ?? [])
    .filter((j) => j.closedOn !== null)
    .sort((x, y) => (y.closedOn ?? '').localeCompare(x.closedOn ?? '')),
)
/** What the plan of the work of a job comes to, once it is made. */
function planLine(jobId: string): string {
  const known = plans.value.get(jobId)
  if (!known) return ''
  if (known.done) return t('allDone')
  const { readyOn, order, stops } = known
  return [
    readyOn ? t('readyOn', { day: says.value.day(readyOn, year) }) : '',
    stops > 0 ? t('stops', { n: stops }) : '',
    order ? t('orderBy', { name: order.name, day: says.value.day(order.by, year) }) : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
const money = (minor: number) => says.value.money(minor)

onMounted(async () => {
  try {
    jobs.value = await request<JobLine[]>('/jobs')
    plan(open.value, dayIn(session.visitor?.studio.timeZone ?? 'UTC', new Date()))
    // A late answer opens the form of the first job; it never closes one that a person opened.
    if (jobs.value.length === 0) adding.value = true
  } catch (error) {
    message.value = error instanceof Error ? error.message : String(error)
  }
})

function parts(job: JobLine) {
  const end = Math.max(job.agreedMinor, job.paidMinor + job.orderedMinor + job.chosenMinor, 1)
  return (['paid', 'ordered', 'chosen'] as const).map((state) => ({
    state,
    percent: (100 * job[`${state}Minor`]) / end,
  }))
}

async function takeIn(file: File): Promise<void> {
  message.value = ''
  try {
    if (file.size > 20_000_000) throw new Error(t('theFileIsOver20'))
    let job: unknown
    try {
      job = JSON.parse(await file.text())
    } catch {
      throw new Error(t('nameIsNotAJob', { name: file.name }))
    }
    const made = await request<{ id: string }>('/jobs/import', { method: 'POST', body: job })
    await router.push(`/jobs/${made.id}/brief`)
  } catch (error) {
    message.value = error instanceof Error ? error.message : String(error)
  }
}

async function signOut(): Promise<void> {
  await session.signOut()
  await router.push('/sign-in')
}
</script>

<template>
  <div class="jobs">
    <header>
      <p class="wide">{{ session.visitor?.studio.name }}</p>
      <p class="second">
        {{ session.visitor?.member.name }} · <RouterLink to="/studio">{{ t('studio') }}</RouterLink> ·
        <ElButton link @click="signOut">{{ t('signOut') }}</ElButton>
      </p>
    </header>
    <main>
      <div class="head">
        <h1>{{ t('jobs') }}</h1>
        <div>
          <ElButton :aria-expanded="showing ? 'true' : 'false'" @click="showing = !showing">{{
            t('exampleRooms')
          }}</ElButton>
          <FileButton :label="t('importAJob')" accept="application/json,.json" @picked="takeIn" />
          <!-- Where there is none yet its form stands there, and is not to be put away. -->
          <ElButton
            v-if="jobs && jobs.length > 0"
            type="primary"
            :aria-expanded="adding ? 'true' : 'false'"
            @click="adding = !adding"
            >{{ t('newJob') }}</ElButton
          >
        </div>
      </div>
      <p v-if="message" class="fault" role="alert">{{ message }}</p>

      <ExampleRooms v-if="showing" />
      <NewJob v-if="adding" :first="jobs?.length === 0" />

      <ListTable
        v-if="open.length > 0"
        class="is-roomy"
        :rows="open"
        :columns="[
          { id: 'room', head: t('room') },
          { id: 'budget', head: t('budget') },
          { id: 'agreed', head: t('agreed'), figure: true },
          { id: 'paid', head: t('paid'), figure: true },
          { id: 'ordered', head: t('ordered'), figure: true },
          { id: 'chosen', head: t('chosen'), figure: true },
          { id: 'free', head: t('free'), figure: true },
          { id: 'install', head: t('install'), figure: true },
        ]"
        :key-of="(job) => job.id"
      >
        <template #cell-room="{ row: job }"
          ><RouterLink :to="`/jobs/${job.id}/brief`"
            ><b>{{ job.roomName }}</b></RouterLink
          >
          <p class="second">{{ [job.clientName, job.place].filter(Boolean).join(' · ') }}</p></template
        >
        <template #cell-budget="{ row: job }"
          ><div class="mini" aria-hidden="true">
            <i
              v-for="p in parts(job)"
              :key="p.state"
              :class="p.state"
              :style="{ width: `${p.percent}%` }"
            ></i></div
        ></template>
        <template #cell-agreed="{ row: job }">{{ money(job.agreedMinor) }}</template>
        <template #cell-paid="{ row: job }">{{ money(job.paidMinor) }}</template>
        <template #cell-ordered="{ row: job }">{{ money(job.orderedMinor) }}</template>
        <template #cell-chosen="{ row: job }">{{ money(job.chosenMinor) }}</template>
        <template #cell-free="{ row: job }"
          ><span :class="{ fault: job.freeMinor < 0 }"
            ><b>{{ money(Math.abs(job.freeMinor)) }}</b
            ><template v-if="job.freeMinor < 0"> {{ t('over') }}</template></span
          ></template
        >
        <template #cell-install="{ row: job }"
          >{{ job.installOn ? says.day(job.installOn, year) : t('noDate') }}
          <!-- Beside the line of the client: what comes later moves nothing. -->
          <p class="second">{{ planLine(job.id) }}</p></template
        >
      </ListTable>
      <p v-else-if="!jobs && !message" class="second" role="status">{{ t('opening') }}</p>
      <section v-if="closed.length > 0" class="closed">
        <h2>{{ t('closedJobs', { n: closed.length }) }}</h2>
        <ListTable
          :rows="closed"
          :columns="[
            { id: 'room', head: t('room') },
            { id: 'paid', head: t('paid'), figure: true },
            { id: 'closed', head: t('closedOn'), figure: true },
          ]"
          :key-of="(job) => job.id"
        >
          <template #cell-room="{ row: job }"
            ><RouterLink :to="`/jobs/${job.id}/handover/book`"
              ><b>{{ job.roomName }}</b></RouterLink
            >
            <span class="second">{{
              [job.clientName, job.place].filter(Boolean).join(' · ')
            }}</span></template
          >
          <template #cell-paid="{ row: job }">{{ money(job.paidMinor) }}</template>
          <template #cell-closed="{ row: job }">{{ says.day(job.closedOn ?? '', year) }}</template>
        </ListTable>
      </section>
    </main>
  </div>
</template>

<style scoped>
.jobs > header {
  height: 92px;
  background: var(--paper);
  border-bottom: 1px solid var(--ink);
  padding: 22px 40px 0;
  display: flex;
  justify-content: space-between;
}
.wide {
  font-size: 19px;
}
main {
  padding: 30px 40px;
  max-width: 1280px;
  display: grid;
  gap: 20px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.head div {
  display: flex;
  gap: 10px;
}
.closed {
  display: grid;
  gap: 8px;
}
.closed .second {
  margin-left: 8px;
}
.mini {
  width: 180px;
  height: 12px;
  border: 1px solid var(--ink);
  background: #fff;
  display: flex;
  margin-top: 5px;
}
.mini i {
  flex: none;
}
.paid {
  background: var(--ink);
}
.ordered {
  background: var(--hatch);
}
.chosen {
  background: #c8c8c8;
}
.members {
  margin-top: 26px;
}
</style>
