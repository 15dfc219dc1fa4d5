<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { TABLE_FIELDS, type TableField } from '@bonitas/core/stages/source/table/columns'
import { readTable, type Grid, type TableReading } from '@bonitas/core/stages/source/table/readTable'
import { rowsOfList } from '@bonitas/core/job/rowsOfList'
import { ApiProblem, ServerGone } from '../api/http.js'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import type { ListResult } from './list.worker.js'
import { saveSchedule } from './saveSchedule.js'

/** Lists of suppliers taken in, and the schedule given out. */
const store = useJobStore()
const { money, system } = useLocale()
const task = useTask<ListResult>(
  () => new Worker(new URL('./list.worker.ts', import.meta.url), { type: 'module' }),
)
const fileName = ref('')
const sheets = shallowRef<ListResult['sheets']>([])
const sheetAt = ref(0)
const set = ref(new Map<number, TableField | undefined>())
const supplierId = ref('')
const itemId = ref('')
const rates = ref<Record<string, string>>({})
const trouble = ref('')
const done = ref('')
const sending = ref(false)
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const supplier = computed(() => store.snapshot?.suppliers.find((s) => s.id === supplierId.value))
const grid = computed<Grid>(() => sheets.value[sheetAt.value]?.grid ?? [])
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

async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  trouble.value = done.value = ''
  if (!file) return
  if (!/\.(xlsx|csv|txt|tsv)$/i.test(file.name)) {
    trouble.value = 'A list is a file in XLSX or CSV. Save it as one of these and choose that.'
    return
  }
  if (file.size > 20_000_000) {
    trouble.value = 'The file is over 20 MB. Send the sheet that matters, without pictures.'
    return
  }
  fileName.value = file.name
  set.value = new Map()
  sheetAt.value = 0
  try {
    const result = await task.run({ bytes: await file.arrayBuffer(), name: file.name })
    if (!result) return
    sheets.value = result.sheets
    trouble.value =
      result.trouble ?? (result.sheets.every((s) => s.grid.length === 0) ? 'The file holds no rows.' : '')
  } catch {
    trouble.value = 'The file cannot be read. Save it again as XLSX or CSV and try that.'
  }
}
function pasted(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!/[\t\n]/.test(text)) return
  event.preventDefault()
  fileName.value = 'pasted rows'
  set.value = new Map()
  sheets.value = [{ name: 'pasted', grid: text.split(/\r?\n/).map((l) => l.split('\t')) }]
  sheetAt.value = 0
}
function mean(index: number, event: Event): void {
  const value = (event.target as HTMLSelectElement).value
  set.value = new Map(set.value).set(index, value === '' ? undefined : (value as TableField))
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
    done.value = `${p.options.length} options${p.items.length > 0 ? ` and ${p.items.length} new items` : ''} taken from ${fileName.value}; ${r.left.length + p.left.length} rows left out.`
    sheets.value = []
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = `${error instanceof ApiProblem ? error.detail : 'The server cannot be reached.'} Nothing was taken; the list is still here.`
  } finally {
    sending.value = false
  }
}
const jobPath = computed(() => `/api/jobs/${store.snapshot?.brief.id ?? ''}`)
</script>

