<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { useStandInCommands } from './commands'
import { standingInWords } from '~/shared/words/standing'
import { useAway } from './useAway'

/** What is away from this palette, what stands in, and the way back. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ select: [placeId: string] }>()
const commands = useStandInCommands()
const awayFrom = useAway()
const away = computed(() => awayFrom(props.palette))
</script>

<template>
  <section v-if="away.length" aria-label="Standing in">
    <h2>Standing in</h2>
    <ul>
      <li v-for="a in away" :key="a.placeId" class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1">
        <button
          class="inline-flex min-h-6 min-w-6 items-center font-medium hover:underline"
          @click="emit('select', a.placeId)"
        >
          {{ a.placeId }}
        </button>
        <span class="min-w-0 grow text-sm"
          ><SaidPaints
            :text="`${a.paintId ? `${paintToken(a.paintId)}, ` : ''}${standingInWords(a.standsFor, paintToken)}`"
          /><span v-if="a.isBack" class="hint">; some of it is at hand</span></span
        >
        <button class="link text-sm" @click="commands.restore(palette.id, a.placeId)">
          Put {{ a.standsFor.words }} back
        </button>
      </li>
    </ul>
  </section>
</template>
