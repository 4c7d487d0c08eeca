import type { ColumnField } from '@juxtachrome/core/documents'
import { leftoverOf, matchColumns, type ColumnMatching, type PaintRows, type Table } from '@juxtachrome/core/formats'
import { nanoid } from 'nanoid'
import { computed, ref, shallowRef, watch } from 'vue'
import { usePaintCommands } from '~/commands/paints'
import { useNotices } from '~/stores/notices'
import { readTextFile } from './readFile'
import { useCore } from './useCore'

const NOTHING: PaintRows = { good: [], bad: [] }

/** A table on its way in: read, taken apart row by row in a worker, and taken in with progress. */
export function useTableImport() {
  const core = useCore()
  const commands = usePaintCommands()
  const notices = useNotices()
  const table = shallowRef<Table>()
  const file = ref('')
  const matching = ref<ColumnMatching>({})
  const rows = shallowRef<PaintRows>(NOTHING)
  const trouble = ref('')
  /** What is going on, in words; empty when nothing is. */
  const busy = ref('')
  const cancel = shallowRef<() => void>()

  async function choose(chosen: File) {
    table.value = undefined
    trouble.value = ''
    busy.value = 'Reading …'
    const text = await readTextFile(chosen, 12)
    const asked = text.ok ? core.ask('readTable', { text: text.value }, { topic: 'table' }) : undefined
    cancel.value = asked?.cancel
    const read = asked ? await asked.result : text
    busy.value = ''
    if (!read.ok) trouble.value = read.error.message
    else if (typeof read.value !== 'string') {
      file.value = chosen.name.slice(0, 300)
      matching.value = matchColumns(read.value.headings)
      table.value = read.value
    }
  }

  /** Says what a column means; each meaning is used once. */
  function match(column: number, field: string) {
    const others = Object.entries(matching.value).filter(([c, f]) => Number(c) !== column && f !== field)
    const next = Object.fromEntries(others) as ColumnMatching
    if (field) next[column] = field as ColumnField
    matching.value = next
  }

  watch([table, matching], async () => {
    rows.value = NOTHING
    if (!table.value) return
    busy.value = 'Looking at the rows …'
    const asked = core.ask(
      'readPaintRows',
      { table: table.value, matching: matching.value },
      { topic: 'rows', progress: ({ done, of }) => (busy.value = `Looking at the rows: ${done} of ${of}`) },
    )
    cancel.value = asked.cancel
    const read = await asked.result
    if (!read.ok && read.error.code === 'replaced') return
    busy.value = ''
    if (read.ok) rows.value = read.value
    else trouble.value = read.error.message
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
    const label = `imported ${good.length} rows of ${file.value}`
    const done = await commands.addManyRows(good, label, leftovers, { progress, signal: stop.signal })
    busy.value = ''
    if (!done.ok) trouble.value = `${done.error.message} Nothing was taken in.`
    else {
      const also = leftovers.length ? `, ${leftovers.length} kept for correction` : ''
      notices.say(`${good.length} rows taken in${also}.`)
      table.value = undefined
    }
  }

  return {
    table,
    file,
    matching,
    trouble,
    busy,
    cancel,
    choose,
    match,
    take,
    good: computed(() => rows.value.good),
    bad: computed(() => rows.value.bad),
  }
}
