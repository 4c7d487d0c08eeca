import { fail, ok, type Result } from '../result'
import { EMPTY, Intake, notJson, readCollection, refusalOf, stampedBy, type CollectionFile } from './collectionFile'

/** What is read of a `Blob`; core asks for no DOM. */
export interface FileLike {
  size: number
  slice(from: number, to: number): { text(): Promise<string> }
  text(): Promise<string>
  stream(): { getReader(): { read(): Promise<{ done: boolean; value?: Uint8Array }> } }
}
declare class TextDecoder {
  decode(bytes?: Uint8Array, options?: { stream: boolean }): string
}

/** A file that is not written a document a line has to fit into one text. */
export const MOST_AT_ONCE = 400_000_000
/** The first line of a file that is written a document a line. */
const HEAD = /^\{"format":.*"documents":\{$/
/** Characters among which the first line ends. */
const LONGEST_HEAD = 20_000

/**
 * Reads a collection file of any length: one with a document a line, as `collectionPieces` writes it, line by line, any
 * other as one text. `tell` hears how many bytes were read.
 * Errors: those of `readCollection`, and `file-too-large`.
 */
export async function readCollectionFile(
  file: FileLike,
  tell: (done: number, of: number) => unknown = () => undefined,
): Promise<Result<CollectionFile>> {
  if (file.size === 0) return EMPTY
  const [first = ''] = (await file.slice(0, LONGEST_HEAD).text()).split('\n', 1)
  if (HEAD.test(first)) return readLines(file, tell)
  if (file.size > MOST_AT_ONCE)
    return fail(
      'file-too-large',
      `The file is ${Math.round(file.size / 1e6)} MB and was not written by this Juxtachrome as it is: at most ${MOST_AT_ONCE / 1e6} MB of such a file are read.`,
    )
  const running = readCollection(await file.text())
  for (;;) {
    const step = running.next()
    if (step.done) return step.value
    await tell((step.value.done / step.value.of) * file.size, file.size)
  }
}

async function readLines(file: FileLike, tell: (done: number, of: number) => unknown): Promise<Result<CollectionFile>> {
  const lines = new CollectionLines()
  const reader = file.stream().getReader()
  const decoder = new TextDecoder()
  let rest = ''
  let read = 0
  for (;;) {
    const { done, value } = await reader.read()
    rest += value ? decoder.decode(value, { stream: true }) : decoder.decode()
    const whole = rest.split('\n')
    rest = done ? '' : whole.pop()!
    for (const line of whole) {
      const refused = lines.take(line)
      if (refused) return refused
    }
    if (done) return lines.end()
    await tell((read += value?.length ?? 0), file.size)
  }
}

/**
 * Takes in a file line by line: its head, then for each list a line that names it, one for each document, and one that
 * ends it.
 */
class CollectionLines {
  readonly #intake = new Intake()
  readonly #before: unknown[] = []
  readonly #stamps: unknown[] = []
  #writer: unknown
  /** What comes next: a head, lists of documents, who wrote them and what could not be read, nothing. */
  #at: 'head' | 'documents' | 'rest' | 'end' = 'head'
  #kind: string | undefined

  take(line: string): Result<never> | undefined {
    try {
      if (this.#at === 'head') return this.#head(line)
      const [, begins] = /^"([^"]{1,80})":\[$/.exec(line) ?? []
      if (begins !== undefined) this.#kind = begins
      else if (/^\]\}?,?$/.test(line)) this.#close(line)
      else if (line !== '') return this.#document(JSON.parse(line.endsWith(',') ? line.slice(0, -1) : line))
      return undefined
    } catch {
      return notJson(line)
    }
  }

  #head(line: string): Result<never> | undefined {
    this.#at = 'documents'
    const head = JSON.parse(`${line}}}`) as { writer?: unknown }
    this.#writer = head.writer
    return refusalOf(head)
  }

  #document(raw: unknown): Result<never> | undefined {
    if (this.#kind === undefined) return notJson('')
    if (this.#at === 'documents') return this.#intake.take(this.#kind, raw)
    const rest = this.#kind === 'stamps' ? this.#stamps : this.#before
    rest.push(raw)
    return undefined
  }

  #close(line: string): void {
    this.#kind = undefined
    if (line === ']},') this.#at = 'rest'
    if (line === ']}') this.#at = 'end'
  }

  end(): Result<CollectionFile> {
    if (this.#at !== 'end') return notJson('')
    return ok({ ...this.#intake.end(this.#before), ...stampedBy(this.#writer, this.#stamps) })
  }
}
