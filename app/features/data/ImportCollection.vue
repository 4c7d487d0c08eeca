<script setup lang="ts">
import type { Result } from '@juxtachrome/core/result'
import { replacedInWords, wouldReplace, type Contents } from '@juxtachrome/core/collection'
import type { CollectionFile } from '@juxtachrome/core/formats'
import { ref, shallowRef } from 'vue'
import { counted } from '@juxtachrome/core/units'
import { readCollectionFile } from '~/shared/files/readCollectionFile'
import { percent } from '~/shared/words/figures'
import { useAsk, type Question } from '~/shared/ui/useAsk'
import { useCollection } from '~/stores/collection'
import { BringTogether } from '~/features/devices'
import { useExchange } from '~/stores/exchange'
import { useKeeper } from '~/stores/keeper'
import { useNotices } from '~/stores/notices'
import FileButton from '~/shared/ui/FileButton.vue'
import { useRestorePoint } from './useRestorePoint'
import Refusal from '~/shared/ui/Refusal.vue'

const collection = useCollection()
const keeper = useKeeper()
const exchange = useExchange()
const notices = useNotices()
const { ask } = useAsk()
const { mayGoOn, STAYS } = useRestorePoint()
const found = shallowRef<CollectionFile>()
/** Whether what was found is being brought together with what is here. */
const bringing = ref(false)
const name = ref('')
const trouble = ref('')
const progress = ref('')
const cancel = shallowRef<() => void>()

async function choose(file: File) {
  close()
  trouble.value = ''
  progress.value = 'Reading …'
  name.value = file.name
  const read = await readFile(file)
  progress.value = ''
  if (read.ok) found.value = read.value
  else trouble.value = read.error.message
}
async function readFile(file: File): Promise<Result<CollectionFile>> {
  const reading = readCollectionFile(file, (done, of) => (progress.value = `Reading: ${percent(done / of)}`))
  cancel.value = reading.cancel
  return reading.result
}

function close() {
  found.value = undefined
  bringing.value = false
}

/** Says what will be lost, before anything is. */
function questionAbout(incoming: Contents, how: 'replace' | 'add'): Question {
  if (how === 'replace')
    return {
      title: 'Replace everything?',
      text: `What is here now is replaced by the file. ${STAYS}`,
      yes: 'Replace everything',
    }
  const replaced = replacedInWords(wouldReplace(incoming, collection.core))
  const loss = replaced
    ? `Here already, and otherwise than in the file: ${replaced}. The file’s are taken instead.`
    : 'Nothing that is here is changed.'
  return { title: 'Add the file?', text: `What is in the file is added. ${loss} ${STAYS}`, yes: 'Add it' }
}

async function put(how: 'replace' | 'add') {
  const incoming = found.value
  if (!incoming) return
  if (!collection.isEmpty && !(await ask(questionAbout(incoming, how)))) return
  cancel.value = undefined
  if (!(await mayGoOn(`the import of ${name.value.slice(0, 120)}`))) return
  progress.value = 'Putting it in …'
  const done = await exchange.putAll(incoming, how, (n, of) => {
    progress.value = `Putting it in: ${n} of ${of}`
  })
  progress.value = ''
  if (!done.ok) trouble.value = `${done.error.message} Nothing was changed.`
  else {
    await keeper.markStarted()
    notices.say(`${name.value} is in.`)
    close()
  }
}
</script>

<template>
  <section class="panel p-4">
    <h2 class="mb-1">Import an export</h2>
    <p class="mb-2">A JSON file that was exported from here. It is read whole before anything changes.</p>
    <FileButton label="Choose a file" accept=".json,application/json" @choose="choose" />
    <span v-if="progress" role="status" class="ml-3"
      >{{ progress }} <button v-if="cancel" class="link" @click="cancel()">Cancel</button></span
    >
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <div v-if="found" class="mt-3">
      <p>
        {{ name }} holds {{ counted(found.documents.paints.length, 'paint') }},
        {{ counted(found.documents.items.length, 'item') }}, {{ found.documents.palettes.length }} palettes and
        {{ found.documents.journal.length }} journal entries.
      </p>
      <template v-if="found.unreadable.length">
        <p class="mt-1">{{ found.unreadable.length }} of its documents cannot be read; they are kept as they are:</p>
        <ul class="text-sm">
          <li v-for="(u, i) in found.unreadable.slice(0, 8)" :key="i" class="text-trouble">{{ u.problem.message }}</li>
        </ul>
      </template>
      <BringTogether v-if="bringing" :file="found" @done="close" />
      <div v-else class="mt-2 flex flex-wrap gap-2">
        <button v-if="!collection.isEmpty" class="btn btn-primary" @click="bringing = true">
          Bring together with what is here …</button
        ><button :class="['btn', { 'btn-primary': collection.isEmpty }]" @click="put('replace')">
          {{ collection.isEmpty ? 'Import it' : 'Replace everything with it' }}</button
        ><button v-if="!collection.isEmpty" class="btn" @click="put('add')">Add it to what is here</button
        ><button class="btn" @click="close">Cancel</button>
      </div>
    </div>
  </section>
</template>
