import type { TargetChoice } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import type { Palette } from '../../documents/palette'
import { cachedOptics } from '../../film/cachedOptics'
import type { Optics } from '../../film/optics'
import { asItMixes, type Learned } from '../../mixing/strengths'
import type { Supply } from '../../order'
import { DEFAULT_TARGETS, NEAR_ENOUGH, tableOf, targetsOf } from '../../reach/choices'
import { heldIndex } from '../../reach/heldIndexes'
import { indexPaintsOf, type Indexed } from '../../reach/indexPaints'
import { EVERYTHING } from '../../reach/lattice'
import { MOST_INDEXED, type IndexPaint, type MixtureIndex } from '../../reach/mixtureIndex'
import { PaletteReach, sizesOverAll } from '../../reach/paletteReach'
import type { TargetTable } from '../../reach/targetTable'
import { fail, ok, type Result } from '../../result'
import { retold } from '../../steps'
import { countsMissed } from '../brief/counts'
import { conflictsOf } from '../brief/conflicts'
import { fitOf, isRuledOut } from '../brief/fit'
import { onlyRolesOf } from '../roles'
import type { Assessment, Bringing, IndexNeed } from './assessment'
import { brought, countedOf, reachOf, type Counted } from './counted'
import { gapsOf } from './gaps'
import { handlingOf } from './handling'
import { indexFor, keyFor } from './indexes'
import { cleanestOf, pairsOf, valuesOf } from './pairs'
import { byIdentity, plannedIn } from './planned'
import { sparesOf } from './spares'
import { crowdsOf, twinsOf } from './tooMuch'

type Held = (key: string) => MixtureIndex | undefined

export interface AssessQuestion {
  palette: Palette
  /** The collection: what is owned, and so what may come in. */
  paints: readonly Paint[]
  /** What tint tests and notes teach, by paint. */
  strengths?: Learned
  /** The paints as an index takes them, where that is known already. */
  indexed?: () => Indexed
  /** Builds the indexes of the whole collection on the way where they are not at hand, instead of naming them as needed. */
  complete?: boolean
  /** Indexes of the collection that are at hand, by their keys. */
  held?: Held
  /** Whether there is a tube or pan of a paint; all count where nobody says. Only what is there is proposed. */
  isAtHand?: (paintId: string) => boolean
  /** How much of a paint is there; enough of all where nobody says. */
  supplyOf?: (paintId: string) => Supply
}

export interface AssessProgress {
  done: number
  of: number
  /** The assessment as far as it is, where there is something new in it. */
  soFar?: Assessment
  /** What comes next takes longer and may wait until nothing changes any more. */
  restful?: boolean
  /** Indexes of the collection are named that somebody may have. */
  awaits?: boolean
}

const STEPS = 5
/** Paints whose going costs less than this share of the worth are tried against the rest (judgement). */
const HARDLY_MISSED = 0.03
const MOST_TRIED = 8
const NOTHING = { reach: 0, worth: 0 }

/**
 * What a palette can do, what it lacks and what each paint brings, against its brief. First what the planned paints
 * reach and bring, and what the index of the whole collection adds (its reach, what candidates would bring), then
 * neutralisers, values, twins and gaps, then which paints the rest would mix. Yields the assessment as far as it is; deterministic.
 *
 * Effect paints and paints without colour take no part in predictions and are named. Figures of reach are shares of
 * the weight of the targets, 0..1; colour differences are CIEDE2000, lightness L* and chroma C* (D65).
 *
 * Errors: `no-targets` (the brief names only targets that this version does not know).
 */
