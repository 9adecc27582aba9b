/** How long it is waited before the server is asked again. Milliseconds. */
const AGAIN_MS = 1000;

/** Whether a request is for the page that a link leads to; what is only fetched ahead may fail. */
function isForPage(input: RequestInfo | URL, init?: RequestInit): boolean {
  const request = input instanceof Request ? input : null;
  const headers = new Headers(init?.headers ?? request?.headers);
  const method = init?.method ?? request?.method ?? "GET";
  return method === "GET" && headers.has("rsc") && !headers.has("next-router-prefetch");
}

/** What a proxy says in place of a server that is away. */
const BY_PROXY = [502, 504];

/** An answer that has come in whole. @throws where it breaks off, or is none of the server's. */
async function whole(answer: Response): Promise<Response> {
  if (BY_PROXY.includes(answer.status)) throw new TypeError("The server is away, says a proxy.");
  // The copy is read so that the answer itself keeps its address, which says where it has been led to.
  await answer.clone().arrayBuffer();
  return answer;
}

/**
 * A fetch that asks for a page until the server answers. One that failed or broke off would have the browser load the address itself, and
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
        const answer = await fetch(request.clone())
          .then(whole)
          .catch(() => null);
        request.signal.throwIfAborted();
        if (answer) return answer;
      }
    } finally {
      count(-1);
    }
  };
  return async (input, init) => {
    if (!isForPage(input, init)) return fetch(input, init);
    const request = new Request(input, init);
    try {
      return await whole(await fetch(input, init));
    } catch (error) {
      if (request.signal.aborted) throw error;
      return untilAnswered(request);
    }
  };
}
