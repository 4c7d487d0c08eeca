import { counted } from '../../units'
import { differenceInWords } from '../../colour/difference'
import type { FoundRecipe } from './question'

/** How far a recipe is from its target, in words. */
export function recipeDifferenceInWords({
  difference,
  differences,
  water,
}: Pick<FoundRecipe, 'difference' | 'differences' | 'water'>): string {
  const { masstone, wash } = differences
  if (masstone === undefined || wash === undefined) return differenceInWords(difference)
  return `masstone ${differenceInWords(masstone)}; wash ${differenceInWords(wash)}, at ${counted(water, 'part')} of water`
}
