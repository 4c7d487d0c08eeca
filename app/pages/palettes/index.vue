<script setup lang="ts">
import { PalettesScreen } from '~/features/palettes'
</script>

<template>
  <PalettesScreen />
</template>
