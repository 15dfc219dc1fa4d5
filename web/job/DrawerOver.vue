<script setup lang="ts">
import { ElDrawer } from 'element-plus'

defineProps<{ title: string }>()
const open = defineModel<boolean>({ required: true })
defineEmits<{ opened: [] }>()
</script>

<template>
  <ElDrawer v-model="open" :title="title" size="min(440px, 100vw)" @opened="$emit('opened')">
    <slot></slot>
  </ElDrawer>
</template>
