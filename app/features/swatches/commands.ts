import { updated, type Paint, type Swatch, type SwatchKind } from '@juxtachrome/core/documents'
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
    /** Which of the colours that its code covers the paint is. */
    chooseVariant: (paint: Paint, code: string, variant: string) =>
      undo.commit(`changed ${paint.name}`, [
        updated('paints', paint, { ...paint, variants: { ...paint.variants, [code]: variant } }),
      ]),
  }
}
