<script setup lang="ts">
import { HowScreen } from '~/features/verdict'
</script>

<template>
  <HowScreen />
</template>
