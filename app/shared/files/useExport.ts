import { counted, dayOf } from '@juxtachrome/core/units'
import type { Contents } from '@juxtachrome/core/collection'
import type { Item } from '@juxtachrome/core/documents'
import { shallowRef } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'
import { collectionBlob, type Writing } from '~/stores/collectionBlob'
import { useCopies } from '~/stores/copies'
import { useExchange } from '~/stores/exchange'
import { useKeeper } from '~/stores/keeper'
import { saveFile } from './saveFile'

/** An export that is being written: how far it is, 0 to 1, and what stops it. */
const exporting = shallowRef<{ done: number; cancel: () => void }>()

/** Answers whether a file was saved, which it is not when it was cancelled, or while another is being written. */
async function saveContents(name: string, contents: Contents, how: Writing = {}): Promise<boolean> {
  if (exporting.value) return false
  const stop = new AbortController()
  const cancel = () => stop.abort()
  const progress = (done: number) => (exporting.value = { done, cancel })
  progress(0)
  const now = new Date()
  try {
    const blob = await collectionBlob(contents, now, { ...how, progress, signal: stop.signal })
    if (blob) saveFile(`${name}-${dayOf(now)}.json`, blob, 'application/json')
    return blob !== undefined
  } finally {
    exporting.value = undefined
  }
}

export function useExport() {
  const collection = useCollection()
  const keeper = useKeeper()
  /** Everything as one JSON file. */
  async function download(): Promise<void> {
    const stamps = await useExchange().stampsNow()
    if (await saveContents('juxtachrome', collection.contents(), { apart: keeper.apart, stamps }))
      await useCopies().savedByHand()
  }

  /** Saves what the disk still gives of a collection that could not be opened, and says what that was. */
  async function rescueToFile(): Promise<string> {
    const read = await keeper.salvage()
    if (!read.ok) return `Nothing could be read: ${read.error.message}`
    if (!(await saveContents('juxtachrome-rescued', read.value))) return 'Nothing was saved: it was cancelled.'
    const { documents, unreadable } = read.value
    const whole = Object.values(documents).reduce((n, list) => n + list.length, 0)
    const rest = unreadable.length ? `, and ${unreadable.length} that cannot be read here, as they were found` : ''
    return `Saved as a file: ${counted(whole, 'document')}${rest}.`
  }
  const { left } = useBalances()
  /** What is left of a thing that was filled from or looked at; of others the size says it. */
  const leftIn = (item: Item) =>
    collection.ledger.account(item.id).events.length ? Math.max(0, left(item)) : undefined
  const listName = (ending: string) => `juxtachrome-paints-${dayOf(new Date())}.${ending}`
  // what writes tables is fetched when it is first asked for
  const files = () => import('./listFiles')
  async function downloadCsv(): Promise<void> {
    const text = (await files()).csvOf(collection.paints, collection.itemsOf, leftIn)
    saveFile(listName('csv'), `\uFEFF${text}`, 'text/csv;charset=utf-8')
  }
  async function downloadXlsx(): Promise<void> {
    const blob = await (await files()).xlsxOf(collection.paints, collection.itemsOf, leftIn)
    saveFile(listName('xlsx'), blob, 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')
  }
  return { exporting, download, downloadCsv, downloadXlsx, rescueToFile }
}
