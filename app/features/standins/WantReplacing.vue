<script setup lang="ts">
import { differenceInWords } from '@juxtachrome/core/colour'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { type Must, mustsOf } from '@juxtachrome/core/standins'
import { counted } from '@juxtachrome/core/units'
import type { ValueOf } from '~/workers/client'
import { ref, shallowRef, watch } from 'vue'
import { KIND_WORDS, nameOfStandIn } from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import SoughtAndFound from './SoughtAndFound.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** The paints that want replacing, why, and what is proposed for each. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ wantPaint: [paintId: string, because: readonly Must[]] }>()
const collection = useCollection()
const nameOf = usePaintName()
const { ask, cancel, isWorking, trouble } = useQuestion('wantReplacing')
const all = ref(false)
const rows = shallowRef<ValueOf<'wantReplacing'>>([])
const progress = ref(0)
watch(
  () => [props.palette, all.value] as const,
  async ([palette, isAll]) => {
    progress.value = 0
    const request = { paletteId: palette.id, ...(isAll ? { all: true } : {}) }
    const answer = await ask(request, ({ done, of, soFar }) => {
      progress.value = done / of
      if (soFar) rows.value = soFar
    })
    if (answer) rows.value = answer
  },
  { immediate: true },
)
function proposalOf({ proposal }: (typeof rows.value)[number]): string {
  if (!proposal) return ''
  const { best, message } = proposal
  if (!best) return message ?? ''
  return `${nameOfStandIn(best, paintToken)}, ${KIND_WORDS[best.kind]}, the difference is ${differenceInWords(best.alone.difference)}`
}
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="Paints that want replacing">
    <h2 tabindex="-1">Paints to replace, and why</h2>
    <ChoiceGroup label="Of which paints" class="mt-1 flex gap-1">
      <button class="choice" :aria-pressed="!all" @click="all = false">this palette</button>
      <button class="choice" :aria-pressed="all" @click="all = true">everything owned</button>
    </ChoiceGroup>
    <p class="mt-2 text-sm" role="status">
      {{
        rows.length
          ? `${counted(rows.length, 'paint')} with something against ${rows.length === 1 ? 'it' : 'them'}.`
          : isWorking
            ? 'Looking …'
            : 'Nothing speaks against any of them.'
      }}
    </p>
    <WorkingBar v-if="isWorking" :done="progress" label="Looking for proposals" @cancel="cancel" />
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <ul class="min-h-0 grow overflow-y-auto" aria-label="Reasons">
      <li
        v-for="row in rows"
        :key="row.paintId"
        class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-2 border-t border-line py-1"
      >
        <SoughtAndFound :paint="collection.paint(row.paintId)" :stand-in="row.proposal?.best" />
        <div class="text-[0.8125rem] leading-tight">
          <button
            class="min-h-6 text-left font-medium hover:underline"
            @click="emit('wantPaint', row.paintId, mustsOf(row.drawbacks))"
          >
            {{ nameOf(row.paintId) }}
          </button>
          <p>{{ row.drawbacks.map((d) => d.words).join('; ') }}</p>
          <p v-if="row.proposal" class="hint text-[0.8125rem]"><SaidPaints :text="proposalOf(row)" /></p>
        </div>
      </li>
    </ul>
  </section>
</template>
