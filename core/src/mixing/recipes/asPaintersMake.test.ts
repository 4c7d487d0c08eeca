import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paint } from '../../documents/documents.fixture'
import { labD65 } from '../../units'
import { arePartners } from '../../pigments/trade'
import { asPaintersMake, fadingIn } from './asPaintersMake'
import type { FoundRecipe } from './question'

const PAINTS = new Map(
  ['PB29', 'PBr7', 'PR83', 'PV19', 'PY3', 'PG26', 'PB15:3'].map((c) => [c, paint(c, { pigments: [c] })]),
)
const paintOf = (id: string) => PAINTS.get(id)
const recipe = (difference: number, ...parts: [id: string, parts: number][]): FoundRecipe => ({
  paints: parts.map(([id, n]) => ({ id, parts: n })),
  water: 0,
  load: 1,
  difference,
  differences: {},
  lab: labD65(50, 0, 0),
})
const order = (...recipes: FoundRecipe[]) =>
  asPaintersMake(recipes, paintOf).map((r) => r.paints.map((p) => p.id).join('+'))

describe('recipes as painters make them (common practice, no source)', () => {
  it('a single paint comes before a mixture that is hardly nearer, and after one that is clearly nearer', () => {
    const single = recipe(2.4, ['PB29', 1])
    expect(order(recipe(1.6, ['PB15:3', 1], ['PV19', 1]), single)[0]).toBe('PB29')
    expect(order(recipe(0.4, ['PB15:3', 1], ['PV19', 1]), single)[0]).toBe('PB15:3+PV19')
  })
  it('of as near ones what lasts, what is counted out and what is usual come first', () => {
    expect(order(recipe(1, ['PB29', 1], ['PR83', 1]), recipe(1.5, ['PB29', 1], ['PV19', 1]))[0]).toBe('PB29+PV19')
    expect(order(recipe(1, ['PB29', 24], ['PV19', 1]), recipe(1.5, ['PB15:3', 3], ['PV19', 1]))[0]).toBe('PB15:3+PV19')
    expect(order(recipe(1, ['PG26', 1], ['PY3', 1]), recipe(1.5, ['PB15:3', 1], ['PY3', 1]))[0]).toBe('PB15:3+PY3')
  })
  it('of equally usual pigments the usual partners come first, and of those the cheaper', () => {
    // ultramarine and burnt sienna are the usual grey (data/trade/classic-mixtures.csv)
    const [grey, odd] = [recipe(1.2, ['PB29', 1], ['PBr7', 1]), recipe(1, ['PB29', 1], ['PY3', 1])]
    const isPair = (r: FoundRecipe) => arePartners(r.paints[0]!.id, r.paints[1]!.id)
    expect(isPair(grey)).toBe(true)
    expect(order(recipe(1, ['PV19', 1], ['PBr7', 1]), grey)[0]).toBe('PB29+PBr7')
    const priced = (prices: Record<string, number>) =>
      asPaintersMake([grey, odd], paintOf, (id) => prices[id]).map((r) => r.paints[1]!.id)[0]
    expect(isPair(odd)).toBe(true)
    expect(priced({ PB29: 50, PBr7: 40, PY3: 90 })).toBe('PBr7')
    expect(priced({ PB29: 50, PBr7: 90, PY3: 40 })).toBe('PY3')
  })
  it('is the same whatever order they come in', () => {
    const ids = [...PAINTS.keys()]
    const any = fc.record({
      difference: fc.double({ min: 0, max: 8, noNaN: true }),
      members: fc.uniqueArray(fc.constantFrom(...ids), { minLength: 1, maxLength: 3 }),
      parts: fc.integer({ min: 1, max: 12 }),
    })
    fc.assert(
      fc.property(
        fc.uniqueArray(any, { maxLength: 8, selector: (r) => r.members.join() }),
        fc.infiniteStream(fc.nat()),
        (list, keys) => {
          const recipes = list.map((r) =>
            recipe(r.difference, ...r.members.map((id): [string, number] => [id, r.parts])),
          )
          const shuffled = recipes
            .map((r) => ({ r, at: keys.next().value as number }))
            .sort((p, q) => p.at - q.at)
            .map(({ r }) => r)
          expect(order(...shuffled)).toEqual(order(...recipes))
        },
      ),
    )
  })
  it('names what fades in it', () => {
    expect(fadingIn(recipe(1, ['PB29', 1], ['PR83', 1]), paintOf).map((p) => p.id)).toEqual(['PR83'])
    expect(fadingIn(recipe(1, ['gone', 1]), paintOf)).toEqual([])
  })
})
