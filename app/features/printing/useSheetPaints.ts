import { planAt, type Paint, type Palette } from '@juxtachrome/core/documents'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'

/** Where the paints of a sheet can come from; `line` is one paint a line, by name or code. */
export function useSheetPaints() {
  const collection = useCollection()
  const strip = useStrip()
  const families = computed(() => {
    const found = new Set(collection.paints.map((p) => viewOfPaint(p).family).filter((f) => f !== undefined))
    return [...found].sort()
  })
  const sources = computed(() => [
    ...collection.palettes.map((p) => ({ id: `palette:${p.id}`, text: `the paints of ${p.name}` })),
    ...families.value.map((f) => ({ id: `family:${f}`, text: `all of the family ${f}` })),
    { id: 'strip', text: 'the paints on the strip' },
    { id: 'all', text: 'the whole collection' },
    { id: 'list', text: 'a list that I type' },
  ])

  /** Planned paints in the palette's own order, each once. */
  const ofPalette = (palette: Palette): Paint[] => [
    ...new Set(palette.holder.places.flatMap(({ id }) => collection.paint(planAt(palette, id)?.paintId) ?? [])),
  ]
  const inOrder = (paints: readonly Paint[]) =>
    paints
      .map((p) => viewOfPaint(p))
      .sort(byWheel)
      .map((v) => v.paint)

  function paintsOf(source: string, list: string): Paint[] {
    const [kind, id] = source.split(/:(.*)/s)
    if (kind === 'palette') {
      const palette = collection.palette(id)
      return palette ? ofPalette(palette) : []
    }
    if (kind === 'family') return inOrder(collection.paints.filter((p) => viewOfPaint(p).family === id))
    if (kind === 'strip') return strip.items.flatMap((i) => (i.kind === 'paint' ? (collection.paint(i.id) ?? []) : []))
    if (kind === 'all') return inOrder(collection.paints)
    const lines = list.split('\n').map((l) => l.trim())
    return [...new Set(lines.filter(Boolean).flatMap((l) => collection.paint(collection.find(l)?.[0]) ?? []))]
  }
  /** Lines of a typed list that name no paint of the collection. */
  const unknownIn = (list: string) =>
    list
      .split('\n')
      .map((l) => l.trim())
      .filter((l) => l !== '' && !collection.paint(collection.find(l)?.[0]))
  return { sources, paintsOf, unknownIn, ofPalette }
}
