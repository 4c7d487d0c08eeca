import type { Paint } from '../documents/paint'
import { isUsable } from '../documents/item'
import { referenceOf, unsureCodes } from '../film/whichReference'
import { findRecipes } from '../mixing/recipes/findRecipes'
import { byPaintName, inOrder, isMade, lasts, supplyOf } from '../order'
import { replacementOf } from '../pigments/trade'
import type { Judge, Option } from './judge'
import { targetOf } from './sought'

/**
 * What the trade usually takes in place of a pigment: the paints that are owned of it, alone or mixed, and what would have
 * to be bought. Common practice, from memory (data/trade/replacements.csv).
 */
export function usualOptions(judge: Judge): Option[] {
  const [code, another] = judge.sought.pigments
  const row = code && !another ? replacementOf(code) : undefined
  if (!row) return []
  return row.take.flatMap(({ parts }): Option[] => {
    const usual = row.lost
    if (parts.length > 1) {
      const mixed = mixtureOf(
        judge,
        parts.map((p) => p.pigment),
      )
      return mixed ? [{ ...mixed, usual }] : []
    }
    const pigment = parts[0]!.pigment
    const owned = ofPigment(judge, pigment)
    if (owned.length) return owned.map((paint) => ({ kind: 'other pigments', paint, usual }))
    const sold = judge.asSold(pigment)
    return sold && isMade(sold) ? [{ kind: 'to buy', pigment, paint: sold, usual }] : []
  })
}

/** A mixture in the tube, from the drawer: its own pigments, each from a tube of its own. */
export function sameMixture(judge: Judge): Option[] {
  const codes = [...new Set(judge.sought.pigments)]
  if (codes.length < 2 || codes.length > MOST) return []
  const mixed = mixtureOf(judge, codes)
  return mixed ? [{ ...mixed, isSame: true }] : []
}
const MOST = 3

/** Pigments by id or code, each from an owned paint of it alone, in the parts that come nearest. */
function mixtureOf(judge: Judge, pigments: readonly string[]): Option | undefined {
  const target = targetOf(judge.sought)
  const paints = pigments.flatMap((id) => ofPigment(judge, id)[0] ?? [])
  if (!target || paints.length < pigments.length || paints.length > MOST) return undefined
  const films = paints.flatMap((paint) => {
    const optics = judge.opticsOf(paint)
    return optics ? [{ id: paint.id, optics }] : []
  })
  if (films.length < paints.length) return undefined
  const recipes = findRecipes({ target, paints: films, most: paints.length as 2 | 3, count: 3 })
  const best = recipes.ok && recipes.value.best.find((r) => r.paints.length === paints.length)
  if (!best) return undefined
  return { kind: judge.kindOf(best.paints.map((p) => p.id)), mixture: { paints: best.paints, water: best.water } }
}

const itself = (paint: Paint) => paint
/** Owned paints of one pigment alone: those that last, are there and lie here first. */
function ofPigment({ sought, context, mayTake }: Judge, pigment: string): Paint[] {
  const isOf = (paint: Paint) =>
    paint.id !== sought.paint?.id &&
    paint.pigments.length === 1 &&
    mayTake(paint) &&
    (paint.pigments[0] === pigment ||
      referenceOf(paint)[0]?.id === pigment ||
      // a code that nobody looked closer at may be that one
      (unsureCodes(paint).length > 0 && pigment.startsWith(`${paint.pigments[0]!} `)))
  const here = new Set(context.palette.map((p) => p.id))
  return inOrder(
    context.owned.filter(isOf),
    [
      lasts(itself, 3),
      { says: 'it lies here', of: (p) => Number(here.has(p.id)) },
      { says: 'more of it is there', of: (p) => supplyOf(context.itemsOf(p.id).filter(isUsable)).level },
    ],
    byPaintName(itself),
  ).map(({ item }) => item)
}
