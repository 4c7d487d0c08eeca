import { unzipSync, zipSync, type Unzipped } from 'fflate'
import { fail, ok, type Problem, type Result } from '../result'

/** What is read of a workbook at once: unpacked bytes, rows and columns of a sheet. */
export const WORKBOOK_LIMITS = { bytes: 200_000_000, rows: 100_000, columns: 256 } as const

/** What Web and Node share; core asks for no DOM. */
declare class TextDecoder {
  decode(bytes: Uint8Array): string
}
declare class TextEncoder {
  encode(text: string): Uint8Array<ArrayBuffer>
}

const SHEET = /^xl\/worksheets\/[^/]+\.xml$/
const CELL = /<c\b([^>]*?)(?:\/>|>([\s\S]*?)<\/c>)/g
const attribute = (attributes: string, name: string) => new RegExp(`\\b${name}="([^"]*)"`).exec(attributes)?.[1]

/**
 * Looks at how large a workbook (ECMA-376) is before it is read: what it says of its parts, without unpacking them, then
 * where the cells of its sheets lie.
 * Errors: `not-a-workbook`, `file-too-large`, each in words of the file.
 */
export function lookIntoWorkbook(bytes: Uint8Array): Result<void> {
  try {
    let unpacked = 0
    unzipSync(bytes, { filter: (file) => ((unpacked += file.originalSize), false) })
    if (unpacked > WORKBOOK_LIMITS.bytes)
      return tooLarge(
        `unpacked it holds ${Math.round(unpacked / 1e6)} MB; at most ${WORKBOOK_LIMITS.bytes / 1e6} MB are read`,
      )
    for (const sheet of Object.values(unzipSync(bytes, { filter: (file) => SHEET.test(file.name) }))) {
      const problem = outsideOf(new TextDecoder().decode(sheet))
      if (problem) return { ok: false, error: problem }
    }
    return ok(undefined)
  } catch {
    return NOT_A_WORKBOOK
  }
}

export const NOT_A_WORKBOOK = fail(
  'not-a-workbook',
  'This is not an XLSX workbook, or it is damaged or locked. Save it as XLSX or CSV first.',
)
const tooLarge = (what: string) => fail('file-too-large', `The workbook is too large: ${what}.`)

/** The first cell that lies further out than is read. */
function outsideOf(xml: string): Problem | undefined {
  for (const [, letters, digits] of xml.matchAll(/<c\b[^>]*?\br="([A-Z]{1,3})(\d{1,7})"/g)) {
    const cell = `One cell lies at ${letters}${digits}, far out`
    const column = [...letters!].reduce((n, c) => n * 26 + c.charCodeAt(0) - 64, 0)
    const most =
      column > WORKBOOK_LIMITS.columns
        ? `${WORKBOOK_LIMITS.columns} columns`
        : Number(digits) > WORKBOOK_LIMITS.rows
          ? `${WORKBOOK_LIMITS.rows} rows`
          : undefined
    if (most)
      return tooLarge(
        `${cell}: at most ${most} of a sheet are read. Delete that cell, or copy the table into a new workbook`,
      ).error
  }
  return undefined
}

/**
 * A workbook whose odd cells are text, so that one of them puts its row in question and not the whole book: cells of a
 * type that does not exist, numbers that are none, texts and formats that the book does not hold.
 */
export function withOddCellsAsText(bytes: Uint8Array): Uint8Array {
  const files: Unzipped = unzipSync(bytes)
  const textOf = (name: string) => (files[name] ? new TextDecoder().decode(files[name]) : '')
  const texts = textOf('xl/sharedStrings.xml').match(/<si\b/g)?.length ?? 0
  const formats = (/<cellXfs[\s\S]*?<\/cellXfs>/.exec(textOf('xl/styles.xml'))?.[0] ?? '').match(/<xf\b/g)?.length ?? 0
  for (const name of Object.keys(files).filter((n) => SHEET.test(n))) {
    const mended = textOf(name).replace(CELL, (cell, attributes: string, inner = '') => {
      const value = /<v>([\s\S]*?)<\/v>/.exec(inner)?.[1]
      return isFine(attributes, value, inner, { texts, formats }) ? cell : asText(attributes, value ?? '')
    })
    files[name] = new TextEncoder().encode(mended)
  }
  return zipSync(files, { level: 0 })
}

function isFine(
  attributes: string,
  value: string | undefined,
  inner: string,
  book: { texts: number; formats: number },
) {
  const [type, format] = [attribute(attributes, 't') ?? 'n', attribute(attributes, 's')]
  if (type === 'n' && format !== undefined && !(Number(format) < book.formats)) return false
  switch (type) {
    case 'n':
      return !value || Number.isFinite(Number(value))
    case 's':
      return value !== undefined && Number(value) < book.texts
    case 'b':
      return value === '0' || value === '1'
    case 'd':
      return !value || !Number.isNaN(Date.parse(value))
    case 'e':
    case 'str':
      return value !== undefined
    default:
      return type === 'inlineStr' && inner.includes('<is')
  }
}

function asText(attributes: string, value: string): string {
  const at = attribute(attributes, 'r')
  return `<c${at ? ` r="${at}"` : ''} t="inlineStr"><is><t>${value}</t></is></c>`
}
