<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton } from 'element-plus'
import { onMounted, ref, shallowRef } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { dayText } from '@bonitas/core/kernel/units/days'
import FileButton from '../form/FileButton.vue'
import { request } from '../api/http.js'
import MembersPanel from './MembersPanel.vue'
import NewJob from './NewJob.vue'
import { useSessionStore } from '../session/sessionStore.js'

const session = useSessionStore()
const router = useRouter()
const jobs = shallowRef<readonly JobLine[]>()
const message = ref('')
const adding = ref(false)
const year = new Date().toISOString().slice(0, 10)

const money = (minor: number) =>
  moneyText(minor, session.visitor?.studio.currency ?? 'EUR', session.visitor?.studio.locale)

onMounted(async () => {
  try {
    jobs.value = await request<JobLine[]>('/jobs')
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
    if (file.size > 20_000_000)
      throw new Error('The file is over 20 MB. A job that was exported here is smaller.')
    let job: unknown
    try {
      job = JSON.parse(await file.text())
    } catch {
      throw new Error(`${file.name} is not a job file. Choose one that was exported here.`)
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
        {{ session.visitor?.member.name }} · <ElButton link @click="signOut">Sign out</ElButton>
      </p>
    </header>
    <main>
      <div class="head">
        <h1>Jobs</h1>
        <div>
          <FileButton label="Import a job" accept="application/json,.json" @picked="takeIn" />
          <ElButton type="primary" @click="adding = !adding">New job</ElButton>
        </div>
      </div>
      <p v-if="message" class="fault" role="alert">{{ message }}</p>

      <NewJob v-if="adding" :first="jobs?.length === 0" />

      <ListTable
        v-if="jobs && jobs.length > 0"
        class="is-roomy"
        :rows="jobs"
        :columns="[
          { id: 'room', head: 'Room' },
          { id: 'budget', head: 'Budget' },
          { id: 'agreed', head: 'Agreed', figure: true },
          { id: 'paid', head: 'Paid', figure: true },
          { id: 'ordered', head: 'Ordered', figure: true },
          { id: 'chosen', head: 'Chosen', figure: true },
          { id: 'free', head: 'Free', figure: true },
          { id: 'install', head: 'Install', figure: true },
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
            ><template v-if="job.freeMinor < 0"> over</template></span
          ></template
        >
        <template #cell-install="{ row: job }">{{
          job.installOn ? dayText(job.installOn, year) : 'no date'
        }}</template>
      </ListTable>
      <p v-else-if="!jobs && !message" class="second" role="status">Opening …</p>
      <MembersPanel class="members" />
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
