import { computed, ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { usePreferences } from '~/stores/preferences'
import { useJournal } from '~/stores/undo'
import { useExport } from './useExport'

export interface AppCommand {
  name: string
  keys?: string
  run(): unknown
}

const open = ref(false)
const help = ref(false)
export const useCommandPalette = () => ({ open, help })

/** Every command that can be called by name, wherever one is. */
export function useAppCommands() {
  const router = useRouter()
  const journal = useJournal()
  const collection = useCollection()
  const preferences = usePreferences()
  const { download } = useExport()
  const go = (to: string) => () => router.push(to)
  const STEPS = ['choose', 'arrange', 'fill', 'key'] as const

  return computed<AppCommand[]>(() => [
    { name: 'Go to Today', keys: 'G T', run: go('/') },
    { name: 'Go to Paints', keys: 'G P', run: go('/paints') },
    { name: 'Go to Pigments', keys: 'G I', run: go('/pigments') },
    { name: 'Go to the mixing bench', keys: 'G B', run: go('/bench') },
    { name: 'Find a recipe', run: go('/bench?view=recipe') },
    { name: 'Read a photographed sheet of swatches', run: go('/swatches') },
    { name: 'Read a file of spectra', run: go('/swatches?from=spectra') },
    { name: 'Compare what lies on the strip', run: go('/compare') },
    { name: 'Go to Palettes', keys: 'G L', run: go('/palettes') },
    { name: 'Go to Data', keys: 'G D', run: go('/data') },
    { name: 'Add a paint', keys: 'A', run: go('/paints?add=1') },
    { name: 'Import a table of paints', run: go('/import') },
    { name: 'Make a palette', run: go('/palettes?new=1') },
    { name: 'Export everything', run: download },
    ...(journal.undoLabel ? [{ name: `Undo: ${journal.undoLabel}`, keys: 'Ctrl Z', run: journal.undo }] : []),
    ...(journal.redoLabel ? [{ name: `Redo: ${journal.redoLabel}`, keys: 'Ctrl Shift Z', run: journal.redo }] : []),
    {
      name: preferences.dark ? 'Use the light theme' : 'Use the dark theme',
      run: () => {
        preferences.theme = preferences.dark ? 'light' : 'dark'
      },
    },
    {
      name: preferences.ground === 'paper' ? 'Put swatches on neutral grey' : 'Put swatches on paper white',
      run: () => {
        preferences.ground = preferences.ground === 'paper' ? 'grey' : 'paper'
      },
    },
    {
      name: 'Mirror drawer and verdict',
      run: () => {
        preferences.mirrored = !preferences.mirrored
      },
    },
    {
      name: 'Show the keyboard shortcuts',
      keys: '?',
      run: () => {
        help.value = true
      },
    },
    ...collection.palettes.flatMap((p) =>
      STEPS.map((step) => ({ name: `${p.name}: ${step}`, run: go(`/palettes/${p.id}/${step}`) })),
    ),
  ])
}
