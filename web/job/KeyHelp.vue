<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'

/** The keys of this screen. */
defineProps<{ own: readonly (readonly [string, string])[] }>()
const open = defineModel<boolean>({ required: true })
const ALL: readonly (readonly [string, string])[] = [
  ['Alt + 1 to 7', 'Go to that stage'],
  ['Alt + J', 'All jobs'],
  ['Ctrl + Z', 'Undo'],
  ['Ctrl + Shift + Z', 'Redo'],
  ['Tab, Shift + Tab', 'Next and previous field'],
  ['Enter', 'Keep a field; choose'],
  ['Esc', 'Put a field back as it was; step back'],
  ['← → on the tape, ↑ ↓ on the ribbon', 'Walk its stretches'],
  ['?', 'These keys'],
]
</script>

<template>
  <ElDialog v-model="open" title="Keys of this screen" width="520" :show-close="false">
    <dl>
      <template v-for="[key, what] in [...own, ...ALL]" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <ElButton @click="open = false">Close</ElButton>
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
