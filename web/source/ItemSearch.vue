<script setup lang="ts">
import { AxisMark } from './AxisMark.js'
import { SHOWN, type Shown } from './useItemSearch.js'

/** What is searched for and shown of the items, and what the marks on the axis mean. */
const search = defineModel<string>('search', { required: true })
const only = defineModel<Shown>('only', { required: true })
</script>

<template>
  <div class="above">
    <label class="visually-hidden" for="item-search">Search items and options</label>
    <input id="item-search" v-model="search" type="search" placeholder="Search" autocomplete="off" />
    <label class="visually-hidden" for="item-only">Show</label>
    <select id="item-only" v-model="only">
      <option v-for="s in SHOWN" :key="s">{{ s }}</option>
    </select>
    <p class="legend second">
      <AxisMark kind="new" :chosen="true" :fits="true" />new
      <AxisMark kind="second-hand" :chosen="true" :fits="true" />second-hand
      <AxisMark kind="made" :chosen="true" :fits="true" />made
      <AxisMark kind="owned" :chosen="true" :fits="true" />owned
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
#item-search {
  width: 130px;
}
#item-only {
  width: 108px;
}
.above input,
.above select {
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
</style>
