<script setup lang="ts">
import { ref } from 'vue'
import { usePreferences } from '~/stores/preferences'

/**
 * The three zones of a step: what it works from, the tray, what it says. From 1200 px side by side, what it says with
 * room; on a tablet the tray with one of the other two beside it; on a phone one of them below it.
 */
defineProps<{ labels: readonly [string, string] }>()
const side = defineModel<'left' | 'right'>('side', { default: 'left' })
const preferences = usePreferences()
const left = ref<HTMLElement>()
defineExpose({ left })
</script>

<template>
  <div
    class="zones grid min-h-0 grow grid-cols-1 content-start gap-3 p-3"
    :class="preferences.mirrored ? 'mirrored' : ''"
  >
    <div ref="left" class="zone-left min-w-0 wide:overflow-y-auto" :class="side === 'left' ? '' : 'aside'">
      <slot name="left" />
    </div>
    <section class="zone-tray min-w-0" aria-label="Tray"><slot name="tray" /></section>
    <div role="group" aria-label="Zones" class="zone-switch flex gap-2 wide:hidden">
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
      data-zone
      class="zone-right min-w-0 overflow-y-auto"
      tabindex="0"
      role="region"
      :aria-label="`Zone: ${labels[1]}`"
      :class="side === 'right' ? '' : 'aside'"
    >
      <slot name="right" />
    </div>
    <slot />
  </div>
</template>

<style scoped>
.zones {
  grid-template-areas: 'tray' 'switch' 'outer';
}
.zone-tray {
  grid-area: tray;
}
.zone-switch {
  grid-area: switch;
}
.zone-left,
.zone-right {
  grid-area: outer;
}
@media (width < 75rem) {
  .aside {
    display: none;
  }
}
/* a tablet: the tray, and beside it one of the two */
@media (width >= 48rem) and (width < 75rem) {
  .zones {
    grid-template: 'tray switch' auto 'tray outer' 1fr / minmax(0, 1fr) minmax(0, 21rem);
  }
  .mirrored {
    grid-template: 'switch tray' auto 'outer tray' 1fr / minmax(0, 21rem) minmax(0, 1fr);
  }
}
@media (width >= 48rem) {
  .zone-left {
    height: calc(100dvh - 8.25rem - var(--strip));
  }
  .zone-right {
    max-height: calc(100dvh - 8.25rem - var(--strip));
  }
}
@media (width >= 75rem) {
  .zone-tray {
    max-height: calc(100dvh - 8.25rem - var(--strip));
    overflow-y: auto;
    padding-inline: 0.25rem;
  }
  .zones {
    grid-template: 'left tray right' 1fr / 17.5rem minmax(0, 1fr) minmax(26.25rem, 0.62fr);
  }
  .mirrored {
    grid-template: 'right tray left' 1fr / minmax(26.25rem, 0.62fr) minmax(0, 1fr) 17.5rem;
  }
  .zone-left {
    grid-area: left;
  }
  .zone-right {
    grid-area: right;
  }
}
</style>
