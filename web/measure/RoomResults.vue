<script setup lang="ts">
import { computed } from 'vue'
import { compassPoint, hourText, sunAtWindow, sunHours } from '@bonitas/core/stages/measure/daylight'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { headWord } from '@bonitas/core/model/vocabulary/tradeWords'
import { t } from './words.js'

/** What the measures come to, each with the sum behind it. */
const store = useJobStore()
const { area, volume, typed, run, number, says } = useLocale()
const job = computed(() => store.snapshot)
const areas = computed(() => store.derived?.areas)
const line = computed(() => job.value?.room.lowerWallMm)

const DAYS = [
  [t('march'), 80],
  [t('june'), 172],
  [t('december'), 355],
] as const

interface Sun {
  readonly name: string
  readonly faces: string
  readonly spans: readonly { readonly month: string; readonly text: string }[]
}
const suns = computed((): Sun[] => {
  const latitude = job.value?.room.latitudeDeg
  if (latitude == null || !areas.value) return []
  return (job.value?.openings ?? [])
    .filter((o) => o.kind === 'window')
    .flatMap((o): Sun[] => {
      const faces = areas.value?.walls.find((w) => w.wallId === o.wallId)?.facesDeg
      if (faces === undefined) return []
      return [
        {
          name: o.name || t('window'),
          faces: `${compassPoint(faces)}, ${Math.round(faces)}°`,
          spans: DAYS.map(([month, day]) => {
            const spans = sunAtWindow(latitude, faces, day)
            return {
              month,
              text:
                spans.length === 0
                  ? t('noSun')
                  : `${spans.map((s) => `${hourText(s.fromHour)}–${hourText(s.toHour)}`).join(', ')} (${number(sunHours(spans), 1)} h)`,
            }
          }),
        },
      ]
    })
})
</script>

<template>
  <section v-if="areas && job" :aria-label="t('whatItComesTo')">
    <h2>{{ t('whatItComesTo') }}</h2>
    <p v-if="!areas.certain" class="uncertain" role="note">{{ t('uncertainTheWallsDoNot') }}</p>
    <dl :class="{ estimate: !areas.certain }">
      <div>
        <dt>
          {{ t('floor') }}
          <span>{{
            t('outlineOfWallsWallsPerimeterMm', {
              walls: areas.walls.length,
              perimeterMm: run(areas.perimeterMm),
            })
          }}</span>
        </dt>
        <dd>{{ area(areas.floorMm2) }}</dd>
      </div>
      <div>
        <dt>
          {{ t('ceiling') }}
          <span>{{ job.ceilings.length > 0 ? t('slopesMeasuredAlongThemselves') : t('asTheFloor') }}</span>
        </dt>
        <dd>{{ area(areas.ceilingMm2) }}</dd>
      </div>
      <div>
        <dt>
          {{ t('wallsGross') }} <span>{{ t('eachWallTheHeightOver') }}</span>
        </dt>
        <dd>{{ area(areas.wallsGrossMm2) }}</dd>
      </div>
      <div v-for="w in areas.walls" :key="w.wallId" class="wall">
        <dt>
          {{ w.name
          }}<span v-if="w.openingsMm2 > 0">{{
            t('grossMm2OpeningsMm2Openings', { grossMm2: area(w.grossMm2), openingsMm2: area(w.openingsMm2) })
          }}</span>
        </dt>
        <dd>{{ area(w.netMm2) }}</dd>
      </div>
      <div class="sum">
        <dt>{{ t('wallsNetOfOpenings') }}</dt>
        <dd>{{ area(areas.wallsNetMm2) }}</dd>
      </div>
      <template v-if="line">
        <div>
          <dt>
            {{ t('lowerPart') }} <span>{{ t('upToLine', { line: typed(line) }) }}</span>
          </dt>
          <dd>{{ area(areas.walls.reduce((s, w) => s + w.lowerMm2, 0)) }}</dd>
        </div>
        <div>
          <dt>{{ t('upperPart') }}</dt>
          <dd>{{ area(areas.walls.reduce((s, w) => s + w.upperMm2, 0)) }}</dd>
        </div>
      </template>
      <div>
        <dt>
          {{ headWord('skirting', says.locale) }} <span>{{ t('roundTheRoomLessDoors') }}</span>
        </dt>
        <dd>{{ run(areas.skirtingMm) }}</dd>
      </div>
      <div>
        <dt>
          {{ headWord('cornice', says.locale) }} <span>{{ t('whereTheCeilingIsLevel') }}</span>
        </dt>
        <dd>{{ run(areas.corniceMm) }}</dd>
      </div>
      <div>
        <dt>
          {{ t('doorLeaves') }} <span>{{ t('oneFaceEach') }}</span>
        </dt>
        <dd>{{ area(areas.doorsMm2) }}</dd>
      </div>
      <div>
        <dt>{{ t('volume') }}</dt>
        <dd>{{ volume(areas.volumeMm3) }}</dd>
      </div>
      <div v-if="areas.diagonalsMm.length > 0">
        <dt>
          {{ t('longestDiagonals') }} <span>{{ t('cornerToCorner') }}</span>
        </dt>
        <dd>{{ areas.diagonalsMm.map((d) => run(d)).join(', ') }}</dd>
      </div>
    </dl>
    <template v-if="suns.length > 0">
      <h2 class="sun">{{ t('whenTheSunComesIn') }}</h2>
      <p class="second">{{ t('sunTimeClearSkyOpen') }}</p>
      <dl v-for="s in suns" :key="s.name">
        <div class="wall">
          <dt>{{ s.name }}</dt>
          <dd>{{ s.faces }}</dd>
        </div>
        <div v-for="m in s.spans" :key="m.month">
          <dt>{{ m.month }}</dt>
          <dd class="plain">{{ m.text }}</dd>
        </div>
      </dl>
    </template>
  </section>
  <p v-else class="second">
    {{ t('wallsThatCloseAndA') }}
  </p>
</template>

<style scoped>
dl div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-bottom: 1px solid var(--rule);
  padding: 5px 0;
}
dl .sum {
  border-bottom-color: var(--ink);
  font-weight: 600;
}
dl .wall dt {
  padding-left: 10px;
}
dt span {
  display: block;
  font-size: 13px;
  color: var(--ink-2);
  font-weight: 400;
}
dd {
  font-weight: 600;
  white-space: nowrap;
}
dd.plain {
  font-weight: 400;
  white-space: normal;
  text-align: right;
}
.estimate dd {
  font-style: italic;
  font-weight: 400;
}
.estimate dd::before {
  content: '~ ';
}
.uncertain {
  border-left: 4px solid var(--stop);
  padding-left: 8px;
  margin: 6px 0;
}
.sun {
  margin-top: 16px;
}
</style>
