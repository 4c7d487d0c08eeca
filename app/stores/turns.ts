/** How long the page may be held up at a time, ms. */
const SLICE = 16

/** Long work on the page itself, which lets others have their turn. */
export class Turns {
  #begun = performance.now()

  /** Whether the work was at it long enough. */
  get isOver(): boolean {
    return performance.now() - this.#begun >= SLICE
  }

  /** Others have their turn; then the work goes on. */
  async pass(): Promise<void> {
    await new Promise((resume) => setTimeout(resume, 0))
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
