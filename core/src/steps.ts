/** Runs work that goes step by step to its end, for callers who need neither progress nor cancel. */
export function toTheEnd<Progress, Answer>(steps: Generator<Progress, Answer>): Answer {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}
