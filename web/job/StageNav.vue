<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, watch } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useJobStore } from './jobStore.js'
import type { StageLine } from './stageLines.js'
import { t } from './words.js'

/** The stages of a job, each with what it says of itself; undo, and what is saved. */
defineProps<{ jobId: string; stages: readonly StageLine[] }>()
const emit = defineEmits<{ keys: [] }>()
const store = useJobStore()
const route = useRoute()

const nav = ref<HTMLElement>()
/** On a phone the stages are one line that scrolls: the one in hand is in sight. */
function showHere(): void {
  const here = nav.value?.querySelector<HTMLElement>('[aria-current]')
  if (!nav.value || !here) return
  const middle = here.offsetLeft - nav.value.offsetLeft + here.offsetWidth / 2
  nav.value.scrollLeft = middle - nav.value.clientWidth / 2
}
onMounted(showHere)
watch(() => route.path, showHere, { flush: 'post' })

/** A stage stays marked on its further pages. */
const isHere = (path: string) => route.path.split('/')[3] === path
const undoTitle = computed(() => {
  const step = store.lastStep
  return !step ? t('nothingToUndoOnThis') : 'act' in step ? step.act : t('undoName', { name: step.name })
})
const redoTitle = computed(() =>
  store.nextStep ? t('redoName', { name: store.nextStep.name }) : t('nothingToDoAgainOn'),
)
</script>

<template>
  <nav ref="nav" :aria-label="t('stages')">
    <RouterLink
      v-for="s in stages"
      :key="s.path"
      :to="`/jobs/${jobId}/${s.path}`"
      :class="{ here: isHere(s.path) }"
      :aria-current="isHere(s.path) ? 'page' : undefined"
      :title="t('altNumber', { number: s.number })"
    >
      <span class="narrow number">{{ s.number }}</span>
      <b>{{ s.name }}</b>
      <span class="second">{{ s.line }}</span>
    </RouterLink>
    <div class="foot">
      <RouterLink to="/jobs" class="second">{{ t('allJobs') }}</RouterLink>
      <div>
        <ElButton link :disabled="!store.lastStep" :title="undoTitle" @click="store.undo">{{
          t('undo')
        }}</ElButton>
        <ElButton link :disabled="!store.nextStep" :title="redoTitle" @click="store.redo">{{
          t('redo')
        }}</ElButton>
        <ElButton link @click="emit('keys')">{{ t('keys') }}</ElButton>
      </div>
      <p class="second said" role="status">{{ store.said }}</p>
      <p class="second" role="status">
        {{ store.waiting === 0 ? t('saved') : store.gone || store.conflict ? '' : t('saving') }}
      </p>
    </div>
  </nav>
</template>

<style scoped>
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
  flex-wrap: wrap;
  gap: 4px 12px;
}
/* On a phone at the client's the stages are one line. */
@media (width < 760px) {
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
  .foot .el-button:last-child {
    display: none;
  }
}
</style>
