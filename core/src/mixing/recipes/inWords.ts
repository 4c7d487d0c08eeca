import { counted } from '../../units'
import { differenceInWords } from '../../colour/difference'
import type { FoundRecipe } from './question'

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
