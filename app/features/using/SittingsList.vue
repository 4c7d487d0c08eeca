<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { costOfSitting } from '@juxtachrome/core/restocking'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { useSittingCommands } from './commands'
import { sumsInWords } from '~/shared/words/moneyWords'
import { useTaken } from '~/features/filling'
import { useCollection } from '~/stores/collection'
import KeptPicture from '~/shared/ui/KeptPicture.vue'

/** The paintings of a palette, the latest first: looked at, corrected, struck out. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ correct: [entryId: string] }>()
const collection = useCollection()
const commands = useSittingCommands(() => props.palette.id)
const AT_ONCE = 20
const most = ref(AT_ONCE)
const all = computed(() => collection.ledger.sittingsOf(props.palette.id))
const use = useTaken()
const shown = computed(() =>
  [...all.value]
    .reverse()
    .slice(0, most.value)
    .map(({ entryId, event }) => ({
      entryId,
      event,
      title: event.words || event.subject || 'A painting',
      colours: event.used.map((u) => paintToken(u.paintId) + (u.much ? ' (a lot)' : '')).join(', '),
      picture: collection.core.get('pictures', event.pictureId)?.id,
      worth: sumsInWords(costOfSitting(event, use.value, collection.itemsOf).sums),
    })),
)
</script>

<template>
  <section aria-label="Paintings">
    <h2>{{ all.length ? counted(all.length, 'painting') : 'Nothing painted yet' }}</h2>
    <p v-if="all.length === 0" class="hint">
      Each painting takes ten seconds to log, from memory later, too. After a few of them the review says which colours
      are never touched.
    </p>
    <ol>
      <li v-for="s in shown" :key="s.entryId" class="flex gap-2 border-t border-line py-2">
        <KeptPicture v-if="s.picture" :id="s.picture" :title="s.title" />
        <div class="min-w-0 grow">
          <p>
            <span class="font-medium">{{ s.title }}</span>
            <span v-if="s.event.subject && s.event.words" class="hint">, {{ s.event.subject }}</span>
            <span class="hint block text-[0.8125rem]"
              >{{ dayInWords(s.event.day) }}{{ s.worth ? `, paint for about ${s.worth}` : '' }}</span
            >
          </p>
          <p class="text-[0.8125rem]"><SaidPaints :text="s.colours || 'no colour noted'" /></p>
          <p v-if="s.event.wished?.length" class="text-[0.8125rem] italic">
            wished for {{ s.event.wished.map((w) => w.words).join(', ') }}
          </p>
          <p class="flex gap-3 text-sm">
            <button class="link" :aria-label="`Correct ${s.title}`" @click="emit('correct', s.entryId)">Correct</button>
            <button class="link" :aria-label="`Strike out ${s.title}`" @click="commands.strike(s.entryId)">
              Strike out
            </button>
          </p>
        </div>
      </li>
    </ol>
    <button v-if="all.length > most" class="btn mt-2" @click="most += 50">Show more</button>
  </section>
</template>
