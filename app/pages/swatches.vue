<script setup lang="ts">
import { SwatchesScreen } from '~/features/swatches'

definePageMeta({ key: 'swatches' })
</script>

<template>
  <SwatchesScreen />
</template>
