<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import FilePick from './FilePick.vue'

/** A button that asks for one file. Element Plus's own upload puts a button into a button, and sends by itself. */
defineProps<{
  label: string
  accept: string
  /** Looks like a word, not like a button. */
  link?: boolean
  camera?: boolean
  /** Said on the button instead of the label. */
  words?: string
  disabled?: boolean
}>()
const emit = defineEmits<{ picked: [file: File] }>()
const pick = ref<InstanceType<typeof FilePick>>()
const first = (files: readonly File[]) => files[0] && emit('picked', files[0])
</script>

<template>
  <ElButton :link="link" :disabled="disabled" @click="pick?.pick()">{{ words ?? label }}</ElButton>
  <FilePick ref="pick" :label="label" :accept="accept" :camera="camera" single @picked="first" />
</template>
