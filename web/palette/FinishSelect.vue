<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { nextTick, ref, type Component } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { t } from './words.js'

/** Chooses one of the job's finishes; typing filters by name. */
defineProps<{ finishes: readonly FinishFacts[]; value: string | null; label: string }>()
// Element Plus declares its props in a form that exactOptionalPropertyTypes does not accept from a template.
const Choice = ElSelect as Component
const Line = ElOption as Component
const root = ref<HTMLElement>()
const emit = defineEmits<{ choose: [id: string | null] }>()

/** The list scrolls, so it can be reached with Tab; the component leaves that out. */
function opened(visible: boolean): void {
  if (visible)
    void nextTick(() => root.value?.querySelector('.el-select-dropdown__wrap')?.setAttribute('tabindex', '0'))
}
</script>

<template>
  <div ref="root">
    <Choice
      :model-value="value ?? ''"
      filterable
      clearable
      default-first-option
      :placeholder="t('noFinishYet')"
      :no-match-text="t('noFinishOfThatName')"
      :no-data-text="t('noFinishesYet')"
      :aria-label="label"
      :teleported="false"
      @visible-change="opened"
      @update:model-value="(id: string | undefined) => emit('choose', id || null)"
    >
      <Line v-for="f in finishes" :key="f.finish.id" :value="f.finish.id" :label="f.finish.name">
        <span class="option"
          ><i :style="{ background: labToHex(f.lab) }"></i>{{ f.finish.name }}
          <span class="second">{{ f.undertone.phrase }}</span></span
        >
      </Line>
    </Choice>
  </div>
</template>

<style scoped>
.option {
  display: flex;
  gap: 10px;
  align-items: center;
}
i {
  width: 34px;
  height: 18px;
}
</style>
