<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS } from '@bonitas/core/model/vocabulary/change'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The two depths of change the client sees before choosing, each with its sum, its time and what it cannot fix. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const levels = computed(() => store.derived?.brief.levels ?? [])
const LEVEL_CHOICES = [{ value: null, text: t('notSettled') }, ...LEVELS.map((l) => ({ value: l, text: l }))]
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>{{ t('twoDepthsOfChange') }}</h2>
      <RowChoice
        collection="brief"
        :row="job.brief"
        field="level"
        :choices="LEVEL_CHOICES"
        :label="t('settledOn')"
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
          }}{{ l.weeks === null ? '' : t('weeksWeeksUntilTheSlowest', { weeks: l.weeks }) }}
        </p>
        <p v-if="l.own.length > 0" class="second">
          {{ t('onlyHereJoin', { join: l.own.map((o) => `${o.name} ${money(o.amountMinor)}`).join(', ') }) }}
        </p>
        <RowField
          collection="brief"
          :row="job.brief"
          :field="i === 0 ? 'decorateNote' : 'buildingNote'"
          kind="text"
          :label="t('whatItCannotFix')"
        />
      </article>
    </div>
    <p class="second">
      {{ t('theClientSeesBothBefore') }}
    </p>
  </section>
</template>

<style scoped>
.part-head {
  align-items: end;
}
.part-head .row-choice {
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
.big {
  font-size: 22px;
  font-weight: 600;
  line-height: 1.3;
}
h3 {
  font-size: 14px;
  font-weight: 650;
  margin: 0;
}
@media (width < 760px) {
  .levels {
    grid-template-columns: 1fr;
  }
}
</style>
