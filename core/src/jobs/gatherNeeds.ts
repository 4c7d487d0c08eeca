import { assessPalette } from '../choosing/verdict/assess'
import type { GapKind } from '../choosing/verdict/assessment'
import type { Collection } from '../collection/collection'
import { itemsByPaint, needAnswersIn, paintsIn, palettesIn } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { gatherNeeds } from '../restocking/gatherNeeds'
import type { Need } from '../restocking/need'
import { ok, type Result } from '../result'
import { daysAfter } from '../units/calendar'
import { projectUse } from '../using/projectUse'
import { assessQuestionOf } from './assessQuestion'
import { job } from './job'

export interface GatherRequest {
  today: string
  /** Whether the verdicts of the palettes are asked for their gaps, which takes a while. */
  withGaps: boolean
  /** Gaps as they were found before: they are not looked for again. */
  gaps?: OpenGap[]
}
/** A gap of a palette that nothing owned and at hand would close. */
export interface OpenGap {
  paletteId: string
  gap: GapKind
}
export interface Gathered {
  needs: Need[]
  gaps?: OpenGap[]
}
export interface GatherProgress {
  done: number
  of: number
  soFar?: Gathered
}

/** Uses and wishes of so many days back count (judgement: a year, so that each season is in it). */
const BACK = 365

/** Everything that may be worth buying: at once without the gaps of verdicts, then palette by palette with them. */
export const gatherNeedsJob = job<GatherRequest, GatherProgress, Gathered>({
  lane: 'long',
  readsJournal: true,
  *run({ today, withGaps, gaps: before }, collection): Generator<GatherProgress, Result<Gathered>> {
    const palettes = palettesIn(collection)
    const gaps = [...(before ?? [])]
    const gathered = (): Gathered => ({
      needs: gatherNeeds({ ...known(collection, today), gaps }),
      ...(withGaps || before ? { gaps: [...gaps] } : {}),
    })
    const of = palettes.length + 1
    let latest = gathered()
    yield { done: 0, of, soFar: latest }
    if (withGaps && !before)
      for (const [i, palette] of palettes.entries()) {
        const found = yield* gapsOfPalette(collection, palette, (share) => ({ done: i + share, of }))
        if (found.length === 0) continue
        gaps.push(...found.map((gap) => ({ paletteId: palette.id, gap })))
        latest = gathered()
        yield { done: i + 1, of, soFar: latest }
      }
    return ok(latest)
  },
  news: ({ soFar }) => soFar,
})

function known(collection: Collection, today: string) {
  const items = itemsByPaint(collection)
  const { ledger } = collection
  return {
    paints: paintsIn(collection),
    itemsOf: (id: string) => items.get(id) ?? [],
    account: (id: string) => ledger.account(id),
    palettes: palettesIn(collection),
    uses: ledger
      .paintedFrom()
      .map((id) => projectUse(ledger.sittingsOf(id), { from: daysAfter(today, -BACK), to: today })),
    answers: needAnswersIn(collection),
    today,
  }
}

/** Gaps of a palette that nothing owned and at hand would close. */
function* gapsOfPalette(
  collection: Collection,
  palette: Palette,
  tell: (share: number) => GatherProgress,
): Generator<GatherProgress, GapKind[]> {
  for (const { done, of, soFar } of assessPalette(assessQuestionOf(collection, palette))) {
    if (soFar?.gaps) return soFar.gaps.filter((g) => !g.remedy).map((g) => g.kind)
    yield tell(done / of)
  }
  return []
}
