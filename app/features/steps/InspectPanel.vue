<script setup lang="ts">
import type { Bringing, Fit } from '@juxtachrome/core/choosing'
import type { Paint } from '@juxtachrome/core/documents'
import { behaviourInWords, paintInWords } from '@juxtachrome/core/paints'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { PaintCautions, usePaintCommands } from '~/features/paints'
import { asSentence } from '~/shared/words/asSentence'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import { gainInWords } from '~/shared/words/lists'
import { useStrip } from '~/stores/strip'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

/** A paint of the drawer looked at while choosing, without leaving the palette. */
const props = defineProps<{
  paint: Paint
  room: boolean
  planned: boolean
  /** How it fits what the palette is for, and what it would bring. */
  fit?: Fit
  gain?: Bringing
}>()
const emit = defineEmits<{ close: []; next: [] }>()
const collection = useCollection()
const strip = useStrip()
const commands = usePaintCommands()
const { leftInWords } = useBalances()
const { itemInWords } = useItemWords()
const behaviour = computed(() => behaviourInWords(props.paint))
const items = computed(() => collection.itemsOf(props.paint.id))
const elsewhere = computed(() => commands.palettesWith(props.paint.id))
</script>

<template>
  <section class="mt-3" :aria-label="`A look at ${paintInWords(paint)}`">
    <div class="mb-2 flex items-start gap-2">
      <h2 class="grow wrap-anywhere">{{ paint.name }}</h2>
      <button class="btn btn-quiet btn-icon" aria-label="Close the look at this paint" @click="emit('close')">
        <X :size="16" />
      </button>
    </div>
    <div class="bg-ground p-2"><PaintSwatch :paint="paint" film brushed class="h-14" /></div>
    <p class="hint mt-1">{{ [paint.maker, paint.formula, paint.pigments.join(' ')].filter(Boolean).join(' · ') }}</p>
    <p v-if="fit && (fit.word !== 'fits' || fit.reasons.length)" class="text-sm">
      For this palette: {{ fit.word }}{{ fit.reasons.length ? `: ${fit.reasons.join(', ')}` : '' }}
    </p>
    <p v-if="gain" class="text-sm">It would add: {{ gainInWords(gain) }}</p>
    <p v-if="behaviour" class="text-sm">{{ asSentence(behaviour) }}</p>
    <PaintCautions :paint="paint" brief />
    <ul class="hint">
      <li v-for="item in items" :key="item.id">{{ itemInWords(item) }}: {{ leftInWords(item) }}</li>
      <li v-if="!items.length">none at hand</li>
    </ul>
    <p v-if="elsewhere.length" class="hint">Planned in {{ elsewhere.map((p) => p.name).join(', ') }}</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <button class="btn" :disabled="!room" @click="emit('next')">
        {{ planned ? 'Put it in once more' : 'Put it in' }}
      </button>
      <button class="btn" @click="strip.lay(paint.id)">To the strip</button>
      <NuxtLink class="btn" :to="`/paints/${paint.id}`">Open</NuxtLink>
    </div>
  </section>
</template>
