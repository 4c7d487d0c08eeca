<script setup lang="ts">
import { OWNED_MEANS, type OwnedMeans, type PaintRow } from '@juxtachrome/core/paints'
import { COLUMN_FIELDS } from '@juxtachrome/core/formats'
import { computed, ref } from 'vue'
import { counted } from '@juxtachrome/core/units'
import { useTableImport } from './useTableImport'
import FileButton from '~/shared/ui/FileButton.vue'
import Refusal from '~/shared/ui/Refusal.vue'

const { table, sheets, sheet, file, readAs, matching, trouble, busy, cancel, choose, letGo, match, take, ...own } =
  useTableImport()
const { means, meansOf, owned, counts, rows } = own
/** Rows of each kind that are shown at first. */
const PORTION = 30
const shown = ref(PORTION)
const MEANS: Record<OwnedMeans, string> = { nothing: 'nothing', another: 'another one', update: 'update the paint' }

function describe(row: PaintRow): string {
  const size = row.millilitres === undefined ? 'size not said' : `${row.millilitres} ml`
  const parts = [row.maker, row.pigments.join(' '), `${row.count} × ${row.kind}`, size, row.supply, ...row.remarks]
  return parts.filter(Boolean).join(' · ')
}
/** Those that are questioned or owned come first. */
const ordered = computed(() =>
  rows.value.good
    .map((row, i) => ({ row, i, line: rows.value.lines[i]!, owned: owned.value[i] }))
    .sort((p, q) => Number(Boolean(q.row.questions)) - Number(Boolean(p.row.questions)) || p.i - q.i),
)
const what = computed(() => {
  const { fresh, another, update, nothing } = counts.value
  return [
    `${fresh} new`,
    another && `${another} of paints that are owned add another one`,
    update && `${update} update a paint`,
    nothing && `${nothing} owned already, left as ${nothing === 1 ? 'it is' : 'they are'}`,
  ]
    .filter(Boolean)
    .join(', ')
})
const taken = computed(() => rows.value.good.length - counts.value.nothing)
</script>

<template>
  <section>
    <p class="mb-2">
      An XLSX workbook, or a CSV or tab-separated file, with headings or without. You see what each row becomes before
      anything is taken in; what is not understood is asked and kept in the note, rows that name no paint can be
      corrected. One undo takes an import out again.
    </p>
    <FileButton label="Choose a file" primary accept=".xlsx,.csv,.tsv,.txt,text/csv" @choose="choose" />
    <span v-if="busy" class="ml-3" role="status"
      >{{ busy }} <button v-if="cancel" class="link" @click="cancel()">Cancel</button></span
    >
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <template v-if="table">
      <label v-if="sheets.length > 1" class="mt-3 block text-sm"
        >Sheet
        <select v-model="sheet" class="input w-auto">
          <option v-for="(s, i) in sheets" :key="s.name" :value="i">
            {{ s.name }}: {{ counted(s.table.rows.length, 'row') }}
          </option>
        </select></label
      >
      <p v-if="readAs" class="doubt mt-2">{{ readAs }}</p>
      <h2 class="mt-4 mb-1">What each column of {{ file }} means</h2>
      <p v-if="table.headless" class="hint mb-1">
        The first row reads like a paint, not like headings: the columns are guessed by what they hold.
      </p>
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5">
        <label v-for="(heading, c) in table.headings" :key="c" class="min-w-0 text-sm"
          ><span class="block truncate"
            >{{ heading || `column ${c + 1}`
            }}<span v-if="table.headless" class="hint">: {{ table.rows[0]?.[c] }}</span></span
          >
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
        <strong>{{ counted(rows.good.length, 'row') }}</strong> can be read,
        <strong>{{ rows.bad.length }}</strong> cannot. {{ what }}.
        <template v-if="counts.questions">
          {{ counted(counts.questions, 'value is', 'values are') }} questioned.</template
        >
      </p>
      <label v-if="owned.some(Boolean)" class="mt-2 flex flex-wrap items-center gap-2 text-sm"
        >A row of a paint that is owned already means
        <select v-model="means" class="input w-auto" @change="meansOf.clear()">
          <option v-for="m in OWNED_MEANS" :key="m" :value="m">{{ MEANS[m] }}</option>
        </select></label
      >
      <div class="mt-2 flex gap-2">
        <button class="btn btn-primary" :disabled="taken + rows.bad.length === 0 || Boolean(busy)" @click="take">
          Take in {{ counted(taken, 'row')
          }}{{ rows.bad.length ? `, keep ${rows.bad.length} for correction` : '' }}</button
        ><button class="btn" @click="letGo">Cancel</button>
      </div>
      <div class="mt-3 overflow-x-auto" tabindex="0" role="region" aria-label="Preview">
        <table class="plain">
          <thead>
            <tr>
              <th>Line</th>
              <th>Name</th>
              <th>Becomes</th>
              <th>Questions</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows.bad.slice(0, shown)" :key="`b${row.row}`">
              <td>{{ row.line }}</td>
              <td class="max-w-xs truncate">{{ table.rows[row.row]?.join(' | ').slice(0, 120) }}</td>
              <td class="text-trouble">{{ row.reason }}</td>
              <td />
            </tr>
            <tr v-for="r in ordered.slice(0, shown)" :key="`g${r.i}`">
              <td>{{ r.line }}</td>
              <td>{{ r.row.name }}</td>
              <td>
                {{ describe(r.row) }}
                <label v-if="r.owned" class="mt-0.5 flex items-center gap-2 text-[13px]"
                  >owned already:
                  <select
                    class="input w-auto py-0.5"
                    :value="meansOf.get(r.i) ?? means"
                    @change="meansOf.set(r.i, ($event.target as HTMLSelectElement).value as OwnedMeans)"
                  >
                    <option v-for="m in OWNED_MEANS" :key="m" :value="m">{{ MEANS[m] }}</option>
                  </select></label
                >
              </td>
              <td class="text-[13px]">
                <span v-for="q in r.row.questions ?? []" :key="q.message" class="block">{{ q.message }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <button
          v-if="rows.bad.length > shown || rows.good.length > shown"
          class="btn mt-1"
          @click="shown += 10 * PORTION"
        >
          Show more rows
        </button>
      </div>
    </template>
  </section>
</template>
