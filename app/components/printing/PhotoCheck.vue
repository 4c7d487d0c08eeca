<script setup lang="ts">
defineProps<{ sheets: unknown; printed: unknown; kind: string }>()
</script>

<template>
  <p>Soon.</p>
</template>
