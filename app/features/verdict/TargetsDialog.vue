<script setup lang="ts">
import { parseColour, toScreen } from '@juxtachrome/core/colour'
import type { Palette, TargetChoice, TargetColour } from '@juxtachrome/core/documents'
import {
  deeperThanPaint,
  fitValues,
  isSubject,
  nameOfSubject,
  SUBJECTS,
  subjectTargets,
  targetsOf,
} from '@juxtachrome/core/reach'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { targetInWords } from './briefWords'
import { useCore } from '~/shared/questions/useCore'
import { usePhotoTargets } from './usePhotoTargets'
import FileButton from '~/shared/ui/FileButton.vue'
import FormField from '~/shared/ui/FormField.vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What a palette should be able to mix: everything, subjects, photographs, lists; weighed together. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ close: [] }>()
const commands = usePaletteCommands()
const choices = computed(() => targetsOf(props.palette.brief))
const trouble = ref('')
const said = ref('')
const left = ref<{ line: number; text: string; why: string }[]>([])
const opened = ref<number>()
const typed = ref('')

function put(next: TargetChoice[], words: string) {
  commands.setBrief(props.palette.id, { ...props.palette.brief, targets: next }, words)
}
const change = (i: number, next: TargetChoice, words: string) =>
  put(
    choices.value.map((c, k) => (k === i ? next : c)),
    words,
  )
const subjects = computed(() =>
  SUBJECTS.filter((s) => !choices.value.some((c) => c.kind === 'subject' && c.subject === s)),
)
const hasEverything = computed(() => choices.value.some((c) => c.kind === 'everything'))
function addSubject(event: Event) {
  const select = event.target as HTMLSelectElement
  const subject = select.value
  select.value = ''
  // a subject takes the place of everything; both can be had by adding everything again
  const others = choices.value.filter((c) => c.kind !== 'everything' || choices.value.length > 1)
  if (subject) put([...others, { kind: 'subject', subject, weight: 1 }], `to mix ${nameOfSubject(subject)}`)
}
function addColours(name: string, colours: TargetColour[]) {
  const others = choices.value.filter((c) => c.kind !== 'everything' || choices.value.length > 1)
  put([...others, { kind: 'colours', id: nanoid(12), name: name.slice(0, 120), weight: 1, colours }], `to mix ${name}`)
  opened.value = others.length
  said.value = `${counted(colours.length, 'colour')} from ${name}.`
}

const photo = usePhotoTargets()
async function readPhotos(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  trouble.value = ''
  said.value = ''
  left.value = []
  const found = await photo.read(files)
  trouble.value = photo.trouble.value
  if (found) addColours(found.name, found.colours)
}

async function readList(text: string, name: string) {
  trouble.value = ''
  said.value = ''
  left.value = []
  const read = await useCore().ask('readColourList', { text }).result
  if (!read.ok) return void (trouble.value = read.error.message)
  left.value = read.value.left
  addColours(
    read.value.name ?? name,
    read.value.colours.map(({ lab, weight, name: own }) => ({
      L: lab.L,
      a: lab.a,
      b: lab.b,
      weight,
      ...(own ? { name: own } : {}),
    })),
  )
  typed.value = ''
}
const readFile = async (file: File) => readList(await file.text(), file.name)

function colourRows(choice: TargetChoice) {
  if (choice.kind === 'colours') return choice.colours
  if (choice.kind === 'subject' && isSubject(choice.subject))
    return subjectTargets(choice.subject).targets.map((t) => ({ ...t.lab, weight: t.weight, name: t.name }))
  return []
}
const hex = ({ L, a, b }: { L: number; a: number; b: number }) => toScreen({ white: 'D65', L, a, b }).hex
function reweigh(i: number, k: number, event: Event) {
  const choice = choices.value[i]
  const weight = Number((event.target as HTMLInputElement).value)
  if (choice?.kind !== 'colours' || !(weight > 0 && weight <= 1000)) return
  change(
    i,
    { ...choice, colours: choice.colours.map((c, n) => (n === k ? { ...c, weight } : c)) },
    `weights of ${choice.name}`,
  )
}
function dropColour(i: number, k: number) {
  const choice = choices.value[i]
  if (choice?.kind !== 'colours' || choice.colours.length < 2) return
  change(i, { ...choice, colours: choice.colours.filter((_, n) => n !== k) }, `a colour out of ${choice.name}`)
}
/** A photograph's black is deeper than any paint's; a painter keys its values to what paint can do. */
const isTooDeep = (choice: TargetChoice) => choice.kind === 'colours' && deeperThanPaint(choice.colours).length > 0
function fit(i: number) {
  const choice = choices.value[i]
  if (choice?.kind !== 'colours') return
  change(i, { ...choice, colours: fitValues(choice.colours) }, `values of ${choice.name} fitted to paint`)
  said.value = `The darkest of ${choice.name} is now the deepest that paint gives, and the others keep their distance.`
}
function pick(event: Event) {
  const colour = parseColour((event.target as HTMLInputElement).value)
  if (colour.ok)
    typed.value += `${typed.value && !typed.value.endsWith('\n') ? '\n' : ''}${(event.target as HTMLInputElement).value}\n`
}
</script>

