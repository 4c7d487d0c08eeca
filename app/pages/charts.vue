<script setup lang="ts">
import { ChartsScreen } from '~/features/printing'

definePageMeta({ key: 'charts' })
</script>

<template>
  <ChartsScreen />
</template>
