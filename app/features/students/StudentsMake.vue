<script setup lang="ts">
import { paintOfCodes } from '@juxtachrome/core/standins'
import { useStudentList } from './useStudentList'
import { CAUTION, sumsOfListInWords, tubesInWords } from './words'
import { TUBE_SIZES } from './useClassSums'
import { counted } from '@juxtachrome/core/units'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import CodeDrawing from '~/shared/ui/CodeDrawing.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import TextField from '~/shared/ui/TextField.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** A list for students: by code, with what matters in each, stand-ins at two levels of price, cautions. */
const props = defineProps<{ of: string }>()
const made = useStudentList(props.of)
const { source, sources, title, note, prices, levels, lines, done, isWorking, trouble } = made
const { typed, students, millilitres, written, instead } = made.sums
const print = () => window.print()
/** Tubes are whole, and no more than twenty. */
function wholeOf(event: Event): number {
  const input = event.target as HTMLInputElement
  const tubes = Math.round(Number(input.value))
  const kept = Number.isFinite(tubes) ? Math.min(20, Math.max(0, tubes)) : 1
  input.value = String(kept)
  return kept
}
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-[18rem_minmax(0,1fr)] print:block">
    <div class="space-y-3 print:hidden">
      <ChoiceField v-model="source" label="From" :choices="sources" />
      <TextField v-model="note" label="A word to the students" long maxlength="2000" />
      <div class="flex gap-2">
        <label class="min-w-0 grow"
          >Students<input v-model.number="typed" class="input" type="number" min="1" max="500"
        /></label>
        <label class="min-w-0 grow"
          >Tubes of, ml<select v-model.number="millilitres" class="input">
            <option v-for="size in TUBE_SIZES" :key="size" :value="size">{{ size }}</option>
          </select></label
        >
      </div>
      <fieldset>
        <legend class="text-sm font-medium">Stand-ins, at most for a ml</legend>
        <div class="flex gap-2">
          <input
            v-for="(_, i) in prices"
            :key="i"
            v-model="prices[i]"
            class="input"
            maxlength="20"
            :aria-label="i ? 'and at most for a ml' : 'At most for a ml'"
            :placeholder="i ? '0.40 EUR' : '0.80 EUR'"
          />
        </div>
        <p class="hint">By what your own tubes cost. Left empty, whatever it costs.</p>
      </fieldset>
      <p class="flex gap-2">
        <button v-if="!isWorking" class="btn" :disabled="lines.length === 0" @click="made.findStandIns()">
          Find stand-ins
        </button>
        <button v-else class="btn" @click="made.cancel()">Cancel</button>
      </p>
      <WorkingBar v-if="isWorking" :done="done" label="Looking for stand-ins" />
      <Refusal v-if="trouble" :says="trouble" />
      <p class="flex flex-wrap gap-2">
        <button class="btn btn-primary" :disabled="lines.length === 0" @click="made.savePdf()">PDF</button>
        <button class="btn" :disabled="lines.length === 0" @click="made.save()">File for students</button>
        <button class="btn" :disabled="lines.length === 0" @click="print">Print</button>
      </p>
      <template v-if="made.palette.value">
        <label class="flex items-center gap-2"
          ><input v-model="made.withCode.value" type="checkbox" /> A code that opens the palette on a phone</label
        >
        <p v-if="made.codeTrouble.value" class="hint" role="status">{{ made.codeTrouble.value }}</p>
      </template>
      <p class="hint">The file opens here as a list to be compared with what somebody owns.</p>
    </div>
    <section aria-label="The list">
      <h2 class="text-xl">{{ title }}</h2>
      <p v-if="note" class="mt-1 whitespace-pre-wrap">{{ note }}</p>
      <p class="hint">{{ counted(lines.length, 'paint') }}. {{ CAUTION }}</p>
      <ul v-if="lines.length" aria-label="What it comes to" class="mt-1">
        <li>As written, {{ sumsOfListInWords(written, students) }}</li>
        <li v-for="(sum, i) in instead" :key="i">
          With stand-ins {{ levels[i] }}, {{ sumsOfListInWords(sum, students) }}
        </li>
      </ul>
      <ol class="mt-2">
        <li v-for="(l, i) in lines" :key="i" class="flex break-inside-avoid gap-3 border-b border-line py-2">
          <PaintSwatch v-if="paintOfCodes(l.pigments)" :paint="paintOfCodes(l.pigments)!" class="h-12 w-28 shrink-0" />
          <span v-else class="h-12 w-28 shrink-0" aria-hidden="true" />
          <div class="min-w-0 grow">
            <p class="flex flex-wrap items-center gap-x-3">
              <strong class="font-semibold">{{ l.name }}</strong><span>{{ l.pigments.join(' ') }}</span>
              <label class="ml-auto flex items-center gap-1 text-sm print:hidden"
                >Tubes<input
                  :value="l.tubes ?? 1"
                  :aria-label="`Tubes of ${l.name} a student`"
                  class="input w-16"
                  type="number"
                  min="0"
                  max="20"
                  @change="l.tubes = wholeOf($event)"
              /></label>
              <span class="hidden text-sm print:inline">{{ tubesInWords(l.tubes ?? 1, millilitres) }}</span>
            </p>
            <label class="print:hidden"
              ><span class="sr-only">What matters in {{ l.name }}</span
              ><input v-model="l.matters" class="input mt-1 text-sm" maxlength="300"
            /></label>
            <p class="hidden text-sm print:block">{{ l.matters }}</p>
            <p v-for="(s, n) in l.standIns ?? []" :key="n" class="text-sm">
              <span class="hint">Instead, {{ levels[n] }}:</span> {{ s || 'nothing near' }}
            </p>
            <p v-for="c in l.cautions ?? []" :key="c" class="text-sm italic">{{ c }}</p>
          </div>
        </li>
      </ol>
      <CodeDrawing v-if="made.code.value" class="mt-4" :squares="made.code.value" />
    </section>
  </div>
</template>
