<script setup lang="ts">
import { ListScreen } from '~/features/paints'
</script>

<template>
  <ListScreen />
</template>
