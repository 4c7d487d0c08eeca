import bold from '@expo-google-fonts/noto-sans/600SemiBold/NotoSans_600SemiBold.ttf?url'
import regular from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url'
import fontkit from '@pdf-lib/fontkit'
import type { Measure } from '@juxtachrome/core/charts'

export interface PrintFonts {
  regular: ArrayBuffer
  bold: ArrayBuffer
  measure: Measure
}

let loading: Promise<PrintFonts> | undefined

async function load(): Promise<PrintFonts> {
  const [r, b] = (await Promise.all([regular, bold].map(async (url) => (await fetch(url)).arrayBuffer()))) as [
    ArrayBuffer,
    ArrayBuffer,
  ]
  const fonts = { regular: fontkit.create(new Uint8Array(r)), bold: fontkit.create(new Uint8Array(b)) }
  const measure: Measure = (text, size, isBold) => {
    const font = isBold ? fonts.bold : fonts.regular
    return (font.layout(text).advanceWidth / font.unitsPerEm) * size
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
