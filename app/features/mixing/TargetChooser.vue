<script setup lang="ts">
import { COLOUR_WORDS, colourOfWord, parseColourOrWord, toScreen } from '@juxtachrome/core/colour'
import { viewOfPaint } from '@juxtachrome/core/paints'
import { computed, defineAsyncComponent, ref } from 'vue'
import { screenStops } from '~/shared/swatch/useSwatch'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import Refusal from '~/shared/ui/Refusal.vue'

const LazyPhotoTarget = defineAsyncComponent(() => import('./PhotoTarget.vue'))

/** What is to be matched: another paint, a typed or picked colour, a colour in a photograph. */
const bench = useBench()
const collection = useCollection()
const typed = ref('')
const trouble = ref('')
const how = ref<'paint' | 'colour' | 'photo'>(bench.target?.kind === 'colour' ? 'colour' : 'paint')
const HOW = [
  ['paint', 'A paint'],
  ['colour', 'A colour'],
  ['photo', 'A photograph'],
] as const
const paint = computed(() => (bench.target?.kind === 'paint' ? collection.paint(bench.target.paintId) : undefined))
const text = ref('')
const hits = computed(() => {
  const found = text.value.trim()
    ? collection.find(text.value)?.flatMap((id) => collection.paint(id) ?? [])
    : collection.paints
  return (found ?? []).filter((p) => viewOfPaint(p).masstone).slice(0, 6)
})
const shown = computed(() =>
  bench.target?.kind === 'colour'
    ? toScreen({ white: 'D65', L: bench.target.L, a: bench.target.a, b: bench.target.b })
    : undefined,
)

function take(value: string, name?: string) {
  const colour = parseColourOrWord(value)
  trouble.value = colour.ok ? '' : colour.error.message
  if (!colour.ok) return
  const { L, a, b } = colour.value
  bench.target = {
    kind: 'colour',
    name: name ?? (colourOfWord(value) ? value.trim().toLowerCase() : `colour ${value.trim()}`),
    L,
    a,
    b,
  }
}
function pick(event: Event) {
  typed.value = (event.target as HTMLInputElement).value
  take(typed.value)
}
</script>

<template>
  <section aria-label="What to match">
    <div role="group" aria-label="What to match" class="flex gap-1">
      <button v-for="[key, label] in HOW" :key="key" class="btn" :aria-pressed="how === key" @click="how = key">
        {{ label }}
      </button>
    </div>
    <div v-if="how === 'paint'" class="mt-2">
      <input
        v-model="text"
        type="search"
        class="input"
        aria-label="Search a paint to match"
        placeholder="Which paint: name, code or maker"
        maxlength="200"
      />
      <ul class="mt-1">
        <li v-for="p in hits" :key="p.id">
          <button
            class="flex w-full items-center gap-2 border-b border-line py-1 text-left"
            :aria-pressed="paint?.id === p.id"
            :class="paint?.id === p.id ? 'bg-sunken' : ''"
            @click="bench.target = { kind: 'paint', paintId: p.id }"
          >
            <PaintSwatch :paint="p" class="h-7 w-12 shrink-0" /><span class="min-w-0 truncate"
              >{{ p.name }} <span class="hint">{{ p.maker }} {{ p.pigments.join(' ') }}</span></span
            >
          </button>
        </li>
      </ul>
      <p v-if="hits.length === 0" class="hint mt-1">No paint with a colour answers that.</p>
    </div>
    <form v-else-if="how === 'colour'" class="mt-2" novalidate @submit.prevent="take(typed)">
      <label class="block text-sm"
        >A word such as wet slate; L* a* b* (D65); or #rrggbb<span class="flex gap-1"
          ><input
            v-model="typed"
            class="input"
            placeholder="wet slate"
            list="words-for-colours"
            maxlength="60"
            :aria-invalid="Boolean(trouble)"
          /><input
            type="color"
            class="input w-12 shrink-0 p-0.5"
            aria-label="Pick the colour on the screen"
            :value="shown?.hex ?? '#888888'"
            @input="pick"
          /><button class="btn">Match it</button></span
        ></label
      >
      <datalist id="words-for-colours"><option v-for="w in COLOUR_WORDS" :key="w" :value="w" /></datalist>
      <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    </form>
    <LazyPhotoTarget v-else class="mt-2" @pick="take" />
    <div v-if="bench.target" class="mt-3 flex items-center gap-3">
      <span class="hint">To match</span> <PaintSwatch v-if="paint" :paint="paint" class="h-10 w-24" /><SwatchBand
        v-else-if="bench.target.kind === 'colour'"
        :stops="screenStops([{ white: 'D65', L: bench.target.L, a: bench.target.a, b: bench.target.b }])"
        class="h-10 w-24"
      />
      <span class="min-w-0 truncate">{{
        paint?.name ?? (bench.target.kind === 'colour' ? bench.target.name : '')
      }}</span>
    </div>
  </section>
</template>
