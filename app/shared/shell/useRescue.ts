import { ref } from 'vue'
import { useExport } from '~/shared/files/useExport'

/** What a screen offers that has nothing else to show: to save what can be read, saying what came of it, and to try again. */
export function useRescue() {
  const { rescueToFile } = useExport()
  const said = ref('')
  async function exportReadable() {
    said.value = 'Reading what can be read …'
    said.value = await rescueToFile()
  }
  return { said, exportReadable, reload: () => window.location.reload() }
}
