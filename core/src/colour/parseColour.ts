import { fail, ok, type Result } from '../result'
import { labD65, type LabD65 } from '../units'
import { fromHex } from './srgb'

const NUMBER = /[-+−]?\d+(?:[.,]\d+)?/g

/**
 * Reads a typed colour: `#rrggbb`, or three numbers L* a* b* (D65, 2 degree) in any of the usual
 * writings: `32 12 -40`, `L 32 a 12 b -40`, `lab(32, 12, -40)`.
 *
 * Errors: `not-a-colour` (unreadable), `colour-out-of-range` (no surface has it: L* outside 0..100,
 * |a*| or |b*| above 128).
 */
export function parseColour(text: string): Result<LabD65> {
  const trimmed = text.trim()
  if (trimmed === '') return fail('not-a-colour', 'Type a colour: #3b5c7a, or L* a* b* such as 32 12 -40.')
  if (trimmed.startsWith('#') || /^[0-9a-f]{6}$/i.test(trimmed)) return fromHex(trimmed)
  const rest = trimmed.replace(/l\s*a\s*b|[lab*():=;]/gi, ' ').replace(NUMBER, ' ')
  const numbers = trimmed.match(NUMBER) ?? []
  if (numbers.length !== 3 || /[^\s,]/.test(rest)) {
    return fail('not-a-colour', `“${trimmed.slice(0, 40)}” is neither #rrggbb nor three numbers L* a* b*.`)
  }
  const [L, a, b] = numbers.map((n) => Number(n.replace('−', '-').replace(',', '.'))) as [number, number, number]
  return checkedLab(L, a, b)
}

/** Refuses colours that no dry paint can have. */
export function checkedLab(L: number, a: number, b: number): Result<LabD65> {
  if (![L, a, b].every(Number.isFinite)) return fail('not-a-colour', 'L*, a* and b* must all be numbers.')
  if (L < 0 || L > 100) return fail('colour-out-of-range', `L* must lie between 0 and 100, not ${L}.`, 'L')
  if (Math.abs(a) > 128) return fail('colour-out-of-range', `a* must lie between -128 and 128, not ${a}.`, 'a')
  if (Math.abs(b) > 128) return fail('colour-out-of-range', `b* must lie between -128 and 128, not ${b}.`, 'b')
  return ok(labD65(L, a, b))
}
