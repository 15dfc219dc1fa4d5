<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { TRAITS, type PieceKind, type Trait } from '@bonitas/core/model/vocabulary/piece'
import FoldPart from '../form/FoldPart.vue'
import RowCheck from '../form/RowCheck.vue'
import RowField from '../form/RowField.vue'
import KindFacts from '../job/KindFacts.vue'
import SameThing from '../job/SameThing.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Facts of a piece that the rules ask after, asked when it is chosen. */
const props = defineProps<{ pieceId: string }>()
const store = useJobStore()
const piece = computed(() => store.snapshot?.pieces.find((p) => p.id === props.pieceId))

const ALWAYS: readonly Trait[] = ['corded', 'made for outdoors', 'not to be on view']
const GLASS: readonly Trait[] = ['clear glass', 'tempered or laminated glass']
const WOOD: readonly Trait[] = ['pallet or found wood', 'wood looked over']
const SMALL: readonly Trait[] = ['button cells or magnets', 'small parts held fast']
const OF: Readonly<Partial<Record<PieceKind, readonly Trait[]>>> = {
  rug: [
    'only the nominal size is known',
    'underlay or gripper',
    'washable',
    'gripping back',
    'joined by a taped seam',
  ],
  bed: ['only the nominal size is known'],
  picture: ['only the nominal size is known'],
  lamp: [
    'cloth, paper or wood shade',
    'hot lamp',
    'cool lamp, clear gap all round',
    'hung by line or cord',
    'hung by rated chain or cable',
    'cordless',
    'protected outlet',
    ...SMALL,
  ],
  shelves: ['anchored to the building', 'pads against tipping', 'open below', ...GLASS],
  cabinet: ['anchored to the building', 'pads against tipping', 'open below', ...GLASS],
  wardrobe: ['anchored to the building', 'pads against tipping'],
  'chest of drawers': ['anchored to the building', 'pads against tipping'],
  mirror: ['anchored to the building', 'pads against tipping', 'shaded from the sun'],
  curtains: ['blackout lining', 'dimming lining'],
  blind: ['cordless', 'blackout lining', 'dimming lining'],
  sanitary: ['open below', 'untidy side'],
  object: [
    'open flame',
    'gel or gas fire',
    'burns salty, painted or treated wood',
    'decanted cleaner or powder',
    'labeled with contents and warning',
    'behind a lock or latch',
    'protected outlet',
    'load on the floor asked',
    ...SMALL,
    ...WOOD,
  ],
  plant: ['evergreen', 'load on the floor asked'],
  appliance: ['gets hot', 'open below', 'protected outlet'],
  screen: ['anchored to the building', 'pads against tipping', ...GLASS],
  table: ['open below', ...GLASS, ...WOOD],
  'low table': ['open below', ...GLASS, ...WOOD],
  'side table': [...GLASS, ...WOOD],
  desk: [...GLASS],
  bench: [...WOOD],
  stool: [...WOOD],
  trunk: [...WOOD, 'load on the floor asked'],
  other: [...TRAITS],
}
const asked = computed(() => {
  const p = piece.value
  if (!p) return []
  const list = new Set<Trait>([...(OF[p.kind] ?? []), ...ALWAYS, ...p.traits])
  return TRAITS.filter((one) => list.has(one))
})
function set(trait: Trait, on: boolean): void {
  const p = piece.value
  if (p)
    store.change('pieces', p.id, {
      traits: on ? [...p.traits, trait] : p.traits.filter((one) => one !== trait),
    })
}
</script>

<template>
  <FoldPart v-if="piece" class="facts" :title="t('whatElseIsKnownOf')">
    <div class="fields">
      <RowField collection="pieces" :row="piece" field="widthMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="depthMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="heightMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="openDepthMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="legsMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="weightG" kind="weight" figure />
      <KindFacts :piece="piece" />
    </div>
    <SameThing :id="piece.id" collection="pieces" />
    <RowCheck collection="pieces" :row="piece" field="stays" />
    <RowCheck collection="pieces" :row="piece" field="focal" />
    <ElCheckbox
      v-for="one in asked"
      :key="one"
      :model-value="piece.traits.includes(one)"
      @change="set(one, $event === true)"
    >
      {{ one }}
    </ElCheckbox>
  </FoldPart>
</template>

<style scoped>
.facts {
  font-size: 13px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 6px 10px;
  padding: 6px 0;
}
</style>
