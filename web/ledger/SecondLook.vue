<script setup lang="ts">
import { computed, ref } from 'vue'
import { LEAVES_A_MARK } from '@bonitas/core/job/words'
import { secondLook } from '@bonitas/core/ledger/secondLook'
import { moneyColumnText } from '@bonitas/core/money/moneyText'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** A second look at a room that is done: what of the first stays, what goes, what comes, and what only that costs. */
const store = useJobStore()
const { money } = useLocale()
const going = ref<ReadonlySet<string>>(new Set())
const left = ref<ReadonlySet<string>>(new Set())
const flip = (set: ReadonlySet<string>, id: string) =>
  new Set(set.has(id) ? [...set].filter((x) => x !== id) : [...set, id])
const column = (minor: number) =>
  moneyColumnText(minor, store.snapshot?.studio.currency ?? 'EUR', store.snapshot?.studio.locale)

const items = computed(() => store.derived?.items ?? [])
const first = computed(() => items.value.filter((i) => i.state === 'ordered' || i.state === 'delivered'))
const coming = computed(() => items.value.filter((i) => i.state === 'open' || i.state === 'chosen'))
const look = computed(() =>
  secondLook(
    first.value.map((i) => ({
      id: i.item.id,
      name: i.item.name,
      costMinor: i.lines.reduce((sum, l) => sum + l.state.costMinor, 0),
      stays: !going.value.has(i.item.id),
      fixed: LEAVES_A_MARK.has(i.item.fixing),
    })),
    coming.value
      .filter((i) => !left.value.has(i.item.id))
      .map((i) => ({
        id: i.item.id,
        name: i.item.name,
        costMinor: i.state === 'chosen' ? i.chosenMinor : i.item.targetMinor,
        makesGood: i.item.category === 'services' || i.item.category === 'surfaces',
      })),
  ),
)
const costOf = computed(() => new Map(look.value.lines.map((l) => [l.id, l])))
function propose(): void {
  const named = (what: 'goes' | 'comes') => look.value.lines.filter((l) => l.what === what).map((l) => l.name)
  store.add('proposals', {
    proposedOn: store.day,
    amountMinor: look.value.costMinor,
    why: 'second look',
    items: [
      named('comes').length > 0 ? `comes: ${named('comes').join(', ')}` : '',
      named('goes').length > 0 ? `goes: ${named('goes').join(', ')}` : '',
    ].filter(Boolean).join('; ').slice(0, 400),
    state: 'proposed',
    answeredOn: null,
    answer: '',
  }) // prettier-ignore
}
</script>

<template>
  <details v-if="first.length > 0" class="look">
    <summary><h2>A second look, by what changes</h2></summary>
    <p class="second">
      Untick what goes, and what is not part of it. What stays costs nothing again; the first look keeps its
      own total.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">Thing</th>
          <th scope="col" class="figure">First look</th>
          <th scope="col" class="figure">Second look</th>
          <th scope="col"><span class="said-once">What becomes of it</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="i in first" :key="i.item.id">
          <th scope="row">
            <label>
              <input
                type="checkbox"
                :checked="!going.has(i.item.id)"
                @change="going = flip(going, i.item.id)"
              />
              {{ i.item.name }}
            </label>
          </th>
          <td class="figure">{{ column(i.lines.reduce((sum, l) => sum + l.state.costMinor, 0)) }}</td>
          <td class="figure">{{ column(0) }}</td>
          <td class="second">{{ costOf.get(i.item.id)?.what }}</td>
        </tr>
        <tr v-for="i in coming" :key="i.item.id">
          <th scope="row">
            <label>
              <input type="checkbox" :checked="!left.has(i.item.id)" @change="left = flip(left, i.item.id)" />
              {{ i.item.name }}
            </label>
          </th>
          <td class="figure"></td>
          <td class="figure">{{ column(costOf.get(i.item.id)?.costMinor ?? 0) }}</td>
          <td class="second">
            {{
              left.has(i.item.id) ? 'not part of it' : i.state === 'chosen' ? 'comes' : 'comes, at its target'
            }}
          </td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">all</th>
          <td class="figure">{{ column(look.firstMinor) }}</td>
          <td class="figure">{{ column(look.costMinor) }}</td>
          <td></td>
        </tr>
      </tfoot>
    </table>
    <p>
      The change costs <b>{{ money(look.costMinor) }}</b><template v-if="look.leftBehindMinor > 0"
        >; {{ money(look.leftBehindMinor) }} of the first look goes with what goes, unless it is sold or sent
        back</template
      >.
    </p>
    <p v-if="look.unmended.length > 0" class="mind">
      Taking off {{ look.unmended.join(' and ') }} leaves a mark, and nothing here makes it good: add the
      filling and painting as an item.
    </p>
    <button class="button" :disabled="look.costMinor === 0" @click="propose">
      Propose {{ money(look.costMinor) }}
    </button>
  </details>
</template>

<style scoped>
.look {
  width: 100%;
}
.look[open] {
  display: grid;
  gap: 8px;
  justify-items: start;
}
summary {
  cursor: pointer;
  min-height: 24px;
}
summary h2 {
  display: inline;
}
td,
th {
  padding: 3px 12px 3px 0;
}
tbody th {
  border-bottom-color: var(--rule);
  color: var(--ink);
}
th label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.mind {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
</style>
