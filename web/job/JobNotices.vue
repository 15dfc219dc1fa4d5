<script setup lang="ts">
import { ElButton } from 'element-plus'
import { RouterLink, useRoute } from 'vue-router'
import { useJobStore } from './jobStore.js'

/** What is said over the foot of the bench: the server gone, the session ended, a change that met another's. */
defineProps<{ jobId: string; asksHere: boolean }>()
const store = useJobStore()
const route = useRoute()
const reloadPage = () => window.location.reload()
</script>

<template>
  <div class="notices">
    <div v-if="store.gone" class="notice" role="alert">
      <b>The server is gone.</b> {{ store.waiting }}
      {{ store.waiting === 1 ? 'change waits' : 'changes wait' }} in this browser and will be sent when it is
      back. You can go on working.
      <ElButton link @click="store.nudge">Try now</ElButton>
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
      <ElButton link @click="reloadPage">Load anew</ElButton>
    </div>
    <div v-if="store.refusal" class="notice" role="alert">
      <b>Not saved.</b> {{ store.refusal }}
      <ElButton link @click="store.refusal = ''">Close</ElButton>
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
