<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { picturePairs } from '@bonitas/core/stages/handover/pictures'
import FilePick from '../form/FilePick.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useConfirm } from '../job/useConfirm.js'
import { useInAddress } from '../job/useInAddress.js'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'
import GhostCamera from './GhostCamera.vue'
import PairView from './PairView.vue'
import PictureMarks from './PictureMarks.vue'
import { t } from './words.js'

/** Pictures of after from the standpoints of before, as pairs; what is seen in them is accounted for. */
const store = useJobStore()
const pairs = computed(() =>
  picturePairs(store.derived?.brief.standpoints ?? [], store.snapshot?.photos ?? []),
)
const at = useInAddress('at')
const pair = computed(() => pairs.value.find((p) => p.subject === at.value) ?? pairs.value[0])
const both = computed(() => pairs.value.filter((p) => p.before && p.after).length)
const { waiting, send, take, forget } = useUploads()
const picker = ref<InstanceType<typeof FilePick>>()
const camera = ref(false)
watch(pair, () => (camera.value = false))
const address = (id: string) => `/api/jobs/${store.snapshot?.brief.id ?? ''}/pictures/${id}`
const keep = async (files: readonly File[]) => {
  camera.value = false
  if (pair.value) await take(files, { kind: 'after', subject: pair.value.subject })
}
const { armed, press: remove } = useConfirm((id) => store.remove('photos', id))
const marks = ref<InstanceType<typeof PictureMarks>>()
const marked = computed(() => pair.value?.after ?? pair.value?.before)
function mark(photoId: string, x: number, y: number): void {
  if (photoId === marked.value?.id) marks.value?.add(x, y)
}
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('handover')" :says="t('beforeAfterSays')">
    <template #head><StageTabs stage="handover" /></template>
    <FilePick ref="picker" :label="t('addAfter')" accept="image/*" @picked="keep" />
    <p v-if="!pair" class="second">{{ t('noStandpoints') }}</p>
    <template v-else>
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <div class="part-head">
        <h2>{{ pair.name }}</h2>
        <span class="second">{{ t('pairsN', { n: both, of: pairs.length }) }}</span>
      </div>
      <div class="points" role="group" :aria-label="t('beforeAfterSays')">
        <ElButton
          v-for="p in pairs"
          :key="p.subject"
          size="small"
          :aria-pressed="p === pair"
          @click="at = p.subject"
        >
          <i :class="{ has: p.before }" aria-hidden="true"></i
          ><i :class="{ has: p.after }" aria-hidden="true"></i>
          {{ p.name }}
        </ElButton>
      </div>
      <GhostCamera
        v-if="camera"
        :ghost="pair.before && address(pair.before.id)"
        @taken="(file) => keep([file])"
        @close="camera = false"
      />
      <template v-else>
        <PairView :pair="pair" :address="address" @mark="mark" />
        <div class="acts">
          <ElButton type="primary" @click="camera = true">{{ t('takeHere') }}</ElButton>
          <ElButton @click="picker?.pick()">{{ t('addAfter') }}</ElButton>
          <ElButton v-if="pair.after" link @click="remove(pair.after.id)">{{
            armed === pair.after.id ? t('removeSure') : t('removePicture')
          }}</ElButton>
        </div>
      </template>
    </template>
    <template #panel>
      <PictureMarks v-if="marked" ref="marks" :key="marked.id" :photo-id="marked.id" />
      <FindingsPanel stage="handover" page="pictures" :quiet="t('picturesQuiet')" />
    </template>
  </StagePage>
</template>

<style scoped>
.points {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  padding: 6px 0 12px;
}
.points i {
  display: inline-block;
  width: 9px;
  height: 12px;
  margin-right: 3px;
  border: 1px dashed currentcolor;
}
.points i.has {
  background: currentcolor;
  border-style: solid;
}
.acts {
  display: flex;
  gap: 8px;
  margin-top: 12px;
}
</style>
