<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { computed, reactive, watch } from 'vue'
import { SCHEMAS } from '@bonitas/core/model/registry'
import { differing, fieldsOf, type Row } from './edits.js'
import { useJobStore } from './jobStore.js'

/** Someone else changed the same row: both versions side by side, and the person chooses field by field. */
const store = useJobStore()
const choice = reactive<Record<string, 'mine' | 'theirs'>>({})
const met = computed(() => store.conflict)
const fields = computed(() =>
  met.value?.mine && met.value.theirs ? differing(met.value.mine, met.value.theirs) : [],
)

watch(
  fields,
  (list) => {
    for (const key of Object.keys(choice)) Reflect.deleteProperty(choice, key)
    for (const key of list) choice[key] = 'mine'
  },
  { immediate: true },
)

function label(field: string): string {
  if (!met.value) return field
  const shape = SCHEMAS[met.value.pending.edit.collection]().fields as Record<
    string,
    { spec?: { label?: string } }
  >
  return shape[field]?.spec?.label ?? field
}

const text = (row: Row | null, field: string) => {
  const value = row?.[field]
  return value === null || value === undefined || value === ''
    ? 'empty'
    : typeof value === 'string'
      ? value
      : JSON.stringify(value)
}

function keep(): void {
  const { mine, theirs } = met.value ?? {}
  if (!mine || !theirs) return
  const merged = { ...fieldsOf(theirs) }
  for (const field of fields.value) if (choice[field] === 'mine') merged[field] = mine[field]
  store.settle(merged as Row)
}
</script>

<template>
  <ElDialog
    :model-value="!!met"
    title="Changed by someone else meanwhile"
    width="620"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
  >
    <template v-if="met">
      <form v-if="met.mine && met.theirs" @submit.prevent="keep">
        <p>Nothing is lost: choose for each field which one to keep.</p>
        <table>
          <thead>
            <tr>
              <th scope="col">Field</th>
              <th scope="col">Yours</th>
              <th scope="col">Theirs</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in fields" :key="f">
              <th scope="row">{{ label(f) }}</th>
              <td v-for="side in ['mine', 'theirs'] as const" :key="side">
                <label
                  ><input v-model="choice[f]" type="radio" :name="f" :value="side" />
                  {{ text(met[side], f) }}</label
                >
              </td>
            </tr>
          </tbody>
        </table>
        <div class="row">
          <button class="button primary">Keep what is marked</button>
          <button type="button" class="button" @click="store.settle('theirs')">Take all of theirs</button>
        </div>
      </form>
      <div v-else>
        <p>
          {{
            met.theirs === null
              ? 'It was removed by someone else.'
              : 'You removed it; someone else changed it.'
          }}
        </p>
        <div class="row">
          <button class="button primary" @click="store.settle('theirs')">
            {{ met.theirs === null ? 'Leave it removed' : 'Keep theirs' }}
          </button>
          <button v-if="met.theirs !== null" class="button" @click="store.settle(null)">
            Remove it all the same
          </button>
        </div>
      </div>
    </template>
  </ElDialog>
</template>

<style scoped>
form,
.row {
  display: grid;
  gap: 14px;
}
.row {
  display: flex;
  margin-top: 14px;
}
tbody th {
  border-bottom-color: var(--rule);
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  overflow-wrap: anywhere;
}
</style>
