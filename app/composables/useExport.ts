import { dayOf } from '@juxtachrome/core/units'
import { writeCollection } from '@juxtachrome/core/formats'
import { useCollection } from '~/stores/collection'

/** Hands a file to the browser's downloads. */
export function saveFile(name: string, data: BlobPart, type: string) {
  const url = URL.createObjectURL(new Blob([data], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 30_000)
}

export function useExport() {
  const collection = useCollection()
  /** Everything as one JSON file. */
  function download() {
    const now = new Date()
    saveFile(
      `juxtachrome-${dayOf(now)}.json`,
      writeCollection(collection.contents(), now.toISOString()),
      'application/json',
    )
  }
  return { download }
}
