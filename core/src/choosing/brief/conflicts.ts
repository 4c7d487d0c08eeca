import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { counted } from '../../units'
import { countInWords, isCounted, wantedOf } from './counts'
import { fitOf } from './fit'
import { wishOf } from './wishes'

/** Something of a brief that cannot be had together with something else of it, and what to give up. */
export interface Conflict {
  message: string
  /** What to relax, in words, and which part of the brief that is. */
  relax: { words: string; brief: Brief }[]
}

export interface ConflictQuestion {
  brief: Brief
  /** Places that may be planned. */
  places: number
  /** What may come in: the paints of the collection. */
  paints: readonly Paint[]
  planned: readonly Paint[]
}

/** What of a brief contradicts itself, the box or the collection; empty where it can all be had. */
export function conflictsOf({ brief, places, paints, planned }: ConflictQuestion): Conflict[] {
  const { mustIn = [], stayOut = [], wishes = [] } = brief
  const conflicts: Conflict[] = []
  const byId = new Map(paints.map((p) => [p.id, p]))
  const nameOf = (id: string) => byId.get(id)?.name ?? 'a paint that is gone'
  const without = (list: readonly string[], id: string) => list.filter((other) => other !== id)
  for (const id of mustIn.filter((m) => stayOut.includes(m)))
    conflicts.push({
      message: `${nameOf(id)} must be in and must stay out.`,
      relax: [
        { words: 'Let it in', brief: { ...brief, stayOut: without(stayOut, id) } },
        { words: 'Leave it out', brief: { ...brief, mustIn: without(mustIn, id) } },
      ],
    })
  const gone = mustIn.filter((id) => !byId.has(id))
  if (gone.length)
    conflicts.push({
      message: `${counted(gone.length, 'paint')} that must be in ${gone.length === 1 ? 'is' : 'are'} no longer in the collection.`,
      relax: [{ words: 'Forget what is gone', brief: { ...brief, mustIn: mustIn.filter((id) => byId.has(id)) } }],
    })
  if (mustIn.length > places)
    conflicts.push({
      message: `${counted(mustIn.length, 'paint')} must be in, and there ${places === 1 ? 'is' : 'are'} ${counted(places, 'place')}.`,
      relax: [{ words: `Ask only for the first ${places}`, brief: { ...brief, mustIn: mustIn.slice(0, places) } }],
    })
  const hard = wishes.filter((w) => w.hard && !wishOf(w.wish)?.softOnly)
  const rulesOut = (p: Paint, some: typeof hard) =>
    fitOf(p, { wishes: some }, { palette: planned }).word === 'ruled out'
  for (const id of mustIn) {
    const paint = byId.get(id)
    const breaks = paint ? hard.filter((w) => rulesOut(paint, [w])) : []
    if (!paint || breaks.length === 0 || stayOut.includes(id)) continue
    const why = fitOf(paint, { wishes: breaks }, { palette: planned }).reasons.join(', ')
    conflicts.push({
      message: `${paint.name} must be in, but a wish that rules out says otherwise: ${why}.`,
      relax: [
        { words: 'Do not insist on it', brief: { ...brief, mustIn: without(mustIn, id) } },
        {
          words: 'Make it a wish only',
          brief: { ...brief, wishes: wishes.map((w) => (breaks.includes(w) ? { ...w, hard: false } : w)) },
        },
      ],
    })
  }
  if (hard.length && paints.length && !paints.some((p) => !stayOut.includes(p.id) && !rulesOut(p, hard)))
    conflicts.push({
      message: `No paint of the collection meets ${hard.length === 1 ? `“${labelOf(hard[0]!.wish)}”` : 'all that is asked'}.`,
      relax: hard
        .map((w) => ({
          w,
          left: paints.filter(
            (p) =>
              !rulesOut(
                p,
                hard.filter((other) => other !== w),
              ),
          ).length,
        }))
        .sort((p, q) => q.left - p.left)
        .map(({ w, left }) => ({
          words: `${labelOf(w.wish)} as a wish only (${counted(left, 'paint')} then)`,
          brief: { ...brief, wishes: wishes.map((other) => (other === w ? { ...w, hard: false } : other)) },
        })),
    })
  for (const count of brief.counts?.filter((c) => c.hard && c.bound === 'least') ?? []) {
    const wanted = wantedOf(count, places)
    const there = paints.filter((p) => !stayOut.includes(p.id) && isCounted(count, p)).length
    if (wanted <= Math.min(there, places)) continue
    conflicts.push({
      message:
        wanted > places
          ? `You ask for ${countInWords(count)}, and there ${places === 1 ? 'is' : 'are'} ${counted(places, 'place')}.`
          : `You ask for ${countInWords(count)}, and own ${there === 0 ? 'none' : there}.`,
      relax: [
        {
          words: 'Make it a wish only',
          brief: { ...brief, counts: brief.counts!.map((c) => (c === count ? { ...c, hard: false } : c)) },
        },
        { words: 'Do without it', brief: { ...brief, counts: brief.counts!.filter((c) => c !== count) } },
      ],
    })
  }
  return conflicts
}

const labelOf = (wish: string) => wishOf(wish)?.label ?? wish
