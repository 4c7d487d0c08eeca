import type { Holder } from '../../documents/palette'
import { boxOf } from '../geometry'
import { outsideBy, overlapOf, type ThingKey, thingsOf, shapeOf } from './things'

/** What is wrong with a drawn holder. */
export interface HolderProblem {
  kind: 'overlap' | 'outside' | 'too small' | 'no place' | 'absurd size'
  keys: ThingKey[]
  words: string
}

/** Shapes may lie in each other by so much, mm: as one measures. */
const TOLERANCE = 0.15
/** Nothing smaller takes a brush, mm. */
const SMALLEST = 4
/** A palette larger than this is a table, mm. */
const LARGEST = 1000

/** What does not hold of a drawing, in words; empty where it can be used. Mixing surfaces may lie in wells' way, wells may not. */
export function holderProblems(holder: Holder): HolderProblem[] {
  const things = thingsOf(holder)
  const problems: HolderProblem[] = []
  if (!(holder.width >= 20 && holder.height >= 20 && holder.width <= LARGEST && holder.height <= LARGEST))
    problems.push({ kind: 'absurd size', keys: [], words: `A box measures 20 to ${LARGEST} mm each way.` })
  if (holder.places.length === 0) problems.push({ kind: 'no place', keys: [], words: 'It has no place for paint yet.' })
  for (const thing of things) {
    const { key } = thing
    const name = 'place' in thing ? key : `The ${thing.part.kind}`
    const by = outsideBy(shapeOf(thing), holder)
    if (by > TOLERANCE)
      problems.push({ kind: 'outside', keys: [key], words: `${name} stands ${mm(by)} out of the box.` })
    const { width, height } = boxOf(shapeOf(thing))
    if ('place' in thing && Math.min(width, height) < SMALLEST)
      problems.push({ kind: 'too small', keys: [key], words: `${name} is only ${mm(Math.min(width, height))} wide.` })
  }
  const solid = things.filter((t) => 'place' in t || t.part.kind === 'hold' || t.part.kind === 'hinge')
  solid.forEach((p, i) =>
    solid.slice(i + 1).forEach((q) => {
      const deep = overlapOf(shapeOf(p), shapeOf(q))
      if (deep <= TOLERANCE) return
      const [one, other] = [p, q].map((t) =>
        'place' in t ? t.key : `the ${t.part.kind === 'hold' ? 'thumb hole' : t.part.kind}`,
      )
      problems.push({ kind: 'overlap', keys: [p.key, q.key], words: `${one} and ${other} overlap by ${mm(deep)}.` })
    }),
  )
  return problems
}
const mm = (length: number) => `${length.toFixed(1)} mm`
