<script setup lang="ts">
import { computed } from 'vue'
import type { CarryIn } from '@bonitas/core/stages/plan/carryIn'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { drawn, measured } = useLocale()

/** How a piece comes in: each part of the way, how it is held there, and what is left. */
const props = defineProps<{ result: CarryIn }>()
const says = computed(() => {
  const { verdict, carried, spareMm, tightest } = props.result
  if (verdict === 'not known') return t('aMeasureOfTheWay')
  if (verdict === 'not at all')
    return t('doesNotComeInSpareMm', {
      spareMm: measured(-spareMm),
      name: tightest?.part.name || tightest?.part.kind || t('theWay'),
    })
  const how =
    verdict === 'legs off' ? t('withItsLegsOff') : carried === 'as it stands' ? t('asItStands') : carried
  return t('comesInHowSpareMmTo', { how: how ?? '', spareMm: measured(spareMm) })
})
</script>

<template>
  <section class="panel-part" :aria-label="t('wayIn')">
    <h2>{{ says }}</h2>
    <ListTable
      :rows="result.steps"
      :columns="[
        { id: 'wayIn', head: t('wayIn') },
        { id: 'held', head: t('held') },
        { id: 'toSpare', head: t('toSpare'), figure: true },
      ]"
      :key-of="(s) => s.part.id"
    >
      <template #cell-wayIn="{ row: s }"
        >{{ s.part.name || s.part.kind }}
        <span class="second">{{ drawn(s.part.widthMm) }} × {{ drawn(s.part.heightMm) }}</span></template
      >
      <template #cell-held="{ row: s }"
        >{{ s.missing ? t('itsMissingIsNotKnown', { missing: s.missing }) : s.carried
        }}{{ s.tiltDeg ? `, ${s.tiltDeg}°` : '' }}</template
      >
      <template #cell-toSpare="{ row: s }"
        ><span :class="{ fault: s.spareMm < 0 }">{{
          s.missing ? '–' : drawn(Math.floor(s.spareMm))
        }}</span></template
      >
    </ListTable>
    <p class="second">{{ t('aPieceIsTakenFor') }}</p>
  </section>
</template>
