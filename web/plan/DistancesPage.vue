<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { NEED_KEYS, NEEDS, type NeedKey } from '@bonitas/core/model/vocabulary/need'
import { ZONES } from '@bonitas/core/stages/plan/needs'
import ListTable from '../form/ListTable.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LengthInput from './LengthInput.vue'
import { usePlan } from './usePlan.js'
import { t } from './words.js'

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
  <StagePage v-if="store.snapshot" :title="t('plan')">
    <template #head><StageTabs stage="plan" /></template>
    <p class="teaching">
      {{ t('everyDistanceThePlanIs') }}
    </p>
    <ListTable
      class="row-table"
      :rows="rows"
      :columns="[
        { id: 'distance', head: t('distance') },
        { id: 'customary', head: t('customary'), figure: true },
        { id: 'inThisJob', head: t('inThisJob'), figure: true },
        { id: 'toldBy', head: t('toldBy') },
      ]"
      :key-of="(r) => r.key"
    >
      <template #cell-distance="{ row: r }"
        >{{ r.title }}
        <RowField
          v-if="r.rule"
          collection="houseRules"
          :row="r.rule"
          field="why"
          kind="text"
          bare
          :hint="t('why')"
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
            {{ t('asCustomary') }}
          </ElButton></span
        ></template
      >
      <template #cell-toldBy="{ row: r }"
        ><span class="second">{{ r.source }}</span></template
      >
    </ListTable>
    <template #panel>
      <section class="panel-part">
        <h2>{{ t('whatEachKindWants') }}</h2>
        <p v-for="k in kinds" :key="k.kind" class="second">
          <b>{{ k.kind }}</b>: {{ k.says }}
        </p>
      </section>
      <FindingsPanel stage="plan" :quiet="t('nothingHereToLookAt')" />
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
