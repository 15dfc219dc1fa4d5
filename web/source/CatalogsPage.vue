<script setup lang="ts">
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { capture } from '@bonitas/core/stages/source/capture'
import type { Product } from '@bonitas/core/stages/source/product'
import { ApiProblem, request, ServerGone } from '../api/http.js'
import ChoiceField from '../form/ChoiceField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import CatalogAnswer from './CatalogAnswer.vue'
import type { CatalogResult } from './catalogResult.js'
import { t } from './words.js'

/** Search in suppliers' catalogs by what an item asks for; what is taken becomes an option. */
const store = useJobStore()
const names = ref<readonly string[]>([])
const q = ref('')
const itemId = ref('')
const within = ref(true)
const busy = ref(0)
const results = shallowRef<readonly CatalogResult[]>([])
const asked = ref(false)
const open = computed(() =>
  (store.derived?.items ?? []).filter((i) => i.state === 'open' || i.state === 'chosen'),
)
const item = computed(() => open.value.find((i) => i.item.id === itemId.value) ?? open.value[0])
useStageKeys([['Enter', t('searchInTheSearchField')]])

onMounted(async () => {
  try {
    names.value = (await request<{ names: string[] }>('/catalogs')).names
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
  }
})
const titleOf = (name: string) => store.snapshot?.suppliers.find((s) => s.catalog === name)?.name ?? name

let round = 0
async function search(): Promise<void> {
  const mine = ++round
  asked.value = true
  busy.value = names.value.length
  results.value = []
  const wish = new URLSearchParams()
  if (q.value.trim()) wish.set('q', q.value.trim().slice(0, 80))
  const i = item.value?.item
  if (within.value && i) {
    if (i.pieceKind) wish.set('kind', i.pieceKind)
    if (i.maxWidthMm) wish.set('maxWidthMm', String(i.maxWidthMm))
    if (i.maxDepthMm) wish.set('maxDepthMm', String(i.maxDepthMm))
    if (i.maxHeightMm) wish.set('maxHeightMm', String(i.maxHeightMm))
  }
  // Each supplier is shown when it answers: a slow one holds up nobody.
  await Promise.all(
    names.value.map(async (name) => {
      let found: CatalogResult
      try {
        found = {
          name,
          answer: await request<NonNullable<CatalogResult['answer']>>(
            `/catalogs/${name}/products?${wish.toString()}`,
          ),
        }
      } catch (error) {
        if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
        found = {
          name,
          trouble: error instanceof ApiProblem ? error.detail : t('theServerCannotBeReached'),
        }
      }
      if (mine !== round) return
      busy.value--
      results.value = [...results.value, found].sort((x, y) => (x.name < y.name ? -1 : 1))
    }),
  )
}

const keysTaken = computed(
  () => new Set((store.snapshot?.options ?? []).map((o) => o.catalogKey).filter(Boolean)),
)
function take(name: string, p: Product): void {
  const i = item.value
  if (!i) return
  const known = store.snapshot?.suppliers.find((s) => s.catalog === name)
  const supplierId =
    known?.id ??
    store.add('suppliers', {
      ...ROWS.suppliers.blank(),
      deliveryBands: [],
      columns: [],
      name: titleOf(name),
      catalog: name,
    })
  const id = store.add('options', {
    ...ROWS.options.blank(),
    lookedAt: [],
    itemId: i.item.id,
    name: p.name,
    supplierId,
    priceMinor: p.priceMinor,
    packSize: p.packSize,
    leadDays: p.leadDays,
    returnDays: p.returnDays,
    widthMm: p.widthMm || null,
    depthMm: p.depthMm || null,
    heightMm: p.heightMm || null,
    colorL: p.lab[0],
    colorA: p.lab[1],
    colorB: p.lab[2],
    material: p.material,
    stock: p.stock,
    stockOn: store.day,
    catalogKey: p.key,
    traits: [...(capture(p.name, 'EUR').traits ?? [])],
    unit: p.packSize > 1 ? 'a pack' : 'each',
  })
  if (p.wasMinor && p.wasMinor !== p.priceMinor)
    store.add('priceObservations', {
      optionId: id,
      on: store.day,
      priceMinor: p.wasMinor,
      stock: p.stock,
      where: t('catalogBeforeTheMarkdown'),
    })
}

