<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { PHOTO_KINDS } from '@bonitas/core/model/vocabulary/photo'
import RowChoice from '../form/RowChoice.vue'
import { HUES } from '@bonitas/core/model/vocabulary/hue'
import RowField from '../form/RowField.vue'
import FilePick from '../form/FilePick.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useConfirm } from '../job/useConfirm.js'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'
import { t } from './words.js'

type Kind = (typeof PHOTO_KINDS)[number]
const store = useJobStore()
const job = computed(() => store.snapshot)
const standpoints = computed(() => store.derived?.brief.standpoints ?? [])
const missing = computed(() => standpoints.value.filter((s) => s.photos.length === 0).length)
const of = (kind: Kind) => (job.value?.photos ?? []).filter((p) => p.kind === kind)
const loose = computed(() =>
  of('before').filter((p) => !standpoints.value.some((s) => s.subject === p.subject)),
)
const { waiting, send, take, forget } = useUploads()
const picker = ref<InstanceType<typeof FilePick>>()
let next: { kind: Kind; subject: string } = { kind: 'inspiration', subject: '' }

const address = (id: string, small = true) =>
  `/api/jobs/${job.value?.brief.id ?? ''}/pictures/${id}${small ? '?size=small' : ''}`

function pick(kind: Kind, subject = ''): void {
  next = { kind, subject }
  picker.value?.pick()
}

const picked = (files: readonly File[]) => take(files, next)
async function dropped(event: DragEvent): Promise<void> {
  await take([...(event.dataTransfer?.files ?? [])], { kind: 'inspiration', subject: '' })
}
const { armed, press: remove } = useConfirm((id) => store.remove('photos', id))
</script>

<template>
  <StagePage v-if="job" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <FilePick ref="picker" :label="t('photosToAdd')" accept="image/*" @picked="picked" />
    <div class="pictures" @dragover.prevent @drop.prevent="dropped">
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <section>
        <div class="part-head">
          <h2>{{ t('beforePictures') }}</h2>
          <span class="second">{{
            standpoints.length === 0
              ? t('onePerWallAndCorner')
              : missing === 0
                ? t('allThere')
                : t('missingOfStandpointsMissing', { missing, standpoints: standpoints.length })
          }}</span>
        </div>
        <div v-if="standpoints.length > 0" class="slots">
          <figure v-for="s in standpoints" :key="s.subject">
            <template v-if="s.photos[0]">
              <a :href="address(s.photos[0].id, false)" target="_blank" rel="noopener"
                ><img :src="address(s.photos[0].id)" :alt="t('beforeName', { name: s.name })" loading="lazy"
              /></a>
              <figcaption>
                {{ s.name }}
                <ElButton
                  link
                  :aria-label="t('removeThePictureOfName', { name: s.name })"
                  @click="remove(s.photos[0].id)"
                >
                  {{ armed === s.photos[0].id ? t('goneForGoodRemove') : '×' }}
                </ElButton>
              </figcaption>
            </template>
            <template v-else>
              <ElButton
                class="empty"
                :aria-label="t('addTheBeforePictureOf', { name: s.name })"
                @click="pick('before', s.subject)"
              >
                {{ t('add') }}
              </ElButton>
              <figcaption>{{ s.name }}</figcaption>
            </template>
          </figure>
          <figure v-for="p in loose" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || t('beforeFromAPlaceThat')" loading="lazy"
            /></a>
            <figcaption>{{ p.note || t('fromAPlaceThatIs') }}</figcaption>
          </figure>
        </div>
        <div v-if="missing > 0" class="reason">
          <RowField
            collection="brief"
            :row="job.brief"
            field="beforeReason"
            kind="text"
            :label="t('orWhyThereAreNone')"
          />
        </div>
      </section>
      <section>
        <div class="part-head">
          <h2>{{ t('inspiration') }}</h2>
          <ElButton @click="pick('inspiration')">{{ t('addPhotos') }}</ElButton>
        </div>
        <p v-if="of('inspiration').length === 0" class="second teach">
          {{ t('photosAndNotesOfWhat') }}
        </p>
        <div v-else class="slots large">
          <figure v-for="p in of('inspiration')" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || t('inspiration')" loading="lazy"
            /></a>
            <figcaption>
              <RowField
                collection="photos"
                :row="p"
                field="note"
                kind="text"
                bare
                :label="t('noteOnThePhoto')"
              />
              <ElButton link :aria-label="t('removeThePhoto')" @click="remove(p.id)">
                {{ armed === p.id ? t('goneForGoodRemove') : '×' }}
              </ElButton>
            </figcaption>
          </figure>
        </div>
      </section>
      <section>
        <h2>{{ t('notes') }}</h2>
        <RowField
          collection="brief"
          :row="job.brief"
          field="inspirationNote"
          kind="text"
          :label="t('whatTheClientIsDrawn')"
        />
        <RowChoice
          class="wanted"
          collection="brief"
          :row="job.brief"
          field="wantedHue"
          :choices="[{ value: null, text: t('noColorWanted') }, ...HUES]"
          :label="t('aColorTheRoomIs')"
        />
      </section>
      <section>
        <div class="part-head">
          <h2>{{ t('letters') }}</h2>
          <ElButton @click="pick('letter')">{{ t('addAPhotoOfA') }}</ElButton>
        </div>
        <p v-if="of('letter').length === 0" class="second">
          {{ t('theLandlordsConsentPhotographedIt') }}
        </p>
        <div v-else class="slots">
          <figure v-for="p in of('letter')" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || t('letter')" loading="lazy"
            /></a>
            <figcaption>
              <RowField
                collection="photos"
                :row="p"
                field="note"
                kind="text"
                bare
                :label="t('nameOfTheLetter')"
              />
              <ElButton link :aria-label="t('removeTheLetter')" @click="remove(p.id)">
                {{ armed === p.id ? t('goneForGoodRemove') : '×' }}
              </ElButton>
            </figcaption>
          </figure>
        </div>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" page="pictures" :quiet="t('theBriefRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.wanted {
  max-width: 260px;
  margin-top: 8px;
}
.pictures {
  display: grid;
  gap: 20px;
  min-height: 100%;
  align-content: start;
}
.pictures > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
}
.slots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 10px;
}
.slots.large {
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
}
figure {
  margin: 0;
}
img,
.empty {
  width: 100%;
  aspect-ratio: 4 / 3;
  object-fit: cover;
  display: block;
  background: var(--panel);
}
.el-button.empty {
  border: 1px dashed var(--rule-2);
  background: var(--panel);
}
.el-button.empty:hover {
  background: var(--paper);
}
figcaption {
  font-size: 13px;
  display: flex;
  justify-content: space-between;
  gap: 6px;
  align-items: baseline;
}
figcaption .row-field {
  flex: 1;
}
.reason {
  max-width: 380px;
  margin-top: 10px;
}
.teach {
  max-width: 70ch;
}
</style>
