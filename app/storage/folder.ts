import { fail, ok, type Result } from '@juxtachrome/core/result'

/** A folder that a person chose, as the browser hands it out; only some browsers do. */
export type Folder = FileSystemDirectoryHandle & {
  queryPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>
  requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>
  entries?: () => AsyncIterable<[string, FileSystemHandle]>
}
type Picker = (options: { id: string; mode: 'readwrite' }) => Promise<Folder>

const picker = () => (globalThis as { showDirectoryPicker?: Picker }).showDirectoryPicker

/** Whether this browser lets a folder be chosen that the application may write to. */
export const canChooseFolder = (): boolean => picker() !== undefined

/** The one place where a folder comes from. Nothing where the person chose none. */
export async function chooseFolder(): Promise<Folder | undefined> {
  try {
    return await picker()?.call(globalThis, { id: 'juxtachrome-copies', mode: 'readwrite' })
  } catch {
    return undefined
  }
}

/** Whether the folder may be written to now. Asking needs a person's press. */
export async function mayWrite(folder: Folder, ask: boolean): Promise<boolean> {
  try {
    const state = await (ask ? folder.requestPermission : folder.queryPermission)?.call(folder, { mode: 'readwrite' })
    return state === undefined || state === 'granted'
  } catch {
    return false
  }
}

/** Writes a file whole: until all of it is there, an older one of the name stays. Errors: `folder-refused`. */
export async function writeInto(folder: Folder, name: string, data: Blob): Promise<Result<void>> {
  try {
    const file = await folder.getFileHandle(name, { create: true })
    const stream = await file.createWritable()
    await stream.write(data)
    await stream.close()
    return ok(undefined)
  } catch (error) {
    return refused(error)
  }
}

/** The names of the files in a folder. Errors: `folder-refused`. */
export async function namesIn(folder: Folder): Promise<Result<string[]>> {
  try {
    const names: string[] = []
    for await (const [name, handle] of folder.entries!()) if (handle.kind === 'file') names.push(name)
    return ok(names.sort())
  } catch (error) {
    return refused(error)
  }
}

/** Errors: `folder-refused`. */
export async function fileIn(folder: Folder, name: string): Promise<Result<File>> {
  try {
    return ok(await (await folder.getFileHandle(name)).getFile())
  } catch (error) {
    return refused(error)
  }
}

export const removeFrom = (folder: Folder, name: string): Promise<void> =>
  folder.removeEntry(name).catch(() => undefined)

const refused = (error: unknown) =>
  fail(
    'folder-refused',
    `The folder does not take or give the file: ${error instanceof Error ? error.message : String(error)}`,
  )
