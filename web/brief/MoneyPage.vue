<script setup lang="ts">
import { computed } from 'vue'
import { FEE_KINDS, MARKS, SPLURGE_REASONS } from '@bonitas/core/model/vocabulary/budget'
import { CATEGORIES, type Category } from '@bonitas/core/model/vocabulary/category'
import { LEVELS } from '@bonitas/core/model/vocabulary/change'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import ChangeHistory from '../job/ChangeHistory.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ChangeOrderForm from './ChangeOrderForm.vue'

const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const position = computed(() => store.derived?.position)
const levels = computed(() => store.derived?.brief.levels ?? [])
const toSpend = computed(() => store.derived?.brief.toSpendMinor ?? 0)
const bound = computed(
  () =>
    job.value !== undefined &&
    (job.value.brief.agreedOn !== null || job.value.orders.length + job.value.changeOrders.length > 0),
)
const shared = computed(() => (job.value?.budgetShares ?? []).reduce((sum, a) => sum + a.amountMinor, 0))
const targets = (category: Category) =>
  (job.value?.items ?? []).filter((i) => i.category === category).reduce((sum, i) => sum + i.targetMinor, 0)
const open = computed(() => CATEGORIES.filter((c) => !job.value?.budgetShares.some((a) => a.category === c)))
const sorted = computed(() =>
  [...(job.value?.budgetShares ?? [])].sort(
    (x, y) => CATEGORIES.indexOf(x.category) - CATEGORIES.indexOf(y.category),
  ),
)

const LEVEL_CHOICES = [{ value: null, text: 'not settled' }, ...LEVELS.map((l) => ({ value: l, text: l }))]
const REASONS = [
  { value: null, text: 'no reason yet' },
  ...SPLURGE_REASONS.map((r) => ({ value: r, text: `it ${r}` })),
]
</script>

