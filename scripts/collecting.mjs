// docs/collecting.md: every line and table of the fixtures as it is read now, with what was expected, misses included.
import { writeFile } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import prettier from 'prettier'
import { createServer } from 'vite'

const root = new URL('../', import.meta.url)
const vite = await createServer({
  root: fileURLToPath(root),
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const load = (path) => vite.ssrLoadModule(`/core/src/${path}`)
const { LINES, KNOWN_MAKERS } = await load('paints/reading/lines.fixture.ts')
const { DOUBTFUL_LINES } = await load('paints/reading/doubtfulLines.fixture.ts')
const { shortly } = await load('paints/reading/shortly.fixture.ts')
const { parseLine } = await load('paints/reading/parseLine.ts')
const { KEPT_TABLES } = await load('formats/tables.fixture.ts')
const { ODD_TABLES } = await load('formats/oddTables.fixture.ts')
const { asTaken } = await load('formats/asTaken.fixture.ts')

const cell = (text) => String(text).replaceAll('|', '\\|').replaceAll('\n', ' ⏎ ').replaceAll('\t', ' ⇥ ')
const same = (p, q) => JSON.stringify(Object.entries(p).sort()) === JSON.stringify(Object.entries(q).sort())
const inWords = (e) =>
  Object.entries(e)
    .map(([k, v]) => `${k}: ${v}`)
    .join('; ')

const lines = [...LINES, ...DOUBTFUL_LINES].map(([line, expected]) => {
  const found = shortly(parseLine(line, KNOWN_MAKERS))
  return { line, expected, found, isSame: same(found, expected) }
})
const asks = ({ y, w, sp, d, u }) => Boolean(y ?? w ?? sp ?? d ?? u)
const tables = [...KEPT_TABLES, ...ODD_TABLES].map((table) => {
  const { rows, aside = 0, bad = 0, questions = '', doubts = '' } = { ...table, questions: table.asks }
  const found = asTaken(table.text)
  const expected = { rows, aside, bad, asks: questions, doubts }
  return { is: table.is, expected, found, isSame: JSON.stringify(found) === JSON.stringify(expected) }
})
const missed = (list) => list.filter((x) => !x.isSame)
const count = (list) => `${list.length - missed(list).length} as expected, ${missed(list).length} otherwise`
const ABOUT = [
  'Written by `node scripts/collecting.mjs` from the fixtures in `core/src/paints/reading` and `core/src/formats`:',
  'what a careful reader takes from each was written first, then it was run. Makers are invented. `npm test` holds every row.',
].join(' ')
const LEFT = [
  'What is not read: days of which a slash leaves the month open (asked), sizes in grams (left over: no density is known),',
  'a maker written into the name without anything between them (it stays part of the name), words of other languages.',
].join(' ')
const CHANGED = [
  'At the first run 12 of the new lines and 2 of the tables came out otherwise, and the reader was mended.',
  'Expectations that were changed instead: a day with points (`02.03.2024`) was to be asked, and is read day first, as it is',
  'written wherever points are used; “Blue, cobalt” keeps its words and not its comma; three lines of earlier versions, since',
  '“half empty” is an amount now, a brown of PBr7 is asked about, and “Quin.” is said.',
].join(' ')
const row = (cells) => `| ${cells.join(' | ')} |`
const asking = lines.filter((l) => l.isSame && asks(l.found)).length
const text = [
  '# What is read of lines and tables',
  '',
  ABOUT,
  '',
  `**${lines.length} lines**: ${count(lines)}; ${asking} ask, or say that something is left over. **${tables.length} tables**: ${count(tables)}.`,
  '',
  LEFT,
  '',
  CHANGED,
  '',
  '## Lines',
  '',
  [
    'n name; m maker; y a maker that is asked for; c codes; ml size; k kind; x how many; s supply; r remarks; p price;',
    'se series; f formula; day; l left; is behaviour; sp read for; w which colour is asked, and proposed; u left over; d assumptions.',
  ].join(' '),
  '',
  '| line | read as | |',
  '|---|---|---|',
  ...lines.map(
    (l) =>
      `| ${cell(l.line)} | ${cell(inWords(l.found))} | ${l.isSame ? '' : `expected ${cell(inWords(l.expected))}`} |`,
  ),
  '',
  '## Tables',
  '',
  '| table | rows | set aside, bad | asked | columns doubted | |',
  '|---|---|---|---|---|---|',
  ...tables.map(({ is, found, isSame, expected }) =>
    row([
      ...[cell(is), found.rows.map(cell).join('<br>'), `${found.aside}, ${found.bad}`, found.asks, found.doubts],
      isSame ? '' : `expected ${cell(JSON.stringify(expected))}`,
    ]),
  ),
  '',
].join('\n')
const options = await prettier.resolveConfig(fileURLToPath(new URL('docs/collecting.md', root)))
await writeFile(new URL('docs/collecting.md', root), await prettier.format(text, { ...options, parser: 'markdown' }))
console.log(`${missed(lines).length} lines and ${missed(tables).length} tables otherwise than expected`)
await vite.close()
