import type { Paint } from '../documents/paint'
import type { FoundRecipe } from '../mixing/recipes/question'
import { searchRecipes } from '../mixing/recipes/findRecipes'
import { viewOfPaint } from '../paints/view'
import { toLch } from '../colour/lch'
import { traitsOfMixture, traitsOfPaint, unlikeOf, type Unlike } from '../mixing/unlike'
import { retold } from '../steps'
import { Judge, type StandInContext } from './judge'
import { USUAL_MATTERS } from './matters'
import { soughtOf } from './sought'

/** A paint of several pigments against mixing it from the rest of the palette. */
export interface Convenience {
  paintId: string
  recipe?: { paints: { id: string; parts: number }[]; water: number; difference: number }
  unlike: Unlike[]
  /** What keeps it worth its place, in words. */
  keeps: string[]
  /** What speaks for mixing it, in words. */
  mixes: string[]
  advice: 'mix it' | 'keep it' | 'as you like'
}
export interface ConvenienceQuestion {
  context: StandInContext
  near: number
  most?: 1 | 2 | 3
}

/** C* by which a paint must be brighter than its mixture for that to keep it (judgement). */
const BRIGHTER = 6

/** For every mixed paint of a palette: whether the others mix it, at what effort, and what keeps it. Yields each. */
export function* convenienceOf({
  context,
  near,
  most = 3,
}: ConvenienceQuestion): Generator<Convenience | undefined, Convenience[]> {
  const found: Convenience[] = []
  for (const paint of context.palette) {
    if (paint.pigments.length < 2) continue
    const one = yield* judged(paint, context, near, most)
    if (!one) continue
    found.push(one)
    yield one
  }
  return found
}

function* judged(
  paint: Paint,
  context: StandInContext,
  near: number,
  most: 1 | 2 | 3,
): Generator<undefined, Convenience | undefined> {
  const others = context.palette.filter((p) => p.id !== paint.id)
  const sought = soughtOf({ kind: 'paint', paintId: paint.id }, () => paint)
  const { masstone, wash } = viewOfPaint(paint)
  if (!sought.ok || !masstone || !wash) return undefined
  const judge = new Judge(sought.value, { ...context, palette: others }, USUAL_MATTERS)
  const able = others.flatMap((p) => {
    const optics = judge.opticsOf(p)
    return optics ? [{ id: p.id, optics }] : []
  })
  const search = searchRecipes({ target: { kind: 'paint', masstone, wash }, paints: able, most, count: 3 })
  const answer = yield* retold(search, (): undefined => undefined)
  const best = answer.ok ? answer.value.best[0] : undefined
  const shared = paint.pigments.filter((code) => others.some((p) => p.pigments.length === 1 && p.pigments[0] === code))
  const there = shared.length
    ? [`${shared.join(' and ')} ${shared.length > 1 ? 'are' : 'is'} on the palette already`]
    : []
  if (!best || best.difference > near) {
    const off = best ? `the nearest mixture is off by ${best.difference.toFixed(1)}` : 'nothing here mixes it'
    return {
      paintId: paint.id,
      ...(best ? { recipe: { paints: best.paints, water: best.water, difference: best.difference } } : {}),
      unlike: [],
      keeps: [off],
      mixes: there,
      advice: 'keep it',
    }
  }
  const total = best.paints.reduce((sum, p) => sum + p.parts, 0)
  const parts = best.paints.flatMap(({ id, parts: n }) => {
    const own = others.find((p) => p.id === id)
    return own ? [{ paint: own, share: n / total }] : []
  })
  const unlike = unlikeOf({ ...traitsOfMixture(parts), darkest: best.lab.L }, traitsOfPaint(paint))
  const keeps = [
    ...reasonsToKeep(paint, parts, best),
    ...unlike.filter((u) => u.isLoss).map((u) => `the mixture ${u.words}`),
  ]
  const mixes = [
    `${best.paints.length === 1 ? 'one paint' : `${best.paints.length} paints`} come within ${best.difference.toFixed(1)}`,
    ...there,
  ]
  return {
    paintId: paint.id,
    recipe: { paints: best.paints, water: best.water, difference: best.difference },
    unlike,
    keeps,
    mixes,
    advice: best.paints.length <= 2 && keeps.length <= 1 ? 'mix it' : 'as you like',
  }
}

function reasonsToKeep(paint: Paint, parts: readonly { paint: Paint }[], best: FoundRecipe): string[] {
  const { masstone } = viewOfPaint(paint)
  const brighter = masstone ? toLch(masstone).C - toLch(best.lab).C : 0
  const yellow = parts.find((p) => viewOfPaint(p.paint).family === 'yellow')
  return [
    ...(parts.length > 1 ? [`saves mixing ${parts.length} paints each time`] : []),
    ...(yellow && parts.length > 1 ? [`keeps ${yellow.paint.name} clean`] : []),
    ...(brighter > BRIGHTER ? [`brighter than its mixture by C* ${brighter.toFixed(0)}`] : []),
  ]
}
