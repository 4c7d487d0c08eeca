import type { Palette } from '@juxtachrome/core/documents'
import { ref, shallowRef, watch } from 'vue'
import { useCollection } from '~/stores/collection'
import { linkOfPalette } from './paletteLink'
import { printedCode, type CodeSquares } from './printedCode'

/** The address of the page that takes a palette in. */
export function usePalettesAddress(): () => string {
  const router = useRouter()
  return () => new URL(router.resolve('/palettes').href, location.origin).href
}

/** Only this device finds what is served under such a name. */
const AT_HOME = new Set(['localhost', '127.0.0.1', '[::1]'])

/** The squares of a code that opens a palette on another device, where one is asked for; what is to be said of it. */
export function useLinkCode(of: () => Palette | undefined) {
  const collection = useCollection()
  const address = usePalettesAddress()
  const code = shallowRef<CodeSquares>()
  const codeTrouble = ref('')
  watch(
    of,
    async (palette) => {
      const link = palette && (await linkOfPalette(palette, collection.paint, address()))
      const made = link?.ok ? await printedCode(link.value) : link
      if (of() !== palette) return
      code.value = made?.ok ? made.value : undefined
      codeTrouble.value =
        made && !made.ok ? made.error.message : made && AT_HOME.has(location.hostname) ? HERE_ONLY : ''
    },
    { immediate: true },
  )
  return { code, codeTrouble }
}
const HERE_ONLY =
  'Juxtachrome runs on this device only, so the code opens the palette nowhere else. Share it as a file.'
