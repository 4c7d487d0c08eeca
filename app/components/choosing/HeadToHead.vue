<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import type { Bringing } from '@juxtachrome/core/choosing'
import { behaviourInWords, byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { HUE_FAMILIES, toScreen } from '@juxtachrome/core/colour'
import { computed, ref } from 'vue'
import { useGuideCommands } from '~/commands/guides'
import { partnersFor, useHeadToHead } from '~/composables/useHeadToHead'
import { points } from '~/composables/verdictWords'
import { useCollection } from '~/stores/collection'

/** Two to six candidates beside each other: alone, in the same mixtures with the same partners, and what each brings. */
const props = defineProps<{ palette: Palette; gains?: readonly Bringing[]; room: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const commands = useGuideCommands()
const MOST = 6
const family = ref<string>('yellow')
const owned = computed(() =>
  collection.paints
    .filter((p) => viewOfPaint(p).family === family.value)
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q))),
)
const picked = ref<string[]>([])
const pick = (id: string) => {
  picked.value = picked.value.includes(id)
    ? picked.value.filter((p) => p !== id)
    : picked.value.length < MOST
      ? [...picked.value, id]
      : picked.value
}
const candidates = computed(() => picked.value.flatMap((id) => collection.paint(id) ?? []))
const partnerIds = ref<string[]>()
const partners = computed(() =>
  (partnerIds.value ?? partnersFor(family.value, collection.paints, props.palette)).flatMap(
    (id) => collection.paint(id) ?? [],
  ),
)
const changePartner = (i: number, id: string) =>
  (partnerIds.value = partners.value.map((p, k) => (k === i ? id : p.id)))
const { cellsOf } = useHeadToHead()
const gainOf = computed(() => new Map((props.gains ?? []).map((g) => [g.paintId, g])))
const choices = computed(() =>
  [...collection.paints]
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q)))
    .map((p) => ({ id: p.id, text: p.name })),
)
function move(i: number, by: number) {
  const next = [...picked.value]
  const [id] = next.splice(i, 1)
  if (id) next.splice(i + by, 0, id)
  picked.value = next
}
function change(to: string | undefined) {
  family.value = to ?? 'yellow'
  picked.value = []
  partnerIds.value = undefined
}
</script>

<template>
  <WayPanel title="Head to head" @leave="emit('leave')">
    <ChoiceField label="Family" :model-value="family" :choices="HUE_FAMILIES" @update:model-value="change" />
    <p class="hint mt-2 text-sm">Two to six of them:</p>
    <div class="flex flex-wrap gap-1">
      <button
        v-for="p in owned"
        :key="p.id"
        class="choice"
        :aria-pressed="picked.includes(p.id)"
        :disabled="picked.length >= MOST && !picked.includes(p.id)"
        @click="pick(p.id)"
      >
        {{ p.name }}
      </button>
      <p v-if="owned.length === 0" class="hint">You own none of this family.</p>
    </div>
    <template v-if="candidates.length > 1">
      <div
        class="mt-3 flex h-28 shrink-0"
        role="img"
        :aria-label="`Masstone to wash, edge to edge: ${candidates.map((p) => p.name).join(', ')}`"
      >
        <PaintSwatch
          v-for="p in candidates"
          :key="p.id"
          :paint="p"
          film
          direction="to bottom"
          class="h-full min-w-0 flex-1"
        />
      </div>
      <table class="mt-2 w-full table-fixed text-[13px]">
        <caption class="sr-only">
          The same mixtures of each: one part to one, and one to three of the partner, as a middle wash
        </caption>
        <tbody>
          <tr v-for="(partner, i) in partners" :key="partner.id">
            <th colspan="6" class="text-left font-normal">
              <div class="grid" :style="{ gridTemplateColumns: `repeat(${candidates.length}, minmax(0, 1fr))` }">
                <template v-for="p in candidates" :key="p.id">
                  <span class="flex h-9">
                    <span
                      v-for="(lab, n) in cellsOf(p, partner)"
                      :key="n"
                      class="min-w-0 flex-1"
                      :style="{ background: toScreen(lab).hex }"
                    />
                  </span>
                </template>
              </div>
              <label class="flex items-center gap-1">
                with
                <select
                  class="input"
                  :value="partner.id"
                  :aria-label="`Partner ${i + 1}`"
                  @change="changePartner(i, ($event.target as HTMLSelectElement).value)"
                >
                  <option v-for="c in choices" :key="c.id" :value="c.id">{{ c.text }}</option>
                </select>
              </label>
            </th>
          </tr>
        </tbody>
      </table>
      <ol class="mt-2">
        <CandidateRow
          v-for="(p, i) in candidates"
          :key="p.id"
          :paint="p"
          :reasons="
            [`${i + 1}.`, behaviourInWords(p), gainOf.get(p.id) ? `brings ${points(gainOf.get(p.id)!.reach)}` : '']
              .filter(Boolean)
              .join(' ')
          "
          @look="emit('look', p.id)"
        >
          <button class="link" :disabled="i === 0" :aria-label="`${p.name} one up`" @click="move(i, -1)">Up</button>
          <button
            class="link"
            :disabled="i === candidates.length - 1"
            :aria-label="`${p.name} one down`"
            @click="move(i, 1)"
          >
            Down
          </button>
          <button
            class="link"
            :disabled="!room"
            :aria-label="`Take ${p.name}`"
            @click="commands.takeAll(palette.id, [p.id], `took ${p.name}`)"
          >
            Take
          </button>
        </CandidateRow>
      </ol>
      <p class="mt-2 text-sm">Which would you miss? That one goes first.</p>
    </template>
  </WayPanel>
</template>
