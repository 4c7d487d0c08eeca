<script setup lang="ts">
import { COLOUR_WORDS, colourOfWord, parseColourOrWord, toScreen } from '@juxtachrome/core/colour'
import { GRANULATIONS, STAININGS, TRANSPARENCIES } from '@juxtachrome/core/pigments'
import type { Identification, Observed } from '@juxtachrome/core/standins'
import { computed, reactive, ref } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { LazyPhotoTarget } from '~/features/mixing'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** What was seen of a pan without a label. */
const itemId = defineModel<string>('itemId', { required: true })
const emit = defineEmits<{ found: [found: Identification | undefined, shade?: string] }>()
const collection = useCollection()
const nameOf = usePaintName()
const { ask, trouble } = useQuestion('identifyPaint')
const SWATCHES = [
  { id: 'masstone', label: 'Masstone' },
  { id: 'wash', label: 'Wash, 1:6' },
  { id: 'overBlack', label: 'Over a black line' },
] as const
type SwatchId = (typeof SWATCHES)[number]['id']
const SCALES = [
  { id: 'staining', label: 'Lifting', words: STAININGS },
  { id: 'granulation', label: 'Granulation', words: GRANULATIONS },
  { id: 'transparency', label: 'Covers', words: TRANSPARENCIES },
] as const
const typed = reactive<Record<SwatchId, string>>({ masstone: '', wash: '', overBlack: '' })
const source = reactive<Record<SwatchId, 'typed' | 'picked' | 'photo'>>({
  masstone: 'typed',
  wash: 'typed',
  overBlack: 'typed',
})
const seen = reactive<Record<string, string>>({ staining: '', granulation: '', transparency: '' })
const photoFor = ref<SwatchId>()

/** Items whose label is lost: they can be named here. */
const unlabelled = computed(() => collection.items.filter((i) => i.remarks.includes('label lost')))
async function begin() {
  emit('found', undefined)
  const observed: Observed = {}
  for (const { id, label } of SWATCHES) {
    if (!typed[id].trim()) continue
    const colour = parseColourOrWord(typed[id])
    if (!colour.ok) return void (trouble.value = `${label}: ${colour.error.message}`)
    const { L, a, b } = colour.value
    observed[id] = { L, a, b, source: sourceOf(id) }
  }
  for (const { id } of SCALES) if (seen[id]) observed[id] = seen[id]
  const without = collection.item(itemId.value)?.paintId
  const answer = await ask({ observed, ...(without ? { without } : {}) })
  if (answer) emit('found', answer, hexOf('masstone') ?? hexOf('wash'))
}
/** A word is as sure as a memory; a colour picked on a screen surer. */
function sourceOf(id: SwatchId) {
  if (colourOfWord(typed[id])) return 'memory' as const
  return typed[id].trim().startsWith('#') && source[id] === 'typed' ? ('picked' as const) : source[id]
}
function fromPhoto(hex: string) {
  if (!photoFor.value) return
  typed[photoFor.value] = hex
  source[photoFor.value] = 'photo'
  photoFor.value = undefined
}
const hexOf = (id: SwatchId) => {
  const colour = typed[id].trim() ? parseColourOrWord(typed[id]) : undefined
  return colour?.ok ? toScreen(colour.value).hex : undefined
}
</script>

<template>
  <section class="min-h-0 overflow-y-auto pr-1" aria-label="Unlabelled pan">
    <h2 tabindex="-1">Which paint is this?</h2>
    <ChoiceField
      v-if="unlabelled.length"
      v-model="itemId"
      label="The pan"
      none="not in the list of paints"
      :choices="unlabelled.map((i) => ({ id: i.id, text: `kept as ${nameOf(i.paintId)}, ${i.kind}` }))"
      class="mt-1"
    />
    <form class="mt-1" novalidate @submit.prevent="begin">
      <div v-for="s in SWATCHES" :key="s.id" class="mb-1 flex items-end gap-1">
        <label class="min-w-0 grow text-sm"
          >{{ s.label
          }}<input
            v-model="typed[s.id]"
            class="input"
            placeholder="olive, wet slate, or L* a* b*"
            list="words-for-pans"
            maxlength="60"
            @input="source[s.id] = 'typed'"
        /></label>
        <span class="h-9 w-9 shrink-0 border border-line" :style="{ background: hexOf(s.id) ?? 'transparent' }" />
        <button
          type="button"
          class="btn"
          :aria-expanded="photoFor === s.id"
          :aria-label="`${s.label} from a photograph`"
          @click="photoFor = photoFor === s.id ? undefined : s.id"
        >
          Photo
        </button>
      </div>
      <datalist id="words-for-pans"><option v-for="w in COLOUR_WORDS" :key="w" :value="w" /></datalist>
      <LazyPhotoTarget v-if="photoFor" class="my-2" @pick="fromPhoto" />
      <div v-for="scale in SCALES" :key="scale.id" class="mb-1">
        <ChoiceField v-model="seen[scale.id]" :label="scale.label" :choices="scale.words" none="not looked at" />
      </div>
      <button class="btn btn-primary mt-1">Who could it be?</button>
    </form>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
  </section>
</template>
