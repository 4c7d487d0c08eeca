<script setup lang="ts">
import {
  COLUMN_FIELDS,
  matchColumns,
  readRow,
  type ColumnField,
  type ColumnMatching,
  type LeftoverRow,
  type PaintRow,
  type Table,
} from '@juxtachrome/core'
import { nanoid } from 'nanoid'
import { computed, ref, shallowRef } from 'vue'
import { usePaintCommands } from '~/commands/paints'
import { readTextFile } from '~/composables/readFile'
import { useNotices } from '~/stores/notices'
import { coreClient } from '~/workers/client'

const commands = usePaintCommands()
const notices = useNotices()
const table = shallowRef<Table>()
const file = ref('')
const matching = ref<ColumnMatching>({})
const trouble = ref('')
const reading = ref(false)
const SHOWN = 30
let asked: { cancel(): void } | undefined

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  table.value = undefined
  trouble.value = ''
  reading.value = true
  const text = await readTextFile(chosen, 12)
  const question = text.ok ? coreClient().ask('readTable', { text: text.value }, { lane: 'table' }) : undefined
  asked = question
  const read = question ? await question.result : (text as { ok: false; error: { message: string } })
  reading.value = false
  input.value = ''
  if (!read.ok) trouble.value = read.error.message
  else {
    table.value = read.value
    file.value = chosen.name.slice(0, 300)
    matching.value = matchColumns(read.value.headings)
  }
}
function match(column: number, field: string) {
  const next = Object.fromEntries(
    Object.entries(matching.value).filter(([c, f]) => Number(c) !== column && f !== field),
  ) as ColumnMatching
  if (field) next[column] = field as ColumnField
  matching.value = next
}
const results = computed(() => table.value?.rows.map((_, i) => readRow(table.value!, i, matching.value)) ?? [])
const good = computed(() => results.value.flatMap((r) => (r.ok ? [r.value] : [])))
const bad = computed(() =>
  results.value.flatMap((r, i) => (r.ok ? [] : [{ i, line: table.value!.lines[i]!, reason: r.error.message }])),
)
const describe = (row: PaintRow) =>
  [
    row.maker,
    row.pigments.join(' '),
    `${row.count} × ${row.kind}`,
    row.millilitres === undefined ? '' : `${row.millilitres} ml`,
    row.supply,
    ...row.remarks,
  ]
    .filter(Boolean)
    .join(' · ')

function take() {
  const kept = new Date().toISOString()
  const leftovers = bad.value.map(({ i, line, reason }): LeftoverRow => ({
    id: nanoid(12),
    v: 1,
    file: file.value,
    line,
    reason: reason.slice(0, 600),
    kept,
    cells: (table.value!.rows[i] ?? [])
      .slice(0, 200)
      .map(
        (cell, c) =>
          [(matching.value[c] ?? table.value!.headings[c] ?? `column ${c + 1}`).slice(0, 300), cell.slice(0, 4000)] as [
            string,
            string,
          ],
      ),
  }))
  commands.addRows(good.value, `imported ${good.value.length} rows of ${file.value}`, leftovers)
  notices.say(
    `${good.value.length} rows taken in${leftovers.length ? `, ${leftovers.length} kept for correction` : ''}.`,
  )
  table.value = undefined
}
</script>

<template>
  <section>
    <p class="mb-2">
      A CSV or tab-separated file with a row of headings. You see what each row becomes before anything is taken in;
      rows that cannot be read are kept and can be corrected.
    </p>
    <label class="btn btn-primary cursor-pointer"
      >Choose a file<input type="file" class="sr-only" accept=".csv,.tsv,.txt,text/csv" @change="choose"
    /></label>
    <span v-if="reading" class="ml-3" role="status"
      >Reading … <button class="link" @click="asked?.cancel()">Cancel</button></span
    >
    <p v-if="trouble" role="alert" class="mt-2 text-trouble">{{ trouble }}</p>
    <template v-if="table">
      <h2 class="mt-4 mb-1">What each column of {{ file }} means</h2>
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5">
        <label v-for="(heading, c) in table.headings" :key="c" class="min-w-0 text-sm"
          ><span class="block truncate">{{ heading || `column ${c + 1}` }}</span>
          <select
            class="input"
            :value="matching[c] ?? ''"
            @change="match(c, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">not read</option>
            <option v-for="f in COLUMN_FIELDS" :key="f" :value="f">{{ f }}</option>
          </select>
        </label>
      </div>
      <p class="mt-3" aria-live="polite">
        <strong>{{ good.length }}</strong> rows can be read, <strong>{{ bad.length }}</strong> cannot.
      </p>
      <div class="mt-2 flex gap-2">
        <button class="btn btn-primary" :disabled="good.length + bad.length === 0" @click="take">
          Take in {{ good.length }} rows{{ bad.length ? `, keep ${bad.length} for correction` : '' }}</button
        ><button class="btn" @click="table = undefined">Cancel</button>
      </div>
      <div class="mt-3 overflow-x-auto" tabindex="0" role="region" aria-label="Preview">
        <table class="plain">
          <thead>
            <tr>
              <th>Line</th>
              <th>Name</th>
              <th>Becomes</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in bad.slice(0, SHOWN)" :key="`b${row.i}`">
              <td>{{ row.line }}</td>
              <td class="max-w-xs truncate">{{ table.rows[row.i]?.join(' | ').slice(0, 120) }}</td>
              <td class="text-trouble">{{ row.reason }}</td>
            </tr>
            <tr v-for="(row, i) in good.slice(0, SHOWN)" :key="`g${i}`">
              <td />
              <td>{{ row.name }}</td>
              <td>{{ describe(row) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="bad.length > SHOWN || good.length > SHOWN" class="hint mt-1">
          The first {{ SHOWN }} of each are shown.
        </p>
      </div>
    </template>
  </section>
</template>
