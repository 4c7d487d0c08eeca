import { decodeText, tableOf, type HeadingSaid, type Sheet } from '@juxtachrome/core/formats'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { computed, ref, shallowRef, watch } from 'vue'
import { readFileBytes } from '~/shared/files/readFile'
import { useCore } from '~/shared/questions/useCore'

/** A workbook is read for so long, ms. */
const PATIENCE = 20_000
const MOST_MEGABYTES = 12
/** So many lines of a file are offered as the line of the headings. */
const OFFERED = 15

/** A file of tables: read in a worker, its sheets and tables to choose from, the line of the headings to set. */
export function useTableFile() {
  const core = useCore()
  const sheets = shallowRef<Sheet[]>([])
  const sheet = ref(0)
  const file = ref('')
  /** What is worth knowing of how the file was read. */
  const readAs = ref('')
  const trouble = ref('')
  /** What is going on, in words; empty when nothing is. */
  const busy = ref('')
  const cancel = shallowRef<() => void>()
  /** Where the headings stand, where it was said. */
  const heading = ref<HeadingSaid>()
  watch(sheet, () => (heading.value = undefined))
  const table = computed(() => {
    const now = sheets.value[sheet.value]
    if (!now || heading.value === undefined) return now?.table
    const read = tableOf(now.data, heading.value)
    return read.ok ? read.value : now.table
  })
  /** The first lines of the sheet, to say which of them holds the headings. */
  const offered = computed(() =>
    (sheets.value[sheet.value]?.data ?? [])
      .slice(0, OFFERED)
      .map((cells, i) => ({
        line: i + 1,
        text: cells
          .filter((c) => c.trim())
          .join(' | ')
          .slice(0, 60),
      }))
      .filter(({ text }) => text),
  )

  async function choose(chosen: File) {
    letGo()
    trouble.value = ''
    busy.value = 'Reading …'
    const read = await readFileBytes(chosen, MOST_MEGABYTES)
    const found = read.ok ? await tablesIn(chosen.name, read.value) : read
    busy.value = ''
    if (!found.ok) {
      trouble.value = found.error.message
      return
    }
    file.value = chosen.name.slice(0, 300)
    sheets.value = found.value
    sheet.value = 0
  }

  async function tablesIn(name: string, bytes: ArrayBuffer): Promise<Result<Sheet[]>> {
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
    return read.ok ? ok(read.value) : read
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
    heading.value = undefined
    readAs.value = ''
  }
  return { sheets, sheet, table, heading, offered, file, readAs, trouble, busy, cancel, choose, letGo }
}
