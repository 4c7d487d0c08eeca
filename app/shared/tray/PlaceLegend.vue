<script setup lang="ts">
import { type Paint, type Palette, planAt } from '@juxtachrome/core/documents'
import { mainPaintOf, portionsOf, type PaletteState } from '@juxtachrome/core/ledger'
import { computed } from 'vue'
import { useItemWords } from '~/shared/words/itemWords'
import { standingInWords } from '~/shared/words/standing'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'

/** The tray in words, place by place: names that do not fit into small wells. */
const props = defineProps<{
  palette: Palette
  state: PaletteState
  selected?: string
  /** What the chosen lens says of the paint at a place, in words. */
  seen?: (paint: Paint, placeId: string) => { words: string } | undefined
}>()
const emit = defineEmits<{ select: [placeId: string] }>()
const collection = useCollection()
const { contentWords } = useItemWords()
const nameOf = usePaintName()
const rows = computed(() =>
  props.palette.holder.places.map(({ id }) => {
    const plan = planAt(props.palette, id)
    const content = props.state.get(id)?.content
    const paint = collection.paint(plan?.paintId ?? (content && mainPaintOf(content)))
    const lens = paint && props.seen?.(paint, id)?.words
    return {
      id,
      lens: lens || (plan?.standsFor && standingInWords(plan.standsFor, nameOf)),
      text:
        (content && portionsOf(content).length > 1 ? contentWords(content) : paint && collection.called(paint)) ??
        (plan?.standsFor?.mixture
          ? plan.standsFor.words
          : plan?.reserved !== undefined
            ? `kept free${plan.reserved ? ` for ${plan.reserved}` : ''}`
            : 'empty'),
      faint: !paint,
    }
  }),
)
</script>

<template>
  <ul class="gap-x-4 text-[0.8125rem] leading-snug" style="columns: 10.5rem" aria-label="The tray in words">
    <li v-for="row in rows" :key="row.id" class="break-inside-avoid">
      <button
        class="flex w-full gap-2 rounded-xs text-left hover:bg-sunken"
        :class="selected === row.id ? 'bg-sunken' : ''"
        tabindex="-1"
        @click="emit('select', row.id)"
      >
        <span class="w-7 shrink-0 text-right font-medium">{{ row.id }}</span><span
          class="min-w-0 truncate"
          :class="row.faint ? 'text-muted italic' : ''"
          >{{ row.text }}<span v-if="row.lens" class="hint">: {{ row.lens }}</span></span
        >
      </button>
    </li>
  </ul>
</template>
