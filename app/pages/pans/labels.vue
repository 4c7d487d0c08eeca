<script setup lang="ts">
import { LabelsScreen } from '~/features/pans'
</script>

<template>
  <LabelsScreen />
</template>
