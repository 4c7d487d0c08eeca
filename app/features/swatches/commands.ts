import {
  added,
  type FadeTest,
  type Paint,
  same,
  type SheetOfPaper,
  type Swatch,
  type SwatchKind,
  updated,
  type Wash,
} from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import { useUndo } from '~/stores/undo'

/** A colour out of a photograph is read against its own paper, and a memory has none. */
const AGAINST_ITS_PAPER: ReadonlySet<Swatch['source']> = new Set(['photo', 'memory'])
/** Whether the paper under a swatch changes what its colour says. */
export const hasPaper = (swatch: Swatch): boolean => !AGAINST_ITS_PAPER.has(swatch.source)
/** So many further washes a paint may have. */
const MOST_WASHES = 12
/** A swatch that says what it was painted on. */
const onPaper = <S extends Swatch>(swatch: S, paper: SheetOfPaper | undefined): S =>
  paper && !swatch.on && hasPaper(swatch) ? { ...swatch, on: paper } : swatch

/** What a person records of how paints look. */
export function useSwatchCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const settings = useSettings()
  /** Paints as they are from now on, in one step. */
  const keep = (after: ReadonlyMap<string, Paint>, label: string) =>
    undo.commit(
      label,
      [...after.values()].map((paint) => updated('paints', collection.paint(paint.id)!, paint)),
    )

  return {
    /** Records swatches of one or many paints as one step; undefined takes one away. */
    recordSwatches(
      swatches: readonly { paintId: string; kind: SwatchKind; swatch: Swatch | undefined }[],
      label: string,
    ) {
      const after = new Map<string, Paint>()
      for (const { paintId, kind, swatch } of swatches) {
        const paint = after.get(paintId) ?? collection.paint(paintId)
        if (paint) after.set(paintId, { ...paint, [kind]: swatch && onPaper(swatch, settings.paper) })
      }
      keep(after, label)
    },
    /** Further washes of a paint, each with its water. */
    recordWashes(paint: Paint, washes: readonly Wash[], label: string) {
      const { washes: _, ...bare } = paint
      const after = washes.length ? { ...bare, washes: washes.map((w) => onPaper(w, settings.paper)) } : bare
      undo.commit(label, [updated('paints', paint, after)])
    },
    /** Further washes of one or many paints as one step: one at the same water takes the place of what was there. */
    recordFurther(list: readonly { paintId: string; wash: Wash }[], label: string) {
      const after = new Map<string, Paint>()
      for (const { paintId, wash } of list) {
        const paint = after.get(paintId) ?? collection.paint(paintId)
        if (!paint) continue
        const others = (paint.washes ?? []).filter((w) => w.water !== wash.water)
        const washes = [...others, onPaper(wash, settings.paper)]
          .sort((p, q) => (p.water ?? Infinity) - (q.water ?? Infinity))
          .slice(0, MOST_WASHES)
        after.set(paintId, { ...paint, washes })
      }
      keep(after, label)
    },
    /** Swatches that say nothing of their paper were painted on this one, too. */
    paintedOn(paints: readonly Paint[], paper: SheetOfPaper): boolean {
      const changes = paints.flatMap((paint) => {
        const after = { ...paint }
        for (const kind of ['masstone', 'wash'] as const)
          if (after[kind] && !after[kind].on) after[kind] = onPaper(after[kind], paper)
        if (after.washes) after.washes = after.washes.map((w) => (w.on ? w : onPaper(w, paper)))
        return same(paint, after) ? [] : [updated('paints', paint, after)]
      })
      return undo.commit(`said on which paper the swatches of ${counted(changes.length, 'paint')} are`, changes).ok
    },
    /** A sheet of swatches went into the window. */
    beginFadeTest(paintIds: readonly string[], day: string): boolean {
      const test: FadeTest = { id: nanoid(12), v: 1, day, paintIds: [...new Set(paintIds)], looks: [] }
      return undo.commit(`put a fade test of ${counted(test.paintIds.length, 'paint')} into the window`, [
        added('fadeTests', test),
      ]).ok
    },
    /** What was seen when its halves were compared. */
    lookAtFade: (test: FadeTest, faded: FadeTest['looks'][number]['faded'], day: string): boolean =>
      undo.commit(`read a fade test off: ${faded}`, [
        updated('fadeTests', test, { ...test, looks: [...test.looks, { day, faded }] }),
      ]).ok,
    endFadeTest: (test: FadeTest, day: string): boolean =>
      undo.commit('took a fade test out of the window', [updated('fadeTests', test, { ...test, ended: day })]).ok,
    /** Which of the colours that its code covers the paint is. */
    chooseVariant: (paint: Paint, code: string, variant: string) =>
      undo.commit(`changed ${paint.name}`, [
        updated('paints', paint, { ...paint, variants: { ...paint.variants, [code]: variant } }),
      ]),
  }
}
