<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { USE_KINDS, USE_TIMES } from '@bonitas/core/model/vocabulary/use'
import { usualUses } from '@bonitas/core/stages/brief/usualUses'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import CoverageTable from './CoverageTable.vue'
import { useKindOf } from './useKindOf.js'
import { t } from './words.js'

/** What the room must do for the people in it, and what serves it. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const usesList = ref<HTMLElement>()
const things = computed(() => store.derived?.brief.coverage.uses[0]?.cells.length ?? 0)

async function addUse(): Promise<void> {
  const uses = job.value?.uses ?? []
  store.add('uses', {
    name: t('useUses', { uses: uses.length + 1 }),
    kind: 'other',
    persons: 1,
    time: 'any time',
    position: nextPosition(uses),
  })
  await nextTick()
  const names = usesList.value?.querySelectorAll<HTMLElement>('.name input, .name textarea')
  names?.[names.length - 1]?.focus()
}

const usual = computed(() =>
  job.value
    ? usualUses(
        job.value.room.kind,
        job.value.people,
        job.value.uses.map((u) => u.kind),
      )
    : [],
)

/** What one usually does in such a room, all in one step that can be undone. */
function addUsual(): void {
  const from = nextPosition(job.value?.uses ?? [])
  store.addAll(
    usual.value.map((u, i) => ({
      collection: 'uses',
      id: crypto.randomUUID(),
      fields: { ...u, position: from + i },
    })),
  )
}

/** Looks before the field does: an Enter that keeps what was typed does not also add the next. */
function lastUseEnter(event: KeyboardEvent, isLast: boolean): void {
  if (event.key === 'Enter' && isLast && (event.target as HTMLElement).dataset.dirty === 'false')
    void addUse()
}

// A use whose name speaks of a kind is taken for it, once, while nobody has chosen.
const { named } = useKindOf()
</script>

<template>
  <section v-if="job" ref="usesList">
    <div class="part-head">
      <h2>{{ t('whatTheRoomMustDo') }}</h2>
      <div>
        <ElButton v-if="usual.length > 0" :title="usual.map((u) => u.name).join(' · ')" @click="addUsual">{{
          t('addTheUsualUses', { count: usual.length, room: job.room.kind ?? '' })
        }}</ElButton>
        <ElButton @click="addUse">{{ t('addAUse') }}</ElButton>
      </div>
    </div>
    <p v-if="job.uses.length === 0" class="second teach">
      {{ t('aUseIsOneThing') }}
    </p>
    <ol v-else>
      <li
        v-for="(u, i) in job.uses"
        :key="u.id"
        @keydown.capture="lastUseEnter($event, i === job.uses.length - 1)"
        @focusout="named(u)"
      >
        <span class="narrow">{{ i + 1 }}</span>
        <RowField class="name" collection="uses" :row="u" field="name" kind="text" bare />
        <RowChoice
          collection="uses"
          :row="u"
          field="kind"
          :choices="USE_KINDS"
          bare
          :label="t('kindOfName', { name: u.name })"
        />
        <RowField
          collection="uses"
          :row="u"
          field="persons"
          kind="whole"
          bare
          figure
          :label="t('forHowManyName', { name: u.name })"
        />
        <RowChoice
          collection="uses"
          :row="u"
          field="time"
          :choices="USE_TIMES"
          bare
          :label="t('whenName', { name: u.name })"
        />
        <ElButton link :aria-label="t('removeName', { name: u.name })" @click="store.remove('uses', u.id)"
          >×</ElButton
        >
      </li>
    </ol>
    <template v-if="job.uses.length > 0">
      <h3>{{ t('whatServesIt') }}</h3>
      <CoverageTable v-if="things > 0" />
      <p v-else class="second">
        {{ t('nothingIsEnteredYetWalk') }}
      </p>
    </template>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 6px 0 12px;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) 150px 54px 130px 24px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 2px 0;
}
h3 {
  font-size: 14px;
  font-weight: 650;
  margin: 12px 0 4px;
}
.teach {
  max-width: 70ch;
  margin: 6px 0;
}
@media (width < 760px) {
  li {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
