/** Lets a piecemeal answer run to its end. */
export function whole<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