<template>
  <ModalDialog open title="What to be able to mix" wide @close="emit('close')">
    <p class="hint mb-2">Reach, gaps and what each paint brings are counted against these, by their weights.</p>
    <ul>
      <li v-for="(choice, i) in choices" :key="i" class="border-t border-line py-2 first:border-t-0">
        <div class="flex flex-wrap items-center gap-2">
          <span class="grow font-medium">{{ targetInWords(choice) }}</span>
          <label class="flex items-center gap-1.5 text-sm"
            >counts
            <input
              type="number"
              class="input w-20"
              min="0.1"
              max="1000"
              step="0.1"
              :value="choice.weight"
              :aria-label="`How much ${targetInWords(choice)} counts`"
              @change="
                Number(($event.target as HTMLInputElement).value) > 0 &&
                change(
                  i,
                  { ...choice, weight: Math.min(1000, Number(($event.target as HTMLInputElement).value)) },
                  `how much ${targetInWords(choice)} counts`,
                )
              "
          /></label>
          <button
            v-if="choice.kind !== 'everything'"
            class="btn btn-quiet"
            :aria-expanded="opened === i"
            @click="opened = opened === i ? undefined : i"
          >
            {{ opened === i ? 'Hide its colours' : 'Its colours' }}
          </button>
          <button
            v-if="choices.length > 1 || choice.kind !== 'everything'"
            class="btn btn-quiet"
            :aria-label="`Take away ${targetInWords(choice)}`"
            @click="
              put(
                choices.filter((_, k) => k !== i),
                `no longer to mix ${targetInWords(choice)}`,
              )
            "
          >
            Take away
          </button>
        </div>
        <p v-if="isTooDeep(choice)" class="hint mt-1 flex flex-wrap items-center gap-x-3">
          Its darkest is deeper than any paint.
          <button class="link" @click="fit(i)">Fit its values to paint</button>
        </p>
        <ul v-if="opened === i" class="mt-1 grid gap-1 sm:grid-cols-2">
          <li v-for="(c, k) in colourRows(choice)" :key="k" class="flex items-center gap-2 text-sm">
            <span class="size-7 shrink-0 bg-ground p-0.5" aria-hidden="true"
              ><span class="block size-full" :style="{ background: hex(c) }"
            /></span>
            <span class="min-w-0 grow truncate">{{
              c.name ?? `L* ${figure(c.L)} a* ${figure(c.a)} b* ${figure(c.b)}`
            }}</span>
            <template v-if="choice.kind === 'colours'">
              <input
                type="number"
                class="input w-20"
                min="0.1"
                max="1000"
                step="0.1"
                :value="c.weight"
                :aria-label="`How much colour ${k + 1} counts`"
                @change="reweigh(i, k, $event)"
              />
              <button
                class="btn btn-quiet btn-icon"
                :aria-label="`Take colour ${k + 1} out`"
                :disabled="choice.colours.length < 2"
                @click="dropColour(i, k)"
              >
                ×
              </button>
            </template>
            <span v-else class="hint">× {{ c.weight }}</span>
          </li>
        </ul>
      </li>
    </ul>
    <h3 class="mt-3">Add</h3>
    <div class="mt-1 flex flex-wrap items-center gap-2">
      <button
        v-if="!hasEverything"
        class="btn"
        @click="put([...choices, { kind: 'everything', weight: 1 }], 'to mix everything')"
      >
        Everything the collection mixes
      </button>
      <select class="input w-auto" aria-label="Add a subject" @change="addSubject">
        <option value="">A subject …</option>
        <option v-for="s in subjects" :key="s" :value="s">{{ nameOfSubject(s) }}</option>
      </select>
      <label class="btn cursor-pointer"
        >Photographs …<input type="file" class="sr-only" accept="image/*" multiple @change="readPhotos"
      /></label>
      <FileButton label="A list (CSV, GPL) …" accept=".csv,.txt,.tsv,.gpl,text/*" @choose="readFile" />
    </div>
    <WorkingBar
      v-if="photo.isWorking.value"
      class="mt-2"
      :done="photo.progress.value"
      label="Reading the photographs"
      @cancel="photo.cancel()"
      >finding its colours</WorkingBar
    >
    <FormField v-slot="{ field }" label="Or type colours, one a line" class="mt-2">
      <textarea
        v-bind="field"
        v-model="typed"
        class="input h-20"
        placeholder="#5b7fb0, sky over the holm&#10;52 -3 -30, far sea, 2"
      />
    </FormField>
    <div class="mt-1 flex flex-wrap items-center gap-2">
      <label class="flex items-center gap-2 text-sm"
        >Pick one <input type="color" class="h-9 w-12" aria-label="Pick a colour" @change="pick"
      /></label>
      <button class="btn" :disabled="!typed.trim()" @click="readList(typed, 'typed colours')">
        Take these colours
      </button>
    </div>
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <p v-if="said" role="status" class="mt-2">{{ said }}</p>
    <div v-if="left.length" class="mt-1 text-sm">
      <p>{{ counted(left.length, 'line') }} could not be read and {{ left.length === 1 ? 'is' : 'are' }} left out:</p>
      <ul class="hint max-h-32 overflow-y-auto">
        <li v-for="l in left" :key="l.line">line {{ l.line }}: {{ l.text }} ({{ l.why }})</li>
      </ul>
    </div>
    <p class="hint mt-3">
      Photographs are read here and not kept; only their colours are. Colours of subjects are a judgement, from memory.
    </p>
  </ModalDialog>
</template>
