import { computed } from 'vue'
import { formatterOf, type Formatter } from '@bonitas/core/kernel/units/formatter'
import { useJobStore } from '../job/jobStore.js'
import type { Locale } from './fieldText.js'

const BEFORE_THE_JOB = { system: 'metric', locale: 'en-IE', currency: 'EUR' } as const

/** The formatter of the studio whose job is on the bench, outside of a component. */
export const saysNow = (): Formatter => formatterOf(useJobStore().snapshot?.studio ?? BEFORE_THE_JOB)

/** What a field is read and written by: the habits of the studio of the job on the bench, and its day. */
export function useFieldHabits() {
  const store = useJobStore()
  return computed((): Locale => {
    const { currency, locale, system } = store.snapshot?.studio ?? BEFORE_THE_JOB
    return { currency, locale, system, today: store.day }
  })
}

/** How the studio of the job on the bench writes money, measures, numbers and days. */
export function useLocale() {
  const store = useJobStore()
  const says = computed(saysNow)
  return {
    says,
    system: computed(() => says.value.system),
    money: (minor: number) => says.value.money(minor),
    /** Money with every decimal, for columns. */
    column: (minor: number) => says.value.moneyColumn(minor),
    /** What is computed or drawn: in metric without its unit. */
    drawn: (mm: number) => says.value.drawn(mm),
    /** What is computed, in running words. */
    measured: (mm: number) => says.value.length(mm),
    /** A length as it was typed. */
    typed: (mm: number) => says.value.typed(mm),
    area: (mm2: number) => says.value.area(mm2),
    volume: (mm3: number) => says.value.volume(mm3),
    /** A run of wall: meters to the centimeter, or feet and inches. */
    run: (mm: number) => says.value.run(mm),
    number: (value: number, decimals?: number) => says.value.number(value, decimals),
    percent: (share: number) => says.value.percent(share),
    light: (lux: number) => says.value.light(lux),
    /** A month of the year, 1 to 12, by its name. */
    monthName: (month: number) => says.value.month(month),
    /** A day: with its year when it is not this one. */
    day: (iso: string) => says.value.day(iso, store.day),
  }
}
