<script setup lang="ts">
import { ref } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number } = useLocale()
/** The room's finishes in their true shares, down the right edge. Arrows walk it; Enter opens the finish. */
const props = defineProps<{ finishes: readonly FinishFacts[] }>()
const emit = defineEmits<{ open: [finishId: string] }>()

const pointed = ref<FinishFacts>()
const here = ref(0)
const root = ref<HTMLElement>()

const text = (f: FinishFacts) => `${f.finish.name}, ${number(100 * f.share, 1)} %`

function step(event: KeyboardEvent): void {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  if (by === 0) return
  event.preventDefault()
  here.value = Math.max(0, Math.min(props.finishes.length - 1, here.value + by))
  root.value?.querySelectorAll('button')[here.value]?.focus()
}
</script>

<template>
  <aside ref="root" class="ribbon" :aria-label="t('finishesByShare')" @keydown="step">
    <button
      v-for="(f, i) in finishes"
      :key="f.finish.id"
      :style="{ flexGrow: f.share, background: labToHex(f.lab) }"
      :tabindex="i === here ? 0 : -1"
      :aria-label="text(f)"
      @mouseenter="pointed = f"
      @mouseleave="pointed = undefined"
      @focus="((pointed = f), (here = i))"
      @blur="pointed = undefined"
      @click="emit('open', f.finish.id)"
    ></button>
    <p v-if="finishes.length === 0" class="none">{{ t('noFinishesYet') }}</p>
    <p v-if="pointed" class="pointed">{{ text(pointed) }}</p>
  </aside>
</template>

<style scoped>
.ribbon {
  position: relative;
  display: flex;
  flex-direction: column;
  border-left: 1px solid var(--ink);
  background: var(--panel);
  min-height: 0;
}
button {
  flex: 0 1 0;
  min-height: 2px;
  border: 0;
  padding: 0;
  width: 100%;
}
button:focus-visible,
button:hover {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
  z-index: 1;
}
.none {
  writing-mode: vertical-rl;
  margin: 12px auto;
  font-size: 13px;
  color: var(--ink-2);
}
.pointed {
  position: absolute;
  right: 44px;
  bottom: 12px;
  padding: 4px 10px;
  background: var(--paper);
  border: 1px solid var(--ink);
  white-space: nowrap;
  z-index: 3;
}
</style>
