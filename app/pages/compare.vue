<script setup lang="ts">
import { CompareScreen } from '~/features/strip'
</script>

<template>
  <CompareScreen />
</template>
