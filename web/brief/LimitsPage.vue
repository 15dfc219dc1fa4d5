<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import { puttingBack } from '@bonitas/core/stages/brief/puttingBack'
import { LIMIT_KINDS } from '@bonitas/core/model/vocabulary/limit'
import { CHANGES } from '@bonitas/core/model/vocabulary/change'
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
const anywhere = computed(() => [{ value: '', text: 'anywhere' }, ...surfaces.value.slice(1)])
const pieces = computed(() => [
  { value: null, text: 'no piece' },
  ...(job.value?.pieces ?? []).map((p) => ({ value: p.id, text: p.name })),
])
const finishes = computed(() => [
  { value: null, text: 'none' },
  ...(job.value?.finishes ?? []).map((f) => ({ value: f.id, text: f.name })),
])
const items = computed(() => [
  { value: null, text: 'any item' },
  ...(job.value?.items ?? []).map((i) => ({ value: i.id, text: i.name })),
])
const letters = computed(() => [
  { value: null, text: 'no photo' },
  ...(job.value?.photos ?? [])
    .filter((p) => p.kind === 'letter')
    .map((p, i) => ({ value: p.id, text: p.note || `Letter ${i + 1}` })),
])
const rented = computed(() => job.value?.schools.tenure === 'rented')
const back = computed(() =>
  job.value && brief.value ? puttingBack(inScheme(job.value), brief.value.changes, money) : [],
)
const cost = computed(() => back.value.reduce((sum, b) => sum + b.costMinor, 0))
const open = computed(() => brief.value?.changes.filter((c) => !c.consent).length ?? 0)

const addLimit = () =>
  store.add('limits', { kind: 'must stay', what: 'Floor', surface: 'floor', pieceId: null, why: '' })
const addConsent = () =>
  store.add('consents', {
    on: store.day,
    change: 'paint',
    surface: '',
    colors: 'any color',
    finishId: null,
    itemId: null,
    photoId: null,
    words: '',
  })
const addWork = () =>
  store.add('works', { what: 'Unfinished work', wallId: null, readyOn: null, done: false })
