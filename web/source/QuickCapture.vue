<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, ref, shallowRef } from 'vue'
import { capture, type Captured } from '@bonitas/core/stages/source/capture'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { ApiProblem, sendPicture, ServerGone } from '../api/http.js'
import FileButton from '../form/FileButton.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { sizeText } from './optionText.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** A find in one line, or a row of lines pasted: what was understood is shown before Enter keeps it. */
const props = defineProps<{ item: DerivedItem }>()
const emit = defineEmits<{ kept: [optionId: string] }>()
const store = useJobStore()
const { money, system, says } = useLocale()
const text = ref('')
const said = ref('')
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const lines = computed(() =>
  text.value
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter(Boolean)
    .slice(0, 100),
)
const read = computed(() => lines.value.map((l) => capture(l, currency.value, system.value)))
const understood = computed(() => {
  const c = read.value[0]
  if (!c || text.value.trim() === '') return ''
  if (read.value.length > 1) return `${read.value.length} lines: ${read.value.map((r) => r.name).join(', ')}`
  const size = sizeText(
    { widthMm: c.widthMm ?? null, depthMm: c.depthMm ?? null, heightMm: c.heightMm ?? null },
    says.value,
  )
  return [
    c.name,
    c.kind,
    size,
    c.priceMinor === undefined
      ? t('noPrice')
      : c.currency
        ? t('priceMinorItsRateToBe', {
            priceMinor: formatterOf({ ...says.value, currency: c.currency }).money(c.priceMinor),
          })
        : money(c.priceMinor),
    c.packSize ? `${c.unit ?? t('aPack')} of ${c.packSize}` : '',
    c.discountPpm ? t('lessDiscountPpm', { discountPpm: says.value.figure(c.discountPpm / 10_000) }) : '',
    c.deliveryMinor ? `delivery ${money(c.deliveryMinor)}` : '',
    c.leadDays === undefined ? '' : t('inLeadDaysDays', { leadDays: c.leadDays }),
    c.material,
    ...(c.traits ?? []),
    c.supplierName ? `from ${c.supplierName}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
})

function supplierId(name: string | undefined): string | null {
  if (!name) return null
  const known = store.snapshot?.suppliers.find((s) => s.name.toLowerCase() === name.toLowerCase())
  return (
    known?.id ??
    store.add('suppliers', {
      ...ROWS.suppliers.blank(),
      deliveryBands: [],
      columns: [],
      name: name.slice(0, 120),
    })
  )
}

function fieldsOf(c: Captured) {
  const { supplierName, traits, ...rest } = c
  const given = Object.fromEntries(Object.entries(rest).filter(([, v]) => v !== undefined))
  return {
    ...ROWS.options.blank(),
    lookedAt: [],
    itemId: props.item.item.id,
    priceMinor: 0,
    ...given,
    name: c.name,
    traits: [...(traits ?? [])],
    supplierId: supplierId(supplierName),
    seenOn: store.day,
  }
}

/** A photo taken at the market, waiting to go with the find. */
const photo = shallowRef<File>()
const trouble = ref('')
/** Sends the photo; the find is kept whether or not it arrives, and the photo waits until it does. */
async function send(optionId: string, file: File, note: string): Promise<void> {
  const id = crypto.randomUUID()
  trouble.value = ''
  try {
    const row = await sendPicture(store.snapshot?.brief.id ?? '', id, file, {
      kind: 'find',
      subject: '',
      note: note.slice(0, 400),
      position: nextPosition(store.snapshot?.photos ?? []),
    })
    store.take('photos', row)
    store.change('options', optionId, { photoId: id })
    photo.value = undefined
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = error instanceof ApiProblem ? error.detail : t('theServerDidNotAnswer')
  }
}

function keep(): void {
  if (lines.value.length === 0) return
  let id = ''
  for (const c of read.value) id = store.add('options', fieldsOf(c))
  said.value = `${read.value.length === 1 ? (read.value[0]?.name ?? '') : `${read.value.length} options`} kept.`
  if (photo.value) void send(id, photo.value, text.value)
  text.value = ''
  emit('kept', id)
}
/** A textarea, so that rows pasted stay rows; Enter keeps, Shift+Enter begins another line. */
function onKey(event: KeyboardEvent | Event): void {
  if (!(event instanceof KeyboardEvent) || event.key !== 'Enter' || event.shiftKey) return
  event.preventDefault()
  keep()
}
</script>

<template>
  <form class="capture" @submit.prevent="keep">
    <label for="capture" class="visually-hidden">{{ t('aFindInOneLine') }}</label>
    <ElInput
      id="capture"
      v-model="text"
      type="textarea"
      resize="none"
      :rows="Math.min(4, Math.max(1, lines.length))"
      :placeholder="
        t('aFindBoucleSofaSystem', { system: says.system === 'metric' ? '1980x900x840' : t('n78x35x33In') })
      "
      autocomplete="off"
      @keydown="onKey"
    />
    <FileButton
      class="file"
      link
      camera
      :label="t('withAPhoto')"
      :words="photo ? `with ${photo.name}` : t('withAPhoto')"
      accept="image/*"
      @picked="photo = $event"
    />
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-if="understood" class="second" role="status">{{ understood }}</p>
    <p v-else-if="said" class="second" role="status">{{ said }}</p>
  </form>
</template>

<style scoped>
.file {
  display: inline-block;
  cursor: pointer;
  font-size: 13px;
}
.file:focus-within {
  outline: 2px solid var(--ink);
}
</style>
