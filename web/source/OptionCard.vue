<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import type { OptionKind } from '@bonitas/core/model/vocabulary/buying'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useUsual } from '../job/useUsual.js'
import { AxisMark } from './AxisMark.js'
import { canBeTaken, landedSteps, reasonText, sizeText, worthText } from './optionText.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

/** One option of an item: what it is, what it costs, and why it serves or does not. */
const props = defineProps<{ item: DerivedItem; option: DerivedOption; marked: boolean; live: boolean }>()
const emit = defineEmits<{ mark: []; toggle: [] }>()
const { money, says } = useLocale()
const store = useJobStore()
const photo = computed(() =>
  props.option.option.photoId
    ? `/api/jobs/${store.snapshot?.brief.id ?? ''}/pictures/${props.option.option.photoId}`
    : undefined,
)
const o = computed(() => props.option)
const hex = computed(() => {
  const { colorL: l, colorA: a, colorB: b } = o.value.option
  return l == null || a == null || b == null ? undefined : labToHex({ l, a, b })
})
const price = computed(() =>
  props.option.chosen && props.item.state === 'chosen' ? props.item.chosenMinor : o.value.price.landedMinor,
)
const steps = computed(() =>
  landedSteps(
    o.value,
    props.item.item.quantity,
    says.value,
    o.value.chosen && props.item.state === 'chosen' ? props.item.chosenMinor : undefined,
  ),
)
const usualOf = useUsual()
/** Whether this supplier keeps the days it names, by what closed jobs have seen of it. */
const leadUsually = computed(() => {
  const supplier = store.snapshot?.suppliers.find((s) => s.id === o.value.option.supplierId)?.name ?? ''
  const usual = o.value.option.leadDays === null ? '' : usualOf('lead time', supplier)
  return usual === '' ? '' : t('leadUsually', { usual })
})
const facts = computed(
  () =>
    [
      sizeText(o.value.option, says.value),
      o.value.option.leadDays != null ? t('inLeadDaysDays', { leadDays: o.value.option.leadDays }) : '',
      leadUsually.value,
      o.value.option.returnDays != null
        ? o.value.option.returnDays
          ? t('backWithinReturnDaysDays', { returnDays: o.value.option.returnDays })
          : t('noReturns')
        : '',
      worthText(o.value, props.item.item.usesPerYear ?? null, says.value),
      o.value.option.heldUntil ? t('heldUntilHeldUntil', { heldUntil: o.value.option.heldUntil }) : '',
    ]
      .filter(Boolean)
      .join(' · ') || o.value.option.kind,
)
</script>

<template>
  <article :class="{ chosen: o.chosen, marked }" @click="emit('mark')">
    <div class="line">
      <i v-if="hex" class="sample" :style="{ background: hex }"></i>
      <AxisMark v-else :kind="o.option.kind as OptionKind" :chosen="o.chosen" :fits="canBeTaken(o)" />
      <ElButton class="is-line pick" :aria-expanded="marked" @click="emit('mark')">
        <b>{{ o.option.name }}</b>
      </ElButton>
      <FigureSum class="figure" :sum="steps.join('\n')"
        ><b>{{ money(price) }}</b></FigureSum
      >
    </div>
    <a v-if="photo && marked" :href="photo" target="_blank" rel="noopener"
      ><img :src="`${photo}?size=small`" :alt="t('photoOfName', { name: o.option.name })" loading="lazy"
    /></a>
    <p class="second">{{ facts }}</p>
    <p :class="{ unfit: !canBeTaken(o) }">{{ reasonText(o) }}</p>
    <p v-if="o.option.note" class="second">{{ o.option.note }}</p>
    <div v-if="marked" class="more">
      <ol class="sum second">
        <li v-for="s in steps" :key="s">{{ s }}</li>
      </ol>
      <ElButton v-if="!live" :type="o.chosen ? 'default' : 'primary'" @click.stop="emit('toggle')">
        {{ o.chosen ? t('letItGo') : t('choose') }}
      </ElButton>
      <p v-else class="second">
        {{
          o.chosen
            ? t('chosenAndState', { state: item.state })
            : t('theItemIsStateCancel', { state: item.state })
        }}
      </p>
    </div>
  </article>
</template>

<style scoped>
article {
  background: var(--paper);
  padding: 8px 12px;
  border: 2px solid transparent;
  font-size: 13px;
  margin-bottom: -6px;
}
article.chosen {
  border-color: var(--ink);
}
article.marked:not(.chosen) {
  border: 2px dotted var(--rule-2);
}
.line {
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
img {
  display: block;
  max-height: 120px;
  margin: 4px 0;
}
.sample {
  width: 20px;
  height: 20px;
}
.unfit {
  text-decoration: underline dotted;
}
.more {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 12px;
  margin-top: 6px;
}
.more .el-button {
  flex: none;
}
.sum {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
