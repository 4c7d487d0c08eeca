import { keyOfDocument } from '../collection/keys'
import * as z from 'zod/mini'
import { isEditableKind, type DocumentOf, type EditableKind, type Documents } from '../documents/kinds'
import { markedAs, type Dot, type Knowledge, type Marked, type Seen } from './knowledge'
import { printsOf, type Part } from './parts'

/** A device, and what its owner calls it. */
export const Device = z.object({
  id: z.string().check(z.regex(/^[\w-]{4,40}$/)),
  name: z.string().check(z.maxLength(60)),
})
export type Device = z.infer<typeof Device>

const Life = z.string().check(z.regex(/^[\w-]{4,40}$/))
const DotText = z.string().check(z.regex(/^[\w-]{4,40}\.\d{1,15}$/))

/** What a file says of the device that wrote it. */
export const Writer = z.object({
  device: Device,
  life: Life,
  seen: z.record(Life, z.int().check(z.gte(0))),
})
export type Writer = z.infer<typeof Writer>

/** Who wrote a document: one write all of it, or each part its own. */
export const Stamp = z.object({
  kind: z.string().check(z.refine(isEditableKind)),
  id: z.string().check(z.minLength(1), z.maxLength(80)),
  by: z.union([DotText, z.record(z.string().check(z.maxLength(400)), DotText)]),
})
export type Stamp = z.infer<typeof Stamp>

/** Who wrote a file, and who each document in it. */
export interface Stamps extends Writer {
  stamps: readonly Stamp[]
}

/** What goes into a file of what a device knows, beside the documents. */
export const stampsOf = ({ life, seen, marks }: Knowledge, device: Device): Stamps => ({
  device,
  life,
  seen,
  stamps: [...marks]
    .sort(([p], [q]) => (p < q ? -1 : 1))
    .map(([key, { by, prints }]) => {
      const at = key.indexOf('/')
      return { kind: key.slice(0, at), id: key.slice(at + 1), by: shortest(by, prints) }
    }),
})

function shortest(by: Marked['by'], prints: Marked['prints']): Stamp['by'] {
  const dots = new Set(by.values())
  const isWhole = dots.size === 1 && ![...prints.values()].includes('')
  return isWhole ? [...dots][0]! : Object.fromEntries(by)
}

/** One side that is brought together with another. */
export interface Side {
  seen: Seen
  /** Who wrote each part of a document that is there, gone parts included; none where nobody knows. */
  by(kind: EditableKind, document: DocumentOf<EditableKind>): ReadonlyMap<Part, Dot>
}

const NOBODY: ReadonlyMap<Part, Dot> = new Map()

/** A side as a device itself knows it. */
export const ownSide = ({ seen, marks }: Knowledge): Side => ({
  seen,
  by: (kind, { id }) => marks.get(keyOfDocument(kind, id))?.by ?? NOBODY,
})

/** A side as a file tells of it; one that tells nothing is a stranger's. */
export function sideOf(stamps: Stamps | undefined): Side {
  if (!stamps) return { seen: {}, by: () => NOBODY }
  const byKey = new Map(stamps.stamps.map(({ kind, id, by }) => [keyOfDocument(kind as EditableKind, id), by]))
  return {
    seen: stamps.seen,
    by(kind, document) {
      const by = byKey.get(keyOfDocument(kind, document.id))
      if (by === undefined) return NOBODY
      if (typeof by !== 'string') return new Map(Object.entries(by))
      return new Map([...printsOf(kind, document).keys()].map((part) => [part, by]))
    },
  }
}

/**
 * What a device knows that begins as the copy of another: all that the file says, under a life of its own. So the first
 * exchange after it asks nothing that is not asked later.
 */
export function beganFrom(life: string, stamps: Stamps, documents: Documents): Knowledge {
  const side = sideOf(stamps)
  const marks = new Map<string, Marked>()
  for (const [kind, list] of Object.entries(documents))
    if (isEditableKind(kind))
      for (const document of list as DocumentOf<EditableKind>[]) {
        const by = side.by(kind, document)
        if (by.size) marks.set(keyOfDocument(kind, document.id), markedAs(kind, document, by))
      }
  return { life, seen: stamps.seen, marks }
}
