// How often swatches are doubted: honest pairs, and mistaken ones.
import { named, swatch } from './recorded.mjs'
import { TRUTHS, world } from './truths.mjs'

const SOURCES = ['reader', 'photo', 'typed']

export function doubts(tools) {
  const { core, gaussian } = tools
  const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
  const percent = (count) => `${((100 * count) / usable.length).toFixed(1)} %`
  return ['other bends of the spectra', 'cream paper, shinier surface, told'].flatMap((name) =>
    SOURCES.map((source) => {
      const gauss = gaussian(31)
      const { see, realPaint, on } = world(tools, TRUTHS[name])
      const seen = (real, load) => swatch(see(real, load), core.SOURCE_SD[source], gauss, source, on)
      const pairs = usable.map((p) => {
        const real = realPaint(p, gauss)
        return { masstone: seen(real, 1), wash: seen(real, real.washLoad) }
      })
      const isDoubted = (pigment, pair) => {
        const optics = core.opticsOfPaint({ ...named(pigment), ...pair })
        return !optics.ok || optics.value.doubt !== undefined
      }
      const another = (i, step, from) => pairs[(i * step + from) % usable.length]
      const honest = usable.filter((p, i) => isDoubted(p, pairs[i])).length
      const exchanged = usable.filter((p, i) => isDoubted(p, another(i, 7, 29))).length
      const wash = usable.filter((p, i) =>
        isDoubted(p, { masstone: pairs[i].masstone, wash: another(i, 13, 51).wash }),
      ).length
      return `| ${source} | ${name} | ${percent(honest)} | ${percent(exchanged)} | ${percent(wash)} |`
    }),
  )
}
