declare const unit: unique symbol
type Unit<Name extends string> = number & { readonly [unit]: Name }

/** Length in millimetres. */
export type Millimetre = Unit<'mm'>
/** Volume in millilitres. */
export type Millilitre = Unit<'ml'>
/** A span in whole or part days. */
export type Days = Unit<'days'>

export const mm = (n: number) => finite(n, 'mm') as Millimetre
export const ml = (n: number) => finite(n, 'ml') as Millilitre
export const days = (n: number) => finite(n, 'days') as Days

/**
 * A colour in CIELAB. The reference white is part of the type, so that a D50 value cannot be
 * compared with a D65 one. L 0..100; a, b about -128..128. 2 degree observer (CIE 15:2018).
 */
export interface Lab<White extends 'D65' | 'D50' = 'D65'> {
  readonly white: White
  readonly L: number
  readonly a: number
  readonly b: number
}
export type LabD65 = Lab<'D65'>

export function labD65(L: number, a: number, b: number): LabD65 {
  return { white: 'D65', L: finite(L, 'L*'), a: finite(a, 'a*'), b: finite(b, 'b*') }
}

function finite(n: number, what: string): number {
  if (!Number.isFinite(n)) throw new RangeError(`${what} must be a finite number, got ${n}`)
  return n
}
