<script setup lang="ts">
import { computed, ref } from 'vue'
import { useAsk } from '~/shared/ui/useAsk'
import { useKeeper } from '~/stores/keeper'
import { useNotices } from '~/stores/notices'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import { differsInWords, holdsInWords, stateInWords } from './copyWords'
import type { useCopyLook } from './useCopyLook'
import { useRestorePoint } from './useRestorePoint'

/** What a copy holds and how it differs from what is here, before anything is taken back from it. */
const props = defineProps<{ look: ReturnType<typeof useCopyLook> }>()
const keeper = useKeeper()
const { ask } = useAsk()
const { mayGoOn, STAYS } = useRestorePoint()
const { looked, contents, compared, records, trouble, progress, takeBack, close } = props.look
const wanted = ref('')
const MOST = 20
const found = computed(() => {
  const words = wanted.value.trim().toLowerCase()
  return records.value.filter((r) => r.name.toLowerCase().includes(words))
})

async function takeAll() {
  const copy = contents.value
  if (!copy) return
  const text = `Everything becomes as the copy has it. ${STAYS}`
  if (!(await ask({ title: 'Take everything back from this copy?', text, yes: 'Take everything back' }))) return
  if (!(await mayGoOn('a copy was taken back'))) return
  const done = await keeper.putAll(copy, 'replace')
  if (!done.ok) return void (trouble.value = `${done.error.message} Nothing was changed.`)
  useNotices().say('Everything is as the copy has it.')
  close()
}
</script>

<template>
  <section class="mt-4 border-t-2 border-line pt-3" :aria-label="looked?.title">
    <h3>{{ looked?.title }}</h3>
    <WorkingBar v-if="progress !== undefined" label="Reading the copy" :done="progress" :on-cancel="close"
      >Reading the copy …</WorkingBar
    >
    <Refusal v-if="trouble" :says="trouble" />
    <template v-if="compared">
      <p>It holds {{ holdsInWords(compared) }}.</p>
      <p class="mb-2"><strong>What differs:</strong> {{ differsInWords(compared) }}</p>
      <div class="mb-3 flex flex-wrap gap-2">
        <button
          class="btn btn-primary"
          :disabled="!compared.differences.length && !compared.entries.onlyCopy && !compared.entries.onlyHere"
          @click="takeAll"
        >
          Take everything back …
        </button>
        <button class="btn" @click="close">Close</button>
      </div>
      <template v-if="records.length">
        <p class="hint">Or one record alone; what was filled and painted stays in the journal as it is.</p>
        <label v-if="records.length > 8" class="my-1 block max-w-sm"
          >Find in this copy <input v-model="wanted" type="search" class="input"
        /></label>
        <ul>
          <li
            v-for="record in found.slice(0, MOST)"
            :key="record.kind + record.id"
            class="flex min-h-10 flex-wrap items-center gap-2 border-t border-line py-1"
          >
            <span class="grow"
              >{{ record.name }} <span class="hint">{{ stateInWords(record) }}</span></span
            >
            <button class="btn" :aria-label="`Take ${record.name} back`" @click="takeBack(record)">Take it back</button>
          </li>
        </ul>
        <p v-if="found.length > MOST" class="hint">and {{ found.length - MOST }} more: find them by name</p>
      </template>
    </template>
    <button v-else class="btn mt-2" @click="close">Close</button>
  </section>
</template>
