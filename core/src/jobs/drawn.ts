import { itemsByPaint } from '../collection/lists'
import type { Reading } from '../collection/reading'

/** Differences in use smaller than this share of what is used most change nothing (judgement). */
const USE_STEPS = 10

/** How much was drawn from the tubes and pans of each of these paints against the one of which most was, 0 to 1 in tenths. */
export function drawnShares(reading: Reading, paintIds: Iterable<string>): Map<string, number> {
  const items = itemsByPaint(reading)
  const drawnFrom = (id: string) =>
    (items.get(id) ?? []).reduce((ml, item) => ml + reading.ledger.account(item.id).drawn, 0)
  const drawn = new Map([...paintIds].map((id) => [id, drawnFrom(id)]))
  const most = Math.max(1e-9, ...drawn.values())
  return new Map([...drawn].map(([id, ml]) => [id, Math.round((USE_STEPS * ml) / most) / USE_STEPS]))
}
