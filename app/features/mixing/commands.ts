import type { BoxMixture } from '@juxtachrome/core/charts'
import {
  added,
  removed,
  updated,
  type Change,
  type Paint,
  type PaintParts,
  type Recipe,
  type Swatch,
} from '@juxtachrome/core/documents'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** The same paints in the same ratio are the same mixture, in whatever order. */
const keyOf = (parts: readonly PaintParts[]) => {
  const all = parts.reduce((sum, p) => sum + p.parts, 0)
  return parts
    .map((p) => `${p.paintId}:${(p.parts / all).toFixed(4)}`)
    .sort()
    .join('+')
}

/** What a person does with kept mixtures. */
export function useRecipeCommands() {
  const undo = useUndo()
  const collection = useCollection()
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
    /** What several real mixtures looked like, as one step: recipes of the same parts keep what they hold beside it. */
    noteAll(mixtures: readonly BoxMixture[], label: string, alsoPaints: Change[] = []) {
      const made = new Map<string, { before: Recipe | null; after: Recipe }>()
      for (const { name, parts, part, swatch } of mixtures) {
        const key = keyOf(parts)
        const known = made.get(key) ?? {
          before: collection.recipes.find((r) => keyOf(r.paints) === key) ?? null,
          after: undefined as Recipe | undefined,
        }
        const recipe = known.after ??
          known.before ?? { id: nanoid(12), v: 1 as const, name, paints: parts.map((p) => ({ ...p })), water: 0 }
        made.set(key, { before: known.before, after: { ...recipe, [part]: swatch } })
      }
      const changes = [...made.values()].map(({ before, after }) =>
        before ? updated('recipes', before, after) : added('recipes', after),
      )
      undo.commit(label, [...alsoPaints, ...changes])
    },
    /**
     * A mixture of one's own that fills pans: a paint without a tube, drawn from the tubes of its parts. It looks as it
     * really did, or as it is predicted to.
     */
    toFillPans(recipe: Recipe, predicted: { masstone: Swatch; wash: Swatch }): Paint {
      const pigments = [...new Set(recipe.paints.flatMap((p) => collection.paint(p.paintId)?.pigments ?? []))]
      const paint: Paint = {
        id: nanoid(12),
        v: 2,
        maker: '',
        name: recipe.name.slice(0, 120),
        formula: 'own mixture',
        pigments: pigments.slice(0, 12),
        masstone: recipe.masstone ?? predicted.masstone,
        wash: recipe.wash ?? predicted.wash,
        mixedFrom: recipe.paints.map(({ paintId, parts }) => ({ paintId, parts })),
      }
      undo.commit(`made ${recipe.name} a mixture that fills pans`, [added('paints', paint)])
      return paint
    },
    rename: (recipe: Recipe, name: string) =>
      undo.commit(`renamed ${recipe.name} to ${name}`, [updated('recipes', recipe, { ...recipe, name })]),
    remove: (recipe: Recipe) => undo.commit(`removed the recipe ${recipe.name}`, [removed('recipes', recipe)]),
  }
}
