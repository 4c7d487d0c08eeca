<script setup lang="ts">
import { PaletteScreen } from '~/features/steps'

definePageMeta({ key: 'palette' })
</script>

<template>
  <PaletteScreen />
</template>
