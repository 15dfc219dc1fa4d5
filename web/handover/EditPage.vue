<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { backToBrief } from '@bonitas/core/job/handover/backToBrief'
import { OWN } from '@bonitas/core/job/install/own'
import { oneThing } from '@bonitas/core/model/oneThing'
import { ROWS } from '@bonitas/core/model/registry'
import { put, type RowChange } from '@bonitas/core/model/changes'
import type { Edit } from '@bonitas/core/model/rows/edits'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import { editCandidates, type EditCandidate } from '@bonitas/core/stages/handover/lastEdit'
import { inRoom } from '@bonitas/core/model/inRoom'
import { listed } from '@bonitas/core/kernel/listed'
import ListTable from '../form/ListTable.vue'
import SaidText from '../form/SaidText.vue'
import { useLocale } from '../form/useLocale.js'
import { findingsOf } from '../job/stageLines.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import EditsMade from './EditsMade.vue'
import { t } from './words.js'

/** The last edit, and the brief gone through: what may be taken away again, and what was promised. */
const store = useJobStore()
const { day } = useLocale()
const job = computed(() => store.snapshot && oneThing(store.snapshot))
const intentOf = (p: Piece) => job.value?.items.find((i) => i.id === p.itemId)?.intent ?? ''
const edit = computed(() =>
  editCandidates(
    job.value?.pieces.filter((p) => inRoom(p) && (p.there || p.itemId !== null)) ?? [],
    intentOf,
  ),
)
const all = ref(false)
const rows = computed(() => (all.value ? [...edit.value.without, ...edit.value.with] : edit.value.without))
const placesOf = (p: Piece) => job.value?.shelfPlacements.filter((x) => x.pieceId === p.id) ?? []
const whereOf = (p: Piece) => {
  const hosts = placesOf(p).map((x) => job.value?.pieces.find((h) => h.id === x.hostId)?.name ?? '')
  return listed([...new Set(hosts)]) || p.place
}
const decision = (p: Piece, did: Edit['did'], was: Partial<Edit> = {}): RowChange => ({
  collection: 'edits',
  add: { ...ROWS.edits.blank(), pieceId: p.id, on: store.day, did, wasCount: p.count, ...was },
})
const wasOn = (p: Piece): Partial<Edit>[] =>
  placesOf(p).map((x) => ({ wasHostId: x.hostId, wasLevel: x.level, wasCount: x.count }))
/** Off its shelf, its wall or its floor, and off view; it stays in the job, with where it is kept asked on Shelves. */
function takeAway({ piece: p }: EditCandidate): void {
  const shelves = placesOf(p)
  const elsewhere = (['wallPlacements', 'floorPlacements'] as const).flatMap((collection) =>
    (job.value?.[collection] ?? [])
      .filter((x) => x.pieceId === p.id)
      .map((x): RowChange => ({ collection, id: x.id, remove: true })),
  )
  store.apply(
    [
      ...(shelves.length === 0
        ? [decision(p, 'taken away')]
        : wasOn(p).map((was) => decision(p, 'taken away', was))),
      ...shelves.map((x): RowChange => ({ collection: 'shelfPlacements', id: x.id, remove: true })),
      ...elsewhere,
      put('pieces', p.id, { traits: [...p.traits, 'not to be on view'] }),
    ],
    t('tookAway', { name: p.name }),
  )
}
function keep({ piece: p }: EditCandidate, why: string): void {
  if (why !== '')
    store.apply(
      [decision(p, 'kept', { ...wasOn(p)[0], why }), put('pieces', p.id, { reason: why })],
      t('keptName', { name: p.name }),
    )
}
const secondLook = computed(() => store.install?.tasks.find((x) => x.task.key === 'second look')?.start.day)
/** Crowded surfaces and things seen twice are edited as well. */
const crowded = computed(() =>
  findingsOf(store.findings ?? [], 'handover').filter(
    (f) => !f.accepted && /crowded|does-the-same|large-set|alike-stacked/.test(f.rule),
  ),
)
const promises = computed(() =>
  store.snapshot && store.derived
    ? backToBrief(store.snapshot, store.derived, [
        ...(store.findings ?? []),
        ...(store.install?.findings ?? []),
      ])
    : [],
)
const counts = computed(() => ({
  met: promises.value.filter((p) => p.state !== 'open').length,
  of: promises.value.length,
}))
/** What is open becomes a snag of the plan of work, with a person and a day given there. */
const snagOf = (name: string) =>
  store.snapshot?.tasks.find((x) => x.key === OWN && x.step === 'snag list' && x.name === name)
