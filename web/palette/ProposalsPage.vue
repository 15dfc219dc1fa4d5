<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, toRaw } from 'vue'
import { RouterLink } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { asScheme } from '@bonitas/core/stages/palette/proposals/asScheme'
import type { ToldProposal } from '@bonitas/core/job/proposeInJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { ApiProblem, ServerGone } from '../api/http.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import { useLibraryStore } from './library/libraryStore.js'
import PaletteProposal from './PaletteProposal.vue'
import type { ProposalAsk, ProposalResult } from './proposals.worker.js'
import { t } from './words.js'

const store = useJobStore()
const library = useLibraryStore()
const job = computed(() => store.snapshot)
const seed = ref(1)
const trouble = ref('')
const said = ref('')
const fetching = ref(false)
const proposals = shallowRef<readonly ToldProposal[]>()
const task = useTask<ProposalResult>(
  () => new Worker(new URL('./proposals.worker.ts', import.meta.url), { type: 'module' }),
)
const { done } = task
const busy = computed(() => fetching.value || done.value !== undefined)
let asked = 0
function stop(): void {
  asked++
  fetching.value = false
  task.stop()
}

function askOf(now: JobSnapshot): ProposalAsk {
  const ask: ProposalAsk = {
    job: toRaw(now),
    today: store.day,
    areas: store.derived?.areas,
    lowerWall: now.room.lowerWallMm != null,
    samples: library.samples,
    seed: seed.value,
    count: 4,
  }
  // A worker takes no proxies.
  return JSON.parse(JSON.stringify(ask)) as ProposalAsk
}

async function run(): Promise<void> {
  stop()
  trouble.value = ''
  said.value = ''
  fetching.value = true
  const mine = asked
  try {
    await library.load()
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = t('theLibraryCouldNotBe')
  }
  const now = job.value
  // It may have been stopped while the library was on its way.
  if (mine !== asked) return
  fetching.value = false
  if (trouble.value || !now) return
  try {
    const result = await task.run(askOf(now))
    if (result) proposals.value = result.proposals
  } catch {
    trouble.value = t('theSearchEndedWithA')
  }
}
function others(): void {
  seed.value++
  void run()
}

/** Takes a proposal over as a scheme of its own; nothing that is there changes. */
function takeOver(p: ToldProposal): void {
  const now = job.value
  if (!now) return
  store.apply(asScheme(p, nextPosition(now.schemes), () => crypto.randomUUID()))
  said.value = t('nameIsASchemeOf', { name: p.name })
}
const stays = computed(() => (job.value?.finishes ?? []).filter((f) => f.role === 'stays').map((f) => f.name))
</script>

<template>
  <StagePage v-if="job" :title="t('palette')">
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench">
      <ElButton type="primary" :disabled="busy" @click="run">{{ t('completeThisPalette') }}</ElButton>
      <ElButton v-if="proposals" :disabled="busy" @click="others">{{ t('others') }}</ElButton>
      <template v-if="busy">
        <progress :value="done ?? 0" max="1" :aria-label="t('tryingPalettes')"></progress>
        <ElButton @click="stop">{{ t('stop') }}</ElButton>
      </template>
      <span class="second" role="status">{{ said }}</span>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="!proposals && !busy" class="second teaching">
      {{
        t('fromWhatStaysStaysSampledColors', {
          stays: stays.length > 0 ? stays.join(', ') : t('nothingYet'),
          sampledColors:
            job.sampledColors.length > 0
              ? t('theSampledColorsColorsPulledOut', { sampledColors: job.sampledColors.length })
              : t('whateverInspiresTheRoomPull'),
        })
      }}
    </p>
    <p v-else-if="proposals && proposals.length === 0" class="second teaching">
      <template v-if="library.samples.length > 0">{{ t('noPaletteOfTheLibrary') }}</template>
      <template v-else
        >{{ t('theLibraryIsEmpty') }}
        <RouterLink :to="`/jobs/${job.brief.id}/palette/samples`">{{
          t('toTheSamples')
        }}</RouterLink></template
      >
    </p>
    <PaletteProposal v-for="p in proposals" :key="p.name + p.why.join()" :proposal="p" @take="takeOver(p)" />
    <template #panel>
      <section>
        <h2>{{ t('whatTheyStartFrom') }}</h2>
        <ul>
          <li
            v-for="f in store.derived?.palette.finishes.filter((x) => x.finish.role === 'stays')"
            :key="f.finish.id"
          >
            <i :style="{ background: labToHex(f.lab) }"></i>{{ t('nameStays', { name: f.finish.name }) }}
          </li>
          <li v-for="p in job.sampledColors" :key="p.id">
            <i :style="{ background: labToHex({ l: p.labL, a: p.labA, b: p.labB }) }"></i
            >{{ t('nameShareOfTheInspiration', { name: p.name, share: Math.round(100 * p.share) }) }}
          </li>
        </ul>
        <p class="second">
          {{ t('schoolOfColorColorScheme', { colorScheme: job.schools.colorScheme ?? t('notChosen') }) }}
        </p>
        <p class="second">
          {{ t('proposalsAreAStartNot') }}
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
progress {
  accent-color: var(--ink);
  width: 160px;
}
li i {
  display: inline-block;
  width: 36px;
  height: 20px;
  vertical-align: middle;
  margin-right: 8px;
}
section,
section ul {
  display: grid;
  gap: 6px;
}
</style>
