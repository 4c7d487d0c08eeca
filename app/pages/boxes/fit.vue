<script setup lang="ts">
import { FitScreen } from '~/features/boxes'
</script>

<template>
  <FitScreen />
</template>