const SNAG_LENGTH = 120
const snagName = (p: { readonly name: string }) => p.name.slice(0, SNAG_LENGTH)
const addSnag = (p: { readonly name: string; readonly says: string }) =>
  store.add('tasks', {
    ...ROWS.tasks.blank(),
    key: OWN,
    step: 'snag list',
    name: snagName(p),
    note: p.says.slice(0, 400),
  })
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('handover')">
    <template #head><StageTabs stage="handover" /></template>
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('lastEdit') }}</h2>
        <ElButton link :aria-pressed="all" @click="all = !all">{{
          all ? t('onlyWithout') : t('secondPass')
        }}</ElButton>
      </div>
      <p class="second">
        {{ t('editTeach') }}
        <template v-if="secondLook">{{ t('secondLookOn', { day: day(secondLook) }) }}</template>
      </p>
      <p v-if="rows.length === 0">{{ t('nothingToTake') }}</p>
      <ListTable
        v-else
        :rows="rows"
        :columns="[
          { id: 'name', head: t('thing') },
          { id: 'where', head: t('where') },
          { id: 'use', head: t('use') },
          { id: 'intent', head: t('intent') },
          { id: 'love', head: t('love') },
          { id: 'acts', head: t('decide') },
        ]"
        :key-of="(c) => c.piece.id"
      >
        <template #cell-name="{ row: c }"
          ><b>{{ c.piece.count > 1 ? `${c.piece.count} × ` : '' }}{{ c.piece.name }}</b></template
        >
        <template #cell-where="{ row: c }">{{ whereOf(c.piece) }}</template>
        <template
          v-for="field in ['use', 'intent', 'love'] as const"
          :key="field"
          #[`cell-${field}`]="{ row: c }"
          ><i class="box" :class="{ has: c[field] }" aria-hidden="true"></i
          ><span class="visually-hidden">{{ c[field] ? t('yes') : t('no') }}</span></template
        >
        <template #cell-acts="{ row: c }">
          <span class="acts">
            <ElButton
              size="small"
              :aria-label="t('takeAwayName', { name: c.piece.name })"
              @click="takeAway(c)"
              >{{ t('takeAway') }}</ElButton
            >
            <RouterLink
              v-if="placesOf(c.piece)[0]"
              :to="{
                path: `/jobs/${store.snapshot.brief.id}/handover`,
                query: { piece: placesOf(c.piece)[0]?.hostId },
              }"
              >{{ t('moveIt') }}</RouterLink
            >
            <SaidText
              :label="t('keepBecause', { name: c.piece.name })"
              :value="c.piece.reason"
              :max="200"
              :placeholder="t('keepBecauseShort')"
              @keep="keep(c, $event)"
            />
          </span>
        </template>
      </ListTable>
      <p v-if="edit.never.length > 0" class="second">
        {{ t('neverProposed', { names: listed(edit.never.map((p) => p.name)) }) }}
      </p>
    </section>
    <EditsMade />
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('backToBrief', counts) }}</h2>
      </div>
      <ListTable
        :rows="promises"
        :columns="[
          { id: 'kind', head: t('promised') },
          { id: 'name', head: t('what') },
          { id: 'state', head: t('stands') },
          { id: 'snag', head: t('snag') },
        ]"
        :key-of="(p) => p.key"
      >
        <template #cell-kind="{ row: p }">{{ p.kind }}</template>
        <template #cell-name="{ row: p }">{{ p.name }}</template>
        <template #cell-state="{ row: p }"
          ><b>{{ p.state }}</b> <span class="second">{{ p.says }}</span></template
        >
        <template #cell-snag="{ row: p }">
          <span v-if="snagOf(snagName(p))" class="second">{{ t('onSnagList') }}</span>
          <ElButton
            v-else-if="p.state === 'open'"
            size="small"
            :aria-label="t('makeSnagOf', { name: p.name })"
            @click="addSnag(p)"
            >{{ t('makeSnag') }}</ElButton
          >
        </template>
      </ListTable>
    </section>
    <template #panel>
      <FindingsPanel stage="handover" :list="crowded" :quiet="t('notCrowded')" />
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
  display: grid;
  gap: 8px;
}
.box {
  display: inline-block;
  width: 13px;
  height: 13px;
  border: 1px solid var(--ink);
}
.box.has {
  background: var(--ink);
}
.acts {
  display: flex;
  gap: 8px;
  align-items: center;
}
.acts :deep(label) {
  position: absolute;
  clip-path: inset(50%);
}
</style>
