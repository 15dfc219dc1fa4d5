<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { SchemeSummary } from '@bonitas/core/stages/palette/schemeFacts'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** One scheme among those compared: its colors in their shares, and what the rule book says of it. */
defineProps<{ summary: SchemeSummary; letter: string; followed: boolean }>()
const emit = defineEmits<{ follow: [] }>()
const { money, number } = useLocale()
</script>

<template>
  <article>
    <h2>{{ letter }} {{ summary.scheme.name }}</h2>
    <div
      class="ribbon"
      role="img"
      :aria-label="summary.finishes.map((f) => `${f.finish.name} ${number(100 * f.share)} %`).join(', ')"
    >
      <i
        v-for="f in summary.finishes"
        :key="f.finish.id"
        :style="{ flexGrow: f.share, background: labToHex(f.lab) }"
        :title="`${f.finish.name}, ${number(100 * f.share, 1)} %`"
      ></i>
    </div>
    <dl>
      <dt>60 / 30 / 10</dt>
      <dd>
        {{
          [summary.shares.main, summary.shares.second, summary.shares.accent]
            .map((v) => Math.round(100 * v))
            .join(' / ')
        }}
      </dd>
      <dt>{{ t('meanLRV') }}</dt>
      <dd>{{ summary.lrv === undefined ? '–' : number(summary.lrv) }}</dd>
      <dt>{{ t('findings') }}</dt>
      <dd>
        {{
          t('filterStopFilter2Look', {
            filter: summary.findings.filter((f) => f.severity === 'stop').length,
            filter2: summary.findings.filter((f) => f.severity === 'look').length,
          })
        }}
      </dd>
      <dt>{{ t('costOfItsOwn') }}</dt>
      <dd>{{ summary.costMinor === undefined ? '–' : money(summary.costMinor) }}</dd>
    </dl>
    <ul>
      <li v-for="f in summary.findings.filter((x) => x.severity !== 'note').slice(0, 4)" :key="f.title">
        <b v-if="f.severity === 'stop'">{{ t('stop2') }} </b>{{ f.title }}
      </li>
    </ul>
    <ElButton :aria-pressed="followed" @click="emit('follow')">
      {{ followed ? t('followed') : t('followThisOne') }}
    </ElButton>
  </article>
</template>

<style scoped>
article {
  display: grid;
  gap: 10px;
  align-content: start;
  justify-items: start;
}
.ribbon {
  width: 100%;
  height: 330px;
  display: flex;
  flex-direction: column;
}
.ribbon i {
  flex: 0 1 0;
  min-height: 1px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  width: 100%;
}
dt {
  color: var(--ink-2);
}
dd {
  text-align: right;
}
article ul {
  font-size: 13px;
  display: grid;
  gap: 3px;
}
</style>