<template>
  <StagePage v-if="job && position" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <div class="money">
      <section>
        <h2>Agreed budget</h2>
        <div class="grid">
          <RowField
            v-if="!bound"
            collection="brief"
            :row="job.brief"
            field="agreedMinor"
            kind="money"
            figure
            hint="free to change until it is agreed"
          />
          <div v-else class="row-field">
            <span class="second">Agreed budget now</span>
            <p class="big figure">{{ money(position.agreedMinor) }}</p>
          </div>
          <RowField
            collection="brief"
            :row="job.brief"
            field="agreedOn"
            kind="date"
            :hint="bound ? 'from here it moves by change order' : 'the day client and decorator agreed'"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="reservePpm"
            kind="percent"
            label="Reserve, %"
            figure
            :hint="`${money(position.reserveMinor)} held back`"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="taxPpm"
            kind="percent"
            label="Tax rate, %"
            figure
          />
          <RowCheck
            class="full"
            collection="brief"
            :row="job.brief"
            field="pricesIncludeTax"
            label="Prices are entered with tax in them"
            :hint="
              job.brief.pricesIncludeTax
                ? 'landed prices show the tax inside'
                : 'tax is added to every landed price'
            "
          />
        </div>
      </section>
      <section>
        <h2>The decorator’s fee</h2>
        <div class="grid">
          <RowChoice collection="brief" :row="job.brief" field="feeKind" :choices="FEE_KINDS" />
          <RowField
            v-if="job.brief.feeKind === 'fixed' || job.brief.feeKind === 'hourly'"
            collection="brief"
            :row="job.brief"
            field="feeMinor"
            kind="money"
            :label="job.brief.feeKind === 'hourly' ? 'An hour' : 'Fee'"
            figure
          />
          <RowField
            v-if="job.brief.feeKind === 'hourly'"
            collection="brief"
            :row="job.brief"
            field="feeHours"
            kind="whole"
            figure
          />
          <RowField
            v-if="job.brief.feeKind === 'percent of cost'"
            collection="brief"
            :row="job.brief"
            field="feePpm"
            kind="percent"
            label="Percent of what the goods come to"
            figure
          />
          <RowCheck
            v-if="job.brief.feeKind !== 'none'"
            class="full"
            collection="brief"
            :row="job.brief"
            field="feeInside"
            label="The fee comes out of the budget"
            :hint="`${money(position.feeMinor)} today, ${job.brief.feeInside ? 'not free to spend' : 'paid beside the budget'}`"
          />
        </div>
      </section>
      <section class="broad">
        <h2>Change orders</h2>
        <p v-if="!bound" class="second">
          Once the budget is agreed it moves by change orders only: how much, who agreed, when and why. They
          are never altered; a wrong one is fixed by another.
        </p>
        <template v-else>
          <ChangeHistory v-if="job.changeOrders.length > 0" />
          <ChangeOrderForm />
        </template>
      </section>
      <section class="broad">
        <h2>Split over the categories</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">Category</th>
              <th scope="col" class="figure">Share</th>
              <th scope="col">Mark</th>
              <th scope="col">Because</th>
              <th scope="col" class="figure">Targets of its items</th>
              <th scope="col" class="figure">Left of the share</th>
              <th scope="col"><span class="visually-hidden">Remove</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="a in sorted" :key="a.id">
              <td>{{ a.category }}</td>
              <td class="figure share">
                <RowField
                  collection="budgetShares"
                  :row="a"
                  field="amountMinor"
                  kind="money"
                  bare
                  figure
                  :label="`Share of ${a.category}`"
                />
              </td>
              <td>
                <RowChoice
                  collection="budgetShares"
                  :row="a"
                  field="mark"
                  :choices="MARKS"
                  bare
                  :label="`Mark of ${a.category}`"
                />
              </td>
              <td>
                <RowChoice
                  v-if="a.mark === 'splurge'"
                  collection="budgetShares"
                  :row="a"
                  field="reason"
                  :choices="REASONS"
                  bare
                  :label="`Why splurge on ${a.category}`"
                />
              </td>
              <td class="figure">{{ money(targets(a.category)) }}</td>
              <td class="figure">{{ money(a.amountMinor - targets(a.category)) }}</td>
              <td class="figure">
                <button
                  class="word"
                  :aria-label="`Remove the share of ${a.category}`"
                  @click="store.remove('budgetShares', a.id)"
                >
                  ×
                </button>
              </td>
            </tr>
            <tr class="sum">
              <td>all</td>
              <td class="figure">{{ money(shared) }}</td>
              <td colspan="2" class="second">of {{ money(toSpend) }} to spend</td>
              <td class="figure"></td>
              <td class="figure">{{ money(toSpend - shared) }}</td>
              <td></td>
            </tr>
          </tbody>
        </table>
        <p v-if="open.length > 0" class="add second">
          Add a share for
          <button
            v-for="c in open"
            :key="c"
            class="word"
            @click="
              store.add('budgetShares', { category: c, amountMinor: targets(c), mark: 'even', reason: null })
            "
          >
            {{ c }}
          </button>
        </p>
      </section>
      <section class="broad">
        <div class="bar">
          <h2>Two depths of change</h2>
          <RowChoice
            collection="brief"
            :row="job.brief"
            field="level"
            :choices="LEVEL_CHOICES"
            label="Settled on"
          />
        </div>
        <div class="levels">
          <article
            v-for="(l, i) in levels"
            :key="l.level"
            :class="{ off: job.brief.level && job.brief.level !== l.level }"
          >
            <h3>{{ l.level }}</h3>
            <p class="big">{{ money(l.amountMinor) }}</p>
            <p class="second">
              {{ l.lines }} {{ l.lines === 1 ? 'line' : 'lines'
              }}{{ l.weeks === null ? '' : `, ${l.weeks} weeks until the slowest is here` }}
            </p>
            <p v-if="l.own.length > 0" class="second">
              Only here: {{ l.own.map((o) => `${o.name} ${money(o.amountMinor)}`).join(', ') }}
            </p>
            <RowField
              collection="brief"
              :row="job.brief"
              :field="i === 0 ? 'decorateNote' : 'buildingNote'"
              kind="text"
              label="What it cannot fix"
            />
          </article>
        </div>
        <p class="second">
          The client sees both before choosing. An item belongs to both, or to one of them; that is set at the
          item in Source.
        </p>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.money {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px 34px;
}
.money > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.broad {
  grid-column: 1 / -1;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  margin-top: 8px;
}
.full {
  grid-column: 1 / -1;
}
.big {
  font-size: 22px;
  font-weight: 600;
  line-height: 1.3;
}
.share {
  width: 110px;
}
.sum td {
  font-weight: 600;
  border-bottom: 0;
}
.sum td.second {
  font-weight: 400;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
  padding-top: 6px;
}
.bar {
  display: flex;
  align-items: end;
  gap: 14px;
}
.bar h2 {
  margin-right: auto;
}
.bar .row-choice {
  width: 200px;
}
.levels {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 26px;
  margin: 8px 0;
}
article {
  border-left: 4px solid var(--ink);
  padding-left: 12px;
  display: grid;
  gap: 4px;
  align-content: start;
}
article.off {
  border-left: 4px dotted var(--rule-2);
}
h3 {
  font-size: 14px;
  font-weight: 650;
  margin: 0;
}
td {
  vertical-align: middle;
}
@media (width < 760px) {
  .money,
  .levels {
    grid-template-columns: 1fr;
  }
}
</style>
