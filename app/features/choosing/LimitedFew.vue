<script setup lang="ts">
import { paintToken } from '~/shared/said/paintTokens'
import { plannedPaints, type Palette, type TargetChoice } from '@juxtachrome/core/documents'
import type { Chosen } from '@juxtachrome/core/choosing'
import { SUBJECTS, targetsOf } from '@juxtachrome/core/reach'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { computed, ref, shallowRef } from 'vue'
import { toggled } from '~/shared/ui/toggled'
import { targetInWords, usePhotoTargets } from '~/features/verdict'
import { boundInWords, chosenInWords, harmonyInWords } from './words'
import { points } from '~/shared/words/figures'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import CandidateRow from './CandidateRow.vue'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import FileButton from '~/shared/ui/FileButton.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** The best few paints of this palette for one painting, by what it is to show. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const strip = useStrip()
const nameOf = usePaintName()
const planned = computed(() =>
  [...plannedPaints(props.palette)]
    .flatMap((id) => collection.paint(id) ?? [])
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q))),
)
const count = ref(4)
/** Photographs of the motif, looked at here only. */
const motifs = ref<TargetChoice[]>([])
const photo = usePhotoTargets()
async function readPhoto(file: File) {
  const found = await photo.read([file])
  if (!found) return
  motifs.value = [
    ...motifs.value,
    { kind: 'colours', id: nanoid(12), name: found.name, weight: 1, colours: found.colours },
  ]
  chosenTarget.value = String(targets.value.length - 1)
}
const targets = computed((): TargetChoice[] => [
  ...SUBJECTS.map((subject) => ({ kind: 'subject' as const, subject, weight: 1 })),
  // photographs and lists of the brief, for the motif at hand
  ...targetsOf(props.palette.brief).filter((t) => t.kind === 'colours'),
  ...motifs.value,
])
const chosenTarget = ref('0')
const fixed = ref<string[]>([])
const chosen = shallowRef<Chosen>()
const { ask, cancel, isWorking, trouble } = useQuestion('chooseFew')
async function begin() {
  chosen.value = undefined
  const target = targets.value[Number(chosenTarget.value)] ?? targets.value[0]!
  const request = { paletteId: props.palette.id, count: count.value, target, fixed: fixed.value }
  const answer = await ask(request, ({ soFar }) => soFar && (chosen.value = soFar))
  if (answer) chosen.value = answer
}
const few = computed(() =>
  [...fixed.value, ...(chosen.value?.added ?? []).map((a) => a.paintId)].flatMap((id) => collection.paint(id) ?? []),
)
const toggle = (id: string) => (fixed.value = toggled(fixed.value, id))
</script>

<template>
  <MethodPanel title="A limited few" @leave="emit('leave')">
    <p v-if="planned.length < 3" class="hint">Plan some paints in this palette first: the few are taken from them.</p>
    <template v-else>
      <ChoiceField
        v-model="chosenTarget"
        label="To paint"
        :choices="
          targets.map((t, i) => ({
            id: String(i),
            text: targetInWords(t),
          }))
        "
      />
      <p class="mt-1 flex items-center gap-2 text-sm">
        <FileButton label="A photograph of it" accept="image/*" @choose="readPhoto" />
        <button v-if="photo.isWorking.value" class="link" @click="photo.cancel()">Cancel</button>
      </p>
      <Refusal v-if="photo.trouble.value" class="mt-1" :says="photo.trouble.value" />
      <label class="mt-2 block text-sm"
        >{{ counted(count, 'paint') }}
        <input v-model.number="count" type="range" min="2" max="6" class="w-full" aria-label="How many paints" />
      </label>
      <details class="text-sm">
        <summary>In any case{{ fixed.length ? `: ${fixed.map(nameOf).join(', ')}` : ' …' }}</summary>
        <div class="flex flex-wrap gap-1 py-1">
          <button
            v-for="p in planned"
            :key="p.id"
            class="choice"
            :aria-pressed="fixed.includes(p.id)"
            @click="toggle(p.id)"
          >
            {{ p.name }}
          </button>
        </div>
      </details>
      <p class="mt-2 flex gap-2">
        <button v-if="!isWorking" class="btn btn-primary" :disabled="fixed.length >= count" @click="begin">
          Choose them
        </button>
        <button v-else class="btn" @click="cancel">{{ chosen ? 'That will do' : 'Cancel' }}</button>
      </p>
      <Refusal v-if="trouble" class="mt-2" :says="trouble" />
      <template v-if="chosen">
        <div
          class="mt-3 flex h-24 shrink-0"
          role="img"
          :aria-label="`Edge to edge: ${few.map((p) => p.name).join(', ')}`"
        >
          <PaintSwatch v-for="p in few" :key="p.id" :paint="p" direction="to bottom" class="h-full min-w-0 flex-1" />
        </div>
        <p class="mt-1 text-sm" role="status">
          {{ points(chosen.after.reach) }} of it; {{ points(chosen.after.two) }} with two paints at most.
          {{ harmonyInWords(few) }}
        </p>
        <p class="hint text-sm">{{ boundInWords(chosen, !isWorking) }}</p>
        <ul class="mt-2 min-h-0 grow overflow-y-auto">
          <CandidateRow
            v-for="a in chosen.added"
            :key="a.paintId"
            :paint="collection.paint(a.paintId)!"
            :reasons="chosenInWords(a, paintToken)"
            @look="emit('look', a.paintId)"
          />
        </ul>
        <p class="mt-2">
          <button class="btn" @click="few.forEach((p) => strip.lay(p.id))">Lay them on the strip</button>
        </p>
      </template>
    </template>
  </MethodPanel>
</template>
