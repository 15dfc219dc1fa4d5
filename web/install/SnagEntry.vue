<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import FileButton from '../form/FileButton.vue'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from '../job/jobStore.js'
import PhotoStrip from '../job/PhotoStrip.vue'
import { t } from './words.js'

/** What is not right yet: written down and photographed on the spot, ticked when it is mended. */
defineProps<{ snags: JobSnapshot['tasks'] }>()
const emit = defineEmits<{ add: [text: string]; picture: [subject: string, file: File] }>()
const store = useJobStore()
const text = ref('')
function add(): void {
  const name = text.value.trim()
  if (name === '') return
  emit('add', name)
  text.value = ''
}
</script>

<template>
  <section class="snags">
    <h2>{{ t('snags') }}</h2>
    <ul>
      <li v-for="s in snags" :key="s.id">
        <b>{{ s.name }}</b>
        <ElButton size="small" @click="store.change('tasks', s.id, { doneOn: store.day })">{{
          t('done')
        }}</ElButton>
        <FileButton
          :label="t('pictureOf', { name: s.name })"
          :words="t('addPicture')"
          accept="image/*"
          camera
          link
          @picked="emit('picture', `task:${s.id}`, $event)"
        />
        <PhotoStrip :subject="`task:${s.id}`" :of="s.name" />
      </li>
    </ul>
    <form class="entry" @submit.prevent="add">
      <PlainField v-model="text" :label="t('snag')" :maxlength="120" />
      <ElButton native-type="submit">{{ t('addSnag') }}</ElButton>
    </form>
  </section>
</template>

<style scoped>
.snags {
  border-top: 1px solid var(--rule-2);
  padding-top: 12px;
  display: grid;
  gap: 8px;
}
h2 {
  font-size: 16px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 4px 0;
}
.entry {
  display: flex;
  align-items: end;
  gap: 10px;
}
.entry :deep(.plain-field) {
  flex: 1;
}
</style>
