<script setup lang="ts">
import { onMounted, onUpdated, ref } from 'vue'

/** Choices beside each other: one stop for Tab, arrow keys from one to the next, Home and End to the ends. */
defineProps<{ label: string }>()
const group = ref<HTMLElement>()
const choices = () => [...(group.value?.querySelectorAll<HTMLButtonElement>('.choice:not(:disabled)') ?? [])]

/** Tab leads to the one that has the focus, else to the one that is chosen, else to the first. */
function settle() {
  const all = choices()
  const at =
    all.find((c) => c === document.activeElement) ??
    all.find((c) => c.getAttribute('aria-pressed') === 'true' || c.getAttribute('aria-current')) ??
    all[0]
  for (const choice of all) choice.tabIndex = choice === at ? 0 : -1
}
onMounted(settle)
onUpdated(settle)

function move(event: KeyboardEvent) {
  const all = choices()
  const at = all.indexOf(document.activeElement as HTMLButtonElement)
  if (at < 0 || event.ctrlKey || event.metaKey || event.altKey) return
  const to = { ArrowRight: at + 1, ArrowDown: at + 1, ArrowLeft: at - 1, ArrowUp: at - 1, Home: 0, End: -1 }[event.key]
  if (to === undefined) return
  event.preventDefault()
  all.at(to % all.length)?.focus()
}
</script>

<template>
  <div ref="group" role="group" :aria-label="label" @keydown="move" @focusin="settle"><slot /></div>
</template>
