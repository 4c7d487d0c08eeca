import { colourAt, type Optics } from '../../film/optics'
import { labD65 } from '../../units'
import { mixOptics } from '../mixOptics'
import type { NodeSheet } from './nodeSheet'
import { promising, TripleFit, type NodePaint, type Sought } from './tripleFit'

/** Whole parts that are tried around the best shares of a triple. */
const PROMISING = 14

interface Triple {
  optics: readonly Optics[]
  /** The same at the nodes. */
  films: readonly NodePaint[]
  /** Shares that did well. */
  starts: readonly (readonly number[])[]
  octave: number
  sheet: NodeSheet
  seeks: readonly Sought[]
}

/**
 * The whole parts of three paints that promise most, and what is sought as twelve bands see it: they see a triple
 * somewhat otherwise than all thirty-six, nearly alike all around its best shares.
 *
 * @returns undefined where the three cannot be mixed.
 */
export function aroundTriple(
  { optics, films, starts, octave, sheet, seeks }: Triple,
  ratios: readonly (readonly number[])[],
  logs: readonly (readonly number[])[],
): { seeks: Sought[]; tried: (readonly number[])[] } | undefined {
  const does = optics.map((o) => o.perPart ?? 1)
  const fit = new TripleFit(sheet, seeks)
  const first = fit.fit(films, starts[0]!, octave)
  const seen = fit.seenFrom(films, first)
  const effects = [Math.exp(first.at[0]!), Math.exp(first.at[1]!), 1]
  const mixed = mixOptics(optics.map((o, i) => ({ optics: o, parts: effects[i]! / does[i]! })))
  if (!mixed.ok) return undefined
  const nearer = seeks.map((s, i) => {
    const whole = colourAt(mixed.value, s.isMasstone ? 1 : 2 ** -first.at[2]!)
    const { L, a, b } = s.lab
    return { ...s, lab: labD65(L + seen[i]!.L - whole.L, a + seen[i]!.a - whole.a, b + seen[i]!.b - whole.b) }
  })
  const refit = new TripleFit(sheet, nearer)
  const tried = starts.flatMap((from) => promising(ratios, logs, does, refit.fit(films, from, octave), PROMISING))
  return { seeks: nearer, tried: [...new Set(tried)] }
}
