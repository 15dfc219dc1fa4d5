<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { careOf, type CareDue } from '@bonitas/core/job/handover/careOf'
import { ROWS } from '@bonitas/core/model/registry'
import type { SeasonalSet } from '@bonitas/core/model/rows/seasonalSets'
import ListTable from '../form/ListTable.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import SaidText from '../form/SaidText.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import FigureField from '../takeoff/FigureField.vue'
import BloomYear from './BloomYear.vue'
import SetMembers from './SetMembers.vue'
import { useRecords } from './useRecords.js'
import { t } from './words.js'

/** What the room asks for through the years, and what is swapped with the seasons. */
const store = useJobStore()
const { day, monthName } = useLocale()
const { setCare } = useRecords()
const care = computed(() => (store.snapshot ? careOf(store.snapshot, store.day) : []))
const leftOut = computed(() => store.snapshot?.careNotes.filter((r) => r.leftOut) ?? [])
const inHand = useInAddress('of')
const chosen = computed(() => care.value.find((c) => c.key === inHand.value))
const often = (c: CareDue) =>
  c.month !== null
    ? t('inMonth', { month: monthName(c.month) })
    : c.everyMonths !== null
      ? t('everyN', { n: c.everyMonths })
      : t('noTime')
function addOwn(): void {
  const id = store.add('careNotes', {
    ...ROWS.careNotes.blank(),
    key: 'own',
    what: t('newCare'),
    everyMonths: 12,
  })
  inHand.value = `own|${id}`
}
const sets = computed(() => store.snapshot?.seasonalSets ?? [])
const setColumns: TableColumn<SeasonalSet>[] = [
  { id: 'name', head: t('set'), kind: 'text' },
  { id: 'fromMonth', head: t('fromMonth'), kind: 'whole', figure: true },
  { id: 'toMonth', head: t('toMonth'), kind: 'whole', figure: true },
  { id: 'pieceIds', head: t('things') },
  { id: 'storedAt', head: t('storedAt'), kind: 'text' },
]
const addSet = () =>
  store.add('seasonalSets', {
    ...ROWS.seasonalSets.blank(),
    ...{ name: t('newSet'), fromMonth: 12, toMonth: 2, position: nextPosition(sets.value) },
  })
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('handover')" :says="t('careSays')">
    <template #head><StageTabs stage="handover" /></template>
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('care') }}</h2>
        <span class="acts"
          ><a :href="`/api/jobs/${store.snapshot.brief.id}/care.ics`" download>{{ t('careCalendar') }}</a>
          <ElButton @click="addOwn">{{ t('addCare') }}</ElButton></span
        >
      </div>
      <p v-if="care.length === 0" class="second">{{ t('noCare') }}</p>
      <ListTable
        v-else
        :rows="care"
        :columns="[
          { id: 'next', head: t('nextOn') },
          { id: 'thing', head: t('thing') },
          { id: 'what', head: t('whatToDo') },
          { id: 'often', head: t('howOften') },
        ]"
        :key-of="(c) => c.key"
        :row-class="(c) => ({ chosen: c.key === inHand })"
      >
        <template #cell-next="{ row: c }">{{ c.nextOn ? day(c.nextOn) : '–' }}</template>
        <template #cell-thing="{ row: c }"
          ><ElButton link :aria-label="`${c.thing || t('theRoom')}: ${c.what}`" @click="inHand = c.key">{{
            c.thing || t('theRoom')
          }}</ElButton></template
        >
        <template #cell-what="{ row: c }"
          >{{ c.what }}<span v-if="c.caution" class="caution">{{ c.caution }}</span></template
        >
        <template #cell-often="{ row: c }">{{ often(c) }}</template>
      </ListTable>
      <p v-if="leftOut.length > 0" class="second">
        {{ t('leftOutN', { n: leftOut.length }) }}
        <ElButton link @click="leftOut.forEach((r) => store.change('careNotes', r.id, { leftOut: false }))">{{
          t('bringBack')
        }}</ElButton>
      </p>
    </section>
    <BloomYear />
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('seasonalSets') }}</h2>
        <ElButton @click="addSet">{{ t('addSet') }}</ElButton>
      </div>
      <p v-if="sets.length === 0" class="second">{{ t('noSets') }}</p>
      <RowTable
        v-else
        collection="seasonalSets"
        :rows="sets"
        :columns="setColumns"
        :name-of="(s) => s.name"
        removable
      >
        <template #cell-pieceIds="{ row }"><SetMembers :set="row" /></template>
      </RowTable>
    </section>
    <template #panel>
      <section v-if="chosen" :key="chosen.key" class="panel-part edit">
        <h2>{{ chosen.thing || t('theRoom') }}</h2>
        <SaidText
          :label="t('whatToDo')"
          :value="chosen.what"
          :max="300"
          @keep="setCare(chosen, { what: $event })"
        />
        <FigureField
          kind="whole"
          :label="t('everyMonths')"
          :value="chosen.everyMonths"
          :least="1"
          :most="240"
          @keep="setCare(chosen, { everyMonths: $event, month: null })"
        />
        <FigureField
          kind="whole"
          :label="t('orInMonth')"
          :value="chosen.month"
          :least="1"
          :most="12"
          @keep="setCare(chosen, { month: $event, everyMonths: null })"
        />
        <p v-if="chosen.lastOn" class="second">{{ t('lastDone', { day: day(chosen.lastOn) }) }}</p>
        <div class="acts">
          <ElButton @click="setCare(chosen, { lastOn: store.day })">{{ t('doneToday') }}</ElButton>
          <ElButton
            v-if="chosen.key.startsWith('own|') && chosen.row"
            link
            @click="store.remove('careNotes', chosen.row.id)"
            >{{ t('remove') }}</ElButton
          >
          <ElButton v-else link @click="setCare(chosen, { leftOut: true })">{{ t('leaveOut') }}</ElButton>
        </div>
      </section>
      <p v-else class="second">{{ t('careTeach') }}</p>
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
  display: grid;
  gap: 8px;
}
.caution {
  display: block;
  border-left: 4px solid var(--ink);
  padding-left: 8px;
  margin-top: 3px;
}
.edit {
  display: grid;
  gap: 9px;
}
.acts {
  display: flex;
  gap: 10px;
  align-items: center;
}
:deep(.of-next),
:deep(.of-often) {
  white-space: nowrap;
}
:deep(.chosen td:first-child) {
  border-left: 4px solid var(--ink);
}
</style>
