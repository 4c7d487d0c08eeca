<script setup lang="ts">
import { StudentsScreen } from '~/features/students'
</script>

<template>
  <StudentsScreen />
</template>
