<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Cell } from '@bonitas/core/stages/brief/coverage'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Uses across, pieces and items down: what serves what. Arrows walk the cells; Space or Enter ticks one. */
const store = useJobStore()
const coverage = computed(() => store.derived?.brief.coverage)
const uses = computed(() => coverage.value?.uses ?? [])
const things = computed(() => uses.value[0]?.cells.map((c) => c.thing) ?? [])
const table = ref<HTMLTableElement>()

const WORDS: Readonly<Record<Cell['state'], string>> = {
  serves: 'serves',
  fails: t('tickedButFails'),
  could: t('couldServe'),
  no: t('doesNotServe'),
}

function toggle(useId: string, thingIndex: number): void {
  const thing = things.value[thingIndex]
  if (!thing) return
  const serves = thing.serves.includes(useId)
    ? thing.serves.filter((id) => id !== useId)
    : [...thing.serves, useId]
  store.change(thing.kind === 'piece' ? 'pieces' : 'items', thing.id, { serves })
}

function walk(event: KeyboardEvent, row: number, column: number): void {
  const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key]
  if (!step) return
  event.preventDefault()
  const [r, c] = [row + (step[0] ?? 0), column + (step[1] ?? 0)]
  table.value?.querySelector<HTMLElement>(`[data-cell="${r} ${c}"]`)?.focus()
}
</script>

<template>
  <div class="coverage">
    <table ref="table">
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ t('pieceOrItem') }}</span>
          </th>
          <th v-for="u in uses" :key="u.use.id" scope="col" class="use">{{ u.use.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(served, r) in things" :key="served.id">
          <th scope="row">
            {{ served.name }}<span v-if="served.count > 1"> × {{ served.count }}</span
            ><span class="second sort">{{ served.kind === 'item' ? t('toBuy') : served.pieceKind }}</span>
          </th>
          <td v-for="(u, c) in uses" :key="u.use.id">
            <ElButton
              class="is-line cell"
              :data-cell="`${r} ${c}`"
              :class="u.cells[r]?.state"
              :aria-pressed="served.serves.includes(u.use.id)"
              :aria-label="`${served.name}, ${u.use.name}: ${WORDS[u.cells[r]?.state ?? 'no']}${u.cells[r]?.says ? `, ${u.cells[r]?.says}` : ''}`"
              :title="u.cells[r]?.says || WORDS[u.cells[r]?.state ?? 'no']"
              :tabindex="r === 0 && c === 0 ? 0 : -1"
              @click="toggle(u.use.id, r)"
              @keydown="walk($event, r, c)"
            >
              <i></i>
            </ElButton>
          </td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{{ t('served') }}</th>
          <td v-for="u in uses" :key="u.use.id" class="says" :class="u.state">
            {{
              u.state === 'covered'
                ? 'yes'
                : u.state === 'in part'
                  ? u.says
                  : u.says === 'nothing serves it'
                    ? t('byNothing')
                    : u.says
            }}
          </td>
        </tr>
      </tfoot>
    </table>
    <p class="second key">
      <i class="serves"></i> {{ t('serves') }} <i class="fails"></i> {{ t('tickedButAMeasureRules') }}
      <i class="could"></i> {{ t('itsKindCouldServeTick') }}
    </p>
  </div>
</template>

<style scoped>
.coverage {
  overflow-x: auto;
}
.sort {
  margin-left: 8px;
}
table {
  width: auto;
  min-width: 100%;
}
th.use {
  width: 92px;
  max-width: 110px;
  white-space: normal;
  text-align: center;
  padding: 4px;
  line-height: 1.2;
}
tbody th {
  color: var(--ink);
  font-size: 14px;
  border-bottom: 1px solid var(--rule);
  white-space: nowrap;
  padding: 0 12px 0 0;
}
td {
  padding: 0;
  text-align: center;
  vertical-align: middle;
}
.el-button.cell {
  width: 100%;
  min-width: 44px;
  height: 26px;
  text-align: center;
}
.el-button.cell:hover {
  background: var(--paper);
}
i {
  width: 15px;
  height: 15px;
  display: inline-block;
  border: 1px solid transparent;
  vertical-align: -2px;
}
.serves i,
i.serves {
  background: var(--ink);
  border-color: var(--ink);
}
.fails i,
i.fails {
  background: var(--hatch);
  border-color: var(--stop);
}
.could i,
i.could {
  border: 2px dotted var(--rule-2);
}
.no:hover i,
.no:focus-visible i {
  border-color: var(--rule);
}
tfoot th {
  border: 0;
  color: var(--ink);
  padding-top: 6px;
}
.says {
  border: 0;
  font-size: 13px;
  padding: 6px 4px 0;
  vertical-align: top;
  max-width: 120px;
}
.says.uncovered,
.says.in {
  font-weight: 600;
}
.key {
  margin-top: 8px;
}
.key i {
  margin-left: 10px;
}
.key i:first-child {
  margin-left: 0;
}
</style>
