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
  const { target, leftOver, puts } = targetsOf(pans, lying, wanted, aside)
  const moves: Move[] = []
  const now = new Map(pans.flatMap((id) => (lying.has(id) ? [[id, lying.get(id)!] as const] : [])))
  // what has no place of its own and is in the way goes first
  for (const id of pans)
    if (now.has(id) && !target.has(id) && wanted(id) !== undefined && now.get(id) !== wanted(id)) {
      moves.push({ kind: 'lift', placeId: id, paintId: now.get(id)! })
      now.delete(id)
    }
  const waiting = new Map(target)
  /** What lies aside goes in as soon as its place is free, so that never more than one does on account of a ring. */
  const putBack = () => {
    for (const [placeId, paintId] of puts)
      if (!now.has(placeId)) {
        moves.push({ kind: 'put', placeId, paintId })
        now.set(placeId, paintId)
        puts.delete(placeId)
      }
  }
  const follow = (start: string) => {
    // back along the chain: who goes to the place that is free now
    let free: string | undefined = start
    while (free !== undefined && !puts.has(free)) {
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
  for (const id of pans)
    if (!now.has(id)) {
      follow(id)
      putBack()
    }
  while (waiting.size) {
    const [from, to] = [...waiting][0]!
    const paintId = now.get(from)!
    moves.push({ kind: 'lift', placeId: from, paintId })
    now.delete(from)
    waiting.delete(from)
    puts.set(to, paintId)
    follow(from)
    putBack()
  }
  const lies = (id: string) => now.get(id) ?? (isPan.get(id) ? undefined : lying.get(id))
  const toFill = places.filter((id) => wanted(id) !== undefined && lies(id) !== wanted(id))
  return { moves: [...cleans, ...moves], toFill, leftOver }
}

interface Targets {
  /** Where each pan that lies wrong goes. */
  target: Map<string, string>
  leftOver: string[]
  /** Where what lies aside goes. */
  puts: Map<string, string>
}

/** A pan that goes somewhere: from a place, or from aside; without an end it is left over, without a beginning a place stays to be filled. */
interface Going {
  paintId: string
  from?: string
  isAside?: boolean
  to?: string
}

/**
 * Where each pan that lies wrong goes, with as few closed rings as can be. A paint that lies in several pans, or is planned
 * in several places, stays where it can; of its pans those in the way go first. Any two goings of one paint may exchange
 * their ends; where one of them is in a ring and the other is not in the same, that opens or joins the ring. What is left
 * are rings that share no paint with anything else: none can be spared.
 */
function targetsOf(
  pans: readonly string[],
  lying: ReadonlyMap<string, string>,
  wanted: (id: string) => string | undefined,
  aside: readonly string[],
): Targets {
  const wrong = pans.filter((id) => lying.has(id) && lying.get(id) !== wanted(id))
  const open = pans.filter((id) => wanted(id) !== undefined && lying.get(id) !== wanted(id))
  const goings: Going[] = []
  for (const paintId of new Set(open.map((id) => wanted(id)!))) {
    const ends = open.filter((id) => wanted(id) === paintId)
    const inTheWay = wrong.filter((id) => lying.get(id) === paintId && wanted(id) !== undefined)
    const elsewhere = wrong.filter((id) => lying.get(id) === paintId && wanted(id) === undefined)
    const beginnings: Pick<Going, 'from' | 'isAside'>[] = [
      ...inTheWay.map((from) => ({ from })),
      ...aside.filter((p) => p === paintId).map(() => ({ isAside: true })),
      ...elsewhere.map((from) => ({ from })),
    ]
    for (let i = 0; i < Math.max(beginnings.length, ends.length); i += 1) {
      const to = ends[i]
      // a pan that is nowhere in the way and has no end stays where it is
      if (to === undefined && (beginnings[i]!.isAside || !inTheWay.includes(beginnings[i]!.from!))) continue
      goings.push({ paintId, ...beginnings[i], ...(to === undefined ? {} : { to }) })
    }
  }
  openRings(goings)
  const target = new Map(goings.flatMap((g) => (g.from && g.to ? [[g.from, g.to] as const] : [])))
  return {
    target,
    leftOver: wrong.filter((id) => !target.has(id) && wanted(id) !== undefined).map((id) => lying.get(id)!),
    puts: new Map(goings.flatMap((g) => (g.isAside && g.to ? [[g.to, g.paintId] as const] : []))),
  }
}

/** Exchanges ends of goings of one paint as long as that makes one ring less. */
function openRings(goings: readonly Going[]): void {
  for (;;) {
    const ring = ringsOf(goings)
    const joined = goings.some((one) => {
      const mine = ring.get(one)
      if (mine === undefined) return false
      const other = goings.find((g) => g !== one && g.paintId === one.paintId && ring.get(g) !== mine)
      if (!other) return false
      const end = one.to
      if (other.to === undefined) delete one.to
      else one.to = other.to
      if (end === undefined) delete other.to
      else other.to = end
      return true
    })
    if (!joined) return
  }
}

/** The closed rings, as numbers by what goes in them. */
function ringsOf(goings: readonly Going[]): Map<Going, number> {
  const from = new Map(goings.flatMap((g) => (g.from === undefined ? [] : [[g.from, g] as const])))
  const rings = new Map<Going, number>()
  for (const [number, start] of goings.entries()) {
    if (rings.has(start)) continue
    const path: Going[] = []
    let at: Going | undefined = start
    while (at?.from !== undefined && !path.includes(at)) {
      path.push(at)
      at = at.to === undefined ? undefined : from.get(at.to)
    }
    if (at === start && path.length) for (const g of path) rings.set(g, number)
  }
  return rings
}
