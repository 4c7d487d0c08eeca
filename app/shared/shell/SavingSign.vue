<script setup lang="ts">
import { ref, watch } from 'vue'
import { useKeeper } from '~/stores/keeper'

/** Quietly says that something is not on disk yet, when that takes longer than a person would notice. */
const NOTICEABLE = 400
const keeper = useKeeper()
const late = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  () => keeper.isSafe,
  (safe) => {
    clearTimeout(timer)
    late.value = false
    if (!safe) timer = setTimeout(() => (late.value = true), NOTICEABLE)
  },
)
</script>

<template>
  <span v-if="late" class="hint" role="status">saving …</span>
</template>
