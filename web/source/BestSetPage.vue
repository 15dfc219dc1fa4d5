<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import { setChanges, type ToldSet } from '@bonitas/core/job/toldSet'
import type { ChosenSet } from '@bonitas/core/stages/source/choosing'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import MoreMoney from './MoreMoney.vue'
import SetBrings from './SetBrings.vue'
import SetChanges from './SetChanges.vue'
import type { SetsResult } from './sets.worker.js'
import { useSets } from './useSets.js'
import { t } from './words.js'

/** The best set for the money, the ways back when it is overrun, and what pays for a splurge. */
const store = useJobStore()
const { money } = useLocale()
const { task, choosing, freeAfter, search: ask } = useSets()
const found = shallowRef<SetsResult>()
const splurge = shallowRef<ToldSet>()
const splurgeId = ref('')
const trouble = ref('')
const taken = ref('')

useStageKeys([[t('ctrlZ'), t('undoTheChoicesAsThey')]])

const over = computed(() => Math.max(0, -(store.derived?.position.freeMinor ?? 0)))
const empty = computed(() => !choosing.value?.items.some((i) => i.options.length > 0))

async function search(): Promise<void> {
  const now = choosing.value
  if (!now || empty.value) return
  trouble.value = ''
  splurge.value = undefined
  try {
    const result = await ask({ kind: 'best', choosing: now })
    if (result) found.value = result
  } catch {
    trouble.value = t('theSearchEndedWithA')
  }
}
watch(choosing, () => void search(), { immediate: true })

async function askSplurge(): Promise<void> {
  const now = choosing.value
  if (!now || !splurgeId.value) return
  const result = await ask({ kind: 'splurge', choosing: now, optionId: splurgeId.value })
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
  const changes = setChanges(set)
  store.apply(changes)
  taken.value = t('titleChangesChanges2ChangedUndo', {
    title,
    changes: changes.length,
    changes2: changes.length === 1 ? 'choice' : 'choices',
  })
}
const share = (value: number) =>
  found.value && found.value.most > 0 ? Math.round((100 * value) / found.value.most) : 0
const freeOf = computed(() => {
  const sets = [found.value?.best, splurge.value, ...(found.value?.ways ?? [])].map((told) => told?.set)
  return new Map(sets.flatMap((s) => (s?.feasible ? [[s, freeAfter(s)] as const] : [])))
})
const inWords = (set: ChosenSet) =>
  t('changesChanges2ThenSetFree', {
    changes: set.changes.length,
    changes2: set.changes.length === 1 ? 'change' : 'changes',
    set: money(freeOf.value.get(set) ?? 0),
    now: share(found.value?.now.value ?? 0),
    set2: share(set.value),
  })

const excluded = computed(() =>
  (store.derived?.items ?? []).reduce(
    (sum, i) => sum + i.options.filter((o) => o.suits.against.length > 0).length,
    0,
  ),
)
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('source')">
    <template #head><StageTabs stage="source" /></template>
    <div v-if="empty" class="teach">
      <h2>{{ t('oneOptionForEveryItem') }}</h2>
      <p>
        {{ t('whenOpenItemsHaveOptions') }}
      </p>
    </div>
    <div v-else class="sets">
      <section v-if="over > 0" class="over" role="status">
        <h2>{{ t('overByOverTheLeast', { over: money(over) }) }}</h2>
        <template v-if="found?.ways?.length">
          <article v-for="w in found.ways" :key="w.title">
            <header>
              <h3>{{ w.title }}</h3>
              <p class="second">{{ inWords(w.set) }}</p>
              <ElButton v-if="w.offered" type="primary" @click="apply(w.set, w.title)">{{
                t('takeThisWay')
              }}</ElButton>
            </header>
            <SetBrings :told="w" />
            <SetChanges :set="w.set" />
          </article>
        </template>
        <p v-else-if="task.done.value !== undefined">
          {{ t('searching') }} <ElButton link @click="task.stop()">{{ t('stop') }}</ElButton>
        </p>
        <p v-else-if="found">
          {{ t('noSetOfChoicesIs') }}
        </p>
      </section>
      <section v-else>
        <header>
          <h2>{{ t('theBestSetWithinBudgetMinor', { budgetMinor: money(choosing?.budgetMinor ?? 0) }) }}</h2>
          <p v-if="found?.best?.set.feasible" class="second">
            {{ inWords(found.best.set) }}{{ found.best.set.proven ? t('provenBest') : '' }}
          </p>
          <ElButton
            v-if="found?.best?.offered && found.best.set.changes.length > 0"
            type="primary"
            @click="apply(found.best.set, t('theBestSet'))"
          >
            {{ t('takeThisSet') }}
          </ElButton>
        </header>
        <p v-if="task.done.value !== undefined && !found">
          {{ t('searching') }} <ElButton link @click="task.stop()">{{ t('stop') }}</ElButton>
        </p>
        <template v-if="found?.best?.set.feasible">
          <SetBrings :told="found.best" />
          <SetChanges :set="found.best.set" />
        </template>
        <p v-else-if="found">
          {{ t('noSetOfChoicesKeeps') }}
        </p>
      </section>
      <p v-if="taken" role="status" class="second">
        {{ taken }} <ElButton link @click="(store.undo(), (taken = ''))">{{ t('undo') }}</ElButton>
      </p>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
      <div class="paper"><MoreMoney :height="190" /></div>
    </div>
    <template #panel>
      <h2>{{ t('splurgeHereWhatPaysFor') }}</h2>
      <ChoiceField
        v-model="splurgeId"
        :label="t('takeThisWhateverItCosts')"
        :choices="[
          { value: '', text: t('chooseAnOption') },
          ...splurges.map((s) => ({ value: s.id, text: s.text })),
        ]"
        @update:model-value="askSplurge"
      />
      <template v-if="splurge">
        <template v-if="splurge.set.feasible">
          <p>{{ inWords(splurge.set) }}.</p>
          <SetBrings :told="splurge" />
          <ul class="pays">
            <li v-for="c in splurge.set.changes" :key="c.itemId">
              <b>{{ c.itemName }}</b>: {{ c.to?.name ?? 'later'
              }}{{ c.from ? t('insteadOfName', { name: c.from.name }) : '' }},
              {{ c.savesMinor >= 0 ? `pays ${money(c.savesMinor)}` : `costs ${money(-c.savesMinor)}` }};
              {{ c.because }}
            </li>
          </ul>
          <ElButton v-if="splurge.offered" @click="apply(splurge.set, t('theSplurge'))">{{
            t('takeIt')
          }}</ElButton>
        </template>
        <p v-else>{{ t('nothingThatMayStillBe') }}</p>
      </template>
      <h2>{{ t('whatIsLeftOut') }}</h2>
      <p class="second">
        {{
          t('excludedExcluded2StruckOutBy', {
            excluded,
            excluded2: excluded === 1 ? t('optionIs') : t('optionsAre'),
            conflicts: choosing?.conflicts.length ?? 0,
            conflicts2: choosing?.conflicts.length === 1 ? t('pairClashes') : t('pairsClash'),
          })
        }}
        <template v-if="choosing?.caps.length">{{
          t('sharesOfTheBriefHold', {
            join: choosing.caps.map((c) => `${c.category} ${money(Math.max(0, c.maxMinor))}`).join(', '),
          })
        }}</template>
        {{ t('orderedItemsStayAsThey') }}
      </p>
      <p class="second">
        {{ t('eachThingCountsAsIf') }}
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
