/** Runs work that goes step by step to its end, for callers who need neither progress nor cancel. */
export function toTheEnd<Progress, Answer>(steps: Generator<Progress, Answer>): Answer {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** The same steps with what they say of themselves told otherwise; their answer stays. */
export function* retold<Progress, Told, Answer>(
  steps: Generator<Progress, Answer>,
  tell: (progress: Progress) => Told,
): Generator<Told, Answer> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    yield tell(step.value)
  }
}
