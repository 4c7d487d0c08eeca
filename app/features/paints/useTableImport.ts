import type { ColumnField } from '@juxtachrome/core/documents'
import {
  doubtedColumns,
  headingKey,
  leftoverOf,
  matchColumns,
  standsOnce,
  type ColumnMatching,
  type PaintRows,
} from '@juxtachrome/core/formats'
import { isOpenDay, ownedAmong, type DayOrder, type OwnedMeans, type PaintRow } from '@juxtachrome/core/paints'
import { nanoid } from 'nanoid'
import { counted } from '@juxtachrome/core/units'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { usePaintCommands } from './commands'
import { withVariant } from './correctedRow'
import { betterName } from './words'
import { useTableFile } from './useTableFile'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useSettings } from '~/stores/settings'
import { useCore } from '~/shared/questions/useCore'

const NOTHING: PaintRows = { good: [], lines: [], bad: [], aside: [] }

const inTradeWriting = (row: PaintRow): PaintRow => ({ ...row, name: betterName(row.name) ?? row.name })

/** A table on its way in: taken apart row by row in a worker, answered where it asks, and taken in with progress. */
export function useTableImport() {
  const core = useCore()
  const collection = useCollection()
  const commands = usePaintCommands()
  const settings = useSettings()
  const source = useTableFile()
  const { table, file, trouble, busy, cancel } = source
  const matching = ref<ColumnMatching>({})
  const found = shallowRef<PaintRows>(NOTHING)
  const rows = computed<PaintRows>(() =>
    asTradeSpells.value ? { ...found.value, good: found.value.good.map(inTradeWriting) } : found.value,
  )
  /** Names that are misspelt or shortened, as the trade writes them. */
  const better = computed(() => found.value.good.flatMap((row) => betterName(row.name) ?? []))
  /** Which of two numbers with a slash is the day; nothing until it was said. */
  const days = ref<DayOrder>()
  const makerOnce = ref(false)
  /** What an owned paint's row means: for all, and where a row was said to mean something else. */
  const means = ref<OwnedMeans>('nothing')
  const meansOf = reactive(new Map<number, OwnedMeans>())
  /** Rows that are not wanted, and which colour of its code a row's paint has, where that was answered. */
  const leftOut = reactive(new Set<number>())
  const variants = reactive(new Map<number, string>())
  /** Whether names are taken in as the trade spells them, where they are misspelt or shortened. */
  const asTradeSpells = ref(false)

  /** Says what a column means; each meaning is used once, and the heading is remembered. */
  function match(column: number, field: string) {
    const others = Object.entries(matching.value).filter(([c, f]) => Number(c) !== column && f !== field)
    const next = Object.fromEntries(others) as ColumnMatching
    if (field) next[column] = field as ColumnField
    matching.value = next
    const heading = table.value?.headless ? '' : headingKey(table.value?.headings[column] ?? '')
    if (heading && heading.length <= 60) settings.learnHeading(heading, field)
  }
  const doubts = computed(() => (table.value ? doubtedColumns(table.value, matching.value, settings.headings) : {}))
  const cellsOf = (field: ColumnField) => {
    const column = Object.entries(matching.value).find(([, f]) => f === field)?.[0]
    return column === undefined ? [] : (table.value?.rows ?? []).map((r) => r[Number(column)] ?? '')
  }
  /** A day of which the slash leaves open what it says; asked once for the whole file. */
  const openDay = computed(() => cellsOf('bought').find(isOpenDay))
  const canStandOnce = computed(() => Boolean(table.value && standsOnce(table.value, matching.value)))

  watch(table, (now) => {
    days.value = undefined
    matching.value = now ? matchColumns(now, settings.headings, collection.makers) : {}
  })
  watch(canStandOnce, (can) => (makerOnce.value = can))
  watch([table, matching, days, makerOnce], async () => {
    found.value = NOTHING
    for (const said of [meansOf, leftOut, variants]) said.clear()
    if (!table.value) return
    busy.value = 'Looking at the rows …'
    const question = {
      table: table.value,
      matching: matching.value,
      money: settings.money,
      makers: collection.makers,
      makerOnce: makerOnce.value,
      ...(days.value ? { days: days.value } : {}),
    }
    const asked = core.ask('readPaintRows', question, {
      topic: 'rows',
      progress: ({ done, of }) => (busy.value = `Looking at the rows: ${done} of ${of}`),
    })
    cancel.value = asked.cancel
    const read = await asked.result
    if (!read.ok && read.error.code === 'replaced') return
    busy.value = ''
    if (read.ok) found.value = read.value
    else trouble.value = read.error.message
  })

  const owned = computed(() => ownedAmong(rows.value.good, collection.paints))
  const meansIn = (row: number): OwnedMeans => meansOf.get(row) ?? means.value
  const counts = computed(() => {
    const count = { fresh: 0, another: 0, update: 0, nothing: 0, leftOut: 0, questions: 0 }
    rows.value.good.forEach((row, i) => {
      if (leftOut.has(i)) count.leftOut += 1
      else {
        count[owned.value[i] ? meansIn(i) : 'fresh'] += 1
        count.questions += row.questions?.length ?? 0
      }
    })
    return count
  })
  const taken = computed(() => rows.value.good.length - counts.value.nothing - counts.value.leftOut)

  async function take() {
    if (!table.value || busy.value) return
    const { good, bad } = rows.value
    const wanted = good.flatMap((row, i) => (leftOut.has(i) ? [] : [{ i, row: withVariant(row, variants.get(i)) }]))
    const question = { table: table.value, matching: matching.value }
    const kept = new Date().toISOString()
    const leftovers = bad.map((b) => leftoverOf(question, b, { id: nanoid(12), file: file.value, kept }))
    const stop = new AbortController()
    cancel.value = () => stop.abort()
    busy.value = 'Taking them in …'
    const progress = (done: number, of: number) => (busy.value = `Taking them in: ${done} of ${of}`)
    const count = taken.value
    const done = await commands.addManyRows(
      wanted.map((w) => w.row),
      `imported ${counted(count, 'row')} of ${file.value}`,
      leftovers,
      { progress, signal: stop.signal },
      (row) => meansIn(wanted[row]!.i),
    )
    busy.value = ''
    if (!done.ok) trouble.value = `${done.error.message} Nothing was taken in.`
    else {
      const also = leftovers.length ? `, ${leftovers.length} kept for correction` : ''
      useNotices().say(`${counted(count, 'row')} taken in${also}. Undo takes them out again.`)
      source.letGo()
    }
  }

  return {
    ...source,
    ...{ matching, doubts, match, days, openDay, makerOnce, canStandOnce },
    ...{ rows, owned, means, meansOf, leftOut, variants, counts, taken, take },
    ...{ asTradeSpells, better },
  }
}
