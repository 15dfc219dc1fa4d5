<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { chroma, hueDeg, labToHex, lrv } from '@bonitas/core/kernel/color/lab'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { CLEAR_DELTA_E, MATCH_DELTA_E } from '@bonitas/core/stages/palette/paletteFacts'
import type { PairVerdict } from '@bonitas/core/stages/palette/pairs'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { pairTable, VERDICT_MARKS, verdictCounts } from './pairsView.js'
import SchemeBar from './SchemeBar.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number } = useLocale()
const store = useJobStore()
const bench = ref(false)
const facts = computed(() => store.derived?.palette)
const finishes = computed(() =>
  (facts.value?.finishes ?? []).filter((f) => f.finish.material !== 'primer' && (bench.value || f.share > 0)),
)
const table = computed(() => pairTable(finishes.value))
const counts = computed(() => verdictCounts(table.value))
const at = ref<readonly [string, string]>()
const shown = computed(() => {
  const all = table.value.flat()
  const chosen = all.find((c) => at.value?.[0] === c.one.finish.id && at.value[1] === c.two.finish.id)
  // The gravest pair is what one came for.
  const order: readonly PairVerdict[] = ['clashes', 'near miss', 'contrasts', 'agrees']
  return chosen ?? [...all].sort((x, y) => order.indexOf(x.pair.verdict) - order.indexOf(y.pair.verdict))[0]
})
useStageKeys([['← → ↑ ↓', t('previousAndNextPair')]])
const grid = ref<HTMLElement>()

function keys(event: KeyboardEvent): void {
  const by = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key]
  const now = shown.value
  if (!by || !now) return
  event.preventDefault()
  const row = finishes.value.indexOf(now.one) + (by[0] ?? 0)
  const column = finishes.value.indexOf(now.two) + (by[1] ?? 0)
  const cell = table.value[row]?.[column]
  if (!cell) return
  at.value = [cell.one.finish.id, cell.two.finish.id]
  void nextTick(() => grid.value?.querySelector<HTMLElement>('[aria-pressed="true"]')?.focus())
}
const figures = (f: FinishFacts) =>
  t('lLCLabH', {
    l: number(f.lab.l),
    lab: number(chroma(f.lab)),
    lab2: number(hueDeg(f.lab)),
    lab3: number(lrv(f.lab)),
  })
</script>

