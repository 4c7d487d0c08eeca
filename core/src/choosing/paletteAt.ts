import type { Collection } from '../collection/collection'
import type { Palette } from '../documents/palette'
import { atVersion } from '../documents/version'

/** A palette by its id, or as it was by the id of a version of it; under that id, so that both can be judged beside each other. */
export function paletteAt(collection: Collection, id: string): Palette | undefined {
  const palette = collection.get('palettes', id)
  if (palette) return palette
  const version = collection.get('versions', id)
  const own = version && collection.get('palettes', version.paletteId)
  return own && { ...atVersion(own, version), id, name: `${own.name}: ${version.name}` }
}
