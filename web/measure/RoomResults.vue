<script setup lang="ts">
import { computed } from 'vue'
import { compassPoint, hourText, sunAtWindow, sunHours } from '@bonitas/core/stages/measure/daylight'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** What the measures come to, each with the sum behind it. */
const store = useJobStore()
const { area, volume, length, run } = useLocale()
const job = computed(() => store.snapshot)
const areas = computed(() => store.derived?.areas)
const line = computed(() => job.value?.room.lowerWallMm)

const DAYS = [
  ['March', 80],
  ['June', 172],
  ['December', 355],
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
          name: o.name || 'Window',
          faces: `${compassPoint(faces)}, ${Math.round(faces)}°`,
          spans: DAYS.map(([month, day]) => {
            const spans = sunAtWindow(latitude, faces, day)
            return {
              month,
              text:
                spans.length === 0
                  ? 'no sun'
                  : `${spans.map((s) => `${hourText(s.fromHour)}–${hourText(s.toHour)}`).join(', ')} (${sunHours(spans).toFixed(1)} h)`,
            }
          }),
        },
      ]
    })
})
</script>

<template>
  <section v-if="areas && job" aria-label="What it comes to">
    <h2>What it comes to</h2>
    <p v-if="!areas.certain" class="uncertain" role="note">Uncertain: the walls do not close.</p>
    <dl :class="{ estimate: !areas.certain }">
      <div>
        <dt>
          Floor <span>outline of {{ areas.walls.length }} walls, {{ run(areas.perimeterMm) }} round</span>
        </dt>
        <dd>{{ area(areas.floorMm2) }}</dd>
      </div>
      <div>
        <dt>
          Ceiling
          <span>{{ job.ceilings.length > 0 ? 'slopes measured along themselves' : 'as the floor' }}</span>
        </dt>
        <dd>{{ area(areas.ceilingMm2) }}</dd>
      </div>
      <div>
        <dt>Walls, gross <span>each wall × the height over it</span></dt>
        <dd>{{ area(areas.wallsGrossMm2) }}</dd>
      </div>
      <div v-for="w in areas.walls" :key="w.wallId" class="wall">
        <dt>
          {{ w.name
          }}<span v-if="w.openingsMm2 > 0">{{ area(w.grossMm2) }} − {{ area(w.openingsMm2) }} openings</span>
        </dt>
        <dd>{{ area(w.netMm2) }}</dd>
      </div>
      <div class="sum">
        <dt>Walls, net of openings</dt>
        <dd>{{ area(areas.wallsNetMm2) }}</dd>
      </div>
      <template v-if="line">
        <div>
          <dt>
            Lower part <span>up to {{ length(line) }}</span>
          </dt>
          <dd>{{ area(areas.walls.reduce((s, w) => s + w.lowerMm2, 0)) }}</dd>
        </div>
        <div>
          <dt>Upper part</dt>
          <dd>{{ area(areas.walls.reduce((s, w) => s + w.upperMm2, 0)) }}</dd>
        </div>
      </template>
      <div>
        <dt>Skirting <span>round the room less doors</span></dt>
        <dd>{{ run(areas.skirtingMm) }}</dd>
      </div>
      <div>
        <dt>Cornice <span>where the ceiling is level</span></dt>
        <dd>{{ run(areas.corniceMm) }}</dd>
      </div>
      <div>
        <dt>Door leaves <span>one face each</span></dt>
        <dd>{{ area(areas.doorsMm2) }}</dd>
      </div>
      <div>
        <dt>Volume</dt>
        <dd>{{ volume(areas.volumeMm3) }}</dd>
      </div>
      <div v-if="areas.diagonalsMm.length > 0">
        <dt>Longest diagonals <span>corner to corner</span></dt>
        <dd>{{ areas.diagonalsMm.map((d) => run(d)).join(', ') }}</dd>
      </div>
    </dl>
    <template v-if="suns.length > 0">
      <h2 class="sun">When the sun comes in</h2>
      <p class="second">Sun time, clear sky, open view; noon is when the sun is highest.</p>
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
    Walls that close and a ceiling height are needed before an area can be given. Until then Take-off has
    nothing to count.
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
