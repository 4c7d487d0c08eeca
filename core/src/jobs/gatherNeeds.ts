import { assessPalette } from '../choosing/verdict/assess'
import type { GapKind } from '../choosing/verdict/gapKind'
import type { Reading } from '../collection/reading'
import { itemsByPaint, needAnswersIn, paintsIn, palettesIn, purchasesIn } from '../collection/lists'
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
  *run({ today, withGaps, gaps: before }, reading): Generator<GatherProgress, Result<Gathered>> {
    const palettes = palettesIn(reading)
    const gaps = [...(before ?? [])]
    const gathered = (): Gathered => ({
      needs: gatherNeeds({ ...known(reading, today), gaps }),
      ...(withGaps || before ? { gaps: [...gaps] } : {}),
    })
    const of = palettes.length + 1
    let latest = gathered()
    yield { done: 0, of, soFar: latest }
    if (withGaps && !before)
      for (const [i, palette] of palettes.entries()) {
        const found = yield* gapsOfPalette(reading, palette, (share) => ({ done: i + share, of }))
        if (found.length === 0) continue
        gaps.push(...found.map((gap) => ({ paletteId: palette.id, gap })))
        latest = gathered()
        yield { done: i + 1, of, soFar: latest }
      }
    return ok(latest)
  },
  news: ({ soFar }) => soFar,
})

function known(reading: Reading, today: string) {
  const items = itemsByPaint(reading)
  const { ledger } = reading
  return {
    paints: paintsIn(reading),
    itemsOf: (id: string) => items.get(id) ?? [],
    account: (id: string) => ledger.account(id),
    palettes: palettesIn(reading),
    uses: ledger.whole
      .paintedFrom()
      .map((id) => projectUse(ledger.sittingsOf(id), { from: daysAfter(today, -BACK), to: today })),
    answers: needAnswersIn(reading),
    purchases: purchasesIn(reading),
    today,
  }
}

/** Gaps of a palette that nothing owned and at hand would close. */
function* gapsOfPalette(
  reading: Reading,
  palette: Palette,
  tell: (share: number) => GatherProgress,
): Generator<GatherProgress, GapKind[]> {
  for (const { done, of, soFar } of assessPalette(assessQuestionOf(reading, palette))) {
    if (soFar?.gaps) return soFar.gaps.filter((g) => !g.remedy && !g.quiet).map((g) => g.kind)
    yield tell(done / of)
  }
  return []
}