const refreshed = ref('')
/** Asks for today's price and stock of every option that came from a catalog; each change is a price seen today. */
async function refresh(): Promise<void> {
  const options = (store.snapshot?.options ?? []).filter((o) => o.catalogKey && o.supplierId)
  refreshed.value = ''
  let [changed, silent] = [0, 0]
  busy.value = 1
  for (const o of options) {
    const supplier = store.snapshot?.suppliers.find((s) => s.id === o.supplierId)
    if (!supplier || !names.value.includes(supplier.catalog)) continue
    try {
      const p = await request<Product & { stale: unknown }>(
        `/catalogs/${supplier.catalog}/products/${encodeURIComponent(o.catalogKey)}`,
      )
      if (p.stale) {
        silent++
        continue
      }
      if (p.priceMinor !== o.priceMinor || p.stock !== o.stock) {
        store.add('priceObservations', {
          optionId: o.id,
          on: store.day,
          priceMinor: o.priceMinor,
          stock: o.stock ?? null,
          where: t('beforeToday'),
        })
        changed++
      }
      store.change('options', o.id, { priceMinor: p.priceMinor, stock: p.stock, stockOn: store.day })
    } catch (error) {
      if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
      silent++
    }
  }
  busy.value = 0
  refreshed.value = t('optionsAskedForChangedChanged', {
    options: options.length,
    changed,
    silent: silent > 0 ? t('silentWithoutAnAnswerThey', { silent }) : '',
  })
}
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('source')">
    <template #head><StageTabs stage="source" /></template>
    <form class="ask" @submit.prevent="search">
      <ChoiceField
        :model-value="item?.item.id ?? ''"
        beside
        :label="t('for')"
        :choices="open.map((i) => ({ value: i.item.id, text: i.item.name }))"
        @update:model-value="itemId = $event"
      />
      <ElInput
        v-model="q"
        class="words"
        :aria-label="t('words')"
        type="search"
        :placeholder="t('woolRustWalnut')"
        maxlength="80"
        autocomplete="off"
      />
      <ElCheckbox v-model="within">{{ t('onlyWhatItsKindAnd') }}</ElCheckbox>
      <ElButton type="primary" native-type="submit" :disabled="names.length === 0">{{
        t('search')
      }}</ElButton>
      <span v-if="busy > 0" class="second" role="status">{{ t('waitingForBusy', { busy }) }}</span>
    </form>
    <p v-if="names.length === 0" class="second">
      {{ t('noCatalogIsConnectedOptions') }}
    </p>
    <CatalogAnswer
      v-for="r in results"
      :key="r.name"
      :result="r"
      :title="titleOf(r.name)"
      :taken="keysTaken"
      :can-take="item !== undefined"
      @take="(p) => take(r.name, p)"
    />
    <div v-if="!asked && names.length > 0" class="teach">
      <p>
        {{ t('aSearchAsksEveryConnected') }}
      </p>
    </div>
    <template #panel>
      <h2>{{ t('whatIsKnownAlready') }}</h2>
      <p class="second">
        {{
          t('sizeSize2OfThisJob', {
            size: keysTaken.size,
            size2: keysTaken.size === 1 ? 'option' : 'options',
          })
        }}
      </p>
      <ElButton :disabled="keysTaken.size === 0 || busy > 0" @click="refresh">
        {{ t('askForTodaysPricesAnd') }}
      </ElButton>
      <p v-if="refreshed" role="status">{{ refreshed }}</p>
      <p class="second">
        {{ t('aSupplierThatDoesNot') }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.ask {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
  padding-bottom: 12px;
}
.words {
  width: 190px;
  flex: none;
}
.teach {
  max-width: 58ch;
}
</style>
