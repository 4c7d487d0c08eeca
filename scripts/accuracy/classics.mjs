// Mixtures that every painter knows, as the model answers them: which are met, which missed and by how much.

const WHICH_CLASSICS = [
  'Classic mixtures (`data/trade/classic-mixtures.csv`: common practice, no source, from memory) with every pair of',
  'pigments that each allows. Windows were written before they were run and are not moved. Parts are said as painters',
  'say them, by eye: the second figure allows half or twice as much.',
].join(' ')

/** @returns a table of totals, and one of every pair that is missed, as text. */
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
  return `${WHICH_CLASSICS}

| | met | met within half to twice the parts | pairs |
|---|---|---|---|
${totals.join('\n')}

Missed by the films of the reference at the parts that are said:

| pair | what painters see | parts | predicted | wanted | met within half to twice |
|---|---|---|---|---|---|
${missed.join('\n')}`
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
