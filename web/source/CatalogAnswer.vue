<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { Product } from '@bonitas/core/stages/source/product'
import { useLocale } from '../form/useLocale.js'
import type { CatalogResult } from './catalogResult.js'
import { sizeText } from './optionText.js'
import { t } from './words.js'

/** What one supplier's catalog answered, with its age when it is silent today. */
defineProps<{
  result: CatalogResult
  title: string
  /** Keys of the products that are options already. */
  taken: ReadonlySet<string | null | undefined>
  canTake: boolean
}>()
const emit = defineEmits<{ take: [product: Product] }>()
const { money, says } = useLocale()
</script>

<template>
  <section :aria-label="title">
    <h2>
      {{ title }}
      <span v-if="result.answer" class="second">{{
        t('totalFoundPricesOfAsOf', {
          total: result.answer.total,
          asOf: result.answer.asOf,
          unread: result.answer.unread > 0 ? t('unreadCouldNotBeRead', { unread: result.answer.unread }) : '',
        })
      }}</span>
    </h2>
    <p v-if="result.trouble" class="trouble" role="alert">{{ result.trouble }}</p>
    <p v-if="result.answer?.stale" class="trouble" role="status">
      {{
        t('itWhyThisIsWhat', {
          why: result.answer.stale.why,
          slice: result.answer.stale.since.slice(0, 10),
          slice2: result.answer.stale.since.slice(11, 16),
        })
      }}
    </p>
    <ul v-if="result.answer" class="goods">
      <li v-for="p in result.answer.products" :key="p.key">
        <img
          :src="`/api/catalogs/${result.name}/products/${p.key}/picture`"
          alt=""
          width="72"
          height="72"
          loading="lazy"
          :style="{ background: labToHex({ l: p.lab[0], a: p.lab[1], b: p.lab[2] }) }"
        />
        <p>
          <b>{{ p.name }}</b>
          <span class="second">{{
            t('pMaterialInLeadDaysDays', {
              p: sizeText(p, says),
              material: p.material,
              leadDays: p.leadDays,
              stock: p.stock,
              packSize: p.packSize > 1 ? t('packOfPackSize', { packSize: p.packSize }) : '',
            })
          }}</span>
        </p>
        <p class="figure">
          <b>{{ money(p.priceMinor) }}</b><span v-if="p.wasMinor" class="second">{{
            t('wasWasMinor', { wasMinor: money(p.wasMinor) })
          }}</span>
        </p>
        <ElButton :disabled="!canTake || taken.has(p.key)" @click="emit('take', p)">
          {{ taken.has(p.key) ? t('taken') : t('take') }}
        </ElButton>
      </li>
    </ul>
    <p v-if="result.answer && result.answer.products.length === 0" class="second">
      {{ t('nothingThereFitsFewerWords') }}
    </p>
  </section>
</template>

<style scoped>
h2 .second {
  font-weight: normal;
}
.goods {
  padding: 6px 0 16px;
}
.goods li {
  display: grid;
  grid-template-columns: 72px 1fr auto 76px;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
.goods span {
  display: block;
}
img {
  object-fit: contain;
}
.trouble {
  border-left: 3px solid var(--ink);
  padding: 4px 10px;
  background: var(--paper);
  margin: 6px 0;
}
</style>