export function* assessPalette(question: AssessQuestion): Generator<AssessProgress, Result<Assessment>> {
  const { palette, paints, strengths, held = heldIndex } = question
  const { brief } = palette
  const choices = targetsOf(brief).flatMap((choice) => {
    const table = tableOf(choice)
    return table ? [{ choice, table }] : []
  })
  if (choices.length === 0) return fail('no-targets', 'None of the targets of this palette is known here.')
  const byId = new Map(paints.map((p) => [p.id, p]))
  const { usable, left, places } = plannedIn(palette, (id) => byId.get(id), strengths)
  const planned = [...new Map(places.map((p) => [p.paint.id, p.paint])).values()]
  const fit = (paint: Paint) => fitOf(paint, brief, { palette: planned })
  let soFar = firstLook(question, planned, places, left)
  const { near, most } = soFar
  let done = 0
  const say = (share = 0): AssessProgress => ({ done: done + share, of: STEPS })
  const so = (more: Partial<Assessment>): AssessProgress => {
    soFar = { ...soFar, ...more }
    done += 1
    return { ...say(), soFar }
  }
  // films are worked out one by one the first time, so that a cancel is heard between two of them
  for (const paint of paints.slice(0, MOST_INDEXED)) {
    cachedOptics(paint)
    yield say()
  }
  const indexed =
    question.indexed?.() ?? indexPaintsOf(paints, strengths, { planned: new Set(planned.map((p) => p.id)) })
  // in an order that a move to another place does not change, so that what is known of the same paints still holds
  const ordered = byIdentity(usable)
  const own = ordered.map(({ id, optics }) => ({ id, optics }))
  // a palette of everything that is owned makes the whole index itself
  const isOwn = (key: string, table: TargetTable) => key === keyFor(own, table, near)
  const needs = question.complete ? [] : needsOf(choices, indexed, near, (key, table) => isOwn(key, table) || held(key))
  if (needs.length) {
    // whoever asks may have them at hand: then what the palette alone says need not be worked out first
    soFar = { ...soFar, needs }
    yield { ...say(), soFar, awaits: true }
  }
  const counted: Counted[] = []
  for (const { choice, table } of choices) {
    const key = keyFor(indexed.paints, table, near)
    const isBuilt = question.complete && !held(key)
    const whole = isBuilt ? yield* retold(indexFor(indexed.paints, table, near), say) : held(key)
    const index = whole ?? (yield* retold(indexFor(own, table, near), say))
    if (index)
      counted.push(
        countedOf({
          paletteId: palette.id,
          own,
          index,
          whole: Boolean(whole) || isOwn(key, table),
          choice,
          table,
          most,
        }),
      )
  }
  yield so({ ...reachOf(counted), over: indexed.over })

  const brings = bringsOf(places, counted)
  const hasAll = counted.every((c) => c.whole)
  const gains = !hasAll ? undefined : gainsOf(paints, new Set(planned.map((p) => p.id)), counted)
  yield { ...so({ brings, ...(gains ? { gains } : {}) }), restful: true }

  const { neutrals, mixedDark } = pairsOf(ordered)
  const values = valuesOf(usable, mixedDark)
  const subject = choices.find(({ choice }) => choice.kind !== 'everything')?.table
  yield so({ neutrals, values, twins: twinsOf(usable), crowds: crowdsOf(usable, subject, brings, brief?.mustIn) })

  const map = yield* retold(mapOf({ counted, indexed, own, near, most, held }), say)
  const candidates = (gains ?? unknownGains(paints, planned)).flatMap((bringing) => {
    const paint = byId.get(bringing.paintId)
    const mayComeIn = paint && (question.isAtHand?.(paint.id) ?? true) && !isRuledOut(fit(paint))
    return mayComeIn ? [{ paint, bringing }] : []
  })
  const cleanest = gains && {
    palette: cleanestOf(ordered),
    collection: cleanestOf(ownedFilms(indexed, byId)),
  }
  const withMore = (more: readonly Paint[]) => {
    const films = more.flatMap((paint) => {
      const optics = cachedOptics(paint)
      return optics.ok ? [{ paint, optics: asItMixes(optics.value, strengths, paint.id) }] : []
    })
    return films.length === more.length ? cleanestOf([...ordered, ...films]) : undefined
  }
  const gaps = gapsOf({
    ...{ planned, candidates, values, withMore, hasSubject: subject !== undefined && hasAll },
    ...(cleanest ? { cleanest } : {}),
    ...(brief ? { brief } : {}),
    ...(palette.guide ? { way: palette.guide.way } : {}),
    ...(question.supplyOf ? { supplyOf: question.supplyOf } : {}),
  })
  yield so({ ...(map ? { map } : {}), gaps })

  // the last earth, the last dark, what must be in are missed whatever the others mix
  const hardlyMissed = brings
    .filter((b) => b.worth < HARDLY_MISSED && !b.twice && !b.only && !brief?.mustIn?.includes(b.paintId))
    .slice(0, MOST_TRIED)
  soFar = { ...soFar, spares: [] }
  const asked = hardlyMissed.map((b) => b.paintId)
  const found = sparesOf(asked, ordered, { near, most })
  for (const spare of found) {
    if (typeof spare !== 'object') {
      yield say()
      continue
    }
    soFar = { ...soFar, spares: [...soFar.spares!, spare] }
    yield { ...say(), soFar }
  }
  return ok(soFar)
}

