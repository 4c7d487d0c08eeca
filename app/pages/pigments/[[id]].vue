<script setup lang="ts">
import { PigmentsScreen } from '~/features/pigments'

definePageMeta({ key: 'pigments' })
</script>

<template>
  <PigmentsScreen />
</template>
