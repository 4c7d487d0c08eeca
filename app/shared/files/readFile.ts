import { fail, ok, type Result } from '@juxtachrome/core/result'
import { figure } from '~/shared/words/figures'

/** The text of a chosen file, UTF-8. Errors: `file-too-large`, `unreadable-file`. */
export const readTextFile = (file: File, mostMegabytes: number): Promise<Result<string>> =>
  read(file, mostMegabytes, () => file.text())

/** The bytes of a chosen file. Errors: `file-too-large`, `unreadable-file`. */
export const readFileBytes = (file: File, mostMegabytes: number): Promise<Result<ArrayBuffer>> =>
  read(file, mostMegabytes, () => file.arrayBuffer())

async function read<T>(file: File, mostMegabytes: number, how: () => Promise<T>): Promise<Result<T>> {
  if (file.size > mostMegabytes * 1e6)
    return fail(
      'file-too-large',
      `${file.name} is ${figure(file.size / 1e6)} MB; at most ${mostMegabytes} MB are read. Nothing was changed.`,
    )
  try {
    return ok(await how())
  } catch {
    return fail('unreadable-file', `${file.name} could not be read. Was it moved or closed?`)
  }
}
