<script setup lang="ts">
import { colourOfWord, parseColour } from '@juxtachrome/core/colour'
import { type Paint, type Palette, plannedPaints, type Wanted } from '@juxtachrome/core/documents'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { parsePigmentCodes, pigmentVariants, type ReferencePigment, searchPigments } from '@juxtachrome/core/pigments'
import {
  MATTERS,
  MATTER_WORDS,
  type Matter,
  type Matters,
  type Must,
  MUSTS,
  paintOfPigment,
} from '@juxtachrome/core/standins'
import { computed, ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { MUST_WORDS } from './words'
import SwatchRow from '~/shared/swatch/SwatchRow.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** What is to be replaced: a paint of this palette, any other that is owned, a code, a colour; and what matters of its stand-in. */
const props = defineProps<{ palette: Palette; wanted?: Wanted }>()
const matters = defineModel<Matters>('matters', { required: true })
const musts = defineModel<readonly Must[]>('musts', { required: true })
const emit = defineEmits<{ want: [wanted: Wanted]; wantPaint: [paintId: string] }>()
const collection = useCollection()
const text = ref('')
const trouble = ref('')
const variants = ref<readonly ReferencePigment[]>([])
/** Why one of them has to be chosen. */
const question = ref('')
function offer(found: readonly ReferencePigment[], words: string) {
  variants.value = found.slice(0, MOST)
  question.value = words
}
const planned = computed(() =>
  [...plannedPaints(props.palette)]
    .flatMap((id) => collection.paint(id) ?? [])
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q))),
)
const MOST = 12
const shown = computed((): readonly Paint[] =>
  text.value.trim()
    ? (collection.find(text.value) ?? []).flatMap((id) => collection.paint(id) ?? []).slice(0, MOST)
    : planned.value,
)
const chosenId = computed(() => (props.wanted?.kind === 'paint' ? props.wanted.paintId : undefined))

/** A code asks which of its colours is meant, where it has several; a colour is taken as it is. */
function goFor() {
  trouble.value = ''
  variants.value = []
  const said = text.value.trim()
  if (!said) return void (trouble.value = 'Type a name, a pigment code such as PG18, or a colour such as 45 12 -20.')
  const colour = parseColour(said)
  if (colour.ok) {
    const { L, a, b } = colour.value
    return emit('want', { kind: 'colour', L, a, b })
  }
  const { codes } = parsePigmentCodes(said)
  const found = codes.flatMap(({ code }) => pigmentVariants(code))
  if (found.length === 1) return emit('want', { kind: 'pigment', pigment: found[0]!.id })
  if (found.length > 1) return offer(found, 'That code covers several colours. Which one?')
  // of several of that name the one that lies here; what only sounds alike comes after the reference
  const here = plannedPaints(props.palette)
  const isNamed = (p: Paint) => `${p.name} ${p.maker}`.toLowerCase().includes(said.toLowerCase())
  const named = shown.value.filter(isNamed)
  const own = named.find((p) => here.has(p.id)) ?? named[0]
  if (own) return emit('wantPaint', own.id)
  const known = codes.length ? [] : searchPigments({ text: said })
  if (known.length) return offer(known, 'You own none of that name. In the reference:')
  const word = codes.length ? undefined : colourOfWord(said)
  if (word) return emit('want', { kind: 'colour', L: word.L, a: word.a, b: word.b })
  const [alike] = shown.value
  if (alike) return emit('wantPaint', alike.id)
  trouble.value = codes.length
    ? `The reference holds no ${said}.`
    : `“${said.slice(0, 40)}” is no paint that you own, no pigment code and no colour.`
}
const WEIGHTS = ['no', 'yes', 'above all'] as const
const turn = (must: Must) => (musts.value = MUSTS.filter((m) => (m === must) !== musts.value.includes(m)))
const weigh = (matter: Matter, weight: number) => (matters.value = { ...matters.value, [matter]: weight })
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="What is to be replaced">
    <h2 tabindex="-1">In place of which paint?</h2>
    <form class="mt-1 flex gap-1" novalidate @submit.prevent="goFor">
      <input
        v-model="text"
        type="search"
        class="input"
        aria-label="A paint, a code or a colour"
        placeholder="Name, code, or L* a* b*"
        maxlength="120"
        :aria-invalid="Boolean(trouble)"
        @input="((trouble = ''), (variants = []))"
      />
      <button class="btn">Find</button>
    </form>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <template v-if="variants.length">
      <p class="mt-2 text-sm">{{ question }}</p>
      <ul aria-label="Of the reference">
        <li v-for="v in variants" :key="v.id">
          <SwatchRow :paint="paintOfPigment(v)" button @click="emit('want', { kind: 'pigment', pigment: v.id })"
            ><span class="min-w-0 truncate"
              >{{ v.names[0] }} <span class="hint">{{ v.id }}</span></span
            ></SwatchRow
          >
        </li>
      </ul>
    </template>
    <details class="mt-2 text-sm" :open="musts.length > 0">
      <summary>What matters here</summary>
      <ChoiceGroup
        v-for="m in MATTERS"
        :key="m"
        :label="MATTER_WORDS[m].label"
        class="flex items-center gap-1 py-0.5"
        :title="MATTER_WORDS[m].about"
      >
        <span class="grow">{{ MATTER_WORDS[m].label }}</span>
        <button
          v-for="(word, weight) in WEIGHTS"
          :key="word"
          class="choice"
          :aria-pressed="matters[m] === weight"
          @click="weigh(m, weight)"
        >
          {{ word }}
        </button>
      </ChoiceGroup>
      <ChoiceGroup label="It must not" class="flex flex-wrap items-center gap-1 pt-1">
        <span class="w-full">It must not</span>
        <button v-for="m in MUSTS" :key="m" class="choice" :aria-pressed="musts.includes(m)" @click="turn(m)">
          {{ MUST_WORDS[m].not }}
        </button>
      </ChoiceGroup>
    </details>
    <p v-if="text.trim()" class="hint mt-2 text-sm">Of what you own:</p>
    <p v-else class="hint mt-2 text-sm">{{ planned.length ? 'On this palette:' : 'Nothing is planned yet.' }}</p>
    <ul class="min-h-0 grow overflow-y-auto" aria-label="Paints">
      <li v-for="p in shown" :key="p.id">
        <SwatchRow :paint="p" button :selected="p.id === chosenId" @click="emit('wantPaint', p.id)"
          ><span class="min-w-0 truncate"
            >{{ p.name }}
            <span class="hint">{{
              [p.pigments.join(' '), p.maker, p.formula ?? ''].filter(Boolean).join(', ')
            }}</span></span
          ></SwatchRow
        >
      </li>
    </ul>
  </section>
</template>
