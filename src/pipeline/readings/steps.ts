/** Long work that may pause after each of its steps; what it returns is its result. */
export type Steps<Result> = Generator<undefined, Result>;

/** Does all steps in a row. */
export function atOnce<Result>(steps: Steps<Result>): Result {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
