<script setup lang="ts">
import { OWNED_MEANS, type DayOrder, type OwnedMeans } from '@juxtachrome/core/paints'
import { variantAsked } from '@juxtachrome/core/pigments'
import { COLUMN_FIELDS } from '@juxtachrome/core/formats'
import type { ColumnField } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'
import { counted } from '@juxtachrome/core/units'
import { columnText } from './words'
import { useTableImport } from './useTableImport'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import FileButton from '~/shared/ui/FileButton.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import VariantAsk from '~/shared/swatch/VariantAsk.vue'

const { table, sheets, sheet, file, readAs, matching, trouble, busy, cancel, choose, letGo, match, take, ...own } =
  useTableImport()
const { means, meansOf, owned, counts, rows, heading, offered, doubts, days, openDay, makerOnce, canStandOnce } = own
const { leftOut, variants, taken, asTradeSpells, better } = own
/** Columns of which the cells stay on one line. */
const SHORT: readonly ColumnField[] = ['size', 'price', 'left', 'bought']
/** Rows of each kind that are shown at first. */
const PORTION = 30
const shown = ref(PORTION)
const MEANS: Record<OwnedMeans, string> = { nothing: 'nothing', another: 'another one', update: 'update the paint' }
const ORDERS: readonly DayOrder[] = ['day first', 'month first']

