import { colourDifference } from '../colour/difference'
import { labOfReflectance } from '../colour/tristimulus'
import { fitFilm, type Fitted, type Targets } from './fit'
import type { FilmModel } from './fitModel'
import { filmOnPaper } from './kubelkaMunk'

/**
 * The cost of a fit that one honest pair of swatches in a hundred passes: the sum of squares of what is missed and of
 * what is unusual, in standard deviations. It would be chi-square with three degrees of freedom a swatch (16.8 for a
 * pair) if all paints were as the priors say; measured on honest pairs it is 26 (docs/accuracy.md).
 */
const PAIR_ALARM = 26
/** What each swatch more may add, as much again of chi-square. */
const MORE_ALARM = 6
const alarmAt = (swatches: number) => PAIR_ALARM + MORE_ALARM * (swatches - 2)

/**
 * Why the swatches of a paint are doubted, in words: all of them honest would come out like this once in a hundred
 * times. It says which of them is likelier the mistaken one, and by how much. Undefined where they may well be right.
 */
export function doubtOf(model: FilmModel, targets: Targets, fitted: Fitted): string | undefined {
  const { masstone, wash, washes = [] } = targets
  const count = (masstone ? 1 : 0) + (wash ? 1 : 0) + washes.length
  if (count < 2) return undefined
  if (fitted.cost < alarmAt(count)) return undefined
  const odd = oddOneOut(model, targets)
  return odd && `These swatches hardly belong together: ${odd}`
}

/** Which swatch is left out to explain the others best, and how far it lies from what they let expect. */
function oddOneOut(model: FilmModel, targets: Targets): string | undefined {
  const tried = (['masstone', 'wash'] as const).flatMap((name) => {
    const { [name]: one, ...rest } = targets
    if (!one) return []
    const fitted = fitFilm(model, rest)
    const load = name === 'masstone' ? 1 : fitted.washLoad
    const expected = labOfReflectance(filmOnPaper(fitted.K, fitted.S, load, one.on))
    return [{ name, cost: fitted.cost, by: colourDifference(expected, one.lab) }]
  })
  const [first] = tried.sort((p, q) => p.cost - q.cost)
  if (!first) return undefined
  return `the ${first.name} lies ${first.by.toFixed(0)} from what the rest and the code let expect. Is it another paint’s, or its code mistaken?`
}
