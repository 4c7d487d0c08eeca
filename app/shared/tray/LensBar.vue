<script setup lang="ts" generic="T extends string">
/** The same tray seen in another way; arrow keys go from one to the next. */
const props = defineProps<{ lenses: readonly { id: T; label: string }[] }>()
const lens = defineModel<T>({ required: true })
function step(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const at = props.lenses.findIndex((l) => l.id === lens.value)
  lens.value = props.lenses[(at + by + props.lenses.length) % props.lenses.length]!.id
  const bar = event.currentTarget as HTMLElement
  requestAnimationFrame(() => bar.querySelector<HTMLElement>('[aria-checked=true]')?.focus())
}
</script>

<template>
  <div
    role="radiogroup"
    aria-label="Seen as"
    class="flex gap-x-3 gap-y-0.5 max-sm:overflow-x-auto max-sm:[scrollbar-width:none] sm:flex-wrap"
    data-repeats
    @keydown="step"
  >
    <button
      v-for="l in lenses"
      :key="l.id"
      role="radio"
      class="min-h-8 border-b-2 border-transparent text-[0.8125rem] whitespace-nowrap hover:border-edge pointer-coarse:min-h-11"
      :aria-checked="lens === l.id"
      :aria-pressed="undefined"
      :tabindex="lens === l.id ? 0 : -1"
      :class="lens === l.id ? 'border-text! font-semibold' : 'text-muted'"
      @click="lens = l.id"
    >
      {{ l.label }}
    </button>
  </div>
</template>
