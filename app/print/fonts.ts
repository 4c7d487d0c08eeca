import bold from '@expo-google-fonts/noto-sans/600SemiBold/NotoSans_600SemiBold.ttf?url'
import regular from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url'
import fontkit from '@pdf-lib/fontkit'
import type { Measure } from '@juxtachrome/core/charts'

export interface PrintFonts {
  regular: ArrayBuffer
  bold: ArrayBuffer
  measure: Measure
}

/** Widths of texts that are kept. */
const MOST_KNOWN = 20_000

let loading: Promise<PrintFonts> | undefined

async function load(): Promise<PrintFonts> {
  const [r, b] = (await Promise.all([regular, bold].map(async (url) => (await fetch(url)).arrayBuffer()))) as [
    ArrayBuffer,
    ArrayBuffer,
  ]
  const fonts = { regular: fontkit.create(new Uint8Array(r)), bold: fontkit.create(new Uint8Array(b)) }
  // a sheet asks for the same words at many sizes
  const known = new Map<string, number>()
  const measure: Measure = (text, size, isBold) => {
    const key = `${isBold ? 'b' : 'r'}${text}`
    let ems = known.get(key)
    if (ems === undefined) {
      const font = isBold ? fonts.bold : fonts.regular
      ems = font.layout(text).advanceWidth / font.unitsPerEm
      if (known.size > MOST_KNOWN) known.clear()
      known.set(key, ems)
    }
    return ems * size
  }
  return { regular: r, bold: b, measure }
}

/** The shipped typeface for print, with its own measure, fetched once. */
export function printFonts(): Promise<PrintFonts> {
  loading ??= load().catch((error: unknown) => {
    loading = undefined
    throw error
  })
  return loading
}
