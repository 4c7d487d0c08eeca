import { computed, ref } from 'vue'
import { appCommands, type AppCommand } from './commands'
import { useCollection } from '~/stores/collection'
import { usePreferences } from '~/stores/preferences'
import { useUndo } from '~/stores/undo'
import { useExport } from '~/shared/files/useExport'

const finding = ref(false)
const keys = ref(false)
const about = ref(false)
/** The dialogs that every screen has: the search over everything, the list of keys, what the screen is for. */
export const useDialogs = () => ({ finding, keys, about })

/** Every command of the registry, as things stand. */
export function useAppCommands() {
  const router = useRouter()
  const route = useRoute()
  const undo = useUndo()
  const collection = useCollection()
  const preferences = usePreferences()
  const { download } = useExport()

  return computed<AppCommand[]>(() =>
    appCommands({
      go: (to) => router.push(to),
      undoLabel: undo.undoLabel,
      redoLabel: undo.redoLabel,
      undo: undo.undo,
      redo: undo.redo,
      exportAll: download,
      focusSearch: () => document.querySelector<HTMLInputElement>('input[type="search"]')?.focus(),
      findAnything: () => (finding.value = !finding.value),
      showShortcuts: () => (keys.value = true),
      showAbout: () => (about.value = true),
      preferences,
      palettes: collection.palettes,
      openPalette: route.path.startsWith('/palettes/') ? collection.palette(String(route.params.id)) : undefined,
    }),
  )
}
