<script setup lang="ts">
import { BenchScreen } from '~/features/mixing'

definePageMeta({ key: 'bench' })
</script>

<template>
  <BenchScreen />
</template>
