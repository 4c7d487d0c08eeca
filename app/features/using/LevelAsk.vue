<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import type { Level } from '@juxtachrome/core/using'
import { dayInWords } from '~/shared/words/days'
import { usePaintName } from '~/shared/words/paintName'
import { useSittingCommands } from './commands'
import { useDayDone } from '~/shared/ui/useDayDone'
import { useToday } from '~/shared/ui/useToday'
import { inMl, percent } from '~/shared/words/figures'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import DayField from '~/shared/ui/DayField.vue'

/** How much is left in one place: reckoned, or as it was seen. */
const props = defineProps<{ palette: Palette; level: Level }>()
const emit = defineEmits<{ close: [] }>()
const nameOf = usePaintName()
const today = useToday()
const commands = useSittingCommands(() => props.palette.id)
const { typed: lookedOn, day } = useDayDone(today)
const SHARES = [
  { share: 1, words: 'untouched' },
  { share: 0.75, words: 'three quarters' },
  { share: 0.5, words: 'half' },
  { share: 0.25, words: 'a quarter' },
  { share: 0.08, words: 'scraped' },
  { share: 0, words: 'nothing' },
] as const
</script>

<template>
  <section :aria-label="`What is left in ${level.placeId}`" class="panel p-3">
    <h2>{{ level.placeId }}: {{ nameOf(level.paintId) }}</h2>
    <p class="text-sm">
      {{ level.isEstimate ? 'About' : '' }} {{ percent(level.share) }} left of {{ inMl(level.poured) }} put in{{
        level.seen ? `, last looked at ${dayInWords(level.seen)}` : ''
      }}{{ level.isEstimate ? '; estimated from the paintings since' : '' }}.
    </p>
    <p class="mt-2 text-sm font-medium">You look: how much is left?</p>
    <ChoiceGroup class="mt-1 flex flex-wrap gap-1" label="How much is left">
      <button
        v-for="s in SHARES"
        :key="s.share"
        class="choice"
        @click="commands.look(palette.id, level.placeId, s.share, day)"
      >
        {{ s.words }}
      </button>
    </ChoiceGroup>
    <p class="mt-2 flex items-center gap-2 text-sm">
      <label class="flex items-center gap-2"
        >on <DayField aria-label="on" v-model="lookedOn" class="w-40" :max="today"
      /></label>
      <button class="link" @click="emit('close')">Close</button>
    </p>
  </section>
</template>
