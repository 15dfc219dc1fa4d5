<script setup lang="ts">
import { Calendar } from '@element-plus/icons-vue'
import { ElButton, ElPopover } from 'element-plus'
import { defineAsyncComponent, nextTick, ref, type ComponentPublicInstance } from 'vue'
import { t } from './words.js'

/** Opens a calendar beside a field in which days are typed. The calendar is fetched when it is first opened. */
defineProps<{ day: string; label: string; locale: string }>()
const emit = defineEmits<{ choose: [day: string] }>()
const CalendarPanel = defineAsyncComponent(() => import('./CalendarPanel.vue'))
const open = ref(false)
const button = ref<ComponentPublicInstance>()

/** Closed by a key or a choice, the calendar gives the focus back to its button. */
async function close(back: boolean): Promise<void> {
  open.value = false
  if (!back) return
  await nextTick()
  ;(button.value?.$el as HTMLElement | undefined)?.focus()
}
async function take(day: string): Promise<void> {
  emit('choose', day)
  await close(true)
}
</script>

<template>
  <ElPopover
    :visible="open"
    placement="bottom-end"
    :show-arrow="false"
    :offset="2"
    width="auto"
    :persistent="false"
    transition="none"
    :hide-after="0"
    popper-class="calendar-popper"
    append-to="#over"
  >
    <template #reference>
      <ElButton
        ref="button"
        link
        class="calendar-button"
        :icon="Calendar"
        :aria-label="t('calendar')"
        :aria-description="label"
        aria-haspopup="dialog"
        :aria-expanded="open"
        @mousedown.prevent
        @click="open = !open"
      />
    </template>
    <CalendarPanel
      v-if="open"
      :day="day"
      :label="t('calendarLabel', { label })"
      :locale="locale"
      @take="take"
      @close="close"
    />
  </ElPopover>
</template>

<style>
.calendar-popper.calendar-popper {
  padding: 0;
}
:root:root:root .calendar-button {
  text-decoration: none;
}
</style>
