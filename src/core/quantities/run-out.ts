/** Runs work that is done in steps to its end: for callers that need neither its progress nor a way to stop it. */
export function runOut<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
