<script setup lang="ts">
import { computed } from 'vue'
import { mmText } from '@bonitas/core/kernel/units/length'
import { glaring, roomLight } from '@bonitas/core/stages/plan/light/roomLight'
import type { LightGrid, Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'

/** The light of the room as a whole, each figure with what it comes from. */
const props = defineProps<{ facts: PlanFacts; grid: LightGrid; lamps: readonly Luminaire[] }>()
const light = computed(() => roomLight(props.facts, props.lamps, props.grid))
const glare = computed(() => glaring(props.lamps))
</script>

<template>
  <section class="panel-part wide-part">
    <h2>The room</h2>
    <table>
      <tbody>
        <tr>
          <td>Mean, {{ grid.planeMm ? 'on a table' : 'on the floor' }}</td>
          <td class="figure">
            <b>{{ Math.round(grid.meanLux) }} lx</b>
          </td>
        </tr>
        <tr>
          <td>Least to most</td>
          <td class="figure">{{ Math.round(grid.leastLux) }} – {{ Math.round(grid.mostLux) }} lx</td>
        </tr>
        <tr>
          <td>Evenness, least to mean</td>
          <td class="figure">{{ grid.evenness.toFixed(2) }}</td>
        </tr>
        <tr>
          <td>Of it thrown back by the surfaces</td>
          <td
            class="figure"
            :title="`ceiling ${Math.round(facts.reflecting.ceiling * 100)} %, walls ${Math.round(facts.reflecting.walls * 100)} %, floor ${Math.round(facts.reflecting.floor * 100)} % by their LRV`"
          >
            {{ Math.round(grid.reflectedLux) }} lx
          </td>
        </tr>
        <tr v-if="light.darkShare !== undefined">
          <td>Floor darker than half of {{ light.targetLux }} lx</td>
          <td class="figure">{{ Math.round(light.darkShare * 100) }} %</td>
        </tr>
        <tr>
          <td>Room index</td>
          <td class="figure" :title="`room cavity ratio ${light.cavityRatio.toFixed(2)}`">
            {{ light.roomIndex.toFixed(2) }}
          </td>
        </tr>
        <tr v-if="light.wanted && light.utilization">
          <td>For {{ light.targetLux }} lx all over</td>
          <td
            class="figure"
            :title="`E A / (F UF MF): ${light.targetLux} lx × ${light.areaM2.toFixed(1)} m² / (${light.utilization.toFixed(2)} × 0.90)`"
          >
            {{ Math.round(light.wanted.totalLumens).toLocaleString('en') }} lm,
            {{ light.wanted.luminaires }} × 806
          </td>
        </tr>
        <tr>
          <td>Daylight factor, open view</td>
          <td
            class="figure"
            :title="`${light.daylight.windowsM2.toFixed(1)} m² of window, clear double glazing`"
          >
            {{ light.daylight.percent.toFixed(1) }} %{{
              light.daylight.leastPercent ? `, ${light.daylight.leastPercent} wanted` : ''
            }}
          </td>
        </tr>
        <tr>
          <td>Hanging lamp over the floor</td>
          <td class="figure" title="feet of length and width as inches across; head clearance under it">
            {{ mmText(light.pendant.acrossRoomMm) }} across, drop {{ mmText(light.pendant.dropMm) }}
          </td>
        </tr>
        <tr v-if="light.pendant.overTable">
          <td>Over the table</td>
          <td class="figure">
            {{ mmText(light.pendant.overTable.leastMm) }} –
            {{ mmText(light.pendant.overTable.mostMm) }} across
          </td>
        </tr>
      </tbody>
    </table>
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
