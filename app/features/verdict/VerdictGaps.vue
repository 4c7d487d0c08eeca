<script setup lang="ts">
import type { Gap } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { usePaintName } from '~/shared/words/paintName'
import VerdictLine from './VerdictLine.vue'
import * as say from './words'

/** What is missed, each with the paint that was tried and closes it; what one does without, or nobody needs here, as a line. */
const props = defineProps<{ palette: Palette; gaps: readonly Gap[] }>()
const emit = defineEmits<{ look: [paintId: string] }>()
const commands = usePaletteCommands()
const nameOf = usePaintName()
const missed = computed(() => props.gaps.filter((g) => !g.quiet))
const quiet = computed(() => say.quietGapsInWords(props.gaps))
/** Gaps that the artist does without, kept with the palette. */
const withouts = computed(() => props.palette.brief?.without ?? [])
const doWithout = (without: readonly string[], label: string) =>
  commands.setBrief(props.palette.id, { ...props.palette.brief, without: [...without] }, label)
const missAgain = (kind: Gap['kind']) =>
  doWithout(
    withouts.value.filter((k) => k !== kind),
    `misses again: ${kind}`,
  )
</script>

<template>
  <VerdictLine v-for="gap in missed" :key="gap.kind" :text="say.gapInWords(gap, nameOf)">
    <template #action>
      <button v-if="gap.remedy" class="link mr-3 text-left" @click="emit('look', gap.remedy.paintId)">
        Look at {{ nameOf(gap.remedy.paintId) }}
      </button>
      <button
        class="link"
        :aria-label="`I do without: ${gap.kind}`"
        @click="doWithout([...withouts, gap.kind], `does without: ${gap.kind}`)"
      >
        I do without
      </button>
    </template>
  </VerdictLine>
  <VerdictLine v-for="q in quiet" :key="q.why" :text="q.words">
    <template v-if="q.why === 'without'" #action>
      <button v-for="kind in q.kinds" :key="kind" class="link mr-3" @click="missAgain(kind)">
        Miss {{ kind }} again
      </button>
    </template>
  </VerdictLine>
</template>
