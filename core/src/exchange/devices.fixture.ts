import { Collection } from '../collection/collection'
import { digest } from '../collection/digest'
import type { Contents } from '../collection/contents'
import { toTheEnd } from '../steps'
import { newLife, noteChanges, type Knowledge } from './knowledge'
import { meet, type JoinedDocument, type Meeting } from './meeting'
import { partsOf, type Part } from './parts'
import { settleMeeting, type Choose } from './settling'
import { stampsOf, type Stamps } from './stamps'

/** A file as one device writes it for the others. */
export interface Written {
  contents: Contents
  stamps: Stamps
}

/** A device of a test: a collection, and what it knows of who wrote what. */
export class TestDevice {
  readonly name: string
  collection = new Collection()
  known: Knowledge
  #life = 0

  constructor(name: string) {
    this.name = name
    this.known = newLife(`${name}-life0`)
  }

  /** As the exchange file goes out. */
  write(): Written {
    this.known = toTheEnd(noteChanges(this.known, this.collection))
    const stamps = stampsOf(this.known, { id: `${this.name}-device`, name: this.name })
    return JSON.parse(JSON.stringify({ contents: this.collection.contents(), stamps })) as Written
  }

  meeting({ contents, stamps }: Written): Meeting {
    this.known = toTheEnd(noteChanges(this.known, this.collection))
    return toTheEnd(meet(this.collection, this.known, contents, stamps))
  }

  /** Takes in what another wrote. Answers how much changed here. */
  read(written: Written, choose: Choose = greater): number {
    const { write, known } = settleMeeting(this.meeting(written), this.known, written.stamps, choose)
    const applied = this.collection.apply(write)
    if (!applied.ok) throw new Error(applied.error.message)
    this.known = known
    return write.diff.length + write.journal.length
  }

  /** Everything goes; what was written before is then nobody's wish. */
  wipe(): void {
    this.collection.replace({ documents: new Collection().contents().documents, unreadable: [] })
    this.#life += 1
    this.known = newLife(`${this.name}-life${this.#life}`)
  }
}

/** A choice that both sides make alike, whoever is asked: the greater digest. Of an edit and a removal the edit. */
export const greater: Choose = (document, part) => {
  if (document.fate === 'removed here') return 'there'
  if (document.fate === 'removed there') return 'here'
  return print(document, 'here', part) >= print(document, 'there', part) ? 'here' : 'there'
}
function print(document: JoinedDocument, side: 'here' | 'there', part: Part | undefined): string {
  const value = part === undefined ? document[side] : partsOf(document.kind, document[side]!).get(part)
  return digest(value ?? null)
}

/** Brings devices together, pair by pair in the order that is given, then round and round until nothing changes. */
export function bringTogether(
  devices: readonly TestDevice[],
  pairs: readonly (readonly [number, number])[] = [],
): void {
  for (const [from, to] of pairs) if (from !== to) devices[to]!.read(devices[from]!.write())
  for (let round = 0; round < 12; round += 1) {
    let changed = 0
    for (const one of devices) for (const other of devices) if (one !== other) changed += other.read(one.write())
    if (changed === 0) return
  }
  throw new Error('They never came to rest.')
}
