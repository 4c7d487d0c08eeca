<script setup lang="ts">
import type { Neutral } from '@juxtachrome/core/choosing'
import PaintChip from '~/shared/said/PaintChip.vue'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { figure } from '~/shared/words/figures'
import { usePreferences } from '~/stores/preferences'
import * as say from './words'

/** For each colour of a palette what greys it, in parts. */
defineProps<{ neutrals: readonly Neutral[] }>()
const preferences = usePreferences()
</script>

<template>
  <ul class="space-y-1">
    <li v-for="n in neutrals" :key="n.paintId">
      <PaintChip :paint-id="n.paintId" />:
      <template v-if="n.best"
        ><SaidPaints :text="say.mixtureInWords(n.best.paints, paintToken)" /><template v-if="n.other"
          >; or <SaidPaints :text="say.mixtureInWords(n.other.paints, paintToken)" /></template
        ><span v-if="preferences.figures" class="hint"
          >, C* {{ figure(n.best.C) }}, L* {{ figure(n.best.L) }}</span
        ></template
      ><template v-else>no partner here</template>
    </li>
  </ul>
</template>
