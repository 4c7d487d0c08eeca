<script setup lang="ts">
import { linesOf, readStudentList, type StudentList } from '@juxtachrome/core/formats'
import { computed, ref, shallowRef } from 'vue'
import type { ValueOf } from '~/workers/client'
import { usePaintName } from '~/shared/words/paintName'
import { listedInWords } from '~/features/choosing'
import { readTextFile } from '~/shared/files/readFile'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { tubesInWords } from './words'
import FileButton from '~/shared/ui/FileButton.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** A teacher's list against what one owns: what is here, what mixes it, what is missing. */
type Answers = ValueOf<'answerList'>['answers']
const collection = useCollection()
const nameOf = usePaintName()
const { ask, cancel, isWorking, trouble } = useQuestion('answerList')
const list = shallowRef<StudentList>()
const answers = shallowRef<Answers>([])
const problem = ref('')
const done = ref(0)

async function open(file: File) {
  problem.value = ''
  answers.value = []
  list.value = undefined
  const text = await readTextFile(file, 4)
  const read = text.ok ? readStudentList(text.value) : text
  if (!read.ok) return void (problem.value = read.error.message)
  list.value = read.value
  if (collection.isEmpty) return
  const answer = await ask({ text: linesOf(read.value) }, (p) => {
    done.value = p.done / p.of
    if (p.soFar) answers.value = p.soFar
  })
  if (answer) answers.value = answer.answers
}
/** By the number of the line, from 1. */
const byLine = computed(() => new Map(answers.value.map((a) => [a.line, a])))
const owned = computed(() => answers.value.filter((a) => a.as === 'owned' || a.as === 'same pigments').length)
const missing = computed(() => answers.value.filter((a) => a.as === 'missing').length)
</script>

<template>
  <div>
    <div class="mb-3 flex flex-wrap items-center gap-2 print:hidden">
      <FileButton label="Open a list" primary accept=".json,application/json" @choose="open" />
      <button v-if="isWorking" class="btn" @click="cancel">Cancel</button>
      <span v-if="!list" class="hint">The file that a teacher made here.</span>
    </div>
    <WorkingBar v-if="isWorking" class="mb-2" :done="done" label="Comparing" />
    <Refusal v-if="problem || trouble" :says="problem || trouble" />
    <section v-if="list" :aria-label="list.title">
      <h2 class="text-xl">{{ list.title }}</h2>
      <p v-if="list.note" class="mt-1 whitespace-pre-wrap">{{ list.note }}</p>
      <p v-if="answers.length" role="status" class="mt-1">
        Of {{ list.lines.length }} you own {{ owned }}; {{ missing }} are missing, the others are mixed from what you
        own.
      </p>
      <p v-else-if="collection.isEmpty" class="hint">
        Log what you own, and each line says what of it you have.
        <NuxtLink class="link" to="/paints?add=list">Paste a list of your paints</NuxtLink>
      </p>
      <ol class="mt-2">
        <li v-for="(l, i) in list.lines" :key="i" class="flex gap-3 border-b border-line py-2">
          <PaintSwatch
            v-if="collection.paint(byLine.get(i + 1)?.paintId)"
            :paint="collection.paint(byLine.get(i + 1)!.paintId)!"
            class="h-9 w-12 shrink-0"
          />
          <span v-else class="h-9 w-12 shrink-0 border border-dashed border-edge" aria-hidden="true" />
          <div class="min-w-0 grow">
            <p>
              <strong class="font-semibold">{{ l.name }}</strong> {{ l.pigments.join(' ')
              }}<template v-if="l.tubes !== undefined && list.millilitres"
                >, {{ tubesInWords(l.tubes, list.millilitres) }}</template
              >
            </p>
            <p v-if="byLine.get(i + 1)" class="text-sm">{{ listedInWords(byLine.get(i + 1)!, nameOf) }}</p>
            <p v-if="l.matters" class="hint text-sm">{{ l.matters }}</p>
            <p v-for="(s, n) in l.standIns ?? []" :key="n" class="text-sm">
              <span class="hint">Instead, {{ list.levels?.[n] }}:</span> {{ s || 'nothing near' }}
            </p>
            <p v-for="c in l.cautions ?? []" :key="c" class="text-sm italic">{{ c }}</p>
          </div>
        </li>
      </ol>
    </section>
  </div>
</template>