<template>
  <StagePage v-if="store.snapshot" title="Source">
    <template #head><StageTabs stage="source" /></template>
    <div class="lists">
      <div class="ask">
        <label class="button file"
          >Choose a list, XLSX or CSV<input
            type="file"
            accept=".xlsx,.csv,.txt,.tsv"
            class="visually-hidden"
            @change="choose"
        /></label>
        <label for="paste" class="visually-hidden">Or paste rows here</label>
        <input id="paste" placeholder="or paste rows from a sheet here" autocomplete="off" @paste="pasted" />
        <label for="list-supplier">From</label>
        <select id="list-supplier" v-model="supplierId">
          <option value="">no supplier named</option>
          <option v-for="s in store.snapshot.suppliers" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
        <label for="list-item">Rows without an item go to</label>
        <select id="list-item" v-model="itemId">
          <option value="">nowhere: they are left out</option>
          <option v-for="i in store.snapshot.items" :key="i.id" :value="i.id">{{ i.name }}</option>
        </select>
      </div>
      <p v-if="task.done.value !== undefined" role="status">
        Reading {{ fileName }} … <button class="word" @click="task.stop()">Stop</button>
      </p>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p v-if="done" role="status">
        <b>{{ done }}</b>
      </p>
      <template v-if="reading && plan">
        <p v-if="sheets.length > 1">
          <label for="sheet">Sheet</label>
          <select id="sheet" v-model.number="sheetAt">
            <option v-for="(s, i) in sheets" :key="s.name" :value="i">
              {{ s.name }}, {{ s.grid.length }} rows
            </option>
          </select>
        </p>
        <p>
          <b>{{ fileName }}</b>: {{ grid.length }} rows; header in
          {{ reading.headerRows.length === 0 ? 'no row found' : `row ${reading.headerRows.join(' and ')}` }};
          <b>{{ plan.options.length }}</b> can be taken{{
            plan.items.length > 0 ? `, with ${plan.items.length} new items` : ''
          }}, <b>{{ reading.left.length + plan.left.length }}</b> cannot, {{ reading.emptyRows }} empty.
        </p>
        <p v-for="c in foreign" :key="c" class="rate">
          <label :for="`rate-${c}`">1 {{ c }} in {{ currency }}</label>
          <input
            :id="`rate-${c}`"
            v-model="rates[c]"
            placeholder="0.9221"
            inputmode="decimal"
            autocomplete="off"
          />
          <span class="second">rate of today; without it the rows in {{ c }} are left out</span>
        </p>
        <div class="scroll" tabindex="0" role="region" aria-label="Columns and first rows">
          <table>
            <thead>
              <tr>
                <th v-for="c in reading.columns" :key="c.index" scope="col">
                  <span>{{ c.header || `column ${c.index + 1}` }}</span>
                  <select
                    :aria-label="`Meaning of ${c.header || `column ${c.index + 1}`}`"
                    :value="c.field ?? ''"
                    @change="mean(c.index, $event)"
                  >
                    <option value="">not used</option>
                    <option v-for="f in TABLE_FIELDS" :key="f">{{ f }}</option>
                  </select>
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="r in reading.taken.slice(0, 8)" :key="r.row">
                <td v-for="c in reading.columns" :key="c.index">{{ grid[r.row - 1]?.[c.index] ?? '' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <section v-if="whys.length > 0">
          <h2>Left out, and why</h2>
          <details v-for="[why, rows] in whys" :key="why">
            <summary>{{ rows.length }} × {{ why }}</summary>
            <ul class="second">
              <li v-for="l in rows.slice(0, 40)" :key="l.row">row {{ l.row }}: {{ l.text }}</li>
              <li v-if="rows.length > 40">and {{ rows.length - 40 }} more</li>
            </ul>
          </details>
        </section>
        <p class="act">
          <button class="button primary" :disabled="plan.options.length === 0 || sending" @click="take">
            Take {{ plan.options.length }} options
          </button>
          <span v-if="sending" class="second" role="status">being written, all or none …</span>
          <button class="word" @click="sheets = []">Leave it</button>
        </p>
      </template>
      <div v-else-if="task.done.value === undefined && !done" class="teach">
        <p>
          A supplier’s list may be as it comes: a header over two lines, prices in two currencies, inches and
          centimeters, empty lines. What is understood is shown before anything is taken; what is not is named
          with its reason; and it is taken whole or not at all. The meaning of columns is remembered with the
          supplier.
        </p>
      </div>
    </div>
    <template #panel>
      <h2>The schedule, given out</h2>
      <ul class="out">
        <li>
          <button class="word" @click="saveSchedule(store.snapshot, store.derived!, 'xlsx', 'studio')">
            Schedule as XLSX
          </button>
        </li>
        <li>
          <button class="word" @click="saveSchedule(store.snapshot, store.derived!, 'csv', 'studio')">
            Schedule as CSV
          </button>
        </li>
        <li><a :href="`${jobPath}/schedule.pdf`" target="_blank" rel="noopener">Schedule as PDF</a></li>
      </ul>
      <h2>For the client</h2>
      <p class="second">List prices; no trade prices, no suppliers, nothing that was not chosen.</p>
      <ul class="out">
        <li>
          <button class="word" @click="saveSchedule(store.snapshot, store.derived!, 'xlsx', 'client')">
            Client’s XLSX
          </button>
        </li>
        <li>
          <button class="word" @click="saveSchedule(store.snapshot, store.derived!, 'csv', 'client')">
            Client’s CSV
          </button>
        </li>
        <li>
          <a :href="`${jobPath}/schedule.pdf?for=client`" target="_blank" rel="noopener">Client’s PDF</a>
        </li>
      </ul>
      <p class="second">Chosen now: {{ money(store.derived?.position.chosenMinor ?? 0) }}.</p>
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
.file {
  cursor: pointer;
}
.file:focus-within {
  outline: 2px solid var(--ink);
}
#paste {
  width: 220px;
}
.ask select {
  width: 190px;
}
.rate input {
  width: 90px;
}
.scroll {
  overflow: auto;
  max-height: 300px;
}
th,
td {
  font-size: 13px;
  padding: 4px 10px 4px 0;
  white-space: nowrap;
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  height: auto;
}
th select {
  min-width: 92px;
}
th span {
  display: block;
}
.trouble {
  border-left: 3px solid var(--stop);
  padding: 4px 10px;
  background: var(--paper);
}
.out {
  display: grid;
  gap: 4px;
}
.teach {
  max-width: 60ch;
}
</style>
