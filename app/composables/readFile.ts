import { fail, ok, type Result } from '@juxtachrome/core/result'

/** The text of a chosen file. Errors: `file-too-large`, `unreadable-file`. */
export async function readTextFile(file: File, mostMegabytes: number): Promise<Result<string>> {
  if (file.size > mostMegabytes * 1e6)
    return fail(
      'file-too-large',
      `${file.name} is ${(file.size / 1e6).toFixed(0)} MB; at most ${mostMegabytes} MB are read. Nothing was changed.`,
    )
  try {
    return ok(await file.text())
  } catch {
    return fail('unreadable-file', `${file.name} could not be read. Was it moved or closed?`)
  }
}
