<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { PHOTO_KINDS } from '@bonitas/core/model/vocabulary/photo'
import RowField from '../form/RowField.vue'
import FilePick from '../form/FilePick.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useConfirm } from '../job/useConfirm.js'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'

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
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <FilePick ref="picker" label="Photos to add" accept="image/*" @picked="picked" />
    <div class="pictures" @dragover.prevent @drop.prevent="dropped">
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <section>
        <div class="part-head">
          <h2>Before pictures</h2>
          <span class="second">{{
            standpoints.length === 0
              ? 'one per wall and corner, once the walls are measured'
              : missing === 0
                ? 'all there'
                : `${missing} of ${standpoints.length} missing`
          }}</span>
        </div>
        <div v-if="standpoints.length > 0" class="slots">
          <figure v-for="s in standpoints" :key="s.subject">
            <template v-if="s.photos[0]">
              <a :href="address(s.photos[0].id, false)" target="_blank" rel="noopener"
                ><img :src="address(s.photos[0].id)" :alt="`Before: ${s.name}`" loading="lazy"
              /></a>
              <figcaption>
                {{ s.name }}
                <ElButton
                  link
                  :aria-label="`Remove the picture of ${s.name}`"
                  @click="remove(s.photos[0].id)"
                >
                  {{ armed === s.photos[0].id ? 'Gone for good: remove' : '×' }}
                </ElButton>
              </figcaption>
            </template>
            <template v-else>
              <ElButton
                class="empty"
                :aria-label="`Add the before picture of ${s.name}`"
                @click="pick('before', s.subject)"
              >
                Add
              </ElButton>
              <figcaption>{{ s.name }}</figcaption>
            </template>
          </figure>
          <figure v-for="p in loose" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || 'Before, from a place that is gone'" loading="lazy"
            /></a>
            <figcaption>{{ p.note || 'from a place that is gone' }}</figcaption>
          </figure>
        </div>
        <div v-if="missing > 0" class="reason">
          <RowField
            collection="brief"
            :row="job.brief"
            field="beforeReason"
            kind="text"
            label="Or why there are none"
          />
        </div>
      </section>
      <section>
        <div class="part-head">
          <h2>Inspiration</h2>
          <ElButton @click="pick('inspiration')">Add photos</ElButton>
        </div>
        <p v-if="of('inspiration').length === 0" class="second teach">
          Photos and notes of what the client is drawn to; drop them here or choose them. What recurs in them
          counts, not their average. Each is encoded anew and its place of taking is left out.
        </p>
        <div v-else class="slots large">
          <figure v-for="p in of('inspiration')" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || 'Inspiration'" loading="lazy"
            /></a>
            <figcaption>
              <RowField
                collection="photos"
                :row="p"
                field="note"
                kind="text"
                bare
                label="Note on the photo"
              />
              <ElButton link aria-label="Remove the photo" @click="remove(p.id)">
                {{ armed === p.id ? 'Gone for good: remove' : '×' }}
              </ElButton>
            </figcaption>
          </figure>
        </div>
      </section>
      <section>
        <h2>Notes</h2>
        <RowField
          collection="brief"
          :row="job.brief"
          field="inspirationNote"
          kind="text"
          label="What the client is drawn to, and what contradicts it"
        />
      </section>
      <section>
        <div class="part-head">
          <h2>Letters</h2>
          <ElButton @click="pick('letter')">Add a photo of a letter</ElButton>
        </div>
        <p v-if="of('letter').length === 0" class="second">
          The landlord’s consent, photographed; it is then named at the consent under Constraints.
        </p>
        <div v-else class="slots">
          <figure v-for="p in of('letter')" :key="p.id">
            <a :href="address(p.id, false)" target="_blank" rel="noopener"
              ><img :src="address(p.id)" :alt="p.note || 'Letter'" loading="lazy"
            /></a>
            <figcaption>
              <RowField
                collection="photos"
                :row="p"
                field="note"
                kind="text"
                bare
                label="Name of the letter"
              />
              <ElButton link aria-label="Remove the letter" @click="remove(p.id)">
                {{ armed === p.id ? 'Gone for good: remove' : '×' }}
              </ElButton>
            </figcaption>
          </figure>
        </div>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
    </template>
  </StagePage>
</template>

<style scoped>
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
