import type { Palette } from '../documents/palette'
import type { Version } from '../documents/version'
import { isSamePlan, planDifference } from '../choosing/versions'

/** One point of a palette's life: a version and what it changed against the one before. */
export interface LifePoint {
  version?: Version
  day: string
  /** What came, went and moved against the point before, by paint. */
  came: string[]
  went: string[]
  moved: string[]
  paints: number
}

/** A palette's versions in order of time and what each changed; last the palette as it is, where that is another. */
export function lifeOf(palette: Palette, versions: readonly Version[], today: string): LifePoint[] {
  const own = versions.filter((v) => v.paletteId === palette.id)
  // of one day the one that is listed later was kept earlier
  const ordered = own
    .map((version, i) => ({ version, i }))
    .sort((p, q) => (p.version.day < q.version.day ? -1 : p.version.day > q.version.day ? 1 : q.i - p.i))
    .map(({ version }) => version)
  const last = ordered.at(-1)
  const plans = [
    ...ordered.map((version) => ({ version, day: version.day, plan: version as Pick<Palette, 'holder' | 'plan'> })),
    ...(last && isSamePlan(last, palette) ? [] : [{ version: undefined, day: today, plan: palette }]),
  ]
  return plans.map(({ version, day, plan }, i): LifePoint => {
    const before = plans[i - 1]?.plan ?? { holder: plan.holder, plan: {} }
    return {
      ...(version ? { version } : {}),
      day,
      ...planDifference(before, plan),
      paints: new Set(Object.values(plan.plan).flatMap((p) => p.paintId ?? [])).size,
    }
  })
}
