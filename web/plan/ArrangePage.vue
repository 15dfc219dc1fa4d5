<script setup lang="ts">
import { usePlan } from './usePlan.js'
const { store } = usePlan()
</script>
<template><p>{{ store.plan ? '' : '' }}</p></template>
