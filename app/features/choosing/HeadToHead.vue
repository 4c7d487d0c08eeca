<script setup lang="ts">
import { capital } from '~/shared/words/capital'
import type { Palette, Ranking } from '@juxtachrome/core/documents'
import type { Bringing } from '@juxtachrome/core/choosing'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { HUE_FAMILIES, toScreen } from '@juxtachrome/core/colour'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { copied } from '~/shared/words/copied'
import { useRankingCommands } from './rankings'
import { partnersFor, useHeadToHead } from './useHeadToHead'
import { usePaintName } from '~/shared/words/paintName'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import RankedList from './RankedList.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'

/** Two to six candidates beside each other: alone, in the same mixtures with the same partners, and what each brings. */
const props = defineProps<{ palette: Palette; gains?: readonly Bringing[]; room: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const MOST = 6
const family = ref<string>('yellow')
const owned = computed(() =>
  collection.paints
    .filter((p) => viewOfPaint(p).family === family.value)
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q))),
)
/** Those that are compared, in the order of the eye, each with what was seen. */
const ranked = ref<Ranking['ranked']>([])
const picked = computed(() => ranked.value.map((r) => r.paintId))
const pick = (id: string) => {
  ranked.value = picked.value.includes(id)
    ? ranked.value.filter((r) => r.paintId !== id)
    : picked.value.length < MOST
      ? [...ranked.value, { paintId: id }]
      : ranked.value
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
const choices = computed(() =>
  [...collection.paints]
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q)))
    .map((p) => ({ id: p.id, text: p.name })),
)
const rankings = useRankingCommands()
const today = useToday()
const nameOf = usePaintName()
const name = ref('')
function keep() {
  const title = name.value.trim() || `${capital(family.value)}s`
  if (rankings.keep(title, copied(ranked.value), today.value)) name.value = ''
}
/** Takes a kept ranking up again; paints that are gone meanwhile are left out. */
function open({ ranked: kept, name: title }: Ranking) {
  const there = kept.filter((r) => collection.paint(r.paintId))
  const [first] = there
  if (first) family.value = viewOfPaint(collection.paint(first.paintId)!).family ?? family.value
  partnerIds.value = undefined
  ranked.value = there.slice(0, MOST).map((r) => ({ ...r }))
  name.value = title
}
const inWords = ({ ranked: kept }: Ranking) =>
  kept
    .map((r) => `${r.mention ? '(' : ''}${nameOf(r.paintId)}${r.mention ? ')' : ''}${r.note ? `: ${r.note}` : ''}`)
    .join('; ')
function change(to: string | undefined) {
  family.value = to ?? 'yellow'
  ranked.value = []
  partnerIds.value = undefined
}
</script>

<template>
  <MethodPanel title="Head to head" @leave="emit('leave')">
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
      <table class="mt-2 w-full table-fixed text-[0.8125rem]">
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
      <RankedList v-model="ranked" :palette="palette" :gains="gains" :room="room" @look="emit('look', $event)" />
      <p class="mt-2 text-sm">Which would you miss? That one goes first.</p>
      <form class="mt-2 flex items-end gap-2" @submit.prevent="keep">
        <label class="min-w-0 grow text-sm"
          >Keep the ranking as<input v-model="name" class="input" maxlength="120" :placeholder="`${family}s`"
        /></label>
        <button class="btn">Keep</button>
      </form>
    </template>
    <section v-if="collection.rankings.length" class="mt-3" aria-label="Kept rankings">
      <h3>Kept rankings</h3>
      <ul>
        <li
          v-for="r in collection.rankings"
          :key="r.id"
          class="border-t border-line py-1 text-[0.8125rem] leading-tight"
        >
          <span class="flex gap-3">
            <button class="grow text-left font-medium hover:underline" @click="open(r)">{{ r.name }}</button>
            <button class="link" :aria-label="`Remove the ranking ${r.name}`" @click="rankings.remove(r)">
              Remove
            </button>
          </span>
          <p class="hint text-[0.8125rem]">{{ dayInWords(r.day) }}: {{ inWords(r) }}</p>
        </li>
      </ul>
    </section>
  </MethodPanel>
</template>
