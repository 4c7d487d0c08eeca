// Mixtures that every painter knows, as the model answers them: which are met, which missed and by how much.

/** @returns lines of a table of totals, and of one of every pair that is missed. */
export function classics({ core, classic, paint, demo }) {
  const ways = [
    ['films of the reference', paint],
    ['painted out just as the reference has it', classic.byItsSwatches],
    ['the demo’s swatches', bySwatchesOf(core, demo)],
    ['codes alone', classic.byCodeAlone],
  ].map(([name, opticsOf]) => [name, classic.classicAnswers(opticsOf)])
  const totals = ways.map(([name, all]) => {
    const [met, near] = ['holds', 'isNear'].map((key) => all.filter((a) => a[key]).length)
    return `| ${name} | ${met} | ${near} | ${all.length} |`
  })
  const missed = ways[0][1]
    .filter((a) => !a.holds)
    .map(({ pair, says, parts, colour: { L, C, h }, wanted, isNear }) => {
      const is = `hue ${h.toFixed(0)}, C* ${C.toFixed(0)}, L* ${L.toFixed(0)}`
      return `| ${pair} | ${says} | ${parts} | ${is} | ${wanted} | ${isNear ? 'yes' : 'no'} |`
    })
  return { totals, missed }
}

/** The film of the demo's paint of one pigment whose swatches are those of this variant; undefined where it has none. */
function bySwatchesOf(core, paints) {
  const films = paints
    .filter((p) => p.pigments.length === 1 && p.masstone)
    .flatMap((p) => {
      const film = core.opticsOfPaint(p)
      return film.ok ? [film.value] : []
    })
  return (id) => films.find((f) => f.pigments[0] === id)
}
