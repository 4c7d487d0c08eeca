import { counted } from '../../units'
import { differenceInWords } from '../../colour/difference'
import type { Paint } from '../../documents/paint'
import { propertiesOf } from '../../paints/properties'
import { levelOn, LIGHTFASTNESSES } from '../../pigments/scales'
import { behaviourOfMixture } from '../behaviour'
import type { FoundRecipe } from './question'

/** What a mixture does not do on the paper as the paint does that it stands in for, in words; empty when nothing is known. */
export function unlikeTarget(parts: readonly { paint: Paint; share: number }[], target: Paint): string[] {
  const [own, its] = [behaviourOfMixture(parts), propertiesOf(target)]
  const behaviours = (['granulation', 'staining'] as const).flatMap((b) => {
    const [mine, wanted] = [own[b], its[b]?.value]
    return mine && wanted && mine !== wanted ? [`${mine}, not ${wanted}`] : []
  })
  const wanted = its.lightfastness?.value
  const fades =
    own.lightfastness && wanted && levelOn(LIGHTFASTNESSES, own.lightfastness) > levelOn(LIGHTFASTNESSES, wanted)
  return fades ? [...behaviours, `fades sooner: lightfastness ${own.lightfastness}, not ${wanted}`] : behaviours
}

/** How far a recipe is from its target, in words with the numbers behind them. */
export function recipeDifferenceInWords({
  difference,
  differences,
  water,
}: Pick<FoundRecipe, 'difference' | 'differences' | 'water'>): string {
  const { masstone, wash } = differences
  if (masstone === undefined || wash === undefined) return withNumber(difference)
  return `masstone ${withNumber(masstone)}; wash ${withNumber(wash)}, at ${counted(water, 'part')} of water`
}
const withNumber = (difference: number) => `${differenceInWords(difference)}, ${difference.toFixed(1)}`
