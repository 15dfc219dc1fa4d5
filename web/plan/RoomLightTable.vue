<script setup lang="ts">
import { ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import { glaring, roomLight } from '@bonitas/core/stages/plan/light/roomLight'
import type { LightGrid, Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useLocale } from '../form/useLocale.js'

const { drawn } = useLocale()

/** The light of the room as a whole, each figure with what it comes from. */
const props = defineProps<{ facts: PlanFacts; grid: LightGrid; lamps: readonly Luminaire[] }>()
const light = computed(() => roomLight(props.facts, props.lamps, props.grid))
const glare = computed(() => glaring(props.lamps))
</script>

<template>
  <section class="panel-part wide-part">
    <h2>The room</h2>
    <ElDescriptions :column="1" border>
      <ElDescriptionsItem align="right"
        ><template #label>Mean, {{ grid.planeMm ? 'on a table' : 'on the floor' }}</template
        ><b>{{ Math.round(grid.meanLux) }} lx</b></ElDescriptionsItem
      >
      <ElDescriptionsItem label="Least to most" align="right"
        >{{ Math.round(grid.leastLux) }} – {{ Math.round(grid.mostLux) }} lx</ElDescriptionsItem
      >
      <ElDescriptionsItem label="Evenness, least to mean" align="right">{{
        grid.evenness.toFixed(2)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem label="Of it thrown back by the surfaces" align="right"
        ><span
          :title="`ceiling ${Math.round(facts.reflecting.ceiling * 100)} %, walls ${Math.round(facts.reflecting.walls * 100)} %, floor ${Math.round(facts.reflecting.floor * 100)} % by their LRV`"
          >{{ Math.round(grid.reflectedLux) }} lx</span
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.darkShare !== undefined" align="right"
        ><template #label>Floor darker than half of {{ light.targetLux }} lx</template
        >{{ Math.round(light.darkShare * 100) }} %</ElDescriptionsItem
      >
      <ElDescriptionsItem label="Room index" align="right"
        ><span :title="`room cavity ratio ${light.cavityRatio.toFixed(2)}`">{{
          light.roomIndex.toFixed(2)
        }}</span></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.wanted && light.utilization" align="right"
        ><template #label>For {{ light.targetLux }} lx all over</template
        ><span
          :title="`E A / (F UF MF): ${light.targetLux} lx × ${light.areaM2.toFixed(1)} m² / (${light.utilization.toFixed(2)} × 0.90)`"
          >{{ Math.round(light.wanted.totalLumens).toLocaleString('en') }} lm, {{ light.wanted.luminaires }} ×
          806</span
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem label="Daylight factor, open view" align="right"
        ><span :title="`${light.daylight.windowsM2.toFixed(1)} m² of window, clear double glazing`"
          >{{ light.daylight.percent.toFixed(1) }} %{{
            light.daylight.leastPercent ? `, ${light.daylight.leastPercent} wanted` : ''
          }}</span
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem label="Hanging lamp over the floor" align="right"
        ><span title="feet of length and width as inches across; head clearance under it"
          >{{ drawn(light.pendant.acrossRoomMm) }} across, drop {{ drawn(light.pendant.dropMm) }}</span
        ></ElDescriptionsItem
      >
      <ElDescriptionsItem v-if="light.pendant.overTable" label="Over the table" align="right"
        >{{ drawn(light.pendant.overTable.leastMm) }} –
        {{ drawn(light.pendant.overTable.mostMm) }} across</ElDescriptionsItem
      >
    </ElDescriptions>
    <p v-if="glare.length > 0" class="second">
      Shade {{ glare.map((l) => l.name).join(', ') }}: a bare lamp at eye height glares.
    </p>
  </section>
</template>

<style scoped>
td {
  vertical-align: middle;
}
</style>
