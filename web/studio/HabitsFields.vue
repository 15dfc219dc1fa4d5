<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { computed, onMounted } from 'vue'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { dayFigures } from '@bonitas/core/kernel/units/readDay'
import { COUNTRIES, countryOf } from '@bonitas/core/model/vocabulary/countries'
import { CURRENCIES, type StudioHabits } from '@bonitas/core/model/studioHabits'
import ChoiceField from '../form/ChoiceField.vue'
import FormItem from '../form/FormItem.vue'
import { timeZoneHere } from '../form/timeZoneHere.js'
import { languageHere } from '../words/languages.js'
import { t } from './words.js'

/**
 * How a studio writes, measures, is paid and prints. Its country brings the rest along; each can be set apart from it.
 * Fetched when it is needed: nobody who only signs in waits for it.
 */
const props = defineProps<{
  faults: Readonly<Record<string, string>>
  /** Taken from the languages of the browser where nothing is chosen yet. */
  propose?: boolean
  /** Why the currency stays as it is. */
  bound?: string | undefined
}>()
const model = defineModel<Omit<StudioHabits, 'name'>>({ required: true })
const emit = defineEmits<{
  /** The habits of the country stand in the fields: before, nothing may be sent. */
  proposed: []
}>()
type Habits = typeof model.value

const change = (more: Partial<Habits>) => (model.value = { ...model.value, ...more })
function settle(locale: string, more: Partial<Habits> = {}): void {
  const found = COUNTRIES.find((c) => c.locale === locale)
  if (!found) return
  const { currency, system, paper, timeZone } = found
  change({ locale, system, paper, timeZone, ...(props.bound ? {} : { currency }), ...more })
}
onMounted(() => {
  if (!props.propose) return
  settle(countryOf(navigator.languages).locale, { timeZone: timeZoneHere() })
  emit('proposed')
})

const zones = computed(() => [...new Set([model.value.timeZone, ...Intl.supportedValuesOf('timeZone')])])
const names = new Intl.DisplayNames(languageHere(), { type: 'currency' })
const currencies = CURRENCIES.map((code) => ({ value: code, text: `${code}, ${names.of(code) ?? ''}` }))
/** A day, an amount and a length as they will be written. */
const example = computed(() => {
  const says = formatterOf(model.value)
  const day = `${new Date().getFullYear()}-12-21`
  return t('dayTypedDay2MoneyRun', {
    day: says.day(day),
    day2: dayFigures(day, says.locale),
    money: says.money(123_450),
    run: says.run(4_267.2),
    area: says.area(9_290_304),
  })
})
</script>

<template>
  <div class="habits">
    <ChoiceField
      :model-value="model.locale"
      :label="t('country')"
      :choices="COUNTRIES.map((c) => ({ value: c.locale, text: c.name }))"
      :fault="faults.locale"
      @update:model-value="settle($event)"
    />
    <ChoiceField
      :model-value="model.currency"
      :label="t('currency')"
      :choices="currencies"
      :disabled="Boolean(bound)"
      :hint="bound"
      :fault="faults.currency"
      @update:model-value="change({ currency: $event })"
    />
    <FormItem id="measures" :label="t('measures')">
      <ElRadioGroup
        id="measures"
        :model-value="model.system"
        :aria-label="t('measures')"
        @update:model-value="change({ system: $event as Habits['system'] })"
      >
        <ElRadio value="metric">{{ t('metric') }}</ElRadio>
        <ElRadio value="imperial">{{ t('feetAndInches') }}</ElRadio>
      </ElRadioGroup>
    </FormItem>
    <FormItem id="paper" :label="t('paper')">
      <ElRadioGroup
        id="paper"
        :model-value="model.paper"
        :aria-label="t('paper')"
        @update:model-value="change({ paper: $event as Habits['paper'] })"
      >
        <ElRadio value="A4">A4</ElRadio>
        <ElRadio value="LETTER">{{ t('letter') }}</ElRadio>
      </ElRadioGroup>
    </FormItem>
    <ChoiceField
      class="whole"
      :model-value="model.timeZone"
      :label="t('timeZone')"
      :choices="zones"
      :fault="faults.timeZone"
      @update:model-value="change({ timeZone: $event })"
    />
    <p class="second whole" aria-live="polite">{{ example }}</p>
  </div>
</template>

<style scoped>
.habits {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
</style>
