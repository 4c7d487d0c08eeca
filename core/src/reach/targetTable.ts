import { digest } from '../collection/digest'
import { fail, ok, type Result } from '../result'
import { labD65, type LabD65 } from '../units'

/** A colour that one would like to be able to mix. */
export interface Target {
  lab: LabD65
  /** How much it counts among the others of its table, above 0. */
  weight: number
  name?: string
}

/** Colours to be able to mix, with how much each counts. */
export interface TargetTable {
  name: string
  targets: readonly Target[]
}

/** A table holds at most so many: the kernel numbers them with 16 bits and a person cannot judge more. */
export const MOST_TARGETS = 4000

/** The same colours have the same key wherever it is worked out, whatever they are called and count. */
export function keyOfTable({ targets }: TargetTable): string {
  const known = keys.get(targets) ?? digest(targets.map(({ lab }) => [round(lab.L), round(lab.a), round(lab.b)]))
  keys.set(targets, known)
  return known
}
const keys = new WeakMap<object, string>()
const round = (n: number) => Math.round(n * 1000) / 1000

/**
 * Checks a table of targets that came from outside.
 *
 * Errors: `no-targets`, `too-many-targets`, `bad-target` (a colour that is not three numbers, a weight not above 0).
 */
export function checkedTable(
  name: string,
  rows: readonly { L: number; a: number; b: number; weight?: number; name?: string }[],
): Result<TargetTable> {
  if (rows.length === 0) return fail('no-targets', 'There is no colour in it.')
  if (rows.length > MOST_TARGETS) return fail('too-many-targets', `More than ${MOST_TARGETS} colours: take fewer.`)
  for (const { L, a, b, weight = 1 } of rows)
    if (![L, a, b].every(Number.isFinite) || !(weight > 0 && weight < Infinity))
      return fail('bad-target', 'A target is three numbers of CIELAB and a weight above 0.')
  const targets = rows.map(({ L, a, b, weight = 1, name: own }) => ({
    lab: labD65(L, a, b),
    weight,
    ...(own ? { name: own } : {}),
  }))
  return ok({ name, targets })
}
