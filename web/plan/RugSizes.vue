<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { adviseRug, otherRugs } from '@bonitas/core/stages/plan/rules/rugs'
import type { RugAdvice } from '@bonitas/core/stages/plan/rug'
import type { Standing } from '@bonitas/core/stages/plan/standing'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

const { drawn, says } = useLocale()

/** The rug adviser: stock sizes laid for the seats, what stands on each, and what floor is left. */
const props = defineProps<{ facts: PlanFacts; rug: Standing }>()
const store = useJobStore()
const advice = computed(() => adviseRug(props.facts))
const others = computed(() => otherRugs(props.facts))
/** Each size once, the way round that serves more seats. */
const rows = computed(() => {
  const legs = (a: RugAdvice) => a.seats.reduce((sum, s) => sum + s.legsOn + 2 * s.frontOn, 0)
  const best = new Map<string, RugAdvice>()
  for (const a of advice.value.all) {
    const key = `${a.size.name} ${a.joined}`
    const now = best.get(key)
    if (!now || legs(a) > legs(now)) best.set(key, a)
  }
  const all = [...best.values()].filter((a) => a.areaMm2 > 1.5e6)
  return all
    .filter((a) => !a.joined || a === advice.value.chosen || props.facts.schools.rug === 'layered or joined')
    .slice(0, 10)
})
const legsText = (a: RugAdvice) =>
  a.seats.map((s) => t('nameLegsOnOf4', { name: s.seat.name, legsOn: s.legsOn })).join('; ')
function lay(a: RugAdvice): void {
  const turn = Math.round(((Math.atan2(a.box.uy, a.box.ux) * 180) / Math.PI + 360) % 360)
  store.apply([
    {
      collection: 'pieces',
      id: props.rug.pieceId,
      set: { widthMm: Math.round(2 * a.box.halfW), depthMm: Math.round(2 * a.box.halfD) },
    },
    {
      collection: 'floorPlacements',
      id: props.rug.id,
      set: { xMm: Math.round(a.box.x), yMm: Math.round(a.box.y), turnDeg: turn, optionId: null },
    },
  ])
}
</script>

<template>
  <section class="panel-part" :aria-label="t('rugAdviser')">
    <h2>{{ t('rugAdviser') }}</h2>
    <p class="second">
      {{ facts.schools.rug ? t('schoolRug', { rug: facts.schools.rug }) : t('noSchoolIsChosenFor') }}
      <template v-if="facts.schools.rug === 'bare floor kept whole'">{{ t('theFloorStaysBare') }}</template>
      <template v-else-if="!advice.chosen">{{ t('noStockSizeServesA') }}</template>
    </p>
    <ListTable
      :rows="rows"
      :columns="[
        { id: 'size', head: t('size') },
        { id: 'onIt', head: t('onIt') },
        { id: 'floorLeft', head: t('floorLeft'), figure: true },
        { id: 'layIt', head: t('layIt'), quietHead: true },
      ]"
      :key-of="(a) => `${a.size.name}${a.joined}`"
      :row-class="
        (a) => ({
          best:
            a === advice.chosen ||
            (advice.chosen !== undefined &&
              a.size === advice.chosen.size &&
              a.joined === advice.chosen.joined),
        })
      "
    >
      <template #cell-size="{ row: a }">{{ a.joined ? t('twoOf') : '' }}{{ a.size.name }}</template>
      <template #cell-onIt="{ row: a }"
        ><FigureSum :sum="legsText(a)">{{ a.verdict }}</FigureSum></template
      >
      <template #cell-floorLeft="{ row: a }"
        ><FigureSum :sum="t('joinRoundIt', { join: a.bordersMm.map((b) => drawn(b)).join(', ') })">{{
          drawn(a.leastBorderMm)
        }}</FigureSum></template
      >
      <template #cell-layIt="{ row: a }"
        ><ElButton v-if="!a.joined" link @click="lay(a)">{{ t('layIt') }}</ElButton></template
      >
    </ListTable>
    <p v-for="m in others.made" :key="`${m.widthMm} ${m.depthMm}`" class="second">
      {{ t('madeToMeasure', { size: says.sides([m.widthMm, m.depthMm]) }) }}
    </p>
    <p v-if="others.roundMm" class="second">
      {{ t('roundUpTo', { size: says.length(others.roundMm) })
      }}{{ others.awkward ? t('irregularIsFreer') : '' }}
    </p>
  </section>
</template>

<style scoped>
:deep(.best) {
  font-weight: 650;
}
</style>
