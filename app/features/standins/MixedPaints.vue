<script setup lang="ts">
import { differenceInWords } from '@juxtachrome/core/colour'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import type { Convenience } from '@juxtachrome/core/standins'
import { shallowRef, watch } from 'vue'
import { mixtureInWords } from '~/shared/words/lists'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import SoughtAndFound from './SoughtAndFound.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** For every mixed paint of the palette: mix it, or keep it. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ wantPaint: [paintId: string] }>()
const collection = useCollection()
const nameOf = usePaintName()
const { ask, isWorking, trouble } = useQuestion('judgeConvenience')
const rows = shallowRef<Convenience[]>([])
watch(
  () => props.palette,
  async ({ id }) => {
    const answer = await ask({ paletteId: id }, ({ soFar }) => (rows.value = soFar))
    if (answer) rows.value = answer
  },
  { immediate: true },
)
const ADVICE: Record<Convenience['advice'], string> = {
  'mix it': 'The others mix it: its place could go to something else.',
  'keep it': 'Worth its place: the others do not mix it.',
  'as you like': 'The others mix it, with some effort: as you like.',
}
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="Convenience or mix">
    <h2 tabindex="-1">Convenience, or mix it?</h2>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <p class="hint mt-1 text-sm" role="status">
      {{
        isWorking ? 'Asking the others …' : rows.length ? '' : 'No paint of this palette holds more than one pigment.'
      }}
    </p>
    <ul class="min-h-0 grow overflow-y-auto" aria-label="Mixed paints">
      <li
        v-for="row in rows"
        :key="row.paintId"
        class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-2 border-t border-line py-1.5"
      >
        <SoughtAndFound :paint="collection.paint(row.paintId)" :stand-in="row.recipe && { mixture: row.recipe }" />
        <div class="text-[0.8125rem] leading-tight">
          <button class="min-h-6 text-left font-medium hover:underline" @click="emit('wantPaint', row.paintId)">
            {{ nameOf(row.paintId) }}
          </button>
          <span class="hint ml-1">{{ collection.paint(row.paintId)?.pigments.join(' ') }}</span>
          <p>{{ ADVICE[row.advice] }}</p>
          <p v-if="row.recipe" class="hint text-[0.8125rem]">
            <SaidPaints
              :text="`${mixtureInWords(row.recipe.paints, paintToken)}: the difference is ${differenceInWords(row.recipe.difference)}`"
            />
          </p>
          <p v-if="row.keeps.length">
            <span class="hint text-[0.8125rem]">For keeping it:</span> {{ row.keeps.join('; ') }}
          </p>
          <p v-if="row.mixes.length">
            <span class="hint text-[0.8125rem]">For mixing it:</span> {{ row.mixes.join('; ') }}
          </p>
        </div>
      </li>
    </ul>
  </section>
</template>
