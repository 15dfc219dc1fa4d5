<script setup lang="ts">
import { ref } from 'vue'
import type { LabD65 } from '@bonitas/core/kernel/color/lab'
import type { Finish } from '@bonitas/core/model/rows/finishes'
import { useJobStore } from '../job/jobStore.js'
import ColorField from './ColorField.vue'

/** The further colors of a patterned finish, each with its part of it. */
const props = defineProps<{ finish: Finish }>()
const store = useJobStore()
const fault = ref('')
const MOST = 8

function keep(colors: Finish['colors']): void {
  const all = colors.reduce((sum, c) => sum + c.share, 0)
  fault.value = all > 1 ? 'Together they are more than the whole. Lower a part.' : ''
  if (!fault.value) store.change('finishes', props.finish.id, { colors })
}
const set = (i: number, change: Partial<Finish['colors'][number]>) =>
  keep(props.finish.colors.map((c, k) => (k === i ? { ...c, ...change } : c)))
function part(i: number, event: Event): void {
  const text = (event.target as HTMLInputElement).value
  const share = Number(text.replace(/[%\s]/g, '').replace(',', '.')) / 100
  if (share >= 0 && share <= 1) set(i, { share })
  else fault.value = `“${text.slice(0, 20)}” is no part. Write a percentage from 0 to 100.`
}
const color = (i: number, lab: LabD65) => set(i, { l: lab.l, a: lab.a, b: lab.b })
const add = () => keep([...props.finish.colors, { l: 60, a: 0, b: 0, share: 0.1 }])
const remove = (i: number) => keep(props.finish.colors.filter((_, k) => k !== i))
</script>

<template>
  <div class="further-colors">
    <span v-for="(c, i) in finish.colors" :key="i" class="one">
      <ColorField
        :lab="{ l: c.l, a: c.a, b: c.b }"
        :label="`Further color ${i + 1}`"
        @keep="(lab) => color(i, lab)"
      />
      <label class="row-field"
        >Part<input :value="`${Math.round(100 * c.share)} %`" inputmode="decimal" @change="part(i, $event)"
      /></label>
      <button class="word" :aria-label="`Remove further color ${i + 1}`" @click="remove(i)">Remove</button>
    </span>
    <button v-if="finish.colors.length < MOST" class="button" @click="add">Add a further color</button>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.further-colors {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: end;
  padding-top: 8px;
}
.one {
  display: grid;
  grid-template-columns: 130px 64px auto;
  gap: 8px;
  align-items: start;
}
.one .word {
  padding-top: 24px;
}
</style>
