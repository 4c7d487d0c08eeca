import { added, updated, type Change } from '../documents/diff'
import type { NeedAnswer } from '../documents/need'
import type { Need } from './need'

/** What is known of the answer to a need, with something said anew: kept under its key, once. */
export function answerNeed(
  before: NeedAnswer | undefined,
  need: Pick<Need, 'key' | 'name' | 'pigments'>,
  said: Partial<NeedAnswer>,
  { day, newId }: { day: string; newId: () => string },
): Change {
  const base = before ?? { id: newId(), v: 1 as const, key: need.key, said: 'accepted' as const, day }
  const words = need.name.slice(0, 160)
  const after: NeedAnswer = { ...base, words, pigments: [...need.pigments], ...said, day }
  if (said.said && said.said !== 'later') delete after.until
  return before ? updated('needs', before, after) : added('needs', after)
}
