import { HAIR, type Ink, type Mark } from './marks'
import type { Page } from './onPaper'

/** Inks as a screen shows them. */
export const INKS: Readonly<Record<Ink, string>> = { black: '#000000', grey: '#737373', faint: '#a6a6a6' }
/** Dashes of a dashed line, mm. */
export const DASHES = [1.1, 0.8] as const
export const PRINT_TYPEFACE = 'Noto Sans'

/** One element of a drawing: its name, its attributes, its words. */
export interface SvgElement {
  name: 'rect' | 'circle' | 'line' | 'path' | 'text'
  attributes: Readonly<Record<string, string | number>>
  words?: string
}

const place = (n: number) => Math.round(n * 1000) / 1000

function drawn(mark: { ink?: Ink; weight?: number; dashed?: boolean; fill?: string }) {
  return {
    fill: mark.fill ?? 'none',
    ...(mark.ink ? { stroke: INKS[mark.ink], 'stroke-width': mark.weight ?? HAIR } : {}),
    ...(mark.dashed ? { 'stroke-dasharray': DASHES.join(' ') } : {}),
  }
}

/** A mark as an element of SVG, in millimetres. */
export function svgOf(mark: Mark, measure: (text: string, size: number, bold: boolean) => number): SvgElement {
  if (mark.is === 'rect') {
    const { x, y, width, height } = mark
    return {
      name: 'rect',
      attributes: { x: place(x), y: place(y), width: place(width), height: place(height), ...drawn(mark) },
    }
  }
  if (mark.is === 'circle')
    return {
      name: 'circle',
      attributes: { cx: place(mark.x), cy: place(mark.y), r: place(mark.radius), ...drawn(mark) },
    }
  if (mark.is === 'path') {
    const d = mark.points.map(([x, y], i) => `${i ? 'L' : 'M'}${place(x)} ${place(y)}`).join('')
    return { name: 'path', attributes: { d: `${d}Z`, ...drawn(mark) } }
  }
  if (mark.is === 'line') {
    const ends = { x1: place(mark.x1), y1: place(mark.y1), x2: place(mark.x2), y2: place(mark.y2) }
    return { name: 'line', attributes: { ...ends, ...drawn({ ink: 'black', ...mark }) } }
  }
  const { text, size, bold = false } = mark
  return {
    name: 'text',
    attributes: {
      x: place(mark.x),
      y: place(mark.y),
      'font-family': `'${PRINT_TYPEFACE}', sans-serif`,
      'font-size': place(size),
      ...(bold ? { 'font-weight': 600 } : {}),
      // another typeface takes the same room
      textLength: place(measure(text, size, bold)),
      lengthAdjust: 'spacingAndGlyphs',
      fill: INKS[mark.ink ?? 'black'],
    },
    words: text,
  }
}

/** Without the characters that XML cannot hold at all. */
const escaped = (text: string) =>
  text
    .replace(/[^\P{Cc}\t\n\r]|\p{Cs}|[\uFFFE\uFFFF]/gu, '')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')

function tagOf({ name, attributes, words }: SvgElement): string {
  const given = Object.entries(attributes).map(([key, value]) => `${key}="${escaped(String(value))}"`)
  const open = `<${name} ${given.join(' ')}`
  return words === undefined ? `${open}/>` : `${open}>${escaped(words)}</${name}>`
}

/** A sheet as an SVG file at true size. */
export function writeSvg(
  { width, height, panes, marks }: Page,
  title: string,
  measure: (text: string, size: number, bold: boolean) => number,
): string {
  const clips = panes.map(
    ({ clip }, i) => `<clipPath id="pane${i}">${tagOf({ name: 'rect', attributes: { ...clip } })}</clipPath>`,
  )
  const drawnPanes = panes.map(
    ({ marks: own }, i) => `<g clip-path="url(#pane${i})">${own.map((m) => tagOf(svgOf(m, measure))).join('\n')}</g>`,
  )
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    `<title>${escaped(title)}</title>`,
    `<defs>${clips.join('')}</defs>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    ...drawnPanes,
    ...marks.map((m) => tagOf(svgOf(m, measure))),
    '</svg>',
    '',
  ].join('\n')
}
