<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex, lrv } from '@bonitas/core/kernel/color/lab'
import { areaText } from '@bonitas/core/kernel/units/length'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { useLocale } from '../form/useLocale.js'
import type { PaletteRow } from './paletteRows.js'

/** Where each finish goes: its role, its undertone, how light it is and how much of what is seen it is. */
defineProps<{ rows: readonly PaletteRow[]; selected: string | undefined }>()
const emit = defineEmits<{ select: [row: PaletteRow] }>()
const { system } = useLocale()
const under = (f: FinishFacts) =>
  f.undertone.word === 'none'
    ? `C ${f.undertone.chroma.toFixed(0)}`
    : `${Math.round(f.undertone.hueDeg)}° · ${f.undertone.chroma.toFixed(0)}`
</script>

<template>
  <table class="finish-rows">
    <thead>
      <tr>
        <th scope="col" colspan="2">Where it goes</th>
        <th scope="col">Role</th>
        <th scope="col">Undertone</th>
        <th scope="col" class="figure">LRV · share</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.key" :class="{ here: r.key === selected }" @click="emit('select', r)">
        <td class="sw">
          <i
            class="swatch"
            :class="{ none: !r.finish }"
            :style="r.finish ? { background: labToHex(r.finish.lab) } : {}"
          ></i>
        </td>
        <td>
          <ElButton class="is-line name" :aria-pressed="r.key === selected" @focus="emit('select', r)">
            <b>{{ r.where }}</b>
            <span class="second">{{
              r.finish
                ? [r.finish.finish.name, r.finish.finish.code, r.finish.finish.material]
                    .filter(Boolean)
                    .join(' · ')
                : 'no finish yet'
            }}</span>
          </ElButton>
        </td>
        <td>
          <template v-if="r.finish"
            ><i class="mark" :class="r.finish.finish.role"></i>{{ r.finish.finish.role }}</template
          >
        </td>
        <td>
          <template v-if="r.finish"
            ><span :title="r.finish.undertone.phrase">{{ r.finish.undertone.word }}</span>
            <span class="second">{{ under(r.finish) }}</span></template
          >
        </td>
        <td class="figure" :title="`${areaText(r.areaMm2, system)} of what is seen`">
          <template v-if="r.finish"
            >{{ lrv(r.finish.lab).toFixed(0) }} · <b>{{ (100 * r.share).toFixed(1) }}%</b></template
          >
          <span v-else class="second">{{
            r.areaMm2 > 0 ? areaText(r.areaMm2, system) : 'not measured'
          }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
tr {
  cursor: default;
}
tr.here td {
  background: var(--paper);
}
tr.here td:first-child {
  box-shadow: inset 4px 0 var(--ink);
}
td {
  padding: 3px 8px 3px 0;
  vertical-align: middle;
}
.sw {
  width: 74px;
  padding-left: 10px;
}
.swatch {
  display: block;
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
