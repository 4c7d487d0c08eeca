<script setup lang="ts">
/** Why something was not done, in words; read out when it appears. */
defineProps<{ says: string | undefined }>()
</script>

<template>
  <p role="alert" class="refusal">{{ says }}</p>
</template>
