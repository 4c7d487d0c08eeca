import { added, removed, updated, type PaintParts, type Recipe, type Swatch } from '@juxtachrome/core/documents'
import { nanoid } from 'nanoid'
import { useUndo } from '~/stores/undo'

/** What a person does with kept mixtures. */
export function useRecipeCommands() {
  const undo = useUndo()
  return {
    keep(name: string, parts: readonly PaintParts[], water: number): Recipe {
      const recipe: Recipe = {
        id: nanoid(12),
        v: 1,
        name,
        paints: parts.map(({ paintId, parts: p }) => ({ paintId, parts: p })),
        water,
      }
      undo.commit(`kept the recipe ${name}`, [added('recipes', recipe)])
      return recipe
    },
    /** What the real mixture looked like. */
    note(recipe: Recipe, seen: { masstone?: Swatch; wash?: Swatch; note?: string }) {
      undo.commit(`noted what ${recipe.name} looked like`, [updated('recipes', recipe, { ...recipe, ...seen })])
    },
    rename: (recipe: Recipe, name: string) =>
      undo.commit(`renamed ${recipe.name} to ${name}`, [updated('recipes', recipe, { ...recipe, name })]),
    remove: (recipe: Recipe) => undo.commit(`removed the recipe ${recipe.name}`, [removed('recipes', recipe)]),
  }
}
