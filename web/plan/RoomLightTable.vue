<script setup lang="ts">
import { ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import { glaring, roomLight } from '@bonitas/core/stages/plan/light/roomLight'
import type { LightGrid, Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useLocale } from '../form/useLocale.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

const { says, drawn, number, light: lx } = useLocale()

/** The light of the room as a whole, each figure with what it comes from. */
const props = defineProps<{ facts: PlanFacts; grid: LightGrid; lamps: readonly Luminaire[] }>()
const light = computed(() => roomLight(props.facts, props.lamps, props.grid))
const glare = computed(() => glaring(props.lamps))
</script>

<template>
  <section class="panel-part wide-part">
    <h2>{{ t('theRoom') }}</h2>
    <ElDescriptions :column="1" border>
      <ElDescriptionsItem align="right"
        ><template #label>{{
          t('meanPlaneMm', { planeMm: grid.planeMm ? t('onATable2') : t('onTheFloor2') })
        }}</template
        ><b>{{ lx(grid.meanLux) }}</b></ElDescriptionsItem
      >
      <ElDescriptionsItem :label="t('leastToMost')" align="right"
        >{{ Math.round(grid.leastLux) }} – {{ lx(grid.mostLux) }}</ElDescriptionsItem
      >
      <ElDescriptionsItem :label="t('evennessLeastToMean')" align="right">{{
        number(grid.evenness, 2)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('ofItThrownBackBy')" align="right"
        ><FigureSum
          :sum="
            t('ceilingCeilingWallsWallsFloor', {
              ceiling: Math.round(facts.reflecting.ceiling * 100),
              walls: Math.round(facts.reflecting.walls * 100),
              floor: Math.round(facts.reflecting.floor * 100),
            })
          "
          >{{ lx(grid.reflectedLux) }}</FigureSum
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.darkShare !== undefined" align="right"
        ><template #label>{{ t('floorDarkerThanHalfOf', { targetLux: lx(light.targetLux) }) }}</template
        >{{ Math.round(light.darkShare * 100) }} %</ElDescriptionsItem
      >
      <ElDescriptionsItem :label="t('roomIndex')" align="right"
        ><FigureSum :sum="t('roomCavityRatioCavityRatio', { cavityRatio: number(light.cavityRatio, 2) })">{{
          number(light.roomIndex, 2)
        }}</FigureSum></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.wanted && light.utilization" align="right"
        ><template #label>{{ t('forTargetLuxAllOver', { targetLux: lx(light.targetLux) }) }}</template
        ><FigureSum
          :sum="
            t('eAFUFMF', {
              targetLux: lx(light.targetLux),
              areaM2: says.area(light.areaM2 * 1e6),
              utilization: number(light.utilization, 2),
            })
          "
          >{{
            t('totalLumensLmLuminaires806', {
              totalLumens: number(light.wanted.totalLumens),
              luminaires: light.wanted.luminaires,
            })
          }}</FigureSum
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem :label="t('daylightFactorOpenView')" align="right"
        ><FigureSum
          :sum="t('windowsM2OfWindowClearDouble', { windowsM2: says.area(light.daylight.windowsM2 * 1e6) })"
          >{{ number(light.daylight.percent, 1) }} %{{
            light.daylight.leastPercent
              ? t('leastPercentWanted', { leastPercent: light.daylight.leastPercent })
              : ''
          }}</FigureSum
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem :label="t('hangingLampOverTheFloor')" align="right"
        ><FigureSum :sum="t('feetOfLengthAndWidth')">{{
          t('acrossRoomMmAcrossDropDropMm', {
            acrossRoomMm: drawn(light.pendant.acrossRoomMm),
            dropMm: drawn(light.pendant.dropMm),
          })
        }}</FigureSum></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.pendant.overTable" :label="t('overTheTable')" align="right">{{
        t('leastMmMostMmAcross', {
          leastMm: drawn(light.pendant.overTable.leastMm),
          mostMm: drawn(light.pendant.overTable.mostMm),
        })
      }}</ElDescriptionsItem>
    </ElDescriptions>
    <p v-if="glare.length > 0" class="second">
      {{ t('shadeJoinABareLamp', { join: glare.map((l) => l.name).join(', ') }) }}
    </p>
  </section>
</template>