/** Every column that will be kept: what its cells became. The name stands first. */
const columns = computed(() => {
  const meant = new Set<ColumnField>(Object.values(matching.value))
  const fixed: ColumnField[] = ['name', 'maker', 'pigments', 'size', 'kind', 'count', 'state']
  return COLUMN_FIELDS.filter((f) => fixed.includes(f) || meant.has(f))
})
/** Those that are questioned or owned come first. */
const ordered = computed(() =>
  rows.value.good
    .map((row, i) => ({ row, i, line: rows.value.lines[i]!, owned: owned.value[i], ask: variantAsked(row) }))
    .sort((p, q) => Number(Boolean(q.row.questions ?? q.ask)) - Number(Boolean(p.row.questions ?? p.ask)) || p.i - q.i),
)
const what = computed(() => {
  const { fresh, another, update, nothing, leftOut: out } = counts.value
  return [
    `${fresh} new`,
    another && `${another} of paints that are owned add another one`,
    update && `${update} update a paint`,
    nothing && `${nothing} owned already, left as ${nothing === 1 ? 'it is' : 'they are'}`,
    out && `${out} left out`,
  ]
    .filter(Boolean)
    .join(', ')
})
function untick(i: number) {
  if (!leftOut.delete(i)) leftOut.add(i)
}
function setHeading(event: Event) {
  const { value } = event.target as HTMLSelectElement
  heading.value = value === 'found' ? undefined : value === 'none' ? 'none' : Number(value)
}
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
      <div class="mt-3 flex flex-wrap gap-x-6 gap-y-2">
        <label v-if="sheets.length > 1" class="block text-sm"
          >Table
          <select v-model="sheet" class="input w-auto">
            <option v-for="(s, i) in sheets" :key="s.name + i" :value="i">
              {{ s.name || `table ${i + 1}` }}: {{ counted(s.table.rows.length, 'row') }}
            </option>
          </select></label
        >
        <label class="block text-sm"
          >The headings stand in
          <select class="input w-auto max-w-80" :value="heading ?? 'found'" @change="setHeading">
            <option value="found">
              {{
                sheets[sheet]?.table.headingLine
                  ? `line ${sheets[sheet]!.table.headingLine}, as found`
                  : 'no line, as found'
              }}
            </option>
            <option v-for="o in offered" :key="o.line" :value="o.line">line {{ o.line }}: {{ o.text }}</option>
            <option value="none">no line</option>
          </select></label
        >
      </div>
      <p v-if="readAs" class="doubt mt-2">{{ readAs }}</p>
      <p v-if="(table.headingLine ?? 1) > 1" class="hint mt-1">
        What stands above line {{ table.headingLine }} is not read.
      </p>
      <h2 class="mt-4 mb-1">What each column of {{ file }} means</h2>
      <p v-if="table.headless" class="hint mb-1">
        No row reads like headings: the columns are guessed by what they hold.
      </p>
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5">
        <label v-for="(title, c) in table.headings" :key="c" class="min-w-0 text-sm"
          ><span class="block truncate"
            >{{ title || `column ${c + 1}`
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
          <span v-if="doubts[c]" class="mt-0.5 block text-[0.8125rem] text-trouble">{{ doubts[c] }}: right?</span>
        </label>
      </div>
      <label v-if="canStandOnce" class="check doubt mt-2"
        ><input v-model="makerOnce" type="checkbox" />The maker stands once for the rows below it, up to the next</label
      >
      <label v-if="better.length" class="check doubt mt-2"
        ><input v-model="asTradeSpells" type="checkbox" />{{ counted(better.length, 'name is', 'names are') }} spelt or
        shortened otherwise than the trade does. Write {{ better.slice(0, 4).join(', ')
        }}{{ better.length > 4 ? ' and so on' : '' }}</label
      >
      <div v-if="openDay" class="doubt mt-2 flex flex-wrap items-center gap-2">
        Days such as {{ openDay }}: which number is the day?
        <ChoiceGroup label="Which number is the day" class="flex gap-1">
          <button
            v-for="o in ORDERS"
            :key="o"
            type="button"
            class="choice"
            :aria-pressed="days === o"
            @click="days = o"
          >
            {{ o }}
          </button>
        </ChoiceGroup>
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
      <details v-if="rows.aside.length" class="mt-2 text-sm">
        <summary class="py-1">{{ counted(rows.aside.length, 'row is', 'rows are') }} taken for no paint</summary>
        <ul>
          <li v-for="a in rows.aside.slice(0, 100)" :key="a.row" class="wrap-anywhere">
            Line {{ a.line }}: “{{ table.rows[a.row]?.filter(Boolean).join(' | ').slice(0, 120) }}”. {{ a.reason }}
          </li>
        </ul>
      </details>
      <div class="mt-3 overflow-x-auto" tabindex="0" role="region" aria-label="Preview">
        <table class="plain">
          <thead>
            <tr>
              <th><span class="sr-only">Take in</span></th>
              <th>Line</th>
              <th v-for="f in columns" :key="f" class="first-letter:uppercase">{{ f }}</th>
              <th>Questions</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows.bad.slice(0, shown)" :key="`b${row.row}`">
              <td />
              <td>{{ row.line }}</td>
              <td :colspan="columns.length" class="max-w-xs truncate">
                {{ table.rows[row.row]?.join(' | ').slice(0, 120) }}
              </td>
              <td class="text-trouble">{{ row.reason }}</td>
            </tr>
            <tr v-for="r in ordered.slice(0, shown)" :key="`g${r.i}`" :class="leftOut.has(r.i) ? 'opacity-60' : ''">
              <td>
                <input
                  type="checkbox"
                  class="size-4.5"
                  :checked="!leftOut.has(r.i)"
                  :aria-label="`Take in line ${r.line}, ${r.row.name}`"
                  @change="untick(r.i)"
                />
              </td>
              <td>{{ r.line }}</td>
              <td v-for="f in columns" :key="f" :class="SHORT.includes(f) ? 'whitespace-nowrap' : ''">
                {{ columnText(r.row, f) }}
              </td>
              <td class="min-w-48 text-[0.8125rem]">
                <label v-if="r.owned" class="mb-0.5 flex items-center gap-2"
                  >owned already:
                  <select
                    class="input w-auto py-0.5"
                    :value="meansOf.get(r.i) ?? means"
                    @change="meansOf.set(r.i, ($event.target as HTMLSelectElement).value as OwnedMeans)"
                  >
                    <option v-for="m in OWNED_MEANS" :key="m" :value="m">{{ MEANS[m] }}</option>
                  </select></label
                >
                <span v-for="q in r.row.questions ?? []" :key="q.message" class="block">{{ q.message }}</span>
                <VariantAsk
                  v-if="r.ask && !r.owned"
                  small
                  :code="r.ask.code"
                  :proposed="r.ask.proposed"
                  :chosen="variants.get(r.i)"
                  @choose="variants.set(r.i, $event)"
                />
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
