<script setup lang="ts">
import { cellsInWords, mapsTogether, SHOWN_WHEELS } from '@juxtachrome/core/reach'
import { computed } from 'vue'
import { listed } from '~/shared/words/figures'
import { letterOf, SHOWN_VALUES } from './words'
import ReachWheel from './ReachWheel.vue'

/** What several palettes reach, on one map: a letter where only one of them does, and the same in words. */
const props = defineProps<{ sides: readonly { label: string; map: readonly number[] }[] }>()
const together = computed(() => mapsTogether(props.sides.map((s) => s.map)))
const marks = computed(
  () => new Map(together.value.alone.flatMap((cells, i) => cells.map((cell) => [cell, letterOf(i)] as const))),
)
const alone = computed(() =>
  props.sides.map(({ label }, i) => {
    const hues = cellsInWords(together.value.alone[i]!)
    return {
      label,
      letter: letterOf(i),
      words: hues.length
        ? `more ${listed(hues)}`
        : props.sides.length > 2
          ? 'nothing that the others do not'
          : 'nothing that the other does not',
    }
  }),
)
</script>

<template>
  <section class="panel flex flex-wrap items-center gap-x-6 gap-y-3 p-4" aria-labelledby="together-title">
    <div class="grid grow basis-96 grid-cols-3 gap-2 bg-ground p-1.5 text-on-ground">
      <figure v-for="(wheel, i) in SHOWN_WHEELS" :key="wheel" class="min-w-0">
        <ReachWheel
          :wheel="wheel"
          :map="together.reached"
          :marks="marks"
          :label="`What they reach together, ${SHOWN_VALUES[i]} colours`"
          still
          small
          class="mx-auto max-w-64"
        />
        <figcaption class="text-center text-xs">{{ SHOWN_VALUES[i] }}</figcaption>
      </figure>
    </div>
    <div class="min-w-0 grow basis-72">
      <h2 id="together-title" class="text-base">What only one of them mixes</h2>
      <ul class="mt-1 space-y-1">
        <li v-for="one in alone" :key="one.letter">
          <strong class="font-semibold">{{ one.letter }}</strong> {{ one.label }}: {{ one.words }}.
        </li>
      </ul>
      <p class="hint mt-1">
        Colours without a letter are mixed by {{ sides.length > 2 ? 'at least two of them' : 'both' }}.
      </p>
    </div>
  </section>
</template>
