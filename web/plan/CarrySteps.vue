<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { computed } from 'vue'
import type { CarryIn } from '@bonitas/core/stages/plan/carryIn'
import { useLocale } from '../form/useLocale.js'

const { drawn, measured } = useLocale()

/** How a piece comes in: each part of the way, how it is held there, and what is left. */
const props = defineProps<{ result: CarryIn }>()
const says = computed(() => {
  const { verdict, carried, spareMm, tightest } = props.result
  if (verdict === 'not known') return 'A measure of the way is missing'
  if (verdict === 'not at all')
    return `Does not come in: ${measured(-spareMm)} too large for ${tightest?.part.name || tightest?.part.kind || 'the way'}`
  const how =
    verdict === 'legs off' ? 'with its legs off' : carried === 'as it stands' ? 'as it stands' : carried
  return `Comes in ${how ?? ''}, ${measured(spareMm)} to spare`
})
</script>

<template>
  <section class="panel-part" aria-label="Way in">
    <h2>{{ says }}</h2>
    <ListTable
      :rows="result.steps"
      :columns="[
        { id: 'wayIn', head: 'Way in' },
        { id: 'held', head: 'Held' },
        { id: 'toSpare', head: 'To spare', figure: true },
      ]"
      :key-of="(s) => s.part.id"
    >
      <template #cell-wayIn="{ row: s }"
        >{{ s.part.name || s.part.kind }}
        <span class="second">{{ drawn(s.part.widthMm) }} × {{ drawn(s.part.heightMm) }}</span></template
      >
      <template #cell-held="{ row: s }"
        >{{ s.missing ? `its ${s.missing} is not known` : s.carried
        }}{{ s.tiltDeg ? `, ${s.tiltDeg}°` : '' }}</template
      >
      <template #cell-toSpare="{ row: s }"
        ><span :class="{ fault: s.spareMm < 0 }">{{
          s.missing ? '–' : drawn(Math.floor(s.spareMm))
        }}</span></template
      >
    </ListTable>
    <p class="second">A piece is taken for its box, which is exact for boxes and safe for the rest.</p>
  </section>
</template>
