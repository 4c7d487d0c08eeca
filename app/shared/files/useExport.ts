import { counted, dayOf } from '@juxtachrome/core/units'
import type { Contents } from '@juxtachrome/core/collection'
import { writeCollection } from '@juxtachrome/core/formats'
import { useCollection } from '~/stores/collection'
import { useKeeper } from '~/stores/keeper'

/** Hands a file to the browser's downloads. */
export function saveFile(name: string, data: BlobPart, type: string) {
  const url = URL.createObjectURL(new Blob([data], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 30_000)
}

function saveContents(name: string, contents: Contents) {
  const now = new Date()
  saveFile(`${name}-${dayOf(now)}.json`, writeCollection(contents, now.toISOString()), 'application/json')
}

export function useExport() {
  const collection = useCollection()
  const keeper = useKeeper()
  /** Everything as one JSON file. */
  const download = () => saveContents('juxtachrome', collection.contents())

  /** Saves what the disk still gives of a collection that could not be opened, and says what that was. */
  async function rescueToFile(): Promise<string> {
    const read = await keeper.salvage()
    if (!read.ok) return `Nothing could be read: ${read.error.message}`
    saveContents('juxtachrome-rescued', read.value)
    const { documents, unreadable } = read.value
    const whole = Object.values(documents).reduce((n, list) => n + list.length, 0)
    const rest = unreadable.length ? `, and ${unreadable.length} that cannot be read here, as they were found` : ''
    return `Saved as a file: ${counted(whole, 'document')}${rest}.`
  }
  const listName = (ending: string) => `juxtachrome-paints-${dayOf(new Date())}.${ending}`
  // what writes tables is fetched when it is first asked for
  const files = () => import('./listFiles')
  async function downloadCsv(): Promise<void> {
    const text = (await files()).csvOf(collection.paints, collection.itemsOf)
    saveFile(listName('csv'), `\uFEFF${text}`, 'text/csv;charset=utf-8')
  }
  async function downloadXlsx(): Promise<void> {
    const blob = await (await files()).xlsxOf(collection.paints, collection.itemsOf)
    saveFile(listName('xlsx'), blob, 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')
  }
  return { download, downloadCsv, downloadXlsx, rescueToFile }
}
