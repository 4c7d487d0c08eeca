<script setup lang="ts">
import { BoxScreen } from '~/features/boxes'
</script>

<template>
  <BoxScreen />
</template>
