<script setup lang="ts">
import { ref } from 'vue'
import { usePreferences } from '~/stores/preferences'

/** The three zones of a step: what it works from, the tray, what it says. On a narrow screen one of the outer two at a time. */
defineProps<{ labels: readonly [string, string] }>()
const side = defineModel<'left' | 'right'>('side', { default: 'left' })
const preferences = usePreferences()
const left = ref<HTMLElement>()
defineExpose({ left })
</script>

<template>
  <div
    class="grid min-h-0 grow grid-cols-1 content-start gap-3 p-3 lg:grid-cols-[17rem_minmax(0,1fr)_15rem] xl:grid-cols-[19rem_minmax(0,1fr)_18rem]"
  >
    <div
      ref="left"
      class="min-w-0 max-lg:order-3 lg:h-[calc(100dvh-8.25rem-var(--strip))] lg:overflow-y-auto"
      :class="[preferences.mirrored ? 'lg:order-3' : 'lg:order-1', side === 'left' ? '' : 'max-lg:hidden']"
    >
      <slot name="left" />
    </div>
    <section class="min-w-0 lg:order-2" aria-label="Tray"><slot name="tray" /></section>
    <div role="group" aria-label="Zones" class="order-2 flex gap-2 lg:hidden">
      <button
        v-for="(label, i) in labels"
        :key="label"
        class="btn grow"
        :aria-pressed="side === (i ? 'right' : 'left')"
        @click="side = i ? 'right' : 'left'"
      >
        {{ label }}
      </button>
    </div>
    <div
      class="min-w-0 overflow-y-auto max-lg:order-4 lg:max-h-[calc(100dvh-8.25rem-var(--strip))]"
      tabindex="0"
      role="region"
      :aria-label="`Zone: ${labels[1]}`"
      :class="[preferences.mirrored ? 'lg:order-1' : 'lg:order-3', side === 'right' ? '' : 'max-lg:hidden']"
    >
      <slot name="right" />
    </div>
    <slot />
  </div>
</template>
