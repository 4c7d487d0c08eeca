<script setup lang="ts">
import { DataScreen } from '~/features/data'
</script>

<template>
  <DataScreen />
</template>
