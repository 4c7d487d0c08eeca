<script setup lang="ts">
import { RestockScreen } from '~/features/restock'

definePageMeta({ key: 'restock' })
</script>

<template>
  <RestockScreen />
</template>
