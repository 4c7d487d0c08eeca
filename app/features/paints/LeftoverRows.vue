<script setup lang="ts">
import type { ColumnField, LeftoverRow } from '@juxtachrome/core/documents'
import { COLUMN_FIELDS, readRow, type ColumnMatching } from '@juxtachrome/core/formats'
import { reactive, ref } from 'vue'
import { usePaintCommands } from './commands'
import { counted } from '@juxtachrome/core/units'
import { useAsk } from '~/shared/ui/useAsk'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import Refusal from '~/shared/ui/Refusal.vue'

const collection = useCollection()
const commands = usePaintCommands()
const { ask } = useAsk()
const settings = useSettings()
const correcting = ref<string>()
const cells = reactive<string[]>([])
const trouble = ref('')
const SHOWN = 100

function open(row: LeftoverRow) {
  correcting.value = row.id
  trouble.value = row.reason
  cells.splice(0, cells.length, ...row.cells.map(([, text]) => text))
}
const isField = (heading: string): heading is ColumnField => COLUMN_FIELDS.some((f) => f === heading)
function retry(row: LeftoverRow) {
  const matching = Object.fromEntries(
    row.cells.flatMap(([heading], i) => (isField(heading) ? [[i, heading]] : [])),
  ) as ColumnMatching
  const read = readRow({ headings: [], rows: [[...cells]], lines: [row.line] }, 0, matching, settings.money)
  if (!read.ok) {
    trouble.value = read.error.message
    return
  }
  commands.settleLeftover(row, read.value)
  correcting.value = undefined
}
async function letGoOfAll() {
  if (
    await ask({
      title: `Clear ${counted(collection.leftovers.length, 'row')}?`,
      text: 'They were never taken in. The file you imported is not touched.',
      yes: 'Clear them',
    })
  )
    commands.letGoOfLeftovers(collection.leftovers)
}
</script>

<template>
  <section v-if="collection.leftovers.length" aria-labelledby="leftover-title">
    <div class="flex items-center gap-2">
      <h2 id="leftover-title" class="grow">Rows kept for correction: {{ collection.leftovers.length }}</h2>
      <button class="btn" @click="letGoOfAll">Clear all</button>
    </div>
    <ul>
      <li v-for="row in collection.leftovers.slice(0, SHOWN)" :key="row.id" class="border-t border-line py-2">
        <div class="flex flex-wrap items-center gap-2">
          <span class="min-w-0 grow"
            ><strong class="font-semibold">{{ row.file }}, line {{ row.line }}</strong
            >: <span class="text-trouble">{{ row.reason }}</span></span
          >
          <button class="btn" @click="open(row)">Correct</button
          ><button class="btn btn-quiet" @click="commands.settleLeftover(row)">Clear</button>
        </div>
        <form
          v-if="correcting === row.id"
          class="mt-2 grid grid-cols-2 gap-2 md:grid-cols-4"
          @submit.prevent="retry(row)"
        >
          <label v-for="([heading], i) in row.cells" :key="i" class="min-w-0 text-sm"
            >{{ heading }}<input v-model="cells[i]" class="input"
          /></label>
          <Refusal class="col-span-full" :says="trouble" />
          <div class="col-span-full flex gap-2">
            <button class="btn btn-primary">Take it in</button
            ><button type="button" class="btn" @click="correcting = undefined">Cancel</button>
          </div>
        </form>
      </li>
    </ul>
    <p v-if="collection.leftovers.length > SHOWN" class="hint">The first {{ SHOWN }} are shown.</p>
  </section>
</template>
