<script setup lang="ts">
import { PaletteBoxScreen } from '~/features/boxes'
</script>

<template>
  <PaletteBoxScreen />
</template>
