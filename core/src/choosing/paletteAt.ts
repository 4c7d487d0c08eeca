import type { Reading } from '../collection/reading'
import type { Palette } from '../documents/palette'
import { atVersion } from '../documents/version'

/** A palette by its id, or as it was by the id of a version of it; under that id, so that both can be judged beside each other. */
export function paletteAt(reading: Reading, id: string): Palette | undefined {
  const palette = reading.get('palettes', id)
  if (palette) return palette
  const version = reading.get('versions', id)
  const own = version && reading.get('palettes', version.paletteId)
  return own && { ...atVersion(own, version), id, name: `${own.name}: ${version.name}` }
}
