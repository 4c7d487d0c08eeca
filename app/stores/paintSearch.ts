import { LISTS, readingOf, type Applied, type Collection } from '@juxtachrome/core/collection'
import type { PaintIndex } from '@juxtachrome/core/paints'
import type { Tracker } from './tracker'

/** Search over the collection's paints: its index is fetched and built when something is first searched for, and kept up after. */
export class PaintSearch {
  #index: PaintIndex | undefined
  #fetching = false

  constructor(
    readonly core: Collection,
    readonly tracker: Tracker,
  ) {}

  /** Ids of the paints that answer a text, best first; undefined when it asks for nothing, or until there is an index. */
  find(text: string): string[] | undefined {
    this.tracker.read('paints')
    if (text.trim() === '') return undefined
    if (this.#index) return this.#index.find(text)
    this.tracker.read('search')
    if (!this.#fetching) {
      this.#fetching = true
      void this.#build()
    }
    return undefined
  }

  /** Follows what changed. */
  follow({ whole, delta }: Applied): void {
    if (whole) {
      this.#index = undefined
      this.#fetching = false
    }
    for (const { kind, id, document } of delta.documents) {
      if (kind !== 'paints') continue
      if (document && !document.removed) this.#index?.put(document)
      else this.#index?.remove(id)
    }
  }

  async #build(): Promise<void> {
    const { createPaintIndex } = await import('@juxtachrome/core/search')
    const index = createPaintIndex()
    for (const paint of LISTS.paints(readingOf(this.core))) index.put(paint)
    this.#index = index
    this.tracker.changed('search')
  }
}
