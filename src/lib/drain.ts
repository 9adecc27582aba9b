/** Runs work that tells how far it is to its end, whatever it tells, and gives what it returns. */
export function drain<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}
