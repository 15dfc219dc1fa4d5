<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import type { RowChange } from '@bonitas/core/findings/finding'
import { deriveJob } from '@bonitas/core/job/derive'
import type { ChosenSet } from '@bonitas/core/stages/source/choosing'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import NextEuro from './NextEuro.vue'
import SetChanges from './SetChanges.vue'
import type { SetsResult } from './sets.worker.js'
import { useSets } from './useSets.js'

/** The best set for the money, the ways back when it is overrun, and what pays for a splurge. */
const store = useJobStore()
const { money } = useLocale()
const { task, choosing, run } = useSets()
const found = shallowRef<SetsResult>()
const splurge = shallowRef<ChosenSet>()
const splurgeId = ref('')
const trouble = ref('')
const taken = ref('')

useStageKeys([['Ctrl Z', 'Undo: the choices as they were']])

const over = computed(() => Math.max(0, -(store.derived?.position.freeMinor ?? 0)))
const empty = computed(() => !choosing.value?.items.some((i) => i.options.length > 0))

async function search(): Promise<void> {
  const now = choosing.value
  if (!now || empty.value) return
  trouble.value = ''
  splurge.value = undefined
  try {
    const result = await run({ kind: 'best', choosing: now })
    if (result) found.value = result
  } catch {
    trouble.value = 'The search ended with a fault. Nothing was changed.'
  }
}
watch(choosing, () => void search(), { immediate: true })

async function askSplurge(): Promise<void> {
  const now = choosing.value
  if (!now || !splurgeId.value) return
  const result = await run({ kind: 'splurge', choosing: now, optionId: splurgeId.value })
  splurge.value = result?.splurge
}
const splurges = computed(() =>
  (choosing.value?.items ?? []).flatMap((i) =>
    i.options
      .filter((o) => o.id !== i.now?.id)
      .map((o) => ({ id: o.id, text: `${i.name}: ${o.name}, ${money(o.costMinor)}` })),
  ),
)

function apply(set: ChosenSet, title: string): void {
  const changes = set.changes.map((c): RowChange => ({
    collection: 'items',
    id: c.itemId,
    set: { chosenOptionId: c.to?.id ?? null },
  }))
  store.apply(changes)
  taken.value = `${title}: ${changes.length} ${changes.length === 1 ? 'choice' : 'choices'} changed. Undo brings them back.`
}
const share = (value: number) =>
  found.value && found.value.most > 0 ? Math.round((100 * value) / found.value.most) : 0
/** What is free once a set is taken: computed like the tape, with the orders as they then are. */
function freeAfter(set: ChosenSet): number {
  const job = store.snapshot
  if (!job) return 0
  const next = new Map(set.changes.map((c) => [c.itemId, c.to?.id ?? null]))
  const items = job.items.map((i) => (next.has(i.id) ? { ...i, chosenOptionId: next.get(i.id) ?? null } : i))
  return deriveJob({ ...toRaw(job), items }, store.day).position.freeMinor
}
const freeOf = computed(() => {
  const sets = [found.value?.best, splurge.value, ...(found.value?.ways ?? []).map((w) => w.set)]
  return new Map(sets.flatMap((s) => (s?.feasible ? [[s, freeAfter(s)] as const] : [])))
})
const inWords = (set: ChosenSet) =>
  `${set.changes.length} ${set.changes.length === 1 ? 'change' : 'changes'}, then ${money(freeOf.value.get(set) ?? 0)} free; the room goes from ${share(found.value?.now.value ?? 0)} to ${share(set.value)} of 100`

const excluded = computed(() =>
  (store.derived?.items ?? []).reduce(
    (sum, i) => sum + i.options.filter((o) => o.suits.against.length > 0).length,
    0,
  ),
)
</script>

