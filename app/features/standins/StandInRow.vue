<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import type { Sought, StandIn } from '@juxtachrome/core/standins'
import { computed, ref } from 'vue'
import { useStandInCommands } from './commands'
import {
  costInWords,
  KIND_WORDS,
  nameOfStandIn,
  nearnessInShort,
  nearnessInWords,
  standingInWords,
  trialInWords,
} from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import ColourRow from '~/shared/swatch/ColourRow.vue'
import StandInSwatches from './StandInSwatches.vue'
import { figure } from '~/shared/words/figures'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** One stand-in beside what it stands in for: how near, what it does not do, what it costs and risks. */
const props = defineProps<{ standIn: StandIn; sought: Sought; palette: Palette; place?: string; first?: boolean }>()
const commands = useStandInCommands()
const nameOf = usePaintName()
const collection = useCollection()
const strip = useStrip()
const today = useToday()
const name = computed(() => nameOfStandIn(props.standIn, nameOf))
/** Tubes that can be mistaken for each other are told apart. */
const who = computed(() => {
  const paint = collection.paint(props.standIn.paintId)
  return paint && [paint.maker, paint.pigments.join(' '), paint.formula ?? ''].filter(Boolean).join(', ')
})
const unlike = computed(() => props.standIn.unlike.map((u) => u.words).join('; '))
const standing = computed(() => standingInWords(props.standIn))
const isOpen = ref(Boolean(props.first))
const notes = ref(false)
const note = ref('')
const isTakable = computed(
  () => Boolean(props.place) && props.standIn.kind !== 'another item' && props.standIn.kind !== 'to buy',
)
const isTriable = computed(() => props.standIn.kind !== 'another item' && props.standIn.kind !== 'to buy')
const sure = computed(() => {
  const { expected, kind } = props.standIn
  return expected && kind !== 'another item'
    ? `predictions like this are off by ${figure(expected.median, 1)}, at most ${figure(expected.most)}`
    : ''
})
function say(held: 'well' | 'passably' | 'badly') {
  const text = note.value.trim()
  const said = { held, ...(text ? { note: text } : {}) }
  commands.note(props.sought.wanted, props.standIn, said, today.value, `noted how ${name.value} held`)
  notes.value = false
  note.value = ''
}
function toStrip() {
  const { paintId, mixture } = props.standIn
  if (paintId) strip.lay(paintId)
  else if (mixture)
    strip.put({
      kind: 'mix',
      name: name.value,
      parts: mixture.paints.map(({ id, parts }) => ({ paintId: id, parts })),
      water: 0,
    })
}
</script>

<template>
  <ColourRow v-model:open="isOpen" :name="name">
    <template #colours><StandInSwatches :sought="sought" :stand-in="standIn" class="h-14 w-30" /></template>
    <p class="hint text-[0.8125rem]">{{ KIND_WORDS[standIn.kind] }}; {{ nearnessInShort(standIn) }}</p>
    <p v-if="unlike" :class="isOpen ? '' : 'line-clamp-1'">
      <span class="hint text-[0.8125rem]">Not the same:</span> {{ unlike }}
    </p>
    <template v-if="isTakable" #actions>
      <button
        class="btn"
        :aria-label="`Take ${name} for ${place}`"
        @click="commands.take(palette.id, place!, standIn, name)"
      >
        Take
      </button>
    </template>
    <template #mind>
      <p v-if="standIn.risks.length" class="mt-0.5 text-[0.8125rem] leading-tight">
        <span class="hint text-[0.8125rem]">Mind:</span> {{ standIn.risks.join('; ') }}
      </p>
      <p v-if="standIn.trial" class="text-[0.8125rem] font-medium">{{ trialInWords(standIn) }}</p>
    </template>
    <template #more>
      <p v-if="who" class="hint text-[0.8125rem]">{{ who }}</p>
      <p class="hint text-[0.8125rem]">{{ costInWords(standIn) }}</p>
      <p v-if="standing">{{ standing }}</p>
      <p><SaidPaints :text="nearnessInWords(standIn, paintToken)" /></p>
      <p v-if="sure" class="hint text-[0.8125rem]">{{ sure }}</p>
      <div v-if="isTriable" class="flex flex-wrap gap-x-3 text-sm [&_button]:min-h-6">
        <button class="link" :aria-label="`Lay ${name} on the strip`" @click="toStrip">To the strip</button>
        <button class="link" :aria-expanded="notes" :aria-label="`How ${name} did on paper`" @click="notes = !notes">
          On paper …
        </button>
        <button
          v-if="!standIn.trial"
          class="link"
          :aria-label="`Refuse ${name}`"
          @click="commands.note(sought.wanted, standIn, { refused: true }, today, `refused ${name}`)"
        >
          Refuse
        </button>
        <button
          v-else
          class="link"
          :aria-label="`Take back what was said of ${name}`"
          @click="commands.forget(standIn)"
        >
          Take that back
        </button>
      </div>
      <form v-if="notes" class="text-sm" @submit.prevent>
        <label class="block"
          >What was seen<input v-model="note" class="input" maxlength="500" placeholder="greener in the wash"
        /></label>
        <ChoiceGroup label="It held" class="mt-1 flex flex-wrap items-center gap-1">
          It held
          <button type="button" class="choice" @click="say('well')">well</button>
          <button type="button" class="choice" @click="say('passably')">passably</button>
          <button type="button" class="choice" @click="say('badly')">badly</button>
        </ChoiceGroup>
      </form>
    </template>
  </ColourRow>
</template>
