<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { t } from './words.js'

/** The keys of this screen. */
defineProps<{ own: readonly (readonly [string, string])[] }>()
const open = defineModel<boolean>({ required: true })
const ALL: readonly (readonly [string, string])[] = [
  [t('alt1To7'), t('goToThatStage')],
  [t('altJ'), t('allJobs')],
  [t('ctrlZ'), t('undo')],
  [t('ctrlShiftZ'), t('redo')],
  [t('tabShiftTab'), t('nextAndPreviousField')],
  ['Enter', t('keepAFieldChoose')],
  [t('esc'), t('putAFieldBackAs')],
  [t('onTheTapeOnThe'), t('walkItsStretches')],
  ['?', t('theseKeys')],
]
</script>

<template>
  <ElDialog v-model="open" :title="t('keysOfThisScreen')" width="520" :show-close="false">
    <dl>
      <template v-for="[key, what] in [...own, ...ALL]" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <ElButton @click="open = false">{{ t('close') }}</ElButton>
  </ElDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 5px 22px;
  margin-bottom: 16px;
}
dt {
  font-weight: 650;
}
</style>
