<script setup lang="ts">
import { onMounted, ref } from 'vue'

/** The frame of a stage: title line, the bench, the panel at the right, and a strip below for what is selected. */
defineProps<{ title: string; says?: string; broad?: boolean }>()
/** Where a page begins for whoever came by keyboard: what was focused went with the page before. */
const heading = ref<HTMLElement>()
onMounted(() => {
  if (document.activeElement === document.body) heading.value?.focus({ preventScroll: true })
})
</script>

<template>
  <div class="stage" :class="{ broad }">
    <div class="head">
      <h1 ref="heading" tabindex="-1">{{ title }}</h1>
      <slot name="head"></slot>
      <p v-if="says" class="second">{{ says }}</p>
    </div>
    <div class="bench"><slot></slot></div>
    <aside class="panel" tabindex="0" :aria-label="`${title}: details and findings`">
      <slot name="panel"></slot>
    </aside>
    <div v-if="$slots.strip" class="strip"><slot name="strip"></slot></div>
  </div>
</template>

<style scoped>
.stage {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: 54px minmax(0, 1fr) auto / minmax(0, 1fr) 318px;
}
.stage.broad {
  grid-template-columns: minmax(0, 1fr) 376px;
}
h1:focus {
  outline: none;
}
.head {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 20px;
  padding: 0 18px;
  white-space: nowrap;
  min-width: 0;
}
.head .second {
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 14px;
}
.bench {
  overflow: auto;
  padding: 0 18px 18px;
}
.panel {
  grid-row: 2 / span 2;
  grid-column: 2;
  overflow: auto;
  background: var(--panel);
  border-left: 1px solid var(--rule);
  padding: 12px 16px 18px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.strip {
  grid-column: 1;
  grid-row: 3;
  background: var(--paper);
  border-top: 1px solid var(--rule);
  padding: 10px 18px 14px;
}
@media (width < 1200px) {
  .stage,
  .stage.broad {
    display: block;
    overflow: auto;
  }
  .head {
    flex-wrap: wrap;
    gap: 4px 20px;
    padding: 10px 14px;
    white-space: normal;
  }
  .bench {
    padding: 0 14px 18px;
    overflow: visible;
  }
  .panel {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
</style>
