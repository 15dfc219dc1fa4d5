<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton } from 'element-plus'
import { labToHex, lrv } from '@bonitas/core/kernel/color/lab'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { useLocale } from '../form/useLocale.js'
import type { PaletteRow } from './paletteRows.js'
import { t } from './words.js'

/** Where each finish goes: its role, its undertone, how light it is and how much of what is seen it is. */
defineProps<{ rows: readonly PaletteRow[]; selected: string | undefined }>()
const emit = defineEmits<{ select: [row: PaletteRow] }>()
const { area, number } = useLocale()
const under = (f: FinishFacts) =>
  f.undertone.word === 'none'
    ? `C ${number(f.undertone.chroma)}`
    : `${Math.round(f.undertone.hueDeg)}° · ${number(f.undertone.chroma)}`
</script>

<template>
  <ListTable
    class="finish-rows"
    :rows="rows"
    :columns="[
      { id: 'color', head: t('color'), quietHead: true },
      { id: 'where', head: t('whereItGoes') },
      { id: 'role', head: t('role') },
      { id: 'undertone', head: t('undertone') },
      { id: 'share', head: t('lrvShare'), figure: true },
    ]"
    :key-of="(r) => r.key"
    :row-class="(r) => ({ here: r.key === selected })"
    @pointed="(r) => emit('select', r)"
  >
    <template #cell-color="{ row: r }"
      ><i
        class="swatch"
        :class="{ none: !r.finish }"
        :style="r.finish ? { background: labToHex(r.finish.lab) } : {}"
      ></i
    ></template>
    <template #cell-where="{ row: r }"
      ><ElButton class="is-line name" :aria-pressed="r.key === selected" @focus="emit('select', r)">
        <b>{{ r.where }}</b>
        <span class="second">{{
          r.finish
            ? [r.finish.finish.name, r.finish.finish.code, r.finish.finish.material]
                .filter(Boolean)
                .join(' · ')
            : t('noFinishYet')
        }}</span>
      </ElButton></template
    >
    <template #cell-role="{ row: r }"
      ><template v-if="r.finish"
        ><i class="mark" :class="r.finish.finish.role"></i>{{ r.finish.finish.role }}</template
      ></template
    >
    <template #cell-undertone="{ row: r }"
      ><template v-if="r.finish"
        ><span :title="r.finish.undertone.phrase">{{ r.finish.undertone.word }}</span>
        <span class="second">{{ under(r.finish) }}</span></template
      ></template
    >
    <template #cell-share="{ row: r }"
      ><span :title="t('areaMm2OfWhatIsSeen', { areaMm2: area(r.areaMm2) })"
        ><template v-if="r.finish"
          >{{ number(lrv(r.finish.lab)) }} · <b>{{ number(100 * r.share, 1) }}%</b></template
        ><span v-else class="second">{{ r.areaMm2 > 0 ? area(r.areaMm2) : t('notMeasured') }}</span></span
      ></template
    >
  </ListTable>
</template>

<style scoped>
:deep(tr.here) {
  background: var(--paper);
}
:deep(tr.here td:first-child) {
  box-shadow: inset 4px 0 var(--ink);
}
.swatch {
  display: block;
  margin-left: 10px;
}
.swatch.none {
  border: 1px dashed var(--rule-2);
}
.el-button.name {
  line-height: 1.22;
  width: 100%;
}
.name b {
  font-weight: 600;
  display: block;
}
.mark {
  display: inline-block;
  width: 11px;
  height: 11px;
  border: 1px solid var(--ink);
  margin-right: 7px;
  vertical-align: -1px;
}
.mark.main {
  background: var(--ink);
}
.mark.second {
  background: linear-gradient(135deg, var(--ink) 50%, transparent 50%);
}
.mark.stays {
  background: var(--hatch);
}
.mark.accent {
  border-radius: 50%;
}
.mark.metal {
  border-style: dotted;
}
.mark.foliage {
  border-style: dashed;
}
</style>
