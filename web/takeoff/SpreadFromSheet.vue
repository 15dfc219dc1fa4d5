<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { theoreticalSpread } from '@bonitas/core/stages/takeoff/customary'
import FoldPart from '../form/FoldPart.vue'
import PlainField from '../form/PlainField.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** The spreading rate reckoned from the data sheet of a paint: volume solids over the dry film. */
const emit = defineEmits<{ use: [m2PerL: number] }>()
const { says, system } = useLocale()
const solids = ref('')
const film = ref('')
/** A mil is a thousandth of an inch. */
const MIL_UM = 25.4
const figure = (text: string) => Number(text.replace(',', '.').replace('%', '').trim() || Number.NaN)
const percent = computed(() => figure(solids.value))
const dryUm = computed(() => figure(film.value) * (system.value === 'metric' ? 1 : MIL_UM))
const fault = (value: number, text: string, least: number, most: number, says: string) =>
  text.trim() === '' || (value >= least && value <= most) ? '' : says
const faults = computed(() => ({
  solids: fault(percent.value, solids.value, 1, 100, t('solidsAre')),
  film: fault(dryUm.value, film.value, 5, 1000, t('filmsAre')),
}))
const got = computed(() =>
  faults.value.solids === '' && faults.value.film === '' && percent.value > 0 && dryUm.value > 0
    ? theoreticalSpread(percent.value, dryUm.value)
    : undefined,
)
/** To a tenth of a square meter a liter: no data sheet is finer. */
const rate = computed(() => Math.round(10 * (got.value?.m2PerL ?? 0)) / 10)
const wet = computed(() =>
  got.value
    ? system.value === 'metric'
      ? `${says.value.number(got.value.wetUm)} µm`
      : `${says.value.number(got.value.wetUm / MIL_UM, 1)} mil`
    : '',
)
</script>

<template>
  <FoldPart :title="t('fromTheDataSheet')">
    <div class="two">
      <PlainField
        v-model="solids"
        :label="t('volumeSolids')"
        inputmode="decimal"
        figure
        :fault="faults.solids || undefined"
      />
      <PlainField
        v-model="film"
        :label="system === 'metric' ? t('dryFilmUm') : t('dryFilmMil')"
        inputmode="decimal"
        figure
        :fault="faults.film || undefined"
      />
    </div>
    <template v-if="got">
      <p class="second">{{ t('inTheoryItGoes', { spread: says.spread(rate), wet }) }}</p>
      <ElButton @click="emit('use', rate)">{{ t('useThisRate') }}</ElButton>
    </template>
  </FoldPart>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: start;
}
.two ~ p,
.two ~ .el-button {
  margin-top: 7px;
}
</style>
