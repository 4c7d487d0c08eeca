import type { DocumentOf, EditableKind } from '@juxtachrome/core/documents'

/** What a record is called: by its name, its words, or the paint that it is of. */
export function nameOfRecord(document: DocumentOf<EditableKind>, nameOf: (paintId: string) => string): string {
  const { name, label, words, paintId } = document as {
    name?: string
    label?: string
    words?: string
    paintId?: string
  }
  return name ?? label ?? words ?? (paintId ? nameOf(paintId) : document.id)
}
