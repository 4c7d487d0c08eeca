/** How long the page may be held up at a time, ms. */
const SLICE = 16

/** Long work on the page itself, which lets others have their turn. */
export class Turns {
  #begun = performance.now()

  /** Whether the work was at it long enough. */
  get isOver(): boolean {
    return performance.now() - this.#begun >= SLICE
  }

  /** Others have their turn; then the work goes on: by a message, since a hidden window's timers are slowed to one a second. */
  async pass(): Promise<void> {
    const { port1, port2 } = new MessageChannel()
    await new Promise((resume) => {
      port1.onmessage = resume
      port2.postMessage(null)
    })
    port1.close()
    this.#begun = performance.now()
  }
}

/** Takes steps to their end, a few at a time. */
export async function inTurns<Step, Answer>(steps: Generator<Step, Answer>): Promise<Answer> {
  const turns = new Turns()
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return step.value
    if (turns.isOver) await turns.pass()
  }
}
