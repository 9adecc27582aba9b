/**
 * Runs long work to its end and lets other requests be answered between its steps. Null as soon as nobody waits
 * for it any more.
 */
export async function finishBetweenRequests<T>(
  steps: Generator<unknown, T>,
  signal: AbortSignal,
): Promise<T | null> {
  while (!signal.aborted) {
    const { value, done } = steps.next();
    if (done) return value;
    await new Promise((resolve) => setImmediate(resolve));
  }
  return null;
}

/** The answer to a request that nobody waits for any more. */
export function gone(): Response {
  return new Response(null, { status: 499 });
}
