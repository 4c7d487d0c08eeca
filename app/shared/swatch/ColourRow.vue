<script setup lang="ts">
/**
 * A row of colour: what is proposed edge to edge with what it stands for, masstone to wash, beside it two short lines;
 * the rest on opening. The same wherever one colour is weighed against another.
 */
const open = defineModel<boolean>('open', { default: false })
defineProps<{
  /** What it is called; pressing it opens the rest, where there is more to say. */
  name: string
}>()
defineSlots<{
  /** The colours, one above the other. */
  colours(): unknown
  /** Two short lines. */
  default?(): unknown
  /** What is done with it. */
  actions?(): unknown
  /** What must be read before it is taken, opened or not. */
  mind?(): unknown
  /** The rest, with the figures. */
  more?(): unknown
}>()
</script>

<template>
  <li class="border-t border-line py-1.5">
    <div class="flex flex-wrap items-center gap-x-2.5 gap-y-1">
      <div class="grid min-w-0 grow basis-64 grid-cols-[7.5rem_minmax(0,1fr)] items-center gap-x-2.5">
        <slot name="colours" />
        <div class="min-w-0 text-[0.8125rem] leading-tight">
          <h3>
            <button
              v-if="$slots.more"
              class="line-clamp-2 min-h-6 text-left text-[0.875rem] leading-tight hover:underline"
              :aria-expanded="open"
              @click="open = !open"
            >
              {{ name }}
            </button>
            <span v-else class="line-clamp-2 text-[0.875rem] leading-tight">{{ name }}</span>
          </h3>
          <slot />
        </div>
      </div>
      <div v-if="$slots.actions" class="flex flex-wrap gap-1"><slot name="actions" /></div>
    </div>
    <slot name="mind" />
    <div v-if="open && $slots.more" class="mt-1 space-y-0.5 text-[0.8125rem] leading-tight"><slot name="more" /></div>
  </li>
</template>
