/** Texts that are longer are somebody's own words, and stand once. */
const LONGEST = 40
/** Fields whose text is each entry's own. */
const OWN = new Set(['id', 'recorded', 'corrects', 'note'])

/**
 * Texts that come again and again (ids of tubes and places, days, kinds of events), kept once. The database gives each
 * entry copies of its own, which in a long journal are a third of it.
 */
export class SharedTexts {
  readonly #known = new Map<string, string>()

  /** A record that nobody else holds yet, with its texts shared. */
  shared<T extends object>(record: T): T {
    for (const [field, value] of Object.entries(record)) {
      if (typeof value === 'object' && value !== null) this.shared(value)
      else if (typeof value === 'string' && value.length <= LONGEST && !OWN.has(field))
        (record as Record<string, unknown>)[field] = this.#one(value)
    }
    return record
  }

  #one(text: string): string {
    const known = this.#known.get(text)
    if (known === undefined) this.#known.set(text, text)
    return known ?? text
  }
}
