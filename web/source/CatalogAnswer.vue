<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { Product } from '@bonitas/core/stages/source/product'
import { useLocale } from '../form/useLocale.js'
import type { CatalogResult } from './catalogResult.js'
import { sizeText } from './optionText.js'

/** What one supplier's catalog answered, with its age when it is silent today. */
defineProps<{
  result: CatalogResult
  title: string
  /** Keys of the products that are options already. */
  taken: ReadonlySet<string | null | undefined>
  canTake: boolean
}>()
const emit = defineEmits<{ take: [product: Product] }>()
const { money, system } = useLocale()
</script>

<template>
  <section :aria-label="title">
    <h2>
      {{ title }}
      <span v-if="result.answer" class="second"
        >{{ result.answer.total }} found, prices of {{ result.answer.asOf
        }}{{ result.answer.unread > 0 ? `, ${result.answer.unread} could not be read` : '' }}</span
      >
    </h2>
    <p v-if="result.trouble" class="trouble" role="alert">{{ result.trouble }}</p>
    <p v-if="result.answer?.stale" class="trouble" role="status">
      It {{ result.answer.stale.why }}; this is what it said on
      {{ result.answer.stale.since.slice(0, 10) }} at {{ result.answer.stale.since.slice(11, 16) }}.
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
          <span class="second"
            >{{ sizeText(p, system) }} · {{ p.material }} · in {{ p.leadDays }} days · {{ p.stock
            }}{{ p.packSize > 1 ? ` · pack of ${p.packSize}` : '' }}</span
          >
        </p>
        <p class="figure">
          <b>{{ money(p.priceMinor) }}</b><span v-if="p.wasMinor" class="second"
            >was {{ money(p.wasMinor) }}</span
          >
        </p>
        <ElButton :disabled="!canTake || taken.has(p.key)" @click="emit('take', p)">
          {{ taken.has(p.key) ? 'Taken' : 'Take' }}
        </ElButton>
      </li>
    </ul>
    <p v-if="result.answer && result.answer.products.length === 0" class="second">
      Nothing there fits. Fewer words, or without the limits of the item.
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
