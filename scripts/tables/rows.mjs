import { readFile } from 'node:fs/promises'
import Papa from 'papaparse'

const root = new URL('../../', import.meta.url)

/** The rows of a table of data/, by its headings. */
export async function rows(path) {
  const text = await readFile(new URL(path, root), 'utf8')
  const { data, errors } = Papa.parse(text, { header: true, skipEmptyLines: true })
  if (errors.length) throw new Error(`${path}: ${errors[0].message} (row ${errors[0].row})`)
  return data
}