/** Indexes of the collection that are not at hand: for what is to be mixed, and for the map of everything. */
function needsOf(
  choices: readonly { choice: TargetChoice; table: TargetTable }[],
  { paints }: Indexed,
  near: number,
  isAtHand: (key: string, table: TargetTable) => unknown,
): IndexNeed[] {
  // the map shows everything, whatever is to be mixed
  const asked = [...choices, { choice: DEFAULT_TARGETS[0]!, table: EVERYTHING }]
  const needs = asked.map(({ choice, table }) => ({ key: keyFor(paints, table, near), choice, near, table }))
  const missing = needs.filter(
    ({ key, table }, i) => !isAtHand(key, table) && needs.findIndex((n) => n.key === key) === i,
  )
  return missing.map(({ key, choice }) => ({ key, choice, near }))
}

/** What can be said without mixing anything. */
function firstLook(
  { palette: { brief, holder }, paints }: AssessQuestion,
  planned: readonly Paint[],
  places: readonly { placeId: string; paint: Paint }[],
  left: Assessment['left'],
): Assessment {
  return {
    planned: planned.length,
    measured: planned.filter((p) => p.masstone || p.wash).length,
    left,
    conflicts: brief ? conflictsOf({ brief, places: holder.places.length, paints, planned }) : [],
    counts: countsMissed(brief?.counts, planned),
    misfits: places.flatMap(({ placeId, paint }) => {
      const own = fitOf(paint, brief, { palette: planned })
      return own.reasons.length ? [{ paintId: paint.id, placeId, fit: own }] : []
    }),
    near: brief?.near ?? NEAR_ENOUGH,
    most: brief?.most ?? 3,
    tables: [],
    handling: handlingOf(planned),
    needs: [],
  }
}

/** What each place brings, least missed first; one of two places with the same paint brings nothing. */
function bringsOf(places: readonly { placeId: string; paint: Paint }[], counted: readonly Counted[]) {
  const isTwice = (paint: Paint) => places.filter((p) => p.paint === paint).length > 1
  const roles = onlyRolesOf([...new Set(places.map((p) => p.paint))])
  return places
    .map(({ placeId, paint }) => {
      const twice = isTwice(paint)
      const only = roles.get(paint.id)
      return {
        placeId,
        paintId: paint.id,
        twice,
        ...(only ? { only } : {}),
        ...(twice ? NOTHING : brought(counted, paint.id, 'loss')),
      }
    })
    .sort((p, q) => p.worth - q.worth || p.reach - q.reach)
}

/** Paints that are not in, of which is not known yet what they would bring. */
const unknownGains = (paints: readonly Paint[], planned: readonly Paint[]): Bringing[] =>
  paints.filter((p) => !planned.includes(p)).map((p) => ({ paintId: p.id, ...NOTHING }))

/** What every paint that is not in would bring, most first. */
const gainsOf = (paints: readonly Paint[], isIn: ReadonlySet<string>, counted: readonly Counted[]): Bringing[] =>
  paints
    .filter((p) => !isIn.has(p.id))
    .map((p) => ({ paintId: p.id, ...brought(counted, p.id, 'gain') }))
    .sort((p, q) => q.worth - p.worth || (p.paintId < q.paintId ? -1 : 1))

/** The lattice of everything, cell by cell; of the palette alone where the collection's index is not at hand. */
function* mapOf({
  counted,
  indexed,
  own,
  near,
  most,
  held,
}: {
  counted: readonly Counted[]
  indexed: Indexed
  own: readonly IndexPaint[]
  near: number
  most: 1 | 2 | 3
  held: Held
}): Generator<number, number[] | undefined> {
  const everything = counted.find((c) => c.choice.kind === 'everything')
  const whole = everything?.whole ? everything.index : held(keyFor(indexed.paints, EVERYTHING, near))
  const index = whole ?? everything?.index ?? (yield* indexFor(own, EVERYTHING, near))
  if (!index) return undefined
  const reach =
    everything?.index === index
      ? everything.reach
      : new PaletteReach(index, new Float64Array(index.count).fill(1), most)
  reach.become(own.map((p) => p.id))
  const over = whole && sizesOverAll(whole, most)
  return Array.from({ length: index.count }, (_, t) => reach.sizeOf(t) || (over ? (over[t] ? 4 : 0) : 5))
}

const films = new WeakMap<Indexed, { paint: Paint; optics: Optics }[]>()
/** The paints of the collection with their films, the same list for as long as nothing of it changes. */
function ownedFilms(indexed: Indexed, byId: ReadonlyMap<string, Paint>): { paint: Paint; optics: Optics }[] {
  const list =
    films.get(indexed) ??
    indexed.paints.flatMap(({ id, optics }) => {
      const paint = byId.get(id)
      return paint ? [{ paint, optics }] : []
    })
  films.set(indexed, list)
  return list
}
