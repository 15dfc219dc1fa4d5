<script setup lang="ts">
import { ElInput } from 'element-plus'
import ChoiceField from '../form/ChoiceField.vue'
import { AxisMark } from './AxisMark.js'
import { SHOWN, type Shown } from './useItemSearch.js'
import { t } from './words.js'

/** What is searched for and shown of the items, and what the marks on the axis mean. */
const search = defineModel<string>('search', { required: true })
const only = defineModel<Shown>('only', { required: true })
</script>

<template>
  <div class="above">
    <ElInput
      id="item-search"
      v-model="search"
      class="search"
      type="search"
      :aria-label="t('searchItemsAndOptions')"
      :placeholder="t('search')"
      autocomplete="off"
      clearable
    />
    <ChoiceField v-model="only" quiet :label="t('show')" class="only" :choices="SHOWN" />
    <p class="legend second">
      <AxisMark kind="new" :chosen="true" :fits="true" />{{ t('new') }}
      <AxisMark kind="second-hand" :chosen="true" :fits="true" />{{ t('secondHand') }}
      <AxisMark kind="made" :chosen="true" :fits="true" />{{ t('made') }}
      <AxisMark kind="owned" :chosen="true" :fits="true" />{{ t('owned') }}
    </p>
  </div>
</template>

<style scoped>
.above {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-bottom: 4px;
}
.search {
  width: 140px;
  flex: none;
}
.only {
  width: 112px;
  flex: none;
}
.legend {
  display: flex;
  align-items: center;
  gap: 3px;
  min-width: 0;
  overflow: hidden;
  white-space: nowrap;
}
.legend svg {
  width: 13px;
  height: 13px;
  margin-left: 6px;
  flex: none;
}
/* On a phone there is a list and no marks to explain. */
@media (width < 760px) {
  .legend {
    display: none;
  }
}
</style>
