<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { useLocale } from '../form/useLocale.js'
import { AxisMark } from './AxisMark.js'
import { axisMarks, type AxisView } from './axisView.js'
import { limitsText } from './optionText.js'
import { t } from './words.js'

/** One item as a line of the axis, each option a mark on it. */
const props = defineProps<{
  item: DerivedItem
  axis: AxisView
  here: boolean
  optionId: string | undefined
  state: string
}>()
const emit = defineEmits<{ take: []; mark: [optionId: string] }>()
const { money, says } = useLocale()
const marks = computed(() => axisMarks(props.item, props.axis, money))
const limits = computed(() => limitsText(props.item.item, says.value))
/** One listener for the marks of a row: there are many. */
function mark(event: MouseEvent): void {
  const id = (event.target as Element).closest<HTMLElement>('[data-option]')?.dataset.option
  if (!id) return
  event.stopPropagation()
  emit('mark', id)
}
</script>

<template>
  <tr :class="{ here }" @click="emit('take')">
    <td>
      <ElButton
        class="is-line need"
        :title="[limits, item.item.specification].filter(Boolean).join(' · ')"
        :aria-pressed="here"
        @focus="emit('take')"
      >
        <b
          >{{ item.item.name
          }}<template v-if="item.item.quantity > 1"> × {{ item.item.quantity }}</template></b
        >
        <span class="second">{{
          [item.item.locked ? 'locked' : '', limits, item.item.specification].filter(Boolean).join(' · ') ||
          item.item.category
        }}</span>
      </ElButton>
    </td>
    <td>
      <div class="axis line" @click="mark">
        <i
          v-if="item.item.targetMinor > 0"
          class="target"
          :style="{ left: `${axis.place(item.item.targetMinor)}%` }"
          :title="t('targetTargetMinor', { targetMinor: money(item.item.targetMinor) })"
        ></i>
        <button
          v-for="(m, n) in marks"
          :key="n"
          class="mark"
          tabindex="-1"
          :class="{ marked: m.optionId === optionId }"
          :style="{ left: `${m.left}%` }"
          :title="m.text"
          :aria-label="m.text"
          :data-option="m.optionId"
        >
          <AxisMark :kind="m.kind" :chosen="m.chosen" :fits="m.fits" />
        </button>
      </div>
      <ul v-if="here" class="as-list">
        <li v-for="(m, n) in marks" :key="n">
          <ElButton link :aria-pressed="m.optionId === optionId" @click.stop="emit('mark', m.optionId)">
            {{ m.text }}
          </ElButton>
        </li>
      </ul>
    </td>
    <td class="figure">
      {{ state }}
      <p v-if="item.state === 'ordered' || item.state === 'delivered'" class="second">{{ item.state }}</p>
      <p v-else-if="item.allowanceMinor > 0" class="second">{{ t('standIn') }}</p>
    </td>
  </tr>
</template>

<style scoped>
td {
  padding: 0;
  vertical-align: middle;
  height: 43px;
}
td.figure {
  line-height: 1.2;
}
tr.here td {
  background: var(--paper);
}
tr.here td:first-child {
  box-shadow: inset 4px 0 var(--ink);
}
.el-button.need {
  width: 204px;
  margin: 0 8px 0 10px;
  line-height: 1.3;
}
.need b {
  font-weight: 600;
}
.need b,
.need span {
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.axis {
  position: relative;
  margin: 0 14px 0 12px;
}
.axis.line {
  height: 42px;
  background:
    linear-gradient(var(--rule-2), var(--rule-2)) 0 50% / 100% 1px no-repeat,
    var(--axis-lines);
}
.target {
  position: absolute;
  top: 3px;
  margin-left: -5px;
  border: 5px solid transparent;
  border-top: 7px solid var(--ink-2);
  border-bottom: 0;
}
.mark {
  position: absolute;
  top: 50%;
  width: 24px;
  height: 24px;
  margin: -12px 0 0 -12px;
  padding: 3px;
  border: 0;
  background: none;
}
.mark.marked {
  outline: 1px solid var(--ink);
  outline-offset: -1px;
}
/* On a phone there is no room for a scale: the options of the item in hand are a list, each with its price. */
.as-list {
  display: none;
}
@media (width < 760px) {
  tr {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    border-bottom: 1px solid var(--rule);
  }
  td {
    height: auto;
    border: 0;
    padding: 6px 0;
  }
  td:nth-child(2) {
    grid-column: 1 / -1;
    grid-row: 2;
    padding: 0;
  }
  .el-button.need {
    width: auto;
    max-width: 100%;
  }
  .need b,
  .need span {
    white-space: normal;
  }
  .axis {
    display: none;
  }
  .as-list {
    display: grid;
    padding: 0 10px 8px;
  }
  .as-list .el-button {
    min-height: 44px;
    white-space: normal;
    text-align: left;
  }
}
</style>
