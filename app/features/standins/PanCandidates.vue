<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { pigmentById } from '@juxtachrome/core/pigments'
import { type Identification, type Identified, paintOfPigment } from '@juxtachrome/core/standins'
import { computed } from 'vue'
import { useIdentifyCommands } from './identify'
import { usePaintName } from '~/shared/words/paintName'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { figure } from '~/shared/words/figures'

/** Who an unlabelled pan may be, and what would tell the leading two apart; the answer names it in the ledger. */
const props = defineProps<{
  palette: Palette
  place?: string
  found: Identification
  /** What was seen, as a colour of the screen. */
  shade?: string
  /** The item that is to be named, where it is one of the collection. */
  itemId: string
}>()
const emit = defineEmits<{ named: [] }>()
const collection = useCollection()
const commands = useIdentifyCommands()
const nameOf = usePaintName()
const today = useToday()
const isBare = computed(
  () => props.place !== undefined && !collection.ledger.places(props.palette.id).get(props.place)?.content,
)
const paintOf = ({ paintId, pigment }: Identified) => {
  const reference = pigment ? pigmentById(pigment) : undefined
  return collection.paint(paintId) ?? (reference && paintOfPigment(reference))
}
const words = (c: Identified) => (c.paintId ? nameOf(c.paintId) : `${pigmentById(c.pigment!)?.names[0]}, ${c.pigment}`)
const likely = (share: number) =>
  share > 0.8 ? 'very likely' : share > 0.4 ? 'likely' : share > 0.1 ? 'possible' : 'hardly'
function nameItem(c: Identified) {
  const item = collection.item(props.itemId)
  if (item && commands.nameItem(item, c)) emit('named')
}
function namePlace(c: Identified) {
  if (props.place && commands.namePlace(props.palette, props.place, c, today.value)) emit('named')
}
</script>

<template>
  <section aria-label="Who it may be">
    <h2 tabindex="-1">Who it may be</h2>
    <p class="mt-1 text-sm" role="status">{{ found.test }}</p>
    <ol class="mt-1" aria-label="Candidates">
      <li
        v-for="c in found.candidates"
        :key="c.paintId ?? c.pigment"
        class="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-2 border-t border-line py-1"
      >
        <span class="flex flex-col">
          <span class="h-5" :style="{ background: shade ?? 'transparent' }" />
          <PaintSwatch v-if="paintOf(c)" :paint="paintOf(c)!" class="min-h-6 grow" />
        </span>
        <div class="text-[0.8125rem] leading-tight">
          <h3>{{ words(c) }}</h3>
          <p>
            {{ likely(c.share) }} ({{ figure(100 * c.share) }} %){{ c.paintId ? '' : '; not owned under this code' }}
          </p>
          <p class="hint text-[0.8125rem]">{{ c.lines.join('; ') }}</p>
          <div class="flex flex-wrap gap-x-3 text-sm">
            <button v-if="itemId" class="link" :aria-label="`It is ${words(c)}`" @click="nameItem(c)">
              It is this
            </button>
            <button v-if="isBare" class="link" :aria-label="`The pan in ${place} is ${words(c)}`" @click="namePlace(c)">
              It lies in {{ place }}
            </button>
          </div>
        </div>
      </li>
    </ol>
    <p v-if="!itemId && !isBare" class="hint text-sm">
      To name it, choose the empty place on the tray in which it lies.
    </p>
  </section>
</template>
