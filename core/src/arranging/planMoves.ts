import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'

/** One step on the way from what lies to what is planned. */
export type Move =
  /** The paint of a well has to be cleaned out first: wells stay. */
  | { kind: 'clean'; placeId: string; paintId: string }
  /** The pan is lifted out and laid aside. */
  | { kind: 'lift'; placeId: string; paintId: string }
  /** The pan goes from one place to another that is free by then. */
  | { kind: 'move'; from: string; to: string; paintId: string }
  /** What was laid aside is put in. */
  | { kind: 'put'; placeId: string; paintId: string }

export interface MovesQuestion {
  /** The palette with the plan that is to be reached. */
  palette: Pick<Palette, 'holder' | 'plan'>
  /** What lies in each place now. */
  lying: ReadonlyMap<string, string>
  /** Paints in pans that were laid aside. */
  aside?: readonly string[]
}
export interface PlannedMoves {
  moves: Move[]
  /** Planned paints that lie nowhere in the palette: they are filled afresh. */
  toFill: string[]
  /** Paints that lie where something else is planned, and have no place of their own: lifted out, and left out. */
  leftOver: string[]
}

/**
 * The fewest steps with real pans and one hand to spare. Along a chain that ends in a free place every pan moves once; a
 * closed ring of pans needs one to be laid aside first. Paint in wells stays: where another is planned, it is cleaned out,
 * and those come first.
 */
export function planMoves({ palette, lying, aside = [] }: MovesQuestion): PlannedMoves {
  const isPan = new Map(palette.holder.places.map((p) => [p.id, p.container !== 'well']))
  const places = palette.holder.places.map((p) => p.id)
  const wanted = (id: string) => planAt(palette, id)?.paintId
  const cleans = places.flatMap((placeId): Move[] => {
    const paintId = lying.get(placeId)
    const is = wanted(placeId)
    return paintId !== undefined && !isPan.get(placeId) && is !== undefined && is !== paintId
      ? [{ kind: 'clean', placeId, paintId }]
      : []
  })
  const pans = places.filter((id) => isPan.get(id))
  const { target, leftOver, open } = targets(pans, lying, wanted)
  const puts = aside.flatMap((paintId) => {
    const at = open.findIndex((to) => wanted(to) === paintId)
    return at < 0 ? [] : [{ kind: 'put' as const, placeId: open.splice(at, 1)[0]!, paintId }]
  })
  const moves: Move[] = []
  const now = new Map(pans.flatMap((id) => (lying.has(id) ? [[id, lying.get(id)!] as const] : [])))
  // what has no place of its own and is in the way goes first
  for (const id of pans)
    if (now.has(id) && !target.has(id) && wanted(id) !== undefined && now.get(id) !== wanted(id)) {
      moves.push({ kind: 'lift', placeId: id, paintId: now.get(id)! })
      now.delete(id)
    }
  const waiting = new Map(target)
  const follow = (start: string) => {
    // back along the chain: who goes to the place that is free now
    let free: string | undefined = start
    while (free !== undefined) {
      const to: string = free
      const from = [...waiting].find(([, t]) => t === to)?.[0]
      if (from === undefined) return
      moves.push({ kind: 'move', from, to, paintId: now.get(from)! })
      now.set(to, now.get(from)!)
      now.delete(from)
      waiting.delete(from)
      free = from
    }
  }
  for (const id of pans) if (!now.has(id)) follow(id)
  while (waiting.size) {
    const [from, to] = [...waiting][0]!
    const paintId = now.get(from)!
    moves.push({ kind: 'lift', placeId: from, paintId })
    now.delete(from)
    waiting.delete(from)
    follow(from)
    moves.push({ kind: 'put', placeId: to, paintId })
    now.set(to, paintId)
  }
  for (const put of puts) {
    moves.push(put)
    now.set(put.placeId, put.paintId)
  }
  const lies = (id: string) => now.get(id) ?? (isPan.get(id) ? undefined : lying.get(id))
  const toFill = places.filter((id) => wanted(id) !== undefined && lies(id) !== wanted(id))
  return { moves: [...cleans, ...moves], toFill, leftOver }
}

/** Where each pan that lies wrong goes. A paint that lies in several pans, or is planned in several places, stays where it can. */
function targets(
  pans: readonly string[],
  lying: ReadonlyMap<string, string>,
  wanted: (id: string) => string | undefined,
): { target: Map<string, string>; leftOver: string[]; open: string[] } {
  const wrong = pans.filter((id) => lying.has(id) && lying.get(id) !== wanted(id))
  const open = pans.filter((id) => wanted(id) !== undefined && lying.get(id) !== wanted(id))
  const target = new Map<string, string>()
  for (const from of wrong) {
    const at = open.findIndex((to) => wanted(to) === lying.get(from))
    if (at >= 0) target.set(from, open.splice(at, 1)[0]!)
  }
  const leftOver = wrong.filter((id) => !target.has(id) && wanted(id) !== undefined).map((id) => lying.get(id)!)
  return { target, leftOver, open }
}
