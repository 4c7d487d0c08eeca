<script setup lang="ts">
import { PansScreen } from '~/features/pans'
</script>

<template>
  <PansScreen />
</template>
