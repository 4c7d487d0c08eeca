import * as z from 'zod/mini'
import { Id } from '../fields'

export const PlaceId = z.string().check(z.minLength(1, 'A place is needed.'), z.maxLength(12, 'At most 12 characters.'))

/** A place of a palette. */
export const PlaceRef = z.looseObject({ paletteId: Id, placeId: PlaceId })
export type PlaceRef = { paletteId: string; placeId: string }

/** `tin/A3`: what belongs to that place, its well or the pan that came with it. Anything else: the id of a loose pan. */
export const VesselId = z
  .string()
  .check(z.minLength(1, 'A vessel is needed.'), z.maxLength(80, 'At most 80 characters.'))

/** A well or a pan, named by its id, or by the place in which it lies that day. */
export const VesselRef = z.union([z.looseObject({ vesselId: VesselId }), PlaceRef])
export type VesselRef = { vesselId: string } | PlaceRef

/** The vessel that belongs to a place. The slash is in no other id, so the two never meet. */
export const ownVesselOf = ({ paletteId, placeId }: PlaceRef): string => `${paletteId}/${placeId}`

/** The place that a vessel came with; undefined for a loose pan. */
export function homeOf(vesselId: string): PlaceRef | undefined {
  const at = vesselId.indexOf('/')
  return at < 0 ? undefined : { paletteId: vesselId.slice(0, at), placeId: vesselId.slice(at + 1) }
}

export const isPlace = (ref: VesselRef): ref is PlaceRef => 'paletteId' in ref
export const samePlace = (one: PlaceRef, other: PlaceRef): boolean =>
  one.paletteId === other.paletteId && one.placeId === other.placeId
