<script setup lang="ts">
import { FillingScreen } from '~/features/filling'

definePageMeta({ key: (route) => `filling-${String(route.params.id)}` })
</script>

<template>
  <FillingScreen />
</template>
