<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import { inRoom } from '@bonitas/core/model/inRoom'
import { putAt } from '@bonitas/core/stages/handover/shelfMoves'
import { stylingFacts } from '@bonitas/core/stages/handover/stylingFacts'
import ChoiceField from '../form/ChoiceField.vue'
import FoldPart from '../form/FoldPart.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import { PLAIN } from '../plan/usePlan.js'
import { findingsOf } from '../job/stageLines.js'
import ComposePart from './ComposePart.vue'
import OffView from './OffView.vue'
import ShelfDrawing from './ShelfDrawing.vue'
import ShelfRows from './ShelfRows.vue'
import ShelfTables from './ShelfTables.vue'
import StorageSums from './StorageSums.vue'
import ThingEditor from './ThingEditor.vue'
import { useShelfKeys } from './useShelfKeys.js'
import { t } from './words.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
const hostInAddress = useInAddress('piece')
const pointed = shallowRef<JudgedFinding>()
const marked = computed(() => new Set(pointed.value?.about.map((r) => r.id)))

const shown = computed(() => job.value && inScheme(job.value))
const facts = computed(() => shown.value && stylingFacts(shown.value, store.derived?.areas?.floorMm2))
const here = computed(() => shown.value?.pieces.filter(inRoom) ?? [])
/** First those that carry something already, then what has shelves by its kind, then the rest. */
const HOSTS: readonly string[] = [
  'shelves',
  'cabinet',
  'tray',
  'low table',
  'side table',
  'desk',
  'chest of drawers',
]
const hosts = computed(() => {
  const carried = new Map(
    facts.value?.units.map((u) => [u.id, u.levels.reduce((n, l) => n + l.things.length, 0)]),
  )
  const rank = (p: { id: string; kind: string }) =>
    carried.has(p.id)
      ? -1 - (carried.get(p.id) ?? 0)
      : HOSTS.includes(p.kind)
        ? HOSTS.indexOf(p.kind)
        : HOSTS.length
  return [...here.value].sort((a, b) => rank(a) - rank(b))
})
const host = computed(() => hosts.value.find((p) => p.id === hostInAddress.value) ?? hosts.value[0])
const unit = computed(() => facts.value?.units.find((u) => u.id === host.value?.id))
/** Units with open shelves, that can be composed. */
const open = computed(
  () =>
    facts.value?.units.filter((u) => u.levels.some((l) => l.number > 0 && !l.closed)).map((u) => u.id) ?? [],
)
const hexes = computed(() => {
  const finishes = new Map(shown.value?.finishes.map((f) => [f.id, labToHex(labOf(f))]))
  return new Map(here.value.map((p) => [p.id, finishes.get(p.finishId ?? '') ?? PLAIN]))
})
const hexOf = (pieceId: string): string => hexes.value.get(pieceId) ?? PLAIN
const things = computed(() => here.value.filter((p) => p.id !== host.value?.id))
const findings = computed(() => findingsOf(store.findings ?? [], 'handover'))

const chosenId = ref<string>()
const inHand = computed(() =>
  unit.value?.levels
    .flatMap((level) => level.things.map((thing) => ({ level, thing })))
    .find((x) => x.thing.id === chosenId.value),
)
const drawing = ref<InstanceType<typeof ShelfDrawing>>()
useShelfKeys(
  unit,
  computed(() => inHand.value?.thing),
  (by) => {
    drawing.value?.step(by)
  },
)
function drop(id: string, number: number, xMm: number): void {
  const u = unit.value
  const level = u?.levels.find((l) => l.number === number)
  const thing = u?.levels.flatMap((l) => l.things).find((x) => x.id === id)
  if (u && level && thing) store.apply(putAt(u, thing, level, xMm), t('moved', { name: thing.name }))
}
/** What is off view, and what nobody has put anywhere. */
const offView = computed(() => {
  const ids = new Set(facts.value?.offView.map((p) => p.id))
  return job.value?.pieces.filter((p) => ids.has(p.id)) ?? []
})
const count = computed(() => unit.value?.levels.reduce((n, l) => n + l.things.length, 0) ?? 0)
</script>

<template>
  <StagePage v-if="job" :title="t('handover')" :says="host ? t('dragOrKeys') : ''">
    <template #head><StageTabs stage="handover" /></template>
    <p v-if="!unit" class="teaching">{{ t('teach') }}</p>
    <p v-if="!host">
      {{ t('addPiecesFirst') }}
      <RouterLink :to="`/jobs/${job.brief.id}/brief/pieces`">{{ t('toThePieces') }}</RouterLink>
    </p>
    <template v-else>
      <div class="which">
        <ChoiceField
          :model-value="host.id"
          :label="t('shelvesOf')"
          :choices="hosts.map((p) => ({ value: p.id, text: p.name }))"
          beside
          @update:model-value="hostInAddress = $event"
        />
        <span class="second">{{
          job.schools.shelves ? t('schoolIs', { school: job.schools.shelves }) : t('noSchool')
        }}</span>
      </div>
      <div v-if="unit" class="shelves">
        <div class="front">
          <ShelfDrawing
            ref="drawing"
            :unit="unit"
            :size="host"
            :hex-of="hexOf"
            :marked="marked"
            :chosen="chosenId"
            class="drawing"
            @choose="chosenId = $event"
            @drop="drop"
          />
          <p class="second">{{ t('thingsOn', { n: count }) }}</p>
        </div>
        <ShelfRows :unit="unit" :hex-of="hexOf" :findings="findings" />
      </div>
      <OffView :pieces="offView" />
      <FoldPart :title="t('asLists')" :open="!unit">
        <ShelfTables :host="host" :unit="unit" :things="things" />
      </FoldPart>
    </template>
    <template #panel>
      <ThingEditor v-if="unit && inHand" :unit="unit" :level="inHand.level" :thing="inHand.thing" />
      <ComposePart
        v-if="host && open.includes(host.id)"
        :unit-id="host.id"
        :hosts="here"
        :hex-of="hexOf"
        :others="open.filter((id) => id !== host?.id)"
      />
      <FindingsPanel stage="handover" page="" :quiet="t('composedWell')" @point="(f) => (pointed = f)" />
      <StorageSums />
    </template>
  </StagePage>
</template>

<style scoped>
.teaching {
  padding-bottom: 10px;
  max-width: 84ch;
}
.which {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding-bottom: 8px;
}
.shelves {
  display: grid;
  grid-template-columns: minmax(230px, 1fr) minmax(330px, 1.5fr);
  gap: 12px 22px;
}
.front {
  min-width: 0;
}
.front p {
  text-align: center;
}
.drawing {
  height: min(66vh, 540px);
}
@media (width < 900px) {
  .shelves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
