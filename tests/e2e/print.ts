import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { mkdtemp, readFile, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export const MM = 25.4 / 72
export const popplerIsThere = () => existsSync('/usr/bin/pdftotext') && existsSync('/usr/bin/pdftoppm')

/** A word on a sheet, mm. */
export interface PrintedWord {
  x: number
  y: number
  right: number
  bottom: number
  text: string
  page: number
}

/** Where poppler, an independent reader, says that each word stands, mm from the top left of its sheet. */
export async function wordsIn(pdf: Uint8Array): Promise<PrintedWord[]> {
  const file = await kept(pdf)
  const pages = execFileSync('/usr/bin/pdftotext', ['-bbox', file, '-']).toString().split('<page ').slice(1)
  return pages.flatMap((page, i) =>
    [...page.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)</g)].map(
      ([, x, y, right, bottom, text]) => ({
        ...{ x: Number(x) * MM, y: Number(y) * MM, right: Number(right) * MM, bottom: Number(bottom) * MM },
        ...{ text: text!, page: i + 1 },
      }),
    ),
  )
}

/** Dots to a millimetre of what is rendered. */
export const DOTS = 10

/** A sheet as poppler renders it, ten grey dots to a millimetre. */
export async function rendered(pdf: Uint8Array, page = 1) {
  const file = await kept(pdf)
  const at = ['-f', String(page), '-l', String(page)]
  execFileSync('/usr/bin/pdftoppm', ['-gray', '-r', String(25.4 * DOTS), ...at, '-singlefile', file, file])
  const bytes = await readFile(`${file}.pgm`)
  const [head, width, height] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 60).toString('latin1'))!
  const grey = bytes.subarray(head.length)
  const w = Number(width)
  return {
    width: w,
    height: Number(height),
    /** Whether every letter of a word is really drawn: ink in each of as many slices as it has letters. */
    isDrawn({ x, y, right, bottom, text }: PrintedWord) {
      const letters = [...text].length
      return Array.from({ length: letters }, (_, i) => {
        const [from, to] = [x + ((right - x) * i) / letters, x + ((right - x) * (i + 1)) / letters]
        let least = 255
        for (let py = Math.floor(y * DOTS); py <= bottom * DOTS; py += 1)
          for (let px = Math.floor(from * DOTS); px <= to * DOTS; px += 1)
            least = Math.min(least, grey[py * w + px] ?? 255)
        return least < 140
      }).every(Boolean)
    },
    isDark: (xMm: number, yMm: number) => grey[Math.round(yMm * DOTS) * w + Math.round(xMm * DOTS)]! < 128,
    /** Middle of what is dark in a box of millimetres. */
    middle(x: number, y: number, side: number) {
      let [sum, sx, sy] = [0, 0, 0]
      for (let py = Math.round((y - side) * DOTS); py <= (y + side) * DOTS; py += 1)
        for (let px = Math.round((x - side) * DOTS); px <= (x + side) * DOTS; px += 1) {
          const dark = 255 - (grey[py * w + px] ?? 255)
          sum += dark
          sx += dark * (px + 0.5)
          sy += dark * (py + 0.5)
        }
      return { x: sx / sum / DOTS, y: sy / sum / DOTS, dark: sum / 255 / DOTS ** 2 }
    },
  }
}

async function kept(pdf: Uint8Array): Promise<string> {
  const file = join(await mkdtemp(join(tmpdir(), 'jx-print-')), 'sheet.pdf')
  await writeFile(file, pdf)
  return file
}
