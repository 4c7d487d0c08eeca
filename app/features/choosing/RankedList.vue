<script setup lang="ts">
import type { Palette, Ranking } from '@juxtachrome/core/documents'
import type { Bringing } from '@juxtachrome/core/choosing'
import { behaviourInWords } from '@juxtachrome/core/paints'
import { GripVertical } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useGuideCommands } from './commands'
import { points } from '~/shared/words/figures'
import { useSortable } from '~/shared/ui/useSortable'
import { useCollection } from '~/stores/collection'
import CandidateRow from './CandidateRow.vue'

/** Candidates in order, the best first: by dragging or by keys, each with a note, or only mentioned; taken into a palette where there is one. */
const props = defineProps<{ palette?: Palette; gains?: readonly Bringing[]; room?: boolean }>()
const ranked = defineModel<Ranking['ranked']>({ required: true })
const emit = defineEmits<{ look: [paintId: string] }>()
const collection = useCollection()
const commands = useGuideCommands()
const gainOf = computed(() => new Map((props.gains ?? []).map((g) => [g.paintId, g])))
const list = ref<HTMLElement>()
function move(from: number, to: number) {
  const next = [...ranked.value]
  const [one] = next.splice(from, 1)
  if (one) next.splice(to, 0, one)
  ranked.value = next
}
useSortable(list, '.handle', move)
const change = (i: number, more: Partial<Ranking['ranked'][number]>) =>
  (ranked.value = ranked.value.map((r, k) => (k === i ? { ...r, ...more } : r)))
const rows = computed(() =>
  ranked.value.flatMap((r, i) => {
    const paint = collection.paint(r.paintId)
    const gain = gainOf.value.get(r.paintId)
    const place = r.mention ? 'mentioned' : `${ranked.value.slice(0, i + 1).filter((o) => !o.mention).length}.`
    return paint
      ? [{ ...r, paint, reasons: [place, behaviourInWords(paint), gain ? `brings ${points(gain.reach)}` : ''] }]
      : []
  }),
)
</script>

<template>
  <ol ref="list" class="mt-2">
    <CandidateRow
      v-for="(row, i) in rows"
      :key="row.paintId"
      :paint="row.paint"
      :reasons="row.reasons.filter(Boolean).join(' ')"
      @look="emit('look', row.paintId)"
    >
      <span class="handle cursor-grab touch-none" title="Drag to put in order" aria-hidden="true"
        ><GripVertical :size="18"
      /></span>
      <button
        class="link"
        :disabled="i === 0"
        :aria-label="`${collection.called(row.paint)} one up`"
        @click="move(i, i - 1)"
      >
        Up
      </button>
      <button
        class="link"
        :disabled="i === rows.length - 1"
        :aria-label="`${collection.called(row.paint)} one down`"
        @click="move(i, i + 1)"
      >
        Down
      </button>
      <button
        class="link"
        :aria-pressed="Boolean(row.mention)"
        :aria-label="`Only mention ${collection.called(row.paint)}`"
        @click="change(i, { mention: !row.mention })"
      >
        {{ row.mention ? 'Rank it' : 'Mention' }}
      </button>
      <button
        v-if="palette"
        class="link"
        :disabled="!room"
        :aria-label="`Take ${collection.called(row.paint)}`"
        @click="commands.takeAll(palette.id, [row.paintId], `took ${row.paint.name}`)"
      >
        Take
      </button>
      <input
        class="input"
        maxlength="300"
        placeholder="what was seen"
        :aria-label="`Note on ${collection.called(row.paint)}`"
        :value="row.note ?? ''"
        @change="change(i, { note: ($event.target as HTMLInputElement).value.trim() || undefined })"
      />
    </CandidateRow>
  </ol>
</template>
