<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref, useId, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { Finish, PaintKit } from '@bonitas/core/model/rows/finishes'
import { DEFAULT_PRIMER_SPREAD, DEFAULT_SPREAD } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { spreadFigure, spreadOf } from '@bonitas/core/kernel/units/liquid'
import { parsePercent } from '@bonitas/core/kernel/money/rate'
import FieldFrame from '../form/FieldFrame.vue'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from '../job/jobStore.js'
import { readTins, tinExample, tinsText } from './tinsText.js'
import { useLocale } from '../form/useLocale.js'
import SpreadFromSheet from './SpreadFromSheet.vue'
import { t } from './words.js'

/** How a paint is sold: spreading rate, loss, and the tins on offer. */
const props = defineProps<{ finish: Finish }>()
const store = useJobStore()
const id = useId()
const { says, system } = useLocale()
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const kit = computed<PaintKit>(
  () =>
    props.finish.paintKit ?? {
      spreadM2PerL: props.finish.material === 'primer' ? DEFAULT_PRIMER_SPREAD : DEFAULT_SPREAD,
      lossPpm: 0,
      tins: [],
    },
)
const spread = ref('')
const loss = ref('')
const tins = ref('')
const faults = ref<Record<string, string>>({})

/** The kit as the fields show it. */
const shown = computed(() => ({
  spread: spreadFigure(kit.value.spreadM2PerL, system.value, says.value.locale),
  loss: says.value.figure(kit.value.lossPpm / 10_000),
  tins: tinsText(kit.value.tins, says.value),
}))
show()
// Another kit comes: shown in the fields in which nothing is typed.
watch(shown, (now, before) => {
  if (spread.value === before.spread) spread.value = now.spread
  if (loss.value === before.loss) loss.value = now.loss
  if (tins.value === before.tins) tins.value = now.tins
})
function show(): void {
  spread.value = shown.value.spread
  loss.value = shown.value.loss
  tins.value = shown.value.tins
  faults.value = {}
}

/** Square meters a liter that a schema takes. */
const [LEAST, MOST] = [1, 30]
function readSpread(): number {
  // What is shown is rounded: left as it stands it changes nothing.
  if (spread.value === shown.value.spread) return kit.value.spreadM2PerL
  const figure = Number(spread.value.replace(',', '.'))
  const number = spreadOf(figure, system.value)
  if (spread.value.trim() === '' || !Number.isFinite(figure) || number < LEAST || number > MOST)
    throw new InputError('SPREAD', {
      where: t('spreadingRate'),
      what: t('isNotARate'),
      fix: t('writeLEASTToMOSTAs', { LEAST: says.value.spread(LEAST), MOST: says.value.spread(MOST) }),
    })
  return number
}

/** What the data sheet gives, written into the field as it is read there. */
function useRate(m2PerL: number): void {
  spread.value = spreadFigure(m2PerL, system.value, says.value.locale)
  keep()
}

function keep(): void {
  faults.value = {}
  const read = <T,>(field: string, work: () => T): T | undefined => {
    try {
      return work()
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      faults.value = { ...faults.value, [field]: error.message }
      return undefined
    }
  }
  const spreadM2PerL = read('spread', readSpread)
  const lossPpm = read('loss', () => parsePercent(loss.value, t('loss'), 50))
  const offered = read('tins', () => readTins(tins.value, currency.value, system.value))
  if (spreadM2PerL === undefined || lossPpm === undefined || !offered) return
  const next = { spreadM2PerL, lossPpm, tins: offered }
  if (JSON.stringify(next) !== JSON.stringify(kit.value))
    store.change('finishes', props.finish.id, { paintKit: next })
}
</script>

<template>
  <form class="kit" novalidate @submit.prevent="keep" @change="keep" @keydown.esc="show">
    <h2>{{ t('nameAsSold', { name: finish.name }) }}</h2>
    <div class="two">
      <PlainField
        v-model="spread"
        :label="system === 'metric' ? t('spreadingRateMALiter') : t('spreadingRateSqFtA')"
        inputmode="decimal"
        figure
        :fault="faults.spread"
      />
      <PlainField v-model="loss" :label="t('loss2')" inputmode="decimal" figure :fault="faults.loss" />
    </div>
    <SpreadFromSheet @use="useRate" />
    <FieldFrame
      :id="`${id}t`"
      :label="t('tinsOnOfferOneA')"
      :hint="faults.tins ? undefined : tinExample(system)"
      :fault="faults.tins || undefined"
    >
      <ElInput
        :id="`${id}t`"
        v-model="tins"
        type="textarea"
        :rows="4"
        spellcheck="false"
        :validate-event="false"
        :aria-invalid="faults.tins ? 'true' : undefined"
        :aria-describedby="faults.tins ? `${id}t-says` : `${id}t-hint`"
      />
    </FieldFrame>
  </form>
</template>

<style scoped>
.kit {
  display: grid;
  gap: 10px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
</style>
