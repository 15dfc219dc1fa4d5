<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import type { TableField } from '@bonitas/core/stages/source/table/columns'
import { readTable, type TableReading } from '@bonitas/core/stages/source/table/readTable'
import { rowsOfList } from '@bonitas/core/job/rowsOfList'
import { ApiProblem, ServerGone } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import FileButton from '../form/FileButton.vue'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ListRead from './ListRead.vue'
import ScheduleOut from './ScheduleOut.vue'
import { useListFile } from './useListFile.js'
import { t } from './words.js'

/** Lists of suppliers taken in, and the schedule given out. */
const store = useJobStore()
const { system } = useLocale()
const set = ref(new Map<number, TableField | undefined>())
const supplierId = ref('')
const itemId = ref('')
const rates = ref<Record<string, string>>({})
const done = ref('')
const sending = ref(false)
const typed = ref('')
const { task, fileName, sheets, sheetAt, grid, trouble, choose, pasted } = useListFile(() => {
  set.value = new Map()
  done.value = ''
})
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const supplier = computed(() => store.snapshot?.suppliers.find((s) => s.id === supplierId.value))
const reading = computed<TableReading | undefined>(() =>
  grid.value.length === 0
    ? undefined
    : readTable(grid.value, {
        currency: currency.value,
        system: system.value,
        set: set.value,
        remembered: new Map((supplier.value?.columns ?? []).map((c) => [c.header, c.field])),
      }),
)
const foreign = computed(() =>
  [...new Set((reading.value?.taken ?? []).map((r) => r.currency))].filter((c) => c !== currency.value),
)
const plan = computed(() =>
  reading.value && store.snapshot
    ? rowsOfList(reading.value.taken, {
        job: store.snapshot,
        supplierId: supplierId.value || null,
        itemId: itemId.value || null,
        rates: rates.value,
        today: store.day,
        newId: () => crypto.randomUUID(),
      })
    : undefined,
)
/** Why rows were left, and how many for each reason. */
const whys = computed(() => {
  const all = [...(reading.value?.left ?? []), ...(plan.value?.left ?? [])]
  const by = new Map<string, { row: number; text: string }[]>()
  for (const l of all) by.set(l.why, [...(by.get(l.why) ?? []), l])
  return [...by].sort((x, y) => y[1].length - x[1].length)
})

function mean(index: number, field: TableField | undefined): void {
  set.value = new Map(set.value).set(index, field)
}

async function take(): Promise<void> {
  const p = plan.value
  const r = reading.value
  if (!p || !r || !store.snapshot) return
  sending.value = true
  trouble.value = ''
  try {
    if (supplier.value)
      store.change('suppliers', supplier.value.id, {
        columns: r.columns
          .filter((c) => c.header)
          .slice(0, 60)
          .map((c) => ({
            header: c.header.toLowerCase().replace(/\s+/g, ' ').trim().slice(0, 120),
            field: c.field ?? '',
          })),
      })
    await store.act('list-import', { items: p.items, options: p.options }, crypto.randomUUID())
    done.value = t('optionsOptionsItemsTakenFrom', {
      options: p.options.length,
      items: p.items.length > 0 ? t('andItemsNewItems', { items: p.items.length }) : '',
      fileName: fileName.value,
      left: r.left.length + p.left.length,
    })
    sheets.value = []
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = t('errorNothingWasTakenThe', {
      error: error instanceof ApiProblem ? error.detail : t('theServerCannotBeReached'),
    })
  } finally {
    sending.value = false
  }
}
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('source')">
    <template #head><StageTabs stage="source" /></template>
    <div class="lists">
      <div class="ask">
        <FileButton :label="t('chooseAListXLSXOr')" accept=".xlsx,.csv,.txt,.tsv" @picked="choose" />
        <ElInput
          v-model="typed"
          class="paste"
          :aria-label="t('orPasteRowsHere')"
          :placeholder="t('orPasteRowsFromA')"
          autocomplete="off"
          @paste="pasted"
          @change="typed.trim() === '' || (trouble = t('rowsComeFromASheet'))"
        />
        <ChoiceField
          v-model="supplierId"
          beside
          :label="t('from')"
          :choices="[
            { value: '', text: t('noSupplierNamed') },
            ...store.snapshot.suppliers.map((s) => ({ value: s.id, text: s.name })),
          ]"
        />
        <ChoiceField
          v-model="itemId"
          beside
          :label="t('rowsWithoutAnItemGo')"
          :choices="[
            { value: '', text: t('nowhereTheyAreLeftOut') },
            ...store.snapshot.items.map((i) => ({ value: i.id, text: i.name })),
          ]"
        />
      </div>
      <p v-if="task.done.value !== undefined" role="status">
        {{ t('readingFileName', { fileName }) }}
        <ElButton link @click="task.stop()">{{ t('stop') }}</ElButton>
      </p>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p v-if="done" role="status">
        <b>{{ done }}</b>
      </p>
      <template v-if="reading && plan">
        <p v-if="sheets.length > 1">
          <ChoiceField
            :model-value="String(sheetAt)"
            beside
            :label="t('sheet')"
            :choices="
              sheets.map((s, i) => ({
                value: String(i),
                text: t('nameGridRows', { name: s.name, grid: s.grid.length }),
              }))
            "
            @update:model-value="sheetAt = Number($event)"
          />
        </p>
        <p>
          <b>{{ fileName }}</b>{{
            t('gridRowsHeaderInHeaderRows', {
              grid: grid.length,
              headerRows:
                reading.headerRows.length === 0 ? t('noRowFound') : `row ${reading.headerRows.join(' and ')}`,
            })
          }}
          <b>{{ plan.options.length }}</b>
          {{
            t('canBeTakenItems', {
              items: plan.items.length > 0 ? t('withItemsNewItems', { items: plan.items.length }) : '',
            })
          }}
          <b>{{ reading.left.length + plan.left.length }}</b>
          {{ t('cannotEmptyRowsEmpty', { emptyRows: reading.emptyRows }) }}
        </p>
        <p v-for="c in foreign" :key="c" class="rate">
          <PlainField
            :model-value="rates[c] ?? ''"
            class="beside"
            :label="t('n1CInCurrency', { c, currency })"
            placeholder="0.9221"
            inputmode="decimal"
            @update:model-value="rates[c] = $event"
          />
          <span class="second">{{ t('rateOfTodayWithoutIt', { c }) }}</span>
        </p>
        <ListRead :reading="reading" :grid="grid" :whys="whys" @mean="mean" />
        <p class="act">
          <ElButton type="primary" :disabled="plan.options.length === 0 || sending" @click="take">
            {{ t('takeOptionsOptions', { options: plan.options.length }) }}
          </ElButton>
          <span v-if="sending" class="second" role="status">{{ t('beingWrittenAllOrNone') }}</span>
          <ElButton link @click="sheets = []">{{ t('leaveIt') }}</ElButton>
        </p>
      </template>
      <div v-else-if="task.done.value === undefined && !done" class="teach">
        <p>
          {{ t('aSuppliersListMayBe') }}
        </p>
      </div>
    </div>
    <template #panel>
      <ScheduleOut />
    </template>
  </StagePage>
</template>

<style scoped>
.lists {
  display: grid;
  gap: 12px;
}
.ask,
.act,
.rate {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
.paste {
  width: 240px;
}
.rate :deep(.el-input) {
  width: 90px;
}
.trouble {
  border-left: 3px solid var(--stop);
  padding: 4px 10px;
  background: var(--paper);
}
.teach {
  max-width: 60ch;
}
</style>
