<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { Consumable } from '@bonitas/core/model/rows/consumables'
import type { MakingConsumable } from '@bonitas/core/stages/takeoff/making/making'
import { packUnit, USUAL_PACKS } from '@bonitas/core/stages/takeoff/making/usual'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import FigureField from './FigureField.vue'
import { capital } from '@bonitas/core/kernel/capital'
import { t } from './words.js'

/** One consumable: what it is for, and how it is sold. */
const props = defineProps<{ goods: MakingConsumable }>()
const store = useJobStore()
const { system, says } = useLocale()
const unit = computed(() => packUnit(props.goods.by, system.value))
const usual = computed(() => {
  const { holds } = USUAL_PACKS[props.goods.kind]
  return says.value.figure(Math.round((100 * holds[system.value]) / unit.value[0]) / 100)
})

function change(part: Partial<Consumable>): void {
  const { row, kind } = props.goods
  if (row) store.change('consumables', row.id, part)
  else store.add('consumables', { ...ROWS.consumables.blank(), kind, ...part })
}
</script>

<template>
  <section class="editor">
    <h2>{{ capital(goods.kind) }}</h2>
    <p>{{ goods.because.join('; ') }}</p>
    <p v-if="goods.sum" class="second">{{ goods.sum }}</p>
    <div class="two">
      <FigureField
        kind="real"
        :label="t('aPackHolds', { unit: unit[1] || t('pieces') })"
        :value="goods.packHolds"
        :per="unit[0]"
        :least="0.01"
        :hint="t('usuallyItIs', { usual })"
        @keep="change({ packHolds: $event })"
      />
      <FigureField
        kind="money"
        :label="t('priceAPack')"
        :value="goods.row?.packMinor ?? null"
        @keep="change({ packMinor: $event })"
      />
      <FigureField
        kind="whole"
        :label="t('spareToKeep')"
        :value="goods.row?.sparePacks ?? 0"
        :most="100"
        @keep="change({ sparePacks: $event ?? 0 })"
      />
    </div>
    <ElCheckbox
      :model-value="goods.leftOut"
      :validate-event="false"
      @update:model-value="change({ leftOut: $event === true })"
      >{{ t('thereAlready') }}</ElCheckbox
    >
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 9px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  align-items: start;
}
</style>
