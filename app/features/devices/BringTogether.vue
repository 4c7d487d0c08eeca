<script setup lang="ts">
import type { CollectionFile } from '@juxtachrome/core/formats'
import type { JoinedDocument } from '@juxtachrome/core/exchange'
import { KINDS, type EditableKind, type DocumentOf } from '@juxtachrome/core/documents'
import { watch } from 'vue'
import Refusal from '~/shared/ui/Refusal.vue'
import { nameOfRecord } from '~/shared/words/nameOfRecord'
import { usePaintName } from '~/shared/words/paintName'
import { useBringing } from './useBringing'
import { colourOf, partInWords, removalInWords, valueInWords } from './words'

/** What comes of the file of another device and what is here, said and chosen before anything is written. */
const props = defineProps<{ file: CollectionFile }>()
const emit = defineEmits<{ done: [] }>()
const { meeting, other, byDocument, choices, left, comes, trouble, isWorking, look, choose, chooseAll, bring } =
  useBringing()
const nameOf = usePaintName()
watch(() => props.file, look, { immediate: true })

const called = ({ here, there }: JoinedDocument) => nameOfRecord((here ?? there) as DocumentOf<EditableKind>, nameOf)
/** What each side has of a part that both changed. */
function sidesOf(document: JoinedDocument, part: string) {
  const joined = document.parts.get(part)
  if (joined?.is !== 'open') return []
  return (['here', 'there'] as const).map((side) => ({
    side,
    words: `${side === 'here' ? 'Here' : `On ${other.value}`}: ${valueInWords(joined[side].value, nameOf)}`,
    colour: colourOf(joined[side].value),
  }))
}
/** What can become of a document that one removed and the other changed. */
function endsOf({ fate }: JoinedDocument) {
  const [keep, go] = fate === 'removed here' ? (['there', 'here'] as const) : (['here', 'there'] as const)
  return [
    { side: keep, words: 'Keep it, as it was changed' },
    { side: go, words: 'Let it go on both' },
  ]
}
async function go() {
  if (await bring()) emit('done')
}
</script>

<template>
  <section aria-label="Bring together" class="mt-3 border-t border-line pt-3">
    <h3>Bring together with {{ other }}</h3>
    <Refusal v-if="trouble" class="my-2" :says="trouble" />
    <template v-if="meeting">
      <p v-if="meeting.areStrangers" class="hint">
        The two were never brought together. What only one of them has stays; where they differ, you are asked.
      </p>
      <p class="my-1">
        <template v-if="comes">What comes in here: {{ comes }}.</template>
        <template v-else-if="byDocument.length">Nothing comes in by itself.</template>
        <template v-else>Everything that is there is here already.</template>
      </p>
      <template v-if="byDocument.length">
        <h4 class="mt-3">Changed on both</h4>
        <p class="my-1 flex flex-wrap items-center gap-2">
          <button type="button" class="btn" @click="chooseAll('here')">All from here</button>
          <button type="button" class="btn" @click="chooseAll('there')">All from {{ other }}</button>
          <span class="hint" role="status">{{ left ? `${left} still to choose` : 'All is chosen.' }}</span>
        </p>
        <ul class="max-h-[60vh] overflow-y-auto">
          <li
            v-for="{ document, questions } in byDocument"
            :key="document.kind + document.id"
            class="border-t border-line py-2"
          >
            <template v-if="questions[0]?.part === undefined">
              <fieldset class="grid gap-1">
                <legend>{{ removalInWords(document, called(document), other) }}</legend>
                <label v-for="{ side, words } in endsOf(document)" :key="side" class="flex min-h-8 items-center gap-2"
                  ><input
                    type="radio"
                    :name="questions[0]!.key"
                    :checked="choices.get(questions[0]!.key) === side"
                    @change="choose(questions[0]!.key, side)"
                  />
                  {{ words }}</label
                >
              </fieldset>
            </template>
            <template v-else>
              <p>
                <strong>{{ called(document) }}</strong> <span class="hint">{{ KINDS[document.kind].word }}</span>
              </p>
              <fieldset
                v-for="{ key, part } in questions"
                :key="key"
                class="mt-1 grid gap-x-4 sm:grid-cols-[10rem_1fr_1fr]"
              >
                <legend class="contents">
                  <span class="self-center">{{ partInWords(document.kind, part!) }}</span>
                </legend>
                <label
                  v-for="{ side, words, colour } in sidesOf(document, part!)"
                  :key="side"
                  class="flex min-h-8 items-center gap-2"
                  ><input type="radio" :name="key" :checked="choices.get(key) === side" @change="choose(key, side)" />
                  <span class="min-w-0 break-words">{{ words }}</span>
                  <span v-if="colour" class="h-6 w-10 border border-edge" :style="{ background: colour }"
                /></label>
              </fieldset>
            </template>
          </li>
        </ul>
      </template>
    </template>
    <p class="mt-3 flex flex-wrap gap-2">
      <button type="button" class="btn btn-primary" :disabled="!meeting || left > 0 || isWorking" @click="go">
        Bring together
      </button>
      <button type="button" class="btn" @click="emit('done')">Leave it</button>
    </p>
    <p v-if="meeting" class="hint mt-1">One Undo takes all of it back.</p>
  </section>
</template>
