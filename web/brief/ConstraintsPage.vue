<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import { puttingBack } from '@bonitas/core/stages/brief/puttingBack'
import { CONSTRAINT_KINDS } from '@bonitas/core/model/vocabulary/constraint'
import { SURFACES } from '@bonitas/core/model/vocabulary/surface'
import { surfaceName } from '@bonitas/core/stages/palette/surfaceAreas'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useWallChoices } from '../measure/useWallChoices.js'
import Consents from './Consents.vue'
import Tenure from './Tenure.vue'
import { t } from './words.js'

const store = useJobStore()
const route = useRoute()
const { money, says } = useLocale()
const job = computed(() => store.snapshot)
const brief = computed(() => store.derived?.brief)
const walls = useWallChoices()
const wallChoices = useWallChoices(t('theWholeRoom'))
const surfaces = computed(() => [
  { value: '', text: t('noSurface') },
  ...SURFACES.map((s) => ({ value: s, text: surfaceName(s, says.value.locale) })),
  ...walls.value.map((w) => ({ value: `wall:${w.value ?? ''}`, text: w.text })),
])
const pieces = computed(() => [
  { value: null, text: t('noPiece') },
  ...(job.value?.pieces ?? []).map((p) => ({ value: p.id, text: p.name })),
])
const rented = computed(() => job.value?.schools.tenure === 'rented')
const back = computed(() =>
  job.value && brief.value ? puttingBack(inScheme(job.value), brief.value.changes, says.value) : [],
)
const cost = computed(() => back.value.reduce((sum, b) => sum + b.costMinor, 0))
const open = computed(() => brief.value?.changes.filter((c) => !c.consent).length ?? 0)

const addConstraint = () =>
  store.add('constraints', { kind: 'must stay', what: t('floor'), surface: 'floor', pieceId: null, why: '' })
const addWork = () =>
  store.add('works', { what: t('unfinishedWork'), wallId: null, readyOn: null, done: false })
</script>

<template>
  <StagePage v-if="job" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <div class="constraints">
      <Tenure />
      <section>
        <div class="part-head">
          <h2>{{ t('whatMustStayWhatMay') }}</h2>
          <ElButton @click="addConstraint">{{ t('addAConstraint') }}</ElButton>
        </div>
        <p v-if="job.constraints.length === 0" class="second">
          {{ t('aTileABathA') }}
        </p>
        <div v-for="l in job.constraints" :key="l.id" class="row constraint">
          <RowField collection="constraints" :row="l" field="what" kind="text" :label="t('what')" />
          <RowChoice
            collection="constraints"
            :row="l"
            field="kind"
            :choices="CONSTRAINT_KINDS"
            :label="t('constraint')"
          />
          <RowChoice
            collection="constraints"
            :row="l"
            field="surface"
            :choices="surfaces"
            :label="t('surface')"
          />
          <RowChoice
            collection="constraints"
            :row="l"
            field="pieceId"
            :choices="pieces"
            :label="t('piece')"
          />
          <RowField collection="constraints" :row="l" field="why" kind="text" :label="t('why')" />
          <ElButton
            link
            :aria-label="t('removeTheConstraintWhat', { what: l.what })"
            @click="store.remove('constraints', l.id)"
          >
            ×
          </ElButton>
        </div>
      </section>
      <Consents v-if="rented || job.consents.length > 0" :surfaces="surfaces" />
      <section v-if="rented || back.length > 0">
        <div class="part-head">
          <h2>
            {{
              t('puttingBackLeaseEndsOn', {
                leaseEndsOn: job.brief.leaseEndsOn ? ` by ${says.day(job.brief.leaseEndsOn)}` : '',
              })
            }}
          </h2>
          <ElButton :tag="RouterLink" :to="`/jobs/${String(route.params.jobId)}/install/putting-back`">{{
            t('theListToPrint')
          }}</ElButton>
        </div>
        <p class="second">
          {{ back.length }} {{ back.length === 1 ? 'task' : 'tasks'
          }}<template v-if="cost > 0">{{ t('costOfPaint', { cost: money(cost) }) }}</template
          ><template v-if="open > 0">{{
            t('openOpen2NoConsent', { open, open2: open === 1 ? t('changeHas') : t('changesHave') })
          }}</template
          >.
        </p>
      </section>
      <section>
        <div class="part-head">
          <h2>{{ t('buildingWorkNotDone') }}</h2>
          <ElButton @click="addWork">{{ t('addAWork') }}</ElButton>
        </div>
        <p v-if="job.works.length === 0" class="second">
          {{ t('aHalfBuiltPanelHolds') }}
        </p>
        <div v-for="w in job.works" :key="w.id" class="row work">
          <RowField collection="works" :row="w" field="what" kind="text" :label="t('work')" />
          <RowChoice
            collection="works"
            :row="w"
            field="wallId"
            :choices="wallChoices"
            :label="t('holdsUp')"
          />
          <RowField collection="works" :row="w" field="readyOn" kind="date" />
          <RowCheck collection="works" :row="w" field="done" />
          <ElButton link :aria-label="t('removeWhat', { what: w.what })" @click="store.remove('works', w.id)">
            ×
          </ElButton>
        </div>
        <p v-if="job.works.length > 0" class="second">
          {{ t('beforeSandingOrLiftingOld') }}
        </p>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" page="constraints" :quiet="t('noConstraintIsBroken')" />
    </template>
  </StagePage>
</template>

<style scoped>
.constraints {
  display: grid;
  gap: 20px;
}
.constraints > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.link {
  text-decoration: none;
}
.row {
  display: grid;
  gap: 8px 12px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.constraint {
  grid-template-columns: 1.2fr 1fr 1fr 1fr 1.4fr 24px;
}
.work {
  grid-template-columns: 2fr 1.2fr 1fr 80px 24px;
}
@media (width < 760px) {
  .constraint,
  .work {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
