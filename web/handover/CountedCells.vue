<script setup lang="ts">
/** So many of so many, a cell for each: filled where it is known, open where it is not. */
defineProps<{ known: readonly boolean[]; label: string }>()
</script>

<template>
  <div class="counted">
    <span class="cells" aria-hidden="true"
      ><i v-for="(k, i) in known" :key="i" :class="{ known: k }"></i
    ></span>
    <span class="second">{{ label }}</span>
  </div>
</template>

<style scoped>
.cells {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}
i {
  width: 8px;
  height: 16px;
  border: 1px dashed var(--ink);
}
i.known {
  background: var(--ink);
  border-style: solid;
}
</style>
