// The collection, its ledger and its lists at real size.
import { fillingsOfOnePlace, manyEntries, manyPaints, paletteOf } from './invented.mjs'
import { line, ms, time } from './tools.mjs'

export function benchCollection(core) {
  const paints = manyPaints(5000)
  benchSearch(core, paints)
  benchLedger(core)
  benchChange(core, paints)
}

function benchSearch(core, paints) {
  const index = core.createPaintIndex()
  line('index 5,000 paints', ms(time(() => paints.forEach((p) => index.put(p)), 1).median))
  const queries = [
    'ultramarine',
    'PB15',
    'maker 12',
    'burnt si',
    'perylen maroon 47',
    'v',
    'PY 3',
    'ceruleann',
    'rose 4321',
  ]
  const textOf = (i) => queries[i % queries.length]
  const search = time((i) => index.find(textOf(i)), 200)
  const scan = time(
    (i) => paints.filter((p) => `${p.name} ${p.maker} ${p.pigments}`.toLowerCase().includes(textOf(i))),
    200,
  )
  line(
    'search 5,000 paints: median, 95 % (asked: below 50 ms)',
    `${ms(search.median)}, ${ms(search.p95)}; a plain scan without ranking or typos: x ${(search.median / scan.median).toFixed(1)}`,
  )
  const sorted = () => manyPaints(5000).map(core.viewOfPaint).sort(core.byWheel)
  line('hue order of 5,000 paints, nothing cached', ms(time(sorted, 5).median))
}

function benchLedger(core) {
  const entries = manyEntries(100_000)
  const full = time(() => new core.Ledger(entries), 3).median
  const ledger = new core.Ledger(entries)
  const later = manyEntries(100_400).slice(100_000)
  const add = time((i) => ledger.add(later[i]), 200)
  const correction = (i) => ({ id: `c${i}`, v: 2, recorded: '2027-01-01T00:00:00.000Z', type: 'correction' })
  const strike = time((i) => ledger.add({ ...correction(i), corrects: entries[i * 400].id, becomes: null }), 100)
  line('100,000 journal entries, worked out in full', ms(full))
  const times = (n) => Math.round(full / n)
  line(
    '... one entry more (asked: below 200 ms)',
    `${ms(add.median)}, 95 % ${ms(add.p95)}; full / this = ${times(add.median)}`,
  )
  line(
    '... an old entry struck out',
    `${ms(strike.median)}, 95 % ${ms(strike.p95)}; full / this = ${times(strike.median)}`,
  )
  const one = fillingsOfOnePlace(100_000)
  const opened = time(() => new core.Ledger(one).places('pal0'), 3).median
  line(
    '100,000 fillings of one place, opened (asked: 2 s)',
    `${ms(opened)}; spread over many places: x ${(opened / full).toFixed(1)}`,
  )
  const grows = new core.Ledger(one)
  const more = fillingsOfOnePlace(100_050).slice(100_000)
  line(
    '... one filling more, and the place read',
    ms(time((i) => (grows.add(more[i]), grows.places('pal0')), 50).median),
  )
}

/** A change of one place of 36, until core has said everything anew, against working it all out from the beginning. */
function benchChange(core, paints) {
  const palette = paletteOf(core.HOLDERS.at(-1))
  const items = paints
    .slice(0, 400)
    .map((p, i) => ({ id: `t${i}`, v: 2, paintId: p.id, kind: 'tube', millilitres: 15, supply: 'open', remarks: [] }))
  const documents = { ...core.noDocuments(), paints, items, palettes: [palette], journal: manyEntries(100_000) }
  const contents = { documents, unreadable: [] }
  const verdict = (c) =>
    core.findingsOf({
      palette: c.get('palettes', 'pal0'),
      paints: { get: (id) => c.get('paints', id) },
      items: core.itemsByPaint(c),
      state: c.ledger.places('pal0'),
    })
  const collection = new core.Collection(contents)
  verdict(collection)
  const places = palette.holder.places.map((p) => p.id)
  const change = time((i) => {
    const before = collection.get('palettes', 'pal0')
    const after = { ...before, plan: { ...before.plan, [places[i % 36]]: { paintId: `p${40 + i}` } } }
    collection.apply({ diff: [{ kind: 'palettes', id: 'pal0', before, after }], journal: [] })
    verdict(collection)
  }, 60)
  const anew = time(() => verdict(new core.Collection(contents)), 3).median
  line(
    'a change of one place of 36, verdict said anew (asked: 10 times cheaper)',
    `${ms(change.median)}, 95 % ${ms(change.p95)}; from the beginning / this = ${Math.round(anew / change.median)}`,
  )
}
