<script setup lang="ts">
import { useId } from 'vue'

/** A labeled text input with its message beside it; it checks nothing itself. */
defineProps<{
  label: string
  fault?: string | undefined
  hint?: string | undefined
  type?: string
  autocomplete?: string
  inputmode?: 'text' | 'decimal' | 'numeric' | 'email'
  figure?: boolean
}>()
const model = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div class="plain-field">
    <label :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      :autocomplete="autocomplete ?? 'off'"
      :inputmode="inputmode"
      :class="{ right: figure }"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault || hint ? `${id}-says` : undefined"
    />
    <p :id="`${id}-says`" :class="fault ? 'fault' : 'second'">{{ fault ?? hint }}</p>
  </div>
</template>

<style>
.plain-field {
  display: grid;
  gap: 2px;
}
.plain-field label {
  font-size: 13px;
  color: var(--ink-2);
}
.plain-field input.right {
  text-align: right;
}
.plain-field p:empty {
  display: none;
}
</style>
