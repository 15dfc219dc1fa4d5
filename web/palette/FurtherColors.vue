<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import type { LabD65 } from '@bonitas/core/kernel/color/lab'
import type { Finish } from '@bonitas/core/model/rows/finishes'
import FieldFrame from '../form/FieldFrame.vue'
import { useJobStore } from '../job/jobStore.js'
import ColorField from './ColorField.vue'
import { t } from './words.js'

/** The further colors of a patterned finish, each with its part of it. */
const props = defineProps<{ finish: Finish }>()
const store = useJobStore()
const fault = ref('')
const MOST = 8

function keep(colors: Finish['colors']): void {
  const all = colors.reduce((sum, c) => sum + c.share, 0)
  fault.value = all > 1 ? t('togetherTheyAreMoreThan') : ''
  if (!fault.value) store.change('finishes', props.finish.id, { colors })
}
const set = (i: number, change: Partial<Finish['colors'][number]>) =>
  keep(props.finish.colors.map((c, k) => (k === i ? { ...c, ...change } : c)))
/** What is being typed for a part, by its place. */
const drafts = ref<Partial<Record<number, string>>>({})
function part(i: number, text: string): void {
  const share = Number(text.replace(/[%\s]/g, '').replace(',', '.')) / 100
  if (share >= 0 && share <= 1) {
    drafts.value = {}
    set(i, { share })
  } else fault.value = t('sliceIsNoPartWrite', { slice: text.slice(0, 20) })
}
const color = (i: number, lab: LabD65) => set(i, { l: lab.l, a: lab.a, b: lab.b })
const add = () => keep([...props.finish.colors, { l: 60, a: 0, b: 0, share: 0.1 }])
const remove = (i: number) => keep(props.finish.colors.filter((_, k) => k !== i))
</script>

<template>
  <div class="further-colors">
    <span v-for="(c, i) in finish.colors" :key="i" class="one">
      <ColorField
        :lab="{ l: c.l, a: c.a, b: c.b }"
        :label="t('furtherColorI', { i: i + 1 })"
        @keep="(lab) => color(i, lab)"
      />
      <FieldFrame :id="`part-${i}`" :label="t('part')">
        <ElInput
          :id="`part-${i}`"
          class="is-figure"
          :model-value="drafts[i] ?? `${Math.round(100 * c.share)} %`"
          inputmode="decimal"
          :validate-event="false"
          @update:model-value="drafts[i] = $event"
          @change="part(i, $event)"
        />
      </FieldFrame>
      <ElButton link :aria-label="t('removeFurtherColorI', { i: i + 1 })" @click="remove(i)">{{
        t('remove')
      }}</ElButton>
    </span>
    <ElButton v-if="finish.colors.length < MOST" @click="add">{{ t('addAFurtherColor') }}</ElButton>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.further-colors {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: end;
  padding-top: 8px;
}
.one {
  display: grid;
  grid-template-columns: 130px 64px auto;
  gap: 8px;
  align-items: start;
}
.one .el-button {
  padding-top: 24px;
}
</style>
