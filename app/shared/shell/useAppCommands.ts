import { computed, ref } from 'vue'
import { appCommands, type AppCommand } from './commands'
import { useCollection } from '~/stores/collection'
import { usePreferences } from '~/stores/preferences'
import { useUndo } from '~/stores/undo'
import { useExport } from '~/shared/files/useExport'

const open = ref(false)
const help = ref(false)
export const useCommandPalette = () => ({ open, help })

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
      showCommands: () => (open.value = !open.value),
      showShortcuts: () => (help.value = true),
      preferences,
      palettes: collection.palettes,
      openPalette: route.path.startsWith('/palettes/') ? collection.palette(String(route.params.id)) : undefined,
    }),
  )
}
