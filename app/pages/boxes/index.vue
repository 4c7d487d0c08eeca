<script setup lang="ts">
import { BoxesScreen } from '~/features/boxes'
</script>

<template>
  <BoxesScreen />
</template>
