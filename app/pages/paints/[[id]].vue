<script setup lang="ts">
import { PaintsScreen } from '~/features/paints'

definePageMeta({ key: 'paints' })
</script>

<template>
  <PaintsScreen />
</template>
