<script setup lang="ts">
import type { Values } from '@juxtachrome/core/choosing'
import { figure } from '~/shared/words/figures'
import { usePaintName } from '~/shared/words/paintName'

/** The masstones of a palette as greys, dark to light. */
defineProps<{ values: Values }>()
const nameOf = usePaintName()
</script>

<template>
  <div>
    <div
      class="flex h-6"
      role="img"
      :aria-label="`Masstones from dark to light: L* ${values.scale.map((s) => figure(s.L)).join(', ')}`"
    >
      <span
        v-for="s in values.scale"
        :key="s.paintId"
        class="min-w-0 flex-1"
        :style="{ background: `lab(${s.L}% 0 0)` }"
        :title="`${nameOf(s.paintId)}, L* ${figure(s.L)}`"
      />
    </div>
    <p class="hint">Masstones, the paints at full strength, from dark to light.</p>
  </div>
</template>
