<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useJobStore } from './jobStore.js'
import { useConfirm } from './useConfirm.js'
import { t } from './words.js'

/** Photos and PDFs that belong to one thing, small, each opened by itself and removed on the second press. */
const props = defineProps<{ subject: string; of: string }>()
const store = useJobStore()
const photos = computed(() => (store.snapshot?.photos ?? []).filter((p) => p.subject === props.subject))
const address = (id: string) => `/api/jobs/${store.snapshot?.brief.id ?? ''}/pictures/${id}`
const { armed, press: remove } = useConfirm((id) => store.remove('photos', id))
</script>

<template>
  <ul v-if="photos.length > 0" class="strip">
    <li v-for="(p, n) in photos" :key="p.id">
      <a :href="address(p.id)" target="_blank" rel="noopener">
        <span v-if="p.pages > 0" class="pdf"
          >PDF<br />{{ p.pages }} {{ p.pages === 1 ? 'page' : 'pages' }}</span
        >
        <img
          v-else
          :src="`${address(p.id)}?size=small`"
          :alt="t('ofPhotoN', { of, n: n + 1 })"
          loading="lazy"
        />
      </a>
      <ElButton link :aria-label="t('removePhotoNOfOf', { n: n + 1, of })" @click="remove(p.id)">
        {{ armed === p.id ? t('goneForGood') : '×' }}
      </ElButton>
    </li>
  </ul>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
li {
  display: grid;
  justify-items: center;
}
img,
.pdf {
  width: 76px;
  height: 96px;
  border: 1px solid var(--rule-2);
  background: #fff;
}
img {
  object-fit: cover;
  display: block;
}
.pdf {
  display: grid;
  place-content: center;
  text-align: center;
  font-size: 13px;
  color: var(--ink);
}
</style>
