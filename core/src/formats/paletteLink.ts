import { HOLDERS } from '../arranging/holders'
import { same } from '../documents/diff'
import { isRecord } from '../documents/isRecord'
import type { Paint } from '../documents/paint'
import type { Palette, PlacePlan } from '../documents/palette'
import { type SharedPalette, writePalette } from './paletteFile'

/** What of a paint a link carries: how it is called and what is in it. */
function bare({ v, maker, name, formula, pigments, variants }: Paint, id: string): Paint {
  return { id, v, maker, name, pigments, ...(formula ? { formula } : {}), ...(variants ? { variants } : {}) }
}

/**
 * A palette as a link carries it, as the text of a shared palette: its names, codes, box, what it is for, and which of its
 * paints lies where. No swatches, notes, prices, pictures, recipes, and no ids that would tell where it comes from.
 */
export function writeForLink({ palette, paints }: SharedPalette): string {
  const ids = new Map(paints.map((p, i) => [p.id, `p${i}`]))
  const named = (id: string | undefined) => (id === undefined ? undefined : ids.get(id))
  const plan = Object.fromEntries(
    Object.entries(palette.plan).flatMap(([place, { paintId, reserved }]): [string, PlacePlan][] => {
      const id = named(paintId)
      return id ? [[place, { paintId: id }]] : reserved === undefined ? [] : [[place, { reserved }]]
    }),
  )
  const { v, name, use, purpose, holder, forChild, brief } = palette
  const told = brief && {
    ...(brief.targets ? { targets: brief.targets } : {}),
    ...(brief.wishes ? { wishes: brief.wishes } : {}),
    ...(brief.counts ? { counts: brief.counts } : {}),
    ...(brief.most ? { most: brief.most } : {}),
    ...(brief.near ? { near: brief.near } : {}),
  }
  const carried: Palette = {
    ...{ id: 'palette', v, name, use, purpose, holder, plan },
    ...(forChild ? { forChild } : {}),
    ...(told && Object.keys(told).length ? { brief: told } : {}),
  }
  const planned = new Set(Object.values(plan).flatMap((p) => p.paintId ?? []))
  return inShort({
    palette: carried,
    paints: paints.flatMap((p) => (planned.has(ids.get(p.id)!) ? [bare(p, ids.get(p.id)!)] : [])),
    recipes: [],
  })
}

/** A box that comes with the program goes by its name: a link, and a printed code, stay short. */
function inShort(shared: SharedPalette): string {
  const text = writePalette(shared)
  const { id } = shared.palette.holder
  const isKnown = HOLDERS.some((h) => h.id === id && same(h, shared.palette.holder))
  if (!isKnown) return text
  const file = JSON.parse(text) as { palette: object; recipes?: unknown }
  delete file.recipes
  return JSON.stringify({ ...file, palette: { ...file.palette, holder: { id } } })
}

/** The text of the shared palette that a link carries, its box whole again. What is none comes back as it is. */
export function openedLink(text: string): string {
  let file: unknown
  try {
    file = JSON.parse(text)
  } catch {
    return text
  }
  if (!isRecord(file) || !isRecord(file.palette) || !isRecord(file.palette.holder)) return text
  const { id } = file.palette.holder
  const holder = Object.keys(file.palette.holder).length === 1 ? HOLDERS.find((h) => h.id === id) : undefined
  return holder ? JSON.stringify({ ...file, palette: { ...file.palette, holder } }) : text
}
