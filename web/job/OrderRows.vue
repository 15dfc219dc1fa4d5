<script setup lang="ts">
import { Rank } from '@element-plus/icons-vue'
import { ElButton, ElDialog, ElIcon } from 'element-plus'
import Sortable from 'sortablejs'
import { nextTick, onBeforeUnmount, ref, watch } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from './jobStore.js'
import { movedTo, orderChanges } from './rowOrder.js'
import { t } from './words.js'

/** Rows put into another order, by dragging them or with the arrow keys; kept as one step. */
const props = defineProps<{
  collection: Collection
  rows: readonly { readonly id: string; readonly name: string; readonly position: number }[]
  /** What the order is of, in words: "items". */
  what: string
}>()
const store = useJobStore()
const open = ref(false)
const order = ref<{ id: string; name: string }[]>([])
const list = ref<HTMLElement>()
const said = ref('')
let sorting: Sortable | undefined

function begin(): void {
  order.value = [...props.rows].sort((a, b) => a.position - b.position).map(({ id, name }) => ({ id, name }))
  said.value = ''
  open.value = true
}
watch(list, (element) => {
  sorting?.destroy()
  sorting = element
    ? Sortable.create(element, {
        animation: 120,
        onEnd: ({ oldIndex, newIndex, item, from }) => {
          if (oldIndex === undefined || newIndex === undefined) return
          // The list is drawn from its order: what was dragged goes back, and the order is what changes.
          from.insertBefore(item, from.children[oldIndex + (newIndex < oldIndex ? 1 : 0)] ?? null)
          order.value = movedTo(order.value, oldIndex, newIndex)
        },
      })
    : undefined
})
onBeforeUnmount(() => sorting?.destroy())

async function step(from: number, by: 1 | -1): Promise<void> {
  const row = order.value[from]
  const to = Math.max(0, Math.min(order.value.length - 1, from + by))
  if (!row || to === from) return
  order.value = movedTo(order.value, from, to)
  said.value = t('isNowPlace', { name: row.name, place: to + 1, all: order.value.length })
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('button')[to]?.focus()
}
function keep(): void {
  const changes = orderChanges(
    props.collection,
    props.rows,
    order.value.map((r) => r.id),
  )
  if (changes.length > 0) store.apply(changes, t('orderOf', { what: props.what }))
  open.value = false
}
</script>

<template>
  <ElButton link @click="begin">{{ t('order') }}</ElButton>
  <ElDialog v-model="open" :title="t('orderOf2', { what })" width="520">
    <p class="second">{{ t('dragOrArrows') }}</p>
    <ol v-if="open" ref="list" :aria-label="t('orderOf2', { what })">
      <li v-for="(row, i) in order" :key="row.id">
        <ElButton
          link
          :aria-label="t('moveName', { name: row.name, place: i + 1, all: order.length })"
          @keydown.up.prevent="step(i, -1)"
          @keydown.down.prevent="step(i, 1)"
          ><ElIcon aria-hidden="true"><Rank /></ElIcon
        ></ElButton>
        <span>{{ row.name }}</span>
      </li>
    </ol>
    <p class="visually-hidden" role="status">{{ said }}</p>
    <template #footer>
      <ElButton @click="open = false">{{ t('leaveAsItIs') }}</ElButton>
      <ElButton type="primary" @click="keep">{{ t('keepThisOrder') }}</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
ol {
  margin: 8px 0;
  padding: 0;
  list-style: none;
  max-height: 50vh;
  overflow: auto;
  border: 1px solid var(--rule);
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 34px;
  padding: 0 10px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
  cursor: grab;
}
li > span {
  overflow-wrap: anywhere;
}
li .el-button {
  min-width: 24px;
  min-height: 24px;
  cursor: grab;
}
</style>
