<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { NEED_KEYS, NEEDS, type NeedKey } from '@bonitas/core/model/vocabulary/need'
import { ZONES } from '@bonitas/core/stages/plan/needs'
import FindingsPanel from '../job/FindingsPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import RowField from '../form/RowField.vue'
import LengthInput from './LengthInput.vue'
import { usePlan } from './usePlan.js'
import { useLocale } from '../form/useLocale.js'

const { drawn } = useLocale()

const { store } = usePlan()
const rows = computed(() =>
  NEED_KEYS.map((key) => ({
    key,
    ...NEEDS[key],
    rule: store.snapshot?.houseRules.find((h) => h.need === key),
  })),
)
const kinds = Object.entries(ZONES).map(([kind, zones]) => ({
  kind,
  says: [...new Set(zones.map((z) => `${z.side}: ${NEEDS[z.need].title.toLowerCase()}`))].join('; '),
}))
function set(key: NeedKey, mm: number): void {
  const rule = store.snapshot?.houseRules.find((h) => h.need === key)
  if (rule) store.change('houseRules', rule.id, { mm })
  else if (mm !== NEEDS[key].mm) store.add('houseRules', { need: key, mm, why: '' })
}
</script>

<template>
  <StagePage v-if="store.snapshot" title="Plan">
    <template #head><StageTabs stage="plan" /></template>
    <p class="teaching">
      Every distance the plan is held against, with where it is told. Type another and it holds for this job;
      the local code decides where one applies.
    </p>
    <ListTable
      class="row-table"
      :rows="rows"
      :columns="[
        { id: 'distance', head: 'Distance' },
        { id: 'customary', head: 'Customary', figure: true },
        { id: 'inThisJob', head: 'In this job', figure: true },
        { id: 'toldBy', head: 'Told by' },
      ]"
      :key-of="(r) => r.key"
    >
      <template #cell-distance="{ row: r }"
        >{{ r.title }}
        <RowField v-if="r.rule" collection="houseRules" :row="r.rule" field="why" kind="text" bare hint="why"
      /></template>
      <template #cell-customary="{ row: r }">{{ drawn(r.mm) }}</template>
      <template #cell-inThisJob="{ row: r }"
        ><span class="set"
          ><LengthInput
            :label="r.title"
            :mm="r.rule?.mm ?? r.mm"
            :min-mm="0"
            :max-mm="20000"
            bare
            @typed="(v) => set(r.key, v)"
          />
          <ElButton v-if="r.rule" link @click="store.remove('houseRules', r.rule.id)">
            as customary
          </ElButton></span
        ></template
      >
      <template #cell-toldBy="{ row: r }"
        ><span class="second">{{ r.source }}</span></template
      >
    </ListTable>
    <template #panel>
      <section class="panel-part">
        <h2>What each kind wants</h2>
        <p v-for="k in kinds" :key="k.kind" class="second">
          <b>{{ k.kind }}</b>: {{ k.says }}
        </p>
      </section>
      <FindingsPanel stage="plan" quiet="Nothing here to look at." />
    </template>
  </StagePage>
</template>

<style scoped>
.teaching {
  padding-bottom: 10px;
}
.set {
  width: 150px;
}
</style>
