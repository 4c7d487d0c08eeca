// Typed lines, pasted lists, tables, filters and learned strengths.
import { line, ms, time } from './tools.mjs'

const COLOURS = ['Burnt sienna', 'French ultramarine', 'Lemon yellow', 'Sap green', 'Raw umber', 'Cobalt blue']
const CODES = ['PBr7', 'PB29', 'PY3', 'PG7 PY150', 'PBr7', 'PB28']
const MAKERS = Array.from({ length: 30 }, (_, i) => `Maker ${i} & Daughter`)

export function benchCollecting(core) {
  const lineAt = (i) =>
    `${1 + (i % 3)} x ${COLOURS[i % 6]} ${i} ${CODES[i % 6]}, ${MAKERS[i % 30]}, 15 ml, series 2, € 8,90, stiff`
  line('a typed line taken apart (asked: 30 ms)', ms(time((i) => core.parseLine(lineAt(i), MAKERS), 200).median))
  const text = Array.from({ length: 1000 }, (_, i) => lineAt(i)).join('\n')
  line(
    '1,000 pasted lines taken apart (asked: 500 ms)',
    ms(time(() => core.toTheEnd(core.readPastedList({ text, makers: MAKERS })), 5).median),
  )
  const table = {
    headings: ['name', 'maker', 'pigments', 'size', 'price', 'transparency', 'state'],
    rows: Array.from({ length: 10_000 }, (_, i) => [
      `${COLOURS[i % 6]} ${i}`,
      MAKERS[i % 30],
      CODES[i % 6],
      '15 ml',
      '€ 8,90',
      'ST',
      'open, stiff',
    ]),
    lines: Array.from({ length: 10_000 }, (_, i) => i + 2),
  }
  const matching = Object.fromEntries(table.headings.map((h, i) => [i, h]))
  line('10,000 rows of a table read', ms(time(() => core.toTheEnd(core.readPaintRows({ table, matching })), 2).median))
  const paints = Array.from({ length: 5000 }, (_, i) => ({
    id: `p${i}`,
    v: 2,
    maker: MAKERS[i % 30],
    name: `${COLOURS[i % 6]} ${i}`,
    pigments: CODES[i % 6].split(' '),
  }))
  const words = {
    transparency: ['transparent', 'semi-transparent'],
    family: ['blue', 'green'],
    maker: MAKERS.slice(0, 9),
  }
  const filtered = () => paints.filter((p) => core.passesFilter(p, [], { words }))
  // the list has been shown before anything can be narrowed down
  for (const paint of paints) core.viewOfPaint(paint)
  const first = time(filtered, 1).median
  line(
    'filters over 5,000 paints, the first time and after (asked: 50 ms)',
    `${ms(first)}, ${ms(time(filtered, 10).median)}`,
  )

  const usable = core.REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect' && p.family !== 'white')
  const optics = new Map(usable.slice(0, 60).map((p) => [p.id, core.referenceFilm(p)]))
  const ids = [...optics.keys()]
  const notes = Array.from({ length: 100 }, (_, i) => {
    const own = [ids[i % 60], ids[(i * 7 + 3) % 60]]
    const mixed = core.mixOptics(own.map((id, k) => ({ optics: optics.get(id), parts: 1 + k })))
    return { paints: own.map((id, k) => ({ id, parts: 1 + k })), masstone: core.masstoneOf(mixed.value) }
  }).filter((n) => n.paints[0].id !== n.paints[1].id)
  line('strengths of 60 paints learned from 100 notes', ms(time(() => core.learnStrengths(optics, notes), 2).median))
}
