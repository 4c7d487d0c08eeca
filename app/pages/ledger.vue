<script setup lang="ts">
import { LedgerScreen } from '~/features/ledger'
</script>

<template>
  <LedgerScreen />
</template>
