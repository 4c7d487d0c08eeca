import type { ColumnField } from '@juxtachrome/core/documents'
import {
  decodeText,
  headingKey,
  leftoverOf,
  matchColumns,
  type ColumnMatching,
  type PaintRows,
  type Sheet,
} from '@juxtachrome/core/formats'
import { ownedAmong, type OwnedMeans } from '@juxtachrome/core/paints'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { nanoid } from 'nanoid'
import { counted } from '@juxtachrome/core/units'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { usePaintCommands } from './commands'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useSettings } from '~/stores/settings'
import { readFileBytes } from '~/shared/files/readFile'
import { useCore } from '~/shared/questions/useCore'

const NOTHING: PaintRows = { good: [], lines: [], bad: [] }
/** A workbook is read for so long, ms. */
const PATIENCE = 20_000
const MOST_MEGABYTES = 12

/** A table on its way in: read, taken apart row by row in a worker, and taken in with progress. */
export function useTableImport() {
  const core = useCore()
  const collection = useCollection()
  const commands = usePaintCommands()
  const notices = useNotices()
  const settings = useSettings()
  const sheets = shallowRef<Sheet[]>([])
  const sheet = ref(0)
  const file = ref('')
  /** What is worth knowing of how the file was read. */
  const readAs = ref('')
  const matching = ref<ColumnMatching>({})
  const rows = shallowRef<PaintRows>(NOTHING)
  const trouble = ref('')
  /** What is going on, in words; empty when nothing is. */
  const busy = ref('')
  const cancel = shallowRef<() => void>()
  /** What an owned paint's row means: for all, and where a row was said to mean something else. */
  const means = ref<OwnedMeans>('nothing')
  const meansOf = reactive(new Map<number, OwnedMeans>())
  const table = computed(() => sheets.value[sheet.value]?.table)

  async function choose(chosen: File) {
    letGo()
    trouble.value = ''
    busy.value = 'Reading …'
    const read = await readFileBytes(chosen, MOST_MEGABYTES)
    const found = read.ok ? await tablesOf(chosen.name, read.value) : read
    busy.value = ''
    if (!found.ok) {
      trouble.value = found.error.message
      return
    }
    file.value = chosen.name.slice(0, 300)
    sheets.value = found.value
    sheet.value = 0
  }

  async function tablesOf(name: string, bytes: ArrayBuffer): Promise<Result<Sheet[]>> {
    const isPacked = new Uint8Array(bytes)[0] === 0x50 && new Uint8Array(bytes)[1] === 0x4b
    if (isPacked || /\.xlsx$/i.test(name)) {
      const asked = core.ask('readWorkbook', { bytes }, { topic: 'table' })
      cancel.value = asked.cancel
      return inTime(asked, name)
    }
    if (/\.xls$/i.test(name))
      return fail('old-workbook', 'Workbooks of the old XLS kind are not read. Save it as XLSX or CSV first.')
    const { text, encoding } = decodeText(new Uint8Array(bytes))
    readAs.value = encoding === 'UTF-8' ? '' : `The letters were read as ${encoding}; look whether accents are right.`
    const asked = core.ask('readTable', { text }, { topic: 'table' })
    cancel.value = asked.cancel
    const read = await asked.result
    return read.ok ? ok([{ name: '', table: read.value }]) : read
  }

  /** A workbook that takes longer than anybody waits is given up in words. */
  async function inTime<T>(
    asked: { result: Promise<Result<T>>; cancel: () => void },
    name: string,
  ): Promise<Result<T>> {
    let late = false
    const limit = setTimeout(() => {
      late = true
      asked.cancel()
    }, PATIENCE)
    const read = await asked.result
    clearTimeout(limit)
    if (!late) return read
    const words = `${name.slice(0, 80)} takes longer than ${PATIENCE / 1000} seconds to read. Save the one sheet as CSV and choose that.`
    return fail('takes-too-long', words)
  }

  function letGo() {
    sheets.value = []
    sheet.value = 0
    readAs.value = ''
    meansOf.clear()
  }

  /** Says what a column means; each meaning is used once, and the heading is remembered. */
  function match(column: number, field: string) {
    const others = Object.entries(matching.value).filter(([c, f]) => Number(c) !== column && f !== field)
    const next = Object.fromEntries(others) as ColumnMatching
    if (field) next[column] = field as ColumnField
    matching.value = next
    const heading = table.value?.headless ? '' : headingKey(table.value?.headings[column] ?? '')
    if (heading && heading.length <= 60) settings.learnHeading(heading, field)
  }

  watch(table, (now) => {
    matching.value = now ? matchColumns(now, settings.headings, collection.makers) : {}
  })
  watch([table, matching], async () => {
    rows.value = NOTHING
    meansOf.clear()
    if (!table.value) return
    busy.value = 'Looking at the rows …'
    const asked = core.ask(
      'readPaintRows',
      { table: table.value, matching: matching.value, money: settings.money },
      { topic: 'rows', progress: ({ done, of }) => (busy.value = `Looking at the rows: ${done} of ${of}`) },
    )
    cancel.value = asked.cancel
    const read = await asked.result
    if (!read.ok && read.error.code === 'replaced') return
    busy.value = ''
    if (read.ok) rows.value = read.value
    else trouble.value = read.error.message
  })

  const owned = computed(() => ownedAmong(rows.value.good, collection.paints))
  const meansIn = (row: number): OwnedMeans => meansOf.get(row) ?? means.value
  const counts = computed(() => {
    const count = { fresh: 0, another: 0, update: 0, nothing: 0, questions: 0 }
    rows.value.good.forEach((row, i) => {
      count[owned.value[i] ? meansIn(i) : 'fresh'] += 1
      count.questions += row.questions?.length ?? 0
    })
    return count
  })

  async function take() {
    if (!table.value || busy.value) return
    const { good, bad } = rows.value
    const question = { table: table.value, matching: matching.value }
    const kept = new Date().toISOString()
    const leftovers = bad.map((b) => leftoverOf(question, b, { id: nanoid(12), file: file.value, kept }))
    const stop = new AbortController()
    cancel.value = () => stop.abort()
    busy.value = 'Taking them in …'
    const progress = (done: number, of: number) => (busy.value = `Taking them in: ${done} of ${of}`)
    const taken = good.length - counts.value.nothing
    const label = `imported ${counted(taken, 'row')} of ${file.value}`
    const done = await commands.addManyRows(good, label, leftovers, { progress, signal: stop.signal }, meansIn)
    busy.value = ''
    if (!done.ok) trouble.value = `${done.error.message} Nothing was taken in.`
    else {
      const also = leftovers.length ? `, ${leftovers.length} kept for correction` : ''
      notices.say(`${counted(taken, 'row')} taken in${also}. Undo takes them out again.`)
      letGo()
    }
  }

  return {
    table,
    sheets,
    sheet,
    file,
    readAs,
    matching,
    trouble,
    busy,
    cancel,
    choose,
    letGo,
    match,
    take,
    means,
    meansOf,
    owned,
    counts,
    rows,
  }
}