const photo = (id: string) => `/api/jobs/${job.value?.brief.id ?? ''}/pictures/${id}`
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <div class="limits">
      <section>
        <h2>Tenure</h2>
        <div class="tenure" role="radiogroup" aria-label="Tenure">
          <label v-for="t in [null, 'owned', 'rented'] as const" :key="t ?? 'none'">
            <input
              type="radio"
              name="tenure"
              :checked="job.schools.tenure === t"
              @change="store.change('schools', job.schools.id, { tenure: t })"
            />
            {{ t ?? 'not said yet' }}
          </label>
          <RowField v-if="rented" collection="brief" :row="job.brief" field="leaseEndsOn" kind="date" />
          <RowField
            v-if="rented"
            collection="brief"
            :row="job.brief"
            field="backPrimerMinor"
            kind="money"
            figure
          />
          <RowField
            v-if="rented"
            collection="brief"
            :row="job.brief"
            field="backPaintMinor"
            kind="money"
            figure
          />
        </div>
        <p class="second">
          {{
            rented
              ? 'Nothing is drilled, painted or fixed without consent in writing. Ask first; each answer is read narrowly: one color is not another, painting is not drilling.'
              : 'In a rented home nothing is drilled, painted or fixed without leave, and what was changed is listed for putting back.'
          }}
        </p>
      </section>
      <section>
        <div class="bar">
          <h2>What must stay, what may not be touched</h2>
          <button class="button" @click="addLimit">Add a limit</button>
        </div>
        <p v-if="job.limits.length === 0" class="second">
          A tile, a bath, a floor, a piece: it then judges everything else.
        </p>
        <div v-for="l in job.limits" :key="l.id" class="row limit">
          <RowField collection="limits" :row="l" field="what" kind="text" label="What" />
          <RowChoice collection="limits" :row="l" field="kind" :choices="LIMIT_KINDS" label="Limit" />
          <RowChoice collection="limits" :row="l" field="surface" :choices="surfaces" label="Surface" />
          <RowChoice collection="limits" :row="l" field="pieceId" :choices="pieces" label="Piece" />
          <RowField collection="limits" :row="l" field="why" kind="text" label="Why" />
          <button
            class="word"
            :aria-label="`Remove the limit ${l.what}`"
            @click="store.remove('limits', l.id)"
          >
            ×
          </button>
        </div>
      </section>
      <section v-if="rented || job.consents.length > 0">
        <div class="bar">
          <h2>The landlord’s written consent</h2>
          <button class="button" @click="addConsent">Add a letter</button>
        </div>
        <p v-if="job.consents.length === 0" class="second">
          One entry per change the letter allows, with its date. A photo of it is added under Pictures.
        </p>
        <div v-for="c in job.consents" :key="c.id" class="row consent">
          <RowField collection="consents" :row="c" field="on" kind="date" />
          <RowChoice collection="consents" :row="c" field="change" :choices="CHANGES" />
          <RowChoice collection="consents" :row="c" field="surface" :choices="anywhere" label="Where" />
          <RowChoice
            v-if="c.change === 'paint' || c.change === 'cover'"
            collection="consents"
            :row="c"
            field="colors"
            :choices="['any color', 'white or grey', 'one finish']"
          />
          <RowChoice
            v-if="c.colors === 'one finish'"
            collection="consents"
            :row="c"
            field="finishId"
            :choices="finishes"
          />
          <RowChoice
            v-if="c.change !== 'paint' && c.change !== 'cover'"
            collection="consents"
            :row="c"
            field="itemId"
            :choices="items"
          />
          <RowChoice collection="consents" :row="c" field="photoId" :choices="letters" label="Photo" />
          <RowField class="words" collection="consents" :row="c" field="words" kind="text" />
          <a v-if="c.photoId" :href="photo(c.photoId)" target="_blank" rel="noopener">see the letter</a>
          <button class="word" aria-label="Remove the letter" @click="store.remove('consents', c.id)">
            Remove
          </button>
        </div>
      </section>
      <section v-if="rented || back.length > 0">
        <div class="bar">
          <h2>Putting back{{ job.brief.leaseEndsOn ? ` by ${dayText(job.brief.leaseEndsOn)}` : '' }}</h2>
          <RouterLink class="button link" :to="`/jobs/${String(route.params.jobId)}/brief/putting-back`"
            >The list, to print</RouterLink
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
        <div class="bar">
          <h2>Building work not done</h2>
          <button class="button" @click="addWork">Add a work</button>
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
          <button class="word" :aria-label="`Remove ${w.what}`" @click="store.remove('works', w.id)">
            ×
          </button>
        </div>
        <p v-if="job.works.length > 0" class="second">
          Before sanding or lifting old paint, floor or ceiling coverings: age known? Lead and asbestos are
          for a test and a licensed specialist.
        </p>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" quiet="No limit is broken." />
    </template>
  </StagePage>
</template>

<style scoped>
.limits {
  display: grid;
  gap: 20px;
}
.limits > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.bar {
  display: flex;
  gap: 10px;
  align-items: center;
}
.bar h2 {
  margin-right: auto;
}
.link {
  text-decoration: none;
}
.tenure {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  margin: 6px 0;
}
.tenure label {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 30px;
}
.tenure .row-field {
  width: 124px;
}
.tenure :deep(.row-field label) {
  display: block;
  min-height: 0;
}
.row {
  display: grid;
  gap: 8px 12px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.limit {
  grid-template-columns: 1.2fr 1fr 1fr 1fr 1.4fr 24px;
}
.consent {
  grid-template-columns: repeat(5, minmax(0, 1fr));
}
.consent .words {
  grid-column: span 3;
}
.work {
  grid-template-columns: 2fr 1.2fr 1fr 80px 24px;
}
@media (width < 760px) {
  .limit,
  .consent,
  .work {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
