import type { Palette } from '@juxtachrome/core/documents'
import { PALETTE_STEPS } from './steps'

/** Something that can be called by name and, with `keys`, by a shortcut. */
export interface AppCommand {
  name: string
  /** `Ctrl Z`, `A`, or one key after another: `G T`. */
  keys?: string
  /** Works while something is typed or a dialog is open, too. */
  always?: boolean
  /** Works in a field in which nothing was typed yet, too: the field's own undo has nothing to take back there. */
  inFields?: boolean
  run(): unknown
}

/** What commands act on. */
export interface CommandContext {
  go(to: string): unknown
  undoLabel?: string
  redoLabel?: string
  undo(): void
  redo(): void
  exportAll(): void
  focusSearch(): void
  findAnything(): void
  showAbout(): void
  showShortcuts(): void
  preferences: { dark: boolean; theme: string; ground: string; mirrored: boolean; reckon: 'by itself' | 'when asked' }
  palettes: readonly Palette[]
  /** The palette that is on the screen. */
  openPalette?: Palette
}

const PLACES: readonly [name: string, to: string, keys?: string][] = [
  ['Go to Today', '/', 'G T'],
  ['Go to Paints', '/paints', 'G P'],
  ['Go to Pigments', '/pigments', 'G I'],
  ['Go to the mixing bench', '/bench', 'G B'],
  ['Find a recipe', '/bench?view=recipe'],
  ['Read a photographed sheet of swatches', '/swatches'],
  ['Read a file of spectra', '/swatches?from=spectra'],
  ['Keys, charts and cards on paper', '/charts', 'G K'],
  ['Compare what lies on the strip', '/compare'],
  ['Go to Palettes', '/palettes', 'G L'],
  ['Go to Restock', '/restock', 'G R'],
  ['Prices of shops', '/restock/prices'],
  ['Plan what to buy', '/restock/plan'],
  ['Orders, and what became of them', '/restock/orders'],
  ['What was spent', '/restock/spent'],
  ['Go to Data', '/data', 'G D'],
  ['Loose pans, and where they are', '/pans'],
  ['Labels for the undersides of pans', '/pans/labels'],
  ['The ledger: everything that was filled, moved and cleaned', '/ledger', 'G J'],
  ['Add a paint', '/paints?add=1', 'A'],
  ['Paste a list of paints', '/paints?add=list'],
  ['Import a table of paints', '/import'],
  ['Make a palette', '/palettes?new=1'],
  ['A list for students', '/students'],
  ['Draw a box, or change one', '/boxes'],
  ['How many pans fit into a tin', '/boxes/fit'],
  ['Lay two palettes side by side', '/palettes/beside'],
  ['How the verdict is worked out', '/how'],
]

const stepsOf = (palette: Palette, context: CommandContext): AppCommand[] =>
  PALETTE_STEPS.map(({ id, label }) => ({
    name: `${palette.name}: ${label.toLowerCase()}`,
    run: () => context.go(`/palettes/${palette.id}/${id}`),
  })).concat(
    { name: `${palette.name}: its box`, run: () => context.go(`/palettes/${palette.id}/box`) },
    { name: `${palette.name}: plan the filling`, run: () => context.go(`/palettes/${palette.id}/filling`) },
  )

/** Every command there is, as things stand. */
export function appCommands(context: CommandContext): AppCommand[] {
  const { preferences, undoLabel, redoLabel, openPalette } = context
  return [
    ...(openPalette ? stepsOf(openPalette, context) : []),
    { name: 'Find anything', keys: 'Ctrl K', always: true, run: () => context.findAnything() },
    { name: 'Search on this screen', keys: '/', run: () => context.focusSearch() },
    ...PLACES.map(([name, to, keys]) => ({ name, keys, run: () => context.go(to) })),
    { name: 'Export everything', run: () => context.exportAll() },
    ...(undoLabel ? [{ name: `Undo: ${undoLabel}`, keys: 'Ctrl Z', inFields: true, run: () => context.undo() }] : []),
    ...(redoLabel
      ? [{ name: `Redo: ${redoLabel}`, keys: 'Ctrl Shift Z', inFields: true, run: () => context.redo() }]
      : []),
    {
      name: preferences.dark ? 'Use the light theme' : 'Use the dark theme',
      run: () => (preferences.theme = preferences.dark ? 'light' : 'dark'),
    },
    {
      name: preferences.ground === 'paper' ? 'Put swatches on neutral grey' : 'Put swatches on paper white',
      run: () => (preferences.ground = preferences.ground === 'paper' ? 'grey' : 'paper'),
    },
    {
      name: `Work out what the collection mixes ${preferences.reckon === 'by itself' ? 'only when asked' : 'by itself'}`,
      run: () => (preferences.reckon = preferences.reckon === 'by itself' ? 'when asked' : 'by itself'),
    },
    { name: 'Mirror drawer and verdict', run: () => (preferences.mirrored = !preferences.mirrored) },
    { name: 'About this screen', run: () => context.showAbout() },
    { name: 'Show the keyboard shortcuts', keys: '?', run: () => context.showShortcuts() },
    ...context.palettes.filter((p) => p.id !== openPalette?.id).flatMap((p) => stepsOf(p, context)),
  ]
}
