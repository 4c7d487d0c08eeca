import { type Drawback, type DrawbackContext, DRAWBACKS, drawbacksOf, type DrawbackKind } from '../choosing/drawbacks'
import type { Paint } from '../documents/paint'
import { ok, type Result } from '../result'
import {
  type Line,
  type SubstituteProgress,
  substitutePalette,
  type SubstituteQuestion,
  type Substitution,
} from './substitutePalette'
import { keeps, mustsOf } from './musts'
import { soughtOf } from './sought'

/** A paint that wants replacing, why, and what is proposed for it. */
export interface Wanting {
  paintId: string
  drawbacks: Drawback[]
  proposal?: Substitution
}

/** Reasons to replace a paint; the others only say that more of it has to be bought. */
const REASONS: ReadonlySet<DrawbackKind> = new Set(DRAWBACKS.filter((kind) => kind !== 'running low'))

/** Paints that want replacing, with the reasons; those with the most of them first. */
export function wantingOf(paints: readonly Paint[], context: DrawbackContext): Wanting[] {
  return paints
    .map((paint) => ({ paintId: paint.id, drawbacks: drawbacksOf(paint, context) }))
    .filter(({ drawbacks }) => drawbacks.some((d) => REASONS.has(d.kind)))
    .sort((p, q) => q.drawbacks.length - p.drawbacks.length || (p.paintId < q.paintId ? -1 : 1))
}

/** The same with a proposal for each, which must not share its reasons. Yields as the proposals come. */
export function* proposalsFor(
  wanting: readonly Wanting[],
  question: Omit<SubstituteQuestion, 'lines'>,
  paintOf: (id: string) => Paint | undefined,
): Generator<SubstituteProgress, Result<Wanting[]>> {
  const lines = wanting.map(({ paintId }): Line => ({
    id: paintId,
    sought: soughtOf({ kind: 'paint', paintId }, paintOf),
  }))
  const answer = yield* substitutePalette({ ...question, lines, unless: sharesIts(wanting) })
  if (!answer.ok) return answer
  const byId = new Map(answer.value.map((s) => [s.id, s]))
  return ok(wanting.map((w) => ({ ...w, ...(byId.has(w.paintId) ? { proposal: byId.get(w.paintId)! } : {}) })))
}

/** Another tube helps where none is left, and against nothing else. */
const OF_THE_STOCK: ReadonlySet<DrawbackKind> = new Set(['nothing left', 'running low'])

function sharesIts(wanting: readonly Wanting[]): NonNullable<SubstituteQuestion['unless']> {
  const drawbacksOfLine = new Map(wanting.map((w) => [w.paintId, w.drawbacks]))
  return (lineId, standIn) => {
    const drawbacks = drawbacksOfLine.get(lineId) ?? []
    if (standIn.kind === 'another item') return drawbacks.some((d) => !OF_THE_STOCK.has(d.kind))
    return !keeps(standIn, mustsOf(drawbacks))
  }
}
