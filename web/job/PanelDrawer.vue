<script setup lang="ts">
import { ElButton } from 'element-plus'
import { defineAsyncComponent, ref, watch } from 'vue'
import { usePanelOverPage } from './panel.js'
import { t } from './words.js'

/** The panel of a page where the page is too narrow to have it beside: a button in reach opens it over the page. */
defineProps<{ title: string }>()
// The button is there with the page, so that it is in reach at once; what it opens is fetched when it is wanted.
const DrawerOver = defineAsyncComponent(() => import('./DrawerOver.vue'))
const open = ref(false)
const wanted = ref(false)
watch(open, () => (wanted.value = true))
/** Who waits for the panel to be open, and to have taken the focus. */
const waiting: (() => void)[] = []
const opened = () => waiting.splice(0).forEach((go) => go())
usePanelOverPage({
  isOpen: () => open.value,
  show: () => {
    if (open.value) return Promise.resolve()
    open.value = true
    return new Promise((done) => waiting.push(done))
  },
})
</script>

<template>
  <div class="to-panel">
    <ElButton aria-haspopup="dialog" @click="open = true">{{ t('detailsAndFindings') }}</ElButton>
  </div>
  <DrawerOver v-if="wanted" v-model="open" :title="t('titleDetailsAndFindings', { title })" @opened="opened">
    <slot></slot>
  </DrawerOver>
</template>

<style scoped>
.to-panel {
  border-top: 1px solid var(--rule);
  background: var(--panel);
  padding: 4px 14px;
  text-align: right;
}
@media (pointer: coarse) {
  .to-panel .el-button {
    min-height: 44px;
  }
}
</style>
