/** How long it is waited before the server is asked again. Milliseconds. */
const AGAIN_MS = 1000;

/** Whether a request is for the page that a link leads to; what is only fetched ahead may fail. */
function isForPage(request: Request): boolean {
  const { headers, method } = request;
  return method === "GET" && headers.has("rsc") && !headers.has("next-router-prefetch");
}

/**
 * A fetch that asks for a page until the server answers. One that failed would have the browser load the address itself, and
 * its own error page would come in place of everything that is open.
 *
 * @param onWaiting is told how many pages are waited for.
 */
export function patientFetch(
  fetch: typeof globalThis.fetch,
  onWaiting: (pages: number) => void,
  pause = () => new Promise<void>((resolve) => setTimeout(resolve, AGAIN_MS)),
): typeof globalThis.fetch {
  let waiting = 0;
  const count = (by: number) => {
    waiting += by;
    onWaiting(waiting);
  };
  const untilAnswered = async (request: Request): Promise<Response> => {
    count(1);
    try {
      for (;;) {
        await pause();
        const answer = await fetch(request.clone()).catch(() => null);
        request.signal.throwIfAborted();
        if (answer) return answer;
      }
    } finally {
      count(-1);
    }
  };
  return async (input, init) => {
    try {
      return await fetch(input, init);
    } catch (error) {
      const request = new Request(input, init);
      if (request.signal.aborted || !isForPage(request)) throw error;
      return untilAnswered(request);
    }
  };
}
