<script setup lang="ts">
import { ImportScreen } from '~/features/paints'
</script>

<template>
  <ImportScreen />
</template>
