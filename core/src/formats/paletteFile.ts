import * as z from 'zod/mini'
import { added, type Change } from '../documents/diff'
import { firstIssue, loadDocument } from '../documents/load'
import { SWATCH_KINDS, type Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { lackingPlaces, plannedPaints } from '../documents/plan'
import type { Recipe } from '../documents/recipe'
import { holderProblems } from '../arranging/drawing/holderProblems'
import { byIdentity, identityOf } from '../paints/collect'
import { isSubject } from '../reach/subjects'
import { fail, ok, type Result } from '../result'
import { readFormat } from './readFormat'

export const PALETTE_FORMAT = 'juxtachrome-palette'

/** One palette to be shared: its holder and plan, the paints that it names, and recipes of these. */
export interface SharedPalette {
  palette: Palette
  paints: Paint[]
  recipes: Recipe[]
}

/** Ids of all paints that a palette's plan and brief speak of. */
function namedBy({ plan, brief, apart }: Palette): Set<string> {
  const ids = new Set<string>()
  for (const { paintId, standsFor } of Object.values(plan)) {
    if (paintId) ids.add(paintId)
    if (standsFor?.paintId) ids.add(standsFor.paintId)
    for (const p of standsFor?.mixture?.paints ?? []) ids.add(p.paintId)
  }
  for (const list of [brief?.mustIn, brief?.stayOut, brief?.useUp, brief?.spare])
    for (const id of list ?? []) ids.add(id)
  for (const pair of apart ?? []) for (const id of pair) ids.add(id)
  return ids
}

const unnoted = <T extends { note?: unknown }>({ note: _own, ...rest }: T) => rest as T

const unpictured = <T extends { pictureId?: unknown }>({ pictureId: _own, ...rest }: T) => rest as T

/** A paint as somebody else gets it: what was noted of it and of its swatches, and one's own marks, are for oneself. */
function withoutNotes({ marks: _own, ...paint }: Paint): Paint {
  const swatches = SWATCH_KINDS.flatMap((kind) => (paint[kind] ? [[kind, unnoted(paint[kind])] as const] : []))
  return { ...unnoted(paint), ...Object.fromEntries(swatches) }
}

/**
 * A palette with all that somebody else needs of it, and nothing more: no items, prices, journal or other palettes, and
 * `withNotes` only where one wants to give them along.
 */
export function sharedPalette(
  palette: Palette,
  paintOf: (id: string) => Paint | undefined,
  recipes: readonly Recipe[],
  { withNotes = false } = {},
): SharedPalette {
  const { answered: _own, guide: _way, ...rest } = unpictured(palette)
  const planned = plannedPaints(palette)
  return {
    palette: rest,
    paints: [...namedBy(palette)]
      .flatMap((id) => paintOf(id) ?? [])
      .map(unpictured)
      .map((p) => (withNotes ? p : withoutNotes(p))),
    recipes: recipes
      .filter((r) => r.paints.every((p) => planned.has(p.paintId)))
      .map((r) => (withNotes ? r : unnoted(r))),
  }
}

export const writePalette = ({ palette, paints, recipes }: SharedPalette): string =>
  `${JSON.stringify({ format: PALETTE_FORMAT, version: 1, palette, paints, recipes }, undefined, 1)}\n`

const File = z.looseObject({
  format: z.literal(PALETTE_FORMAT),
  version: z.literal(1),
  palette: z.unknown(),
  paints: z.array(z.unknown()).check(z.maxLength(2000)),
  recipes: z.optional(z.array(z.unknown()).check(z.maxLength(2000))),
})

/**
 * Reads a shared palette. All of it must be readable, since a plan without its paints is none.
 * Errors: `not-a-palette`, `from-newer-version`, and those of `loadDocument`.
 */
export function readPalette(text: string): Result<SharedPalette> {
  const raw = readFormat(text, {
    format: PALETTE_FORMAT,
    code: 'not-a-palette',
    what: 'shared palette',
    otherwise: 'A whole collection is imported under Data.',
  })
  if (!raw.ok) return raw
  const file = File.safeParse(raw.value)
  if (!file.success) return fail('not-a-palette', `The palette cannot be read: ${firstIssue(file.error)}`)
  const palette = loadDocument('palettes', file.data.palette)
  if (!palette.ok) return palette
  const wrong = wrongWith(palette.value)
  if (wrong) return fail('not-a-palette', `The palette cannot be read: ${wrong} Nothing was changed.`)
  const paints: Paint[] = []
  for (const one of file.data.paints) {
    const paint = loadDocument('paints', one)
    if (!paint.ok) return paint
    paints.push(paint.value)
  }
  const recipes: Recipe[] = []
  for (const one of file.data.recipes ?? []) {
    const recipe = loadDocument('recipes', one)
    if (!recipe.ok) return recipe
    recipes.push(recipe.value)
  }
  const known = new Set(paints.map((p) => p.id))
  const lost = [...plannedPaints(palette.value)].find((id) => !known.has(id))
  if (lost) return fail('not-a-palette', 'The file names a paint that it does not hold. Nothing was changed.')
  return ok({ palette: palette.value, paints, recipes })
}

/** What makes a palette unusable although each of its fields can be read; in words. */
function wrongWith({ holder, brief }: Palette): string | undefined {
  if (new Set(holder.places.map((p) => p.id)).size < holder.places.length) return 'two of its places have one name.'
  const problem = holderProblems(holder).find((p) => p.kind === 'absurd size')
  if (problem) return problem.words
  const strange = brief?.targets?.find((t) => t.kind === 'subject' && !isSubject(t.subject))
  return strange && 'subject' in strange
    ? `its subject “${String(strange.subject).slice(0, 40)}” is not known here.`
    : undefined
}

export interface TakenPalette {
  changes: Change[]
  palette: Palette
  /** Paints that were there already, and those that came in. */
  known: number
  fresh: number
  /** Places that are planned and that the box lacks: kept, and to be said. */
  lacking: string[]
}

/**
 * What a shared palette adds to a collection: everything under ids of its own, so that nothing there is overwritten.
 * Paints of the same maker, name and formula are those that are there; the others come in without any tube.
 */
export function takePalette(
  { palette, paints, recipes }: SharedPalette,
  owned: readonly Paint[],
  palettes: readonly Pick<Palette, 'name'>[],
  newId: () => string,
): TakenPalette {
  const own = byIdentity(owned)
  const became = new Map<string, string>()
  const fresh: Paint[] = []
  for (const paint of paints) {
    const known = own.get(identityOf(paint))
    const { removed: _gone, ...rest } = paint
    const there = known ?? { ...rest, id: newId() }
    became.set(paint.id, there.id)
    if (known) continue
    fresh.push(there)
    own.set(identityOf(paint), there)
  }
  const names = new Set(palettes.map((p) => p.name))
  const to = (id: string) => became.get(id) ?? id
  const taken: Palette = { ...renamed(palette, to), id: newId(), name: freeName(palette.name, names) }
  delete taken.removed
  const mixed = recipes.map((r): Recipe => ({
    ...r,
    id: newId(),
    paints: r.paints.map((p) => ({ ...p, paintId: to(p.paintId) })),
  }))
  return {
    changes: [
      ...fresh.map((p) => added('paints', p)),
      added('palettes', taken),
      ...mixed.map((r) => added('recipes', r)),
    ],
    palette: taken,
    known: paints.length - fresh.length,
    fresh: fresh.length,
    lacking: lackingPlaces(taken),
  }
}

/** The palette with every paint under its new id. */
function renamed(palette: Palette, to: (id: string) => string): Palette {
  const plan = Object.fromEntries(
    Object.entries(palette.plan).map(([placeId, { paintId, standsFor, ...rest }]) => [
      placeId,
      {
        ...rest,
        ...(paintId ? { paintId: to(paintId) } : {}),
        ...(standsFor
          ? {
              standsFor: {
                ...standsFor,
                ...(standsFor.paintId ? { paintId: to(standsFor.paintId) } : {}),
                ...(standsFor.mixture
                  ? {
                      mixture: {
                        ...standsFor.mixture,
                        paints: standsFor.mixture.paints.map((p) => ({ ...p, paintId: to(p.paintId) })),
                      },
                    }
                  : {}),
              },
            }
          : {}),
      },
    ]),
  )
  const { brief, apart } = palette
  const lists = ['mustIn', 'stayOut', 'useUp', 'spare'] as const
  const told = brief && {
    ...brief,
    ...Object.fromEntries(lists.flatMap((k) => (brief[k] ? [[k, brief[k].map(to)]] : []))),
  }
  return {
    ...palette,
    plan,
    ...(told ? { brief: told } : {}),
    ...(apart ? { apart: apart.map(([p, q]): [string, string] => [to(p), to(q)]) } : {}),
  }
}

function freeName(name: string, taken: ReadonlySet<string>): string {
  if (!taken.has(name)) return name
  for (let n = 2; ; n += 1) {
    const next = `${name.slice(0, 110)} (${n})`
    if (!taken.has(next)) return next
  }
}
