import type { Paint, Palette } from '@juxtachrome/core/documents'
import { plannedPaints } from '@juxtachrome/core/documents'
import { viewOfPaint } from '@juxtachrome/core/paints'
import type { LabD65 } from '@juxtachrome/core/units'
import { useMixtures } from '~/shared/swatch/useMixtures'

/** With what a family is tried out: its neighbours for clean mixtures, what greys it, and an earth (common practice, no source). */
const PARTNERS: Record<string, readonly string[]> = {
  yellow: ['blue', 'red', 'green'],
  orange: ['blue', 'red', 'yellow'],
  red: ['yellow', 'blue', 'green'],
  violet: ['yellow', 'red', 'earth'],
  blue: ['yellow', 'red', 'earth'],
  green: ['yellow', 'red', 'earth'],
  earth: ['blue', 'yellow', 'red'],
  neutral: ['yellow', 'red', 'blue'],
  white: ['red', 'blue', 'yellow'],
}

/** Fixed partners for a family: those that are in the palette before others. */
export function partnersFor(family: string, owned: readonly Paint[], palette: Palette): string[] {
  const planned = plannedPaints(palette)
  const first = [...owned].sort((p, q) => Number(planned.has(q.id)) - Number(planned.has(p.id)))
  return (PARTNERS[family] ?? PARTNERS.neutral!).flatMap(
    (f) => first.find((p) => viewOfPaint(p).family === f && p.pigments.length === 1)?.id ?? [],
  )
}

/** Parts of a candidate to its partner in the cells of a comparison, and the water in all of them. */
const CELLS = [
  [3, 1],
  [1, 1],
  [1, 3],
] as const
const WATER = 2

/** The same mixtures of every candidate; none where one of the two cannot be predicted. */
export function useHeadToHead() {
  const { predict } = useMixtures()
  function cellsOf(candidate: Paint, partner: Paint): LabD65[] {
    return CELLS.flatMap(([own, its]) => {
      const parts = [
        { paintId: candidate.id, parts: own },
        { paintId: partner.id, parts: its },
      ]
      const mixed = predict(parts, WATER)
      return mixed.ok ? [mixed.value.lab] : []
    })
  }
  return { cellsOf }
}
