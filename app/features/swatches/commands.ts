import { added, type FadeTest, updated, type Paint, type Swatch, type SwatchKind } from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** What a person records of how paints look. */
export function useSwatchCommands() {
  const collection = useCollection()
  const undo = useUndo()

  return {
    /** Records swatches of one or many paints as one step; undefined takes one away. */
    recordSwatches(
      swatches: readonly { paintId: string; kind: SwatchKind; swatch: Swatch | undefined }[],
      label: string,
    ) {
      const after = new Map<string, Paint>()
      for (const { paintId, kind, swatch } of swatches) {
        const paint = after.get(paintId) ?? collection.paint(paintId)
        if (paint) after.set(paintId, { ...paint, [kind]: swatch })
      }
      undo.commit(
        label,
        [...after.values()].map((paint) => updated('paints', collection.paint(paint.id)!, paint)),
      )
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
