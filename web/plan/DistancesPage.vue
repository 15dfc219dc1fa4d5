<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { NEED_KEYS, NEEDS, type NeedKey } from '@bonitas/core/model/vocabulary/need'
import { ZONES } from '@bonitas/core/stages/plan/needs'
import { mmText } from '@bonitas/core/kernel/units/length'
import FindingsPanel from '../job/FindingsPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import RowField from '../form/RowField.vue'
import LengthInput from './LengthInput.vue'
import { usePlan } from './usePlan.js'

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
    <table>
      <thead>
        <tr>
          <th scope="col">Distance</th>
          <th scope="col" class="figure">Customary</th>
          <th scope="col" class="figure">In this job</th>
          <th scope="col">Told by</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.key">
          <td>
            {{ r.title }}
            <RowField
              v-if="r.rule"
              collection="houseRules"
              :row="r.rule"
              field="why"
              kind="text"
              bare
              hint="why"
            />
          </td>
          <td class="figure">{{ mmText(r.mm) }}</td>
          <td class="figure set">
            <LengthInput
              :label="r.title"
              :mm="r.rule?.mm ?? r.mm"
              :min-mm="0"
              :max-mm="20000"
              bare
              @typed="(v) => set(r.key, v)"
            />
            <ElButton link v-if="r.rule" @click="store.remove('houseRules', r.rule.id)">
              as customary
            </ElButton>
          </td>
          <td class="second">{{ r.source }}</td>
        </tr>
      </tbody>
    </table>
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
