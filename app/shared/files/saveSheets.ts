import { svgOf, writeSvg, type Page } from '@juxtachrome/core/charts'
import { writeCgats, writeColoursCsv, writeGpl, type NamedColour } from '@juxtachrome/core/formats'
import { dayOf } from '@juxtachrome/core/units'
import type { PrintFonts } from '~/print/fonts'
import { slug } from './slug'
import { drawingOf, type Drawing } from './drawing'
import { saveFile } from './saveFile'

/** Dots to a millimetre of a picture: 300 to an inch. */
const DOTS = 300 / 25.4
/** More than this many dots no browser draws at once. */
const MOST_DOTS = 60e6

export async function savePdf(
  pages: readonly Page[],
  title: string,
  fonts: PrintFonts,
  progress: (done: number, of: number) => void,
) {
  const { writePdf } = await import('~/print/pagesPdf')
  const bytes = await writePdf(pages, title, fonts, progress)
  saveFile(`${slug(title)}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf')
}

const named = (title: string, i: number, of: number, ending: string) =>
  `${slug(title)}${of > 1 ? `-${i + 1}` : ''}.${ending}`

export function saveSvg(pages: readonly Page[], title: string, fonts: PrintFonts) {
  pages.forEach((page, i) =>
    saveFile(named(title, i, pages.length, 'svg'), writeSvg(page, title, fonts.measure), 'image/svg+xml'),
  )
}

/** One sheet as a picture of 300 dots to an inch. */
export async function savePng(pages: readonly Page[], title: string, fonts: PrintFonts) {
  for (const [i, page] of pages.entries()) {
    const dots = Math.min(DOTS, Math.sqrt(MOST_DOTS / (page.width * page.height)))
    const { to, blob } = drawingOf(Math.round(page.width * dots), Math.round(page.height * dots))
    drawOn(to, page, dots, fonts)
    saveFile(named(title, i, pages.length, 'png'), await blob(), 'image/png')
  }
}

/** Draws the same elements that make up the SVG. */
function drawOn(to: Drawing, page: Page, dots: number, { measure }: PrintFonts) {
  to.scale(dots, dots)
  to.fillStyle = '#ffffff'
  to.fillRect(0, 0, page.width, page.height)
  const draw = (marks: Page['marks']) => {
    for (const mark of marks) drawElement(to, svgOf(mark, measure))
  }
  for (const { clip, marks } of page.panes) {
    to.save()
    to.beginPath()
    to.rect(clip.x, clip.y, clip.width, clip.height)
    to.clip()
    draw(marks)
    to.restore()
  }
  draw(page.marks)
}

function drawElement(to: Drawing, { name, attributes: a, words }: ReturnType<typeof svgOf>) {
  const n = (key: string) => Number(a[key])
  if (words !== undefined) {
    to.font = `${a['font-weight'] ?? 400} ${n('font-size')}px ${a['font-family']}`
    to.fillStyle = String(a.fill)
    const wide = to.measureText(words).width || 1
    to.save()
    to.translate(n('x'), n('y'))
    to.scale(n('textLength') / wide, 1)
    to.fillText(words, 0, 0)
    to.restore()
    return
  }
  const path = new Path2D(name === 'path' ? String(a.d) : undefined)
  if (name === 'rect') path.rect(n('x'), n('y'), n('width'), n('height'))
  if (name === 'circle') path.arc(n('cx'), n('cy'), n('r'), 0, 2 * Math.PI)
  if (name === 'line') {
    path.moveTo(n('x1'), n('y1'))
    path.lineTo(n('x2'), n('y2'))
  }
  if (a.fill !== 'none') {
    to.fillStyle = String(a.fill)
    to.fill(path)
  }
  if (a.stroke === undefined) return
  to.strokeStyle = String(a.stroke)
  to.lineWidth = n('stroke-width')
  to.setLineDash(a['stroke-dasharray'] ? String(a['stroke-dasharray']).split(' ').map(Number) : [])
  to.stroke(path)
}

/** The colours of a sheet in an open format. */
export function saveColours(format: 'csv' | 'gpl' | 'cgats', title: string, colours: readonly NamedColour[]) {
  if (format === 'csv') saveFile(`${slug(title)}.csv`, writeColoursCsv(colours), 'text/csv')
  if (format === 'gpl') saveFile(`${slug(title)}.gpl`, writeGpl(title, colours), 'text/plain')
  if (format === 'cgats') saveFile(`${slug(title)}.txt`, writeCgats(title, colours, dayOf(new Date())), 'text/plain')
}
