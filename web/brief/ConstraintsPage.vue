<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import { puttingBack } from '@bonitas/core/stages/brief/puttingBack'
import { CONSTRAINT_KINDS } from '@bonitas/core/model/vocabulary/constraint'
import { SURFACES } from '@bonitas/core/model/vocabulary/surface'
import { surfaceName } from '@bonitas/core/stages/palette/visibleArea'
import { dayText } from '@bonitas/core/kernel/units/days'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import { useWallChoices } from '../measure/useWallChoices.js'
import StageTabs from '../job/StageTabs.vue'
import Consents from './Consents.vue'
import Tenure from './Tenure.vue'

const store = useJobStore()
const route = useRoute()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const brief = computed(() => store.derived?.brief)
const walls = useWallChoices()
const wallChoices = useWallChoices('the whole room')
const surfaces = computed(() => [
  { value: '', text: 'no surface' },
  ...SURFACES.map((s) => ({ value: s, text: surfaceName(s) })),
  ...walls.value.map((w) => ({ value: `wall:${w.value ?? ''}`, text: w.text })),
])
const pieces = computed(() => [
  { value: null, text: 'no piece' },
  ...(job.value?.pieces ?? []).map((p) => ({ value: p.id, text: p.name })),
])
const rented = computed(() => job.value?.schools.tenure === 'rented')
const back = computed(() =>
  job.value && brief.value ? puttingBack(inScheme(job.value), brief.value.changes, money) : [],
)
const cost = computed(() => back.value.reduce((sum, b) => sum + b.costMinor, 0))
const open = computed(() => brief.value?.changes.filter((c) => !c.consent).length ?? 0)

const addConstraint = () =>
  store.add('constraints', { kind: 'must stay', what: 'Floor', surface: 'floor', pieceId: null, why: '' })
const addWork = () =>
  store.add('works', { what: 'Unfinished work', wallId: null, readyOn: null, done: false })
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <div class="constraints">
      <Tenure />
      <section>
        <div class="part-head">
          <h2>What must stay, what may not be touched</h2>
          <ElButton @click="addConstraint">Add a constraint</ElButton>
        </div>
        <p v-if="job.constraints.length === 0" class="second">
          A tile, a bath, a floor, a piece: it then judges everything else.
        </p>
        <div v-for="l in job.constraints" :key="l.id" class="row constraint">
          <RowField collection="constraints" :row="l" field="what" kind="text" label="What" />
          <RowChoice
            collection="constraints"
            :row="l"
            field="kind"
            :choices="CONSTRAINT_KINDS"
            label="Constraint"
          />
          <RowChoice collection="constraints" :row="l" field="surface" :choices="surfaces" label="Surface" />
          <RowChoice collection="constraints" :row="l" field="pieceId" :choices="pieces" label="Piece" />
          <RowField collection="constraints" :row="l" field="why" kind="text" label="Why" />
          <ElButton
            link
            :aria-label="`Remove the constraint ${l.what}`"
            @click="store.remove('constraints', l.id)"
          >
            ×
          </ElButton>
        </div>
      </section>
      <Consents v-if="rented || job.consents.length > 0" :surfaces="surfaces" />
      <section v-if="rented || back.length > 0">
        <div class="part-head">
          <h2>Putting back{{ job.brief.leaseEndsOn ? ` by ${dayText(job.brief.leaseEndsOn)}` : '' }}</h2>
          <ElButton :tag="RouterLink" :to="`/jobs/${String(route.params.jobId)}/brief/putting-back`"
            >The list, to print</ElButton
          >
        </div>
        <p class="second">
          {{ back.length }} {{ back.length === 1 ? 'task' : 'tasks'
          }}<template v-if="cost > 0">, {{ money(cost) }} of paint</template
          ><template v-if="open > 0"
            >; {{ open }} {{ open === 1 ? 'change has' : 'changes have' }} no consent</template
          >.
        </p>
      </section>
      <section>
        <div class="part-head">
          <h2>Building work not done</h2>
          <ElButton @click="addWork">Add a work</ElButton>
        </div>
        <p v-if="job.works.length === 0" class="second">
          A half-built panel holds up everything that hangs there. Noted here it holds up the place in the
          plan too.
        </p>
        <div v-for="w in job.works" :key="w.id" class="row work">
          <RowField collection="works" :row="w" field="what" kind="text" label="Work" />
          <RowChoice collection="works" :row="w" field="wallId" :choices="wallChoices" label="Holds up" />
          <RowField collection="works" :row="w" field="readyOn" kind="date" />
          <RowCheck collection="works" :row="w" field="done" />
          <ElButton link :aria-label="`Remove ${w.what}`" @click="store.remove('works', w.id)"> × </ElButton>
        </div>
        <p v-if="job.works.length > 0" class="second">
          Before sanding or lifting old paint, floor or ceiling coverings: age known? Lead and asbestos are
          for a test and a licensed specialist.
        </p>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" quiet="No constraint is broken." />
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