<template>
  <StagePage v-if="facts" :title="t('palette')" broad>
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench">
      <SchemeBar />
      <ElCheckbox v-model="bench">{{ t('withSamplesOnTheBench') }}</ElCheckbox>
    </div>
    <p v-if="finishes.length < 2" class="second teaching">
      {{ t('hereEveryFinishIsHeld') }}
    </p>
    <table v-else ref="grid" class="pairs" @keydown="keys">
      <caption class="second">
        {{
          t('agreesAgreesAgrees2ContrastsContrasts', {
            agrees: VERDICT_MARKS.agrees,
            agrees2: counts.agrees,
            contrasts: VERDICT_MARKS.contrasts,
            contrasts2: counts.contrasts,
            VERDICT_MARKS: VERDICT_MARKS['near miss'],
            counts: counts['near miss'],
            clashes: VERDICT_MARKS.clashes,
            clashes2: counts.clashes,
          })
        }}
      </caption>
      <tbody>
        <tr v-for="(row, i) in table" :key="finishes[i]?.finish.id">
          <th scope="row">
            <i :style="{ background: finishes[i] ? labToHex(finishes[i].lab) : '' }"></i>
            <span>{{ finishes[i]?.finish.name }}</span>
          </th>
          <td v-for="cell in row" :key="cell.two.finish.id" :class="cell.pair.verdict.replace(' ', '-')">
            <ElButton
              class="is-line mark"
              :aria-pressed="cell === shown"
              :tabindex="cell === shown ? 0 : -1"
              :aria-label="
                t('nameAndName2Verdict', {
                  name: cell.one.finish.name,
                  name2: cell.two.finish.name,
                  verdict: cell.pair.verdict,
                })
              "
              :title="
                t('nameAndName2VerdictSays', {
                  name: cell.one.finish.name,
                  name2: cell.two.finish.name,
                  verdict: cell.pair.verdict,
                  says: cell.pair.says,
                })
              "
              @click="at = [cell.one.finish.id, cell.two.finish.id]"
            >
              {{ VERDICT_MARKS[cell.pair.verdict] }}
            </ElButton>
          </td>
          <td class="end"><i :style="{ background: finishes[i] ? labToHex(finishes[i].lab) : '' }"></i></td>
        </tr>
      </tbody>
    </table>
    <template #panel>
      <section v-if="shown" class="sides" aria-live="polite">
        <div class="pair">
          <i :style="{ background: labToHex(shown.one.lab) }"></i>
          <i :style="{ background: labToHex(shown.two.lab) }"></i>
        </div>
        <h2>
          {{ shown.pair.verdict[0]?.toUpperCase() }}{{ shown.pair.verdict.slice(1) }}: {{ shown.pair.says }}
        </h2>
        <dl>
          <template v-for="f in [shown.one, shown.two]" :key="f.finish.id">
            <dt>{{ f.finish.name }}</dt>
            <dd>
              {{ f.undertone.phrase }}<br /><span class="second">{{ figures(f) }}</span>
            </dd>
          </template>
          <dt>{{ t('likeness') }}</dt>
          <dd>
            ΔE00 {{ number(shown.pair.deltaE, 1) }}<br />
            <span class="second">{{ t('upToMATCHDELTAE', { MATCH_DELTA_E, CLEAR_DELTA_E }) }}</span>
          </dd>
          <dt>{{ t('undertone') }}</dt>
          <dd v-if="shown.pair.leaning">
            {{
              t('gapDegApartUpToLimitDeg', {
                gapDeg: Math.round(shown.pair.leaning.gapDeg),
                limitDeg: shown.pair.leaning.limitDeg,
              })
            }}
          </dd>
          <dd v-else class="second">{{ t('notHeldAgainstEachOther') }}</dd>
          <dt>{{ t('lightness') }}</dt>
          <dd>{{ t('lInL', { l: number(Math.abs(shown.one.lab.l - shown.two.lab.l)) }) }}</dd>
        </dl>
        <p class="second">{{ t('noScreenShowsPaintExactly') }}</p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.pairs {
  width: auto;
}
caption {
  text-align: left;
  padding-bottom: 6px;
}
th {
  border: 0;
  padding: 0 10px 0 0;
  white-space: nowrap;
  color: var(--ink);
  font-size: 13px;
}
th span {
  display: inline-block;
  width: 116px;
  line-height: 1.15;
  white-space: normal;
  vertical-align: middle;
}
th i,
.end i {
  display: inline-block;
  width: 28px;
  height: 26px;
  margin-right: 8px;
  vertical-align: middle;
}
td {
  padding: 0;
  border: 1px solid var(--rule);
}
.end {
  border: 0;
}
.end i {
  width: 30px;
  margin: 0;
}
.el-button.mark {
  width: 30px;
  height: 30px;
  text-align: center;
  font-size: 15px;
  background: var(--panel);
}
.near-miss .el-button.mark {
  background: var(--paper);
  outline: 1px solid var(--ink-2);
  outline-offset: -4px;
}
.clashes .el-button.mark {
  background: var(--ink);
  color: var(--paper);
  font-weight: 700;
}
.pairs .el-button.mark[aria-pressed='true'] {
  outline: 3px solid var(--ink);
  outline-offset: -1px;
  position: relative;
}
.clashes .el-button.mark[aria-pressed='true'] {
  outline-color: var(--rule-2);
}
.sides {
  display: grid;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  height: 270px;
}
dl {
  display: grid;
  grid-template-columns: minmax(80px, auto) 1fr;
  gap: 8px 14px;
  border-top: 1px solid var(--ink);
  padding-top: 8px;
}
dt {
  font-weight: 600;
  overflow-wrap: anywhere;
}
</style>
