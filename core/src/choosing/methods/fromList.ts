import type { Paint } from '../../documents/paint'
import { cachedOptics } from '../../film/cachedOptics'
import { masstoneOf, washOf } from '../../film/optics'
import { findRecipes } from '../../mixing/recipes/findRecipes'
import { isSameCodes, samePaint } from '../../paints/collect'
import type { ListedLine } from '../../paints/reading/parseLines'
import type { IndexPaint } from '../../reach/mixtureIndex'
import { viewOfPaint } from '../../paints/view'
import { twinDifference, TWINS_BELOW } from '../verdict/tooMuch'

/** What became of a line of somebody's list. */
export interface ListedAnswer {
  line: number
  text: string
  name: string
  pigments: string[]
  as: 'owned' | 'same pigments' | 'mixable' | 'missing' | 'not understood'
  /** The owned paint that is it, or has the same pigments. */
  paintId?: string
  /** For one that can be mixed: the parts, and how near, CIEDE2000 over masstone and wash. */
  recipe?: { paints: { id: string; parts: number }[]; water: number; difference: number }
  /** An owned paint of which it would be nearly a repeat, and how near. */
  repeats?: { paintId: string; difference: number }
  message?: string
}

export interface ListQuestion {
  lines: readonly ListedLine[]
  owned: readonly Paint[]
  /** The owned paints as they mix. */
  films: readonly IndexPaint[]
  near: number
}

/**
 * Goes through somebody's list against what is owned: the same paint, the same pigments by another maker, what the owned
 * mix near enough, and what is missing. Of colours only known by code the reference's are taken. Yields each answer.
 */
export function* answerList({ lines, owned, films, near }: ListQuestion): Generator<ListedAnswer, ListedAnswer[]> {
  const answers: ListedAnswer[] = []
  for (const one of lines) {
    const answer = answerTo(one, owned, films, near)
    answers.push(answer)
    yield answer
  }
  return answers
}

function answerTo(
  { line, text, read }: ListedLine,
  owned: readonly Paint[],
  films: readonly IndexPaint[],
  near: number,
): ListedAnswer {
  const said = { line, text, name: read.name, pigments: read.pigments }
  const same = samePaint(owned, read) ?? byNameAndCodes(owned, read)
  if (same) return { ...said, as: 'owned', paintId: same.id }
  const wanted: Paint = { id: 'listed', v: 2, maker: read.maker, name: read.name, pigments: read.pigments }
  const optics = cachedOptics(wanted)
  const view = viewOfPaint(wanted)
  const repeats = nearestOf(view, owned)
  const others = owned.filter((p) => isSameCodes(p.pigments, read.pigments))
  if (others.length) {
    const nearest = nearestOf(view, others)
    return { ...said, as: 'same pigments', paintId: nearest?.paintId ?? others[0]!.id }
  }
  if (!optics.ok)
    return { ...said, as: 'not understood', message: `No pigment code that is known: ${optics.error.message}` }
  const target = { kind: 'paint' as const, masstone: masstoneOf(optics.value), wash: washOf(optics.value) }
  const found = findRecipes({ target, paints: films, count: 1 })
  const best = found.ok ? found.value.best[0] : undefined
  const isRepeat = repeats && repeats.difference < TWINS_BELOW ? { repeats } : {}
  if (best && best.difference <= near) {
    const recipe = { paints: best.paints, water: best.water, difference: best.difference }
    return { ...said, as: 'mixable', recipe, ...isRepeat }
  }
  return { ...said, as: 'missing', ...isRepeat }
}

/** A list of names and codes without makers still means what is owned under both. */
const byNameAndCodes = (owned: readonly Paint[], { maker, name, pigments }: ListedLine['read']) =>
  owned.find(
    (p) =>
      (!maker || p.maker.toLowerCase() === maker.toLowerCase()) &&
      p.name.toLowerCase() === name.toLowerCase() &&
      (pigments.length === 0 || isSameCodes(p.pigments, pigments)),
  )

function nearestOf(view: ReturnType<typeof viewOfPaint>, owned: readonly Paint[]) {
  if (!view.masstone || !view.wash) return undefined
  let best: { paintId: string; difference: number } | undefined
  for (const paint of owned) {
    const other = viewOfPaint(paint)
    if (!other.masstone || !other.wash) continue
    const difference = twinDifference(view, other)!
    if (!best || difference < best.difference) best = { paintId: paint.id, difference }
  }
  return best
}
