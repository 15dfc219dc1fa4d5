<script setup lang="ts">
import { ElButton } from 'element-plus'
import { RouterLink, useRoute } from 'vue-router'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** What is said over the foot of the bench: the server gone, the session ended, a change that met another's. */
defineProps<{ jobId: string; asksHere: boolean }>()
const store = useJobStore()
const route = useRoute()
const reloadPage = () => window.location.reload()
</script>

<template>
  <div class="notices">
    <div v-if="store.gone" class="notice" role="alert">
      <b>{{ t('theServerIsGone') }}</b>
      {{
        t('waitingWaiting2InThisBrowser', {
          waiting: store.waiting,
          waiting2: store.waiting === 1 ? t('changeWaits') : t('changesWait'),
        })
      }}
      <ElButton link @click="store.nudge">{{ t('tryNow') }}</ElButton>
    </div>
    <div v-if="store.signedOut" class="notice" role="alert">
      <b>{{ t('yourSessionHasEnded') }}</b> {{ t('whatYouChangedIsKept') }}
      <RouterLink :to="{ path: '/sign-in', query: { to: route.fullPath } }" @click="store.close">{{
        t('signInAgain')
      }}</RouterLink>
    </div>
    <div v-if="store.conflict && !asksHere" class="notice" role="alert">
      <b>{{ t('aChangeOfYoursMet') }}</b>
      {{ t('nameWaitsUntilYouChoose', { name: store.conflict.group.name }) }}
      <RouterLink :to="`/jobs/${jobId}/${store.conflict.group.at}`">{{ t('choose') }}</RouterLink>
    </div>
    <div v-if="store.outdated" class="notice" role="status">
      <b>{{ t('theProgramWasRenewed') }}</b> {{ t('loadThisPageAnewTo') }}
      <ElButton link @click="reloadPage">{{ t('loadAnew') }}</ElButton>
    </div>
    <div v-if="store.refusal" class="notice" role="alert">
      <b>{{ t('notSaved') }}</b> {{ store.refusal }}
      <ElButton link @click="store.refusal = ''">{{ t('close') }}</ElButton>
    </div>
  </div>
</template>

<style scoped>
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
</style>
