<script setup lang="ts">
import { BesideScreen } from '~/features/verdict'
</script>

<template>
  <BesideScreen />
</template>
