<script setup lang="ts">
/** A button that lets a file be chosen; the same file can be chosen again. */
defineProps<{ label: string; accept: string; primary?: boolean }>()
const emit = defineEmits<{ choose: [file: File] }>()

function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('choose', file)
  input.value = ''
}
</script>

<template>
  <label class="btn cursor-pointer" :class="primary ? 'btn-primary' : ''"
    >{{ label }}<input type="file" class="sr-only" :accept="accept" @change="choose"
  /></label>
</template>
