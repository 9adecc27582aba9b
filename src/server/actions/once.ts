/** So many requests are remembered, the newest. */
const REMEMBERED = 500;

const known = new Map<string, Promise<unknown>>();

/**
 * Does what a request asks for once, however often it is sent: who sends it again waits for the same, and gets the same
 * answer. What fails may be tried again.
 */
export function once<T>(requestId: string | undefined, work: () => Promise<T>): Promise<T> {
  if (requestId === undefined) return work();
  const under = known.get(requestId);
  if (under) return under as Promise<T>;
  const done = work();
  known.set(requestId, done);
  done.catch(() => known.delete(requestId));
  for (const oldest of known.keys()) {
    if (known.size <= REMEMBERED) break;
    known.delete(oldest);
  }
  return done;
}
