<script setup lang="ts">
import { colourDifference, parseColour, toScreen } from '@juxtachrome/core/colour'
import { PAPERS, type PaperName } from '@juxtachrome/core/film'
import { counted, labD65 } from '@juxtachrome/core/units'
import { computed, ref, watch } from 'vue'
import SwatchField from '~/shared/swatch/SwatchField.vue'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import { hasPaper, useSwatchCommands } from './commands'

/** What swatches are painted on: cream paper shows through a wash, and is no part of the paint. */
const settings = useSettings()
const collection = useCollection()
const commands = useSwatchCommands()
const LABELS: Record<PaperName | 'own', string> = {
  white: 'Bright white',
  natural: 'Natural white',
  cream: 'Cream',
  own: 'Another, by its colour',
}
const NAMES = Object.keys(LABELS) as (keyof typeof LABELS)[]
const lab = computed(() => {
  const { paper } = settings
  return paper ? labD65(paper.L, paper.a, paper.b) : PAPERS.white
})
const named = computed(
  () => (Object.keys(PAPERS) as PaperName[]).find((n) => colourDifference(PAPERS[n], lab.value) < 0.05) ?? 'own',
)
const isOwn = ref(false)
const typed = ref('')
const trouble = ref('')
watch(lab, () => (typed.value = [lab.value.L, lab.value.a, lab.value.b].map((n) => n.toFixed(1)).join(' ')), {
  immediate: true,
})
const shown = computed(() => toScreen(lab.value).hex)
function choose(name: keyof typeof LABELS) {
  isOwn.value = name === 'own'
  if (name !== 'own') settings.setPaper(name === 'white' ? undefined : plain(PAPERS[name]))
}
const plain = ({ L, a, b }: { L: number; a: number; b: number }) => ({ L, a, b })
function save() {
  const colour = parseColour(typed.value)
  const isPaper = colour.ok && colour.value.L >= 40 && Math.abs(colour.value.a) <= 30 && Math.abs(colour.value.b) <= 30
  trouble.value = colour.ok ? (isPaper ? '' : 'No paper is as dark or as colourful as that.') : colour.error.message
  if (!trouble.value && colour.ok) settings.setPaper(plain(colour.value))
}
/** Paints with a swatch that says nothing of its paper. */
const unsaid = computed(() =>
  collection.paints.filter((p) => [p.masstone, p.wash, ...(p.washes ?? [])].some((s) => s && !s.on && hasPaper(s))),
)
</script>

<template>
  <section class="panel mb-3 p-3" aria-label="Paper">
    <div class="flex flex-wrap items-end gap-3">
      <span class="h-10 w-14 border border-line" :style="{ background: shown }" aria-hidden="true" />
      <label class="text-sm"
        >Paper that you paint swatches on
        <select
          class="input w-auto"
          :value="isOwn ? 'own' : named"
          @change="choose(($event.target as HTMLSelectElement).value as keyof typeof LABELS)"
        >
          <option v-for="n in NAMES" :key="n" :value="n">{{ LABELS[n] }}</option>
        </select></label
      >
      <form v-if="isOwn || named === 'own'" class="flex items-end gap-2" novalidate @submit.prevent="save">
        <SwatchField v-model="typed" label="Colour of the paper" :error="trouble" /><button class="btn">
          Save the paper
        </button>
      </form>
      <button v-if="settings.paper && unsaid.length" class="btn" @click="commands.paintedOn(unsaid, settings.paper!)">
        The swatches of {{ counted(unsaid.length, 'paint') }} were painted on it, too
      </button>
    </div>
    <p class="hint mt-1 text-sm">
      It shows through every wash. Colours that a reader or you give are taken as painted on it; those out of a
      photograph are read against their own paper.
    </p>
  </section>
</template>
