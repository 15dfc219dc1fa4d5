<script setup lang="ts">
import { ElButton, ElDrawer } from 'element-plus'
import { ref } from 'vue'
import { usePanelOverPage } from './panel.js'
import { t } from './words.js'

/** The panel of a page where the page is too narrow to have it beside: a button in reach opens it over the page. */
defineProps<{ title: string }>()
const open = ref(false)
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
  <ElDrawer
    v-model="open"
    :title="t('titleDetailsAndFindings', { title })"
    size="min(440px, 100vw)"
    @opened="opened"
  >
    <slot></slot>
  </ElDrawer>
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
