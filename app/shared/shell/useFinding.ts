import { finderIn, type Found, type FoundKind } from '@juxtachrome/core/finding'
import { computed, type Ref } from 'vue'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { dayInWords } from '~/shared/words/days'
import type { AppCommand } from './commands'
import { useAppCommands } from './useAppCommands'

/** One line of what was found, and where choosing it leads. */
export interface Hit {
  key: string
  name: string
  /** What tells it apart. */
  detail: string
  /** Of its note, what fitted. */
  excerpt?: string
  /** Paints whose swatches stand before it. */
  paintIds: readonly string[]
  keys?: string
  run(): unknown
}
export interface HitGroup {
  title: string
  hits: readonly Hit[]
  /** How many more there are. */
  more: number
}

const TITLES: Record<FoundKind, string> = {
  paint: 'Paints',
  palette: 'Palettes',
  tube: 'Tubes, and where they lie',
  pan: 'Loose pans',
  painting: 'Paintings',
  recipe: 'Kept recipes',
  pigment: 'Pigments',
  box: 'Boxes',
  shop: 'Shops',
  note: 'Notes in the ledger',
}
/** So many of a kind are shown. */
const MOST = 5

/** What fits a text: paints, palettes, paintings and whatever else the collection holds, then commands. */
export function useFinding(text: Ref<string>) {
  const collection = useCollection()
  const bench = useBench()
  const router = useRouter()
  const commands = useAppCommands()

  const ways: Record<FoundKind, (found: Found) => unknown> = {
    paint: ({ row }) => router.push(`/paints/${row.id}`),
    tube: ({ row }) => router.push(`/paints/${row.paintId}`),
    pan: ({ row }) => router.push(`/ledger?pan=${row.id}`),
    palette: ({ row }) => router.push(`/palettes/${row.id}`),
    painting: ({ row }) => router.push(`/palettes/${row.paletteId}/use`),
    recipe: ({ row }) => {
      const recipe = collection.recipe(row.id)
      if (recipe) bench.lay([...recipe.paints], recipe.water)
      return router.push('/bench?view=mix')
    },
    pigment: ({ row }) => router.push(`/pigments/${encodeURIComponent(row.id)}`),
    box: ({ row }) => router.push(`/boxes/${row.id}`),
    shop: () => router.push('/restock/prices'),
    note: ({ row }) =>
      router.push({
        path: '/ledger',
        query: { from: row.day, to: row.day, ...(row.paintId ? { paint: row.paintId } : {}) },
      }),
  }
  const named = ({ kind, id, name, day }: Found['row']): string => {
    const paint = kind === 'paint' ? collection.paint(id) : undefined
    if (paint) return collection.called(paint)
    if (kind === 'painting') return name || 'A painting'
    return name || (day ? dayInWords(day) : '')
  }
  const detailOf = (row: Found['row']): string => {
    const { codes, detail, day, name } = row
    // the maker is not said twice where it tells two paints of one name apart
    const isSaid = detail !== undefined && named(row).endsWith(detail)
    return [codes?.join(' '), isSaid ? '' : detail, name && day ? dayInWords(day) : ''].filter(Boolean).join(' · ')
  }
  const swatchesOf = ({ kind, id, paintId }: Found['row']): readonly string[] =>
    kind === 'recipe'
      ? (collection.recipe(id)?.paints.map((p) => p.paintId) ?? [])
      : kind === 'palette' || !paintId
        ? []
        : [paintId]
  const hitOf = (found: Found): Hit => ({
    key: `${found.row.kind} ${found.row.id}`,
    name: named(found.row),
    detail: detailOf(found.row),
    excerpt: found.excerpt,
    paintIds: swatchesOf(found.row),
    run: () => ways[found.row.kind](found),
  })
  const asHit = ({ name, keys, run }: AppCommand): Hit => ({
    key: `command ${name}`,
    name,
    detail: '',
    paintIds: [],
    keys,
    run,
  })

  const called = computed(() => {
    const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
    return commands.value.filter((c) => words.every((w) => c.name.toLowerCase().includes(w)))
  })
  const groups = computed((): HitGroup[] => {
    const asked = text.value.trim()
    if (!asked) return [{ title: 'Commands', hits: called.value.map(asHit), more: 0 }]
    const found = finderIn(collection.reading)
      .find(asked, MOST)
      .map(({ kind, hits, more }): HitGroup => ({ title: TITLES[kind], hits: hits.map(hitOf), more }))
    const acts: HitGroup = { title: 'Commands', hits: called.value.slice(0, 12).map(asHit), more: 0 }
    const ofPalette = (name: string) => collection.palettes.some((p) => name.startsWith(`${p.name}:`))
    const isCommand = called.value.some(
      ({ name }) => name.toLowerCase().startsWith(asked.toLowerCase()) && !ofPalette(name),
    )
    return [...(isCommand ? [acts] : []), ...found, ...(isCommand ? [] : [acts])].filter((g) => g.hits.length)
  })
  return { groups }
}
