import type { TabMessage } from '~/storage/otherTabs'

/** What other windows say. During work that it would disturb it waits, and is heard after it in its order. */
export class Inbox {
  #holding = 0
  readonly #early: TabMessage[] = []

  constructor(readonly hear: (message: TabMessage) => void) {}

  get isHolding(): boolean {
    return this.#holding > 0
  }

  receive(message: TabMessage): void {
    if (this.isHolding) this.#early.push(message)
    else this.hear(message)
  }

  async undisturbed<T>(work: () => Promise<T>): Promise<T> {
    this.#holding += 1
    try {
      return await work()
    } finally {
      this.#holding -= 1
      if (!this.isHolding) for (const message of this.#early.splice(0)) this.receive(message)
    }
  }
}