<template>
  <StagePage v-if="store.snapshot" title="Source">
    <template #head><StageTabs stage="source" /></template>
    <div v-if="empty" class="teach">
      <h2>One option for every item, within the money</h2>
      <p>
        When open items have options with prices, the best set that the money can bear is worked out here,
        exactly: what clashes, comes too late, does not fit or is locked is left out, and each change says
        why.
      </p>
    </div>
    <div v-else class="sets">
      <section v-if="over > 0" class="over" role="status">
        <h2>Over by {{ money(over) }}: the least painful ways back</h2>
        <template v-if="found?.ways?.length">
          <article v-for="w in found.ways" :key="w.title">
            <header>
              <h3>{{ w.title }}</h3>
              <p class="second">{{ inWords(w.set) }}</p>
              <ElButton type="primary" @click="apply(w.set, w.title)">Take this way</ElButton>
            </header>
            <SetChanges :set="w.set" />
          </article>
        </template>
        <p v-else-if="task.done.value !== undefined">
          Searching… <ElButton link @click="task.stop()">Stop</ElButton>
        </p>
        <p v-else-if="found">
          No set of choices is within the money. Say of more items that they may wait, find cheaper options,
          or agree a change order.
        </p>
      </section>
      <section v-else>
        <header>
          <h2>The best set within {{ money(choosing?.budgetMinor ?? 0) }}</h2>
          <p v-if="found?.best?.feasible" class="second">
            {{ inWords(found.best) }}{{ found.best.proven ? ', proven best' : '' }}
          </p>
          <ElButton
            v-if="found?.best?.feasible && found.best.changes.length > 0"
            type="primary"
            @click="apply(found.best, 'The best set')"
          >
            Take this set
          </ElButton>
        </header>
        <p v-if="task.done.value !== undefined && !found">
          Searching… <ElButton link @click="task.stop()">Stop</ElButton>
        </p>
        <SetChanges v-if="found?.best?.feasible" :set="found.best" />
        <p v-else-if="found">
          No set of choices keeps to the money and to the shares of each category. Raise a share in the Brief,
          or say of more items that they may wait.
        </p>
      </section>
      <p v-if="taken" role="status" class="second">
        {{ taken }} <ElButton link @click="(store.undo(), (taken = ''))">Undo</ElButton>
      </p>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
      <div class="paper"><NextEuro :height="190" /></div>
    </div>
    <template #panel>
      <h2>Splurge here: what pays for it</h2>
      <ChoiceField
        v-model="splurgeId"
        label="Take this, whatever it costs the rest"
        :choices="[
          { value: '', text: 'choose an option' },
          ...splurges.map((s) => ({ value: s.id, text: s.text })),
        ]"
        @update:model-value="askSplurge"
      />
      <template v-if="splurge">
        <template v-if="splurge.feasible">
          <p>{{ inWords(splurge) }}.</p>
          <ul class="pays">
            <li v-for="c in splurge.changes" :key="c.itemId">
              <b>{{ c.itemName }}</b>: {{ c.to?.name ?? 'later'
              }}{{ c.from ? ` instead of ${c.from.name}` : '' }},
              {{ c.savesMinor >= 0 ? `pays ${money(c.savesMinor)}` : `costs ${money(-c.savesMinor)}` }};
              {{ c.because }}
            </li>
          </ul>
          <ElButton @click="apply(splurge, 'The splurge')">Take it</ElButton>
        </template>
        <p v-else>Nothing that may still be changed frees enough for it.</p>
      </template>
      <h2>What is left out</h2>
      <p class="second">
        {{ excluded }} {{ excluded === 1 ? 'option is' : 'options are' }} struck out by size, the way in, the
        date, stock or the place; {{ choosing?.conflicts.length ?? 0 }}
        {{ choosing?.conflicts.length === 1 ? 'pair clashes' : 'pairs clash' }}.
        <template v-if="choosing?.caps.length"
          >Shares of the Brief hold:
          {{ choosing.caps.map((c) => `${c.category} ${money(Math.max(0, c.maxMinor))}`).join(', ') }}
          left.</template
        >
        Ordered items stay as they are; locked choices too.
      </p>
      <p class="second">
        Each thing counts as if it were bought by itself, so that a set within the money stays within it; what
        is then free counts coupons and deliveries as they will be.
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.sets {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 20px;
  max-width: 900px;
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  padding-bottom: 6px;
}
header .el-button {
  margin-left: auto;
}
.paper {
  background: var(--paper);
  padding: 12px 14px;
}
.over h2 {
  color: var(--stop);
  padding-bottom: 8px;
}
article {
  background: var(--paper);
  padding: 12px 14px;
  margin-bottom: 10px;
}
h3 {
  margin: 0;
  font-size: 14px;
  font-weight: 650;
}
select {
  max-width: 100%;
}
.pays li {
  padding: 3px 0;
  font-size: 13px;
}
.teach {
  max-width: 58ch;
  padding-top: 26px;
  display: grid;
  gap: 12px;
}
</style>
