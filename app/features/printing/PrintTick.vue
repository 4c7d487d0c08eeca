<script setup lang="ts">
/** Something that is on a sheet or not. */
defineProps<{ label: string }>()
const model = defineModel<boolean>({ required: true })
</script>

<template>
  <label class="flex items-center gap-2 text-sm"
    ><input v-model="model" type="checkbox" class="size-4" />{{ label }}</label
  >
</template>
