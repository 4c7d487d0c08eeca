// Stand-ins among 300 owned paints with a palette of 24: the first list, the whole one, a whole palette, a pan without a label.
import { line, ms, random } from './tools.mjs'

const OWNED = 300
const PLACES = 24

/** The reference's pigments by several makers each, whose swatches differ a little. */
function collection(core) {
  const usable = core.REFERENCE_PIGMENTS.filter((p) => core.isPredicted(p) && p.code)
  const next = random(5)
  const off = (by) => (next() - 0.5) * 2 * by
  const swatch = ({ L, a, b }) => ({
    L: Math.min(97, Math.max(8, L + off(2))),
    a: a + off(3),
    b: b + off(3),
    source: 'typed',
  })
  return Array.from({ length: OWNED }, (_, i) => {
    const p = usable[i % usable.length]
    return {
      id: `p${i}`,
      v: 1,
      maker: `Maker ${i % 7}`,
      name: p.names[0],
      pigments: [p.code],
      masstone: swatch(p.masstone),
      wash: swatch(p.wash),
    }
  }).filter((p) => p.masstone.L < p.wash.L)
}

export function benchStandIns(core) {
  const owned = collection(core)
  for (const paint of owned) core.cachedOptics(paint)
  const palette = owned.filter((_, i) => i % Math.ceil(owned.length / PLACES) === 0).slice(0, PLACES)
  const context = { palette, owned, itemsOf: () => [] }
  const soughtOf = (paint) => core.soughtOf({ kind: 'paint', paintId: paint.id }, () => paint)
  const without = (paint) => ({ ...context, palette: palette.filter((p) => p.id !== paint.id) })
  const firsts = []
  const wholes = []
  for (const paint of palette.slice(0, 8)) {
    const begun = performance.now()
    const search = core.searchStandIns({ sought: soughtOf(paint).value, context: without(paint) })
    search.next()
    firsts.push(performance.now() - begun)
    core.toTheEnd(search)
    wholes.push(performance.now() - begun)
  }
  const middle = (list) => ms([...list].sort((p, q) => p - q)[list.length >> 1])
  line(
    `stand-ins for one of ${owned.length} paints: first list; complete (median of 8)`,
    `${middle(firsts)}; ${middle(wholes)}`,
  )
  line('... the very first time', `${ms(firsts[0])}; ${ms(wholes[0])}`)
  // the plain way: every owned paint into every mixture
  const plain = performance.now()
  let [lost, most] = [0, 0]
  const few = palette.slice(0, 4)
  for (const one of few) {
    const paints = owned.flatMap((p) => {
      const optics = core.cachedOptics(p)
      return p.id !== one.id && optics.ok ? [{ id: p.id, optics: optics.value }] : []
    })
    const known = soughtOf(one).value
    const whole = core.findRecipes({ target: { kind: 'paint', masstone: known.masstone, wash: known.wash }, paints })
    const nearest = Math.min(...whole.value.best.filter((r) => r.paints.length > 1).map((r) => r.difference))
    const found = core.findStandIns({ sought: known, context: without(one) }).value
    const own = Math.min(...found.flatMap((s) => (s.mixture ? [s.alone.difference] : [])))
    lost += (own - nearest) / few.length
    most = Math.max(most, own - nearest)
  }
  const ours = wholes.slice(0, few.length).reduce((sum, t) => sum + t, 0)
  line(
    '... every owned paint in every mixture: time against that; nearer by, mean and most',
    `${((performance.now() - plain - ours) / ours).toFixed(1)} times; ${lost.toFixed(2)}, ${most.toFixed(2)}`,
  )
  for (const scope of ['this palette', 'what is owned']) {
    const begun = performance.now()
    const lines = palette.map((p) => ({ id: p.id, sought: soughtOf(p) }))
    const unless = (_, s) => s.kind === 'another item'
    core.toTheEnd(core.substitutePalette({ lines, context, scope, near: 5, unless }))
    line(`a stand-in for each of ${lines.length}, from ${scope}`, ms(performance.now() - begun))
  }
  const begun = performance.now()
  const { masstone, wash } = owned[40]
  core.identifyPaint({ observed: { masstone, wash, staining: 'stains strongly' }, owned })
  line(`a pan without a label among ${owned.length}`, ms(performance.now() - begun))
}
