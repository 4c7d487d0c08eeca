<script setup lang="ts">
import type { PaintRow } from '@juxtachrome/core/paints'
import { COLUMN_FIELDS } from '@juxtachrome/core/formats'
import { useTableImport } from '~/composables/useTableImport'

const { table, file, matching, trouble, busy, cancel, choose, match, take, good, bad } = useTableImport()
/** Rows of each kind that are shown. */
const SHOWN = 30

function describe(row: PaintRow): string {
  const size = row.millilitres === undefined ? '' : `${row.millilitres} ml`
  const parts = [row.maker, row.pigments.join(' '), `${row.count} × ${row.kind}`, size, row.supply, ...row.remarks]
  return parts.filter(Boolean).join(' · ')
}
</script>

<template>
  <section>
    <p class="mb-2">
      A CSV or tab-separated file with a row of headings. You see what each row becomes before anything is taken in;
      rows that cannot be read are kept and can be corrected.
    </p>
    <FileButton label="Choose a file" primary accept=".csv,.tsv,.txt,text/csv" @choose="choose" />
    <span v-if="busy" class="ml-3" role="status"
      >{{ busy }} <button v-if="cancel" class="link" @click="cancel()">Cancel</button></span
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
        <button class="btn btn-primary" :disabled="good.length + bad.length === 0 || Boolean(busy)" @click="take">
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
            <tr v-for="row in bad.slice(0, SHOWN)" :key="`b${row.row}`">
              <td>{{ row.line }}</td>
              <td class="max-w-xs truncate">{{ table.rows[row.row]?.join(' | ').slice(0, 120) }}</td>
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
