<script setup lang="ts">
import { TodayScreen } from '~/features/today'
</script>

<template>
  <TodayScreen />
</template>
