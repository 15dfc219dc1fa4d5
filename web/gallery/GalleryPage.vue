<script setup lang="ts">
import '../styles/elementInside.css'
import { Calendar, Delete } from '@element-plus/icons-vue'
import {
  ElButton,
  ElCheckbox,
  ElDescriptions,
  ElDescriptionsItem,
  ElDialog,
  ElRadio,
  ElRadioButton,
  ElRadioGroup,
  ElSlider,
  ElTooltip,
} from 'element-plus'
import { ref } from 'vue'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import FileButton from '../form/FileButton.vue'
import FoldPart from '../form/FoldPart.vue'
import ListTable from '../form/ListTable.vue'
import PlainField from '../form/PlainField.vue'

/** For developers: every part of the interface in its states, so that a change of the theme is seen at once. */
const text = ref('Oat milk')
const wrong = ref('31/2/2027')
const day = ref('2027-01-07')
const kind = ref('sofa')
const none = ref('')
const measures = ref('metric')
const plane = ref('table')
const on = ref(true)
const hour = ref(19)
const open = ref(false)
const COLORS = ['--ink', '--ink-2', '--rule', '--rule-2', '--ground', '--panel', '--paper', '--stop']
const ROWS = [
  { id: 'a', name: 'Settee, three seats', size: `6' 6" × 2' 11 1/2" × 2' 9"`, money: '$1,480.00' },
  {
    id: 'b',
    name: 'A name so long that it wraps in its cell instead of being cut off at the end of the column',
    size: '1 980 × 900 × 840',
    money: '€590.00',
  },
]
</script>

<template>
  <main class="gallery">
    <h1>Parts of the interface</h1>
    <section aria-labelledby="g-colors">
      <h2 id="g-colors">Grounds and inks</h2>
      <ul class="colors">
        <li v-for="c in COLORS" :key="c"><i :style="{ background: `var(${c})` }"></i>{{ c }}</li>
      </ul>
    </section>
    <section aria-labelledby="g-buttons">
      <h2 id="g-buttons">Buttons</h2>
      <p class="line">
        <ElButton type="primary">Main act</ElButton>
        <ElButton>Act</ElButton>
        <ElButton disabled>Cannot now</ElButton>
        <ElButton link>As a word</ElButton>
        <ElButton size="small" aria-pressed="true">Pressed</ElButton>
        <ElButton size="small" aria-pressed="false">Not pressed</ElButton>
        <ElButton link :icon="Delete" aria-label="Take out" />
        <ElButton :icon="Calendar">With a sign</ElButton>
        <FileButton label="A file" accept=".csv" @picked="() => undefined" />
        <ElTooltip content="1.54 m² × 2 ÷ 15 m²/L" trigger="focus">
          <ElButton link>0.21 L</ElButton>
        </ElTooltip>
      </p>
    </section>
    <section aria-labelledby="g-fields">
      <h2 id="g-fields">Fields</h2>
      <div class="fields">
        <PlainField v-model="text" label="Text" />
        <PlainField v-model="text" label="With a hint" hint="What it is for" />
        <PlainField
          v-model="wrong"
          label="With a fault"
          fault="With a fault is not a day. Write it as 21/3/2027."
        />
        <DayField v-model="day" label="Day" />
        <ChoiceField v-model="kind" label="Choice" :choices="['sofa', 'armchair', 'low table']" />
        <ChoiceField
          v-model="none"
          label="Choice with a fault"
          :choices="[{ value: '', text: 'none' }, 'sofa']"
          fault="Choice is missing. Choose one."
        />
        <ChoiceField v-model="kind" label="Choice at rest" :choices="['sofa']" disabled />
      </div>
      <div class="line">
        <ElRadioGroup v-model="measures" aria-label="Measures">
          <ElRadio value="metric">Metric</ElRadio>
          <ElRadio value="imperial">Feet and inches</ElRadio>
        </ElRadioGroup>
        <ElRadioGroup v-model="plane" aria-label="Plane">
          <ElRadioButton value="table">On a table</ElRadioButton>
          <ElRadioButton value="floor">On the floor</ElRadioButton>
        </ElRadioGroup>
        <ElCheckbox v-model="on">Lamps on</ElCheckbox>
        <ElCheckbox :model-value="false" disabled>Cannot be chosen</ElCheckbox>
      </div>
      <ElSlider v-model="hour" :min="6" :max="22" aria-label="Hour" class="slider" />
    </section>
    <section aria-labelledby="g-lists">
      <h2 id="g-lists">Lists and facts</h2>
      <ListTable
        :rows="ROWS"
        :columns="[
          { id: 'name', head: 'Item' },
          { id: 'size', head: 'Size' },
          { id: 'money', head: 'Landed', figure: true },
        ]"
        :key-of="(row) => row.id"
        :sums="{ name: 'All', money: '2,070.00' }"
      >
        <template #cell-name="{ row }">{{ row.name }}</template>
        <template #cell-size="{ row }">{{ row.size }}</template>
        <template #cell-money="{ row }">{{ row.money }}</template>
      </ListTable>
      <ElDescriptions :column="1" border class="facts">
        <ElDescriptionsItem label="Mean, on a table" align="right"><b>76 lx</b></ElDescriptionsItem>
        <ElDescriptionsItem label="Evenness, least to mean" align="right">0.18</ElDescriptionsItem>
      </ElDescriptions>
      <FoldPart title="What comes on the price: delivery €85"><p>The part that was closed.</p></FoldPart>
    </section>
    <section aria-labelledby="g-over">
      <h2 id="g-over">Over the page</h2>
      <ElButton @click="open = true">Open a dialog</ElButton>
      <ElDialog v-model="open" title="Two wrote the same" append-to="#over">
        <p>Nothing is chosen beforehand, and nothing can be kept unchosen.</p>
        <template #footer><ElButton type="primary" @click="open = false">Keep</ElButton></template>
      </ElDialog>
    </section>
  </main>
</template>

<style scoped>
.gallery {
  padding: 28px;
  display: grid;
  gap: 22px;
  max-width: 1100px;
}
section {
  display: grid;
  gap: 12px;
  border-top: 1px solid var(--ink);
  padding-top: 10px;
}
.line,
.colors {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.colors i {
  display: inline-block;
  width: 28px;
  height: 18px;
  margin-right: 6px;
  border: 1px solid var(--rule-2);
  vertical-align: middle;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px;
  align-items: start;
}
.slider,
.facts {
  max-width: 420px;
}
</style>
