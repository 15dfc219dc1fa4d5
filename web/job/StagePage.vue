<script setup lang="ts">
import { onMounted, ref } from 'vue'
import PanelDrawer from './PanelDrawer.vue'
import { useMedia } from './useMedia.js'
import { t } from './words.js'

/** The frame of a stage: title line, the bench, the panel at the right, and a strip below for what is selected. */
defineProps<{ title: string; says?: string; broad?: boolean }>()
/** Where a page begins for whoever came by keyboard: what was focused went with the page before. */
const heading = ref<HTMLElement>()
onMounted(() => {
  if (document.activeElement === document.body) heading.value?.focus({ preventScroll: true })
})
/** Too narrow for two columns: the panel opens over the page. */
const narrow = useMedia('screen and (width < 1200px)')
</script>

<template>
  <div class="stage" :class="{ broad }">
    <div class="page">
      <div class="head">
        <h1 ref="heading" tabindex="-1">{{ title }}</h1>
        <slot name="head"></slot>
        <p v-if="says" class="second">{{ says }}</p>
      </div>
      <div class="bench"><slot></slot></div>
      <div v-if="$slots.strip" class="strip"><slot name="strip"></slot></div>
    </div>
    <PanelDrawer v-if="narrow && $slots.panel" :title="title">
      <div class="panel"><slot name="panel"></slot></div>
    </PanelDrawer>
    <aside
      v-else-if="$slots.panel"
      class="panel"
      tabindex="0"
      :aria-label="t('titleDetailsAndFindings', { title })"
    >
      <slot name="panel"></slot>
    </aside>
  </div>
</template>

<style scoped>
.stage {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr) 318px;
}
.stage.broad {
  grid-template-columns: minmax(0, 1fr) 376px;
}
.page {
  display: contents;
}
h1:focus {
  outline: none;
}
.head {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0 20px;
  min-height: 54px;
  padding: 4px 18px;
  min-width: 0;
}
.head .second {
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
    grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
  }
  .page {
    display: block;
    overflow: auto;
  }
  .head {
    gap: 4px 20px;
    padding: 10px 14px;
  }
  .bench {
    padding: 0 14px 18px;
    overflow: visible;
  }
  .panel {
    border: 0;
    padding: 0;
    overflow: visible;
    background: none;
  }
}
/* Zoomed to 400 % every line counts: what opens the panel stands at the end of the page. */
@media (width < 1200px) and (height < 500px) {
  .stage,
  .stage.broad {
    display: block;
    overflow: auto;
  }
}
</style>
