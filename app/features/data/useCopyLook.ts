import { compareCopy, type Compared, type Contents, type Difference } from '@juxtachrome/core/collection'
import { added, updated, type Change } from '@juxtachrome/core/documents'
import { computed, ref, shallowRef } from 'vue'
import { readCollectionFile } from '~/shared/files/readCollectionFile'
import { nameOfRecord } from '~/shared/words/nameOfRecord'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import { inTurns } from '~/stores/turns'
import { useUndo } from '~/stores/undo'

/** A copy that can be looked at: where its file comes from, and what it is called in a sentence. */
export interface Looked {
  title: string
  file: () => Promise<Blob>
}

/** Palettes and paints are looked for most. */
const FIRST = ['palettes', 'paints', 'items']
const rank = ({ kind }: Difference) => (FIRST.includes(kind) ? FIRST.indexOf(kind) : FIRST.length)

/** Reads a copy, compares it with what is here, and takes single records back out of it. */
export function useCopyLook() {
  const collection = useCollection()
  const undo = useUndo()
  const nameOf = usePaintName()
  const contents = shallowRef<Contents>()
  const compared = shallowRef<Compared>()
  const trouble = ref('')
  const progress = ref<number>()
  const looked = shallowRef<Looked>()
  let cancel = () => {}

  async function look(at: Looked): Promise<void> {
    close()
    looked.value = at
    progress.value = 0
    try {
      const reading = readCollectionFile(await at.file(), (done, of) => (progress.value = done / of))
      cancel = reading.cancel
      const read = await reading.result
      if (looked.value !== at) return
      if (!read.ok) trouble.value = `This copy cannot be read: ${read.error.message}`
      else {
        contents.value = read.value
        await compare()
      }
    } catch {
      trouble.value = 'The file of this copy is gone, or the folder does not give it.'
    }
    progress.value = undefined
  }

  /** Compared a little at a time, so that the page stays at hand. */
  async function compare(): Promise<void> {
    compared.value = await inTurns(compareCopy(contents.value!, collection.core))
  }

  function close(): void {
    cancel()
    looked.value = contents.value = compared.value = progress.value = undefined
    trouble.value = ''
  }

  /** One record as the copy has it. The journal stays as it is. */
  async function takeBack({ kind, copy, here }: Difference): Promise<void> {
    if (!copy) return
    const change = (here ? updated(kind, here as never, copy as never) : added(kind, copy as never)) as Change
    undo.commit(`took ${nameOfRecord(copy, nameOf)} back from the copy`, [change])
    await compare()
  }

  /** What can be taken back, what is looked for most first. */
  const records = computed(() =>
    (compared.value?.differences ?? [])
      .filter((d) => d.copy)
      .map((d) => ({ ...d, name: nameOfRecord(d.copy!, nameOf) }))
      .sort((p, q) => rank(p) - rank(q) || p.name.localeCompare(q.name)),
  )
  return { looked, contents, compared, records, trouble, progress, look, close, takeBack }
}
