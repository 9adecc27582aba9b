import { AsyncLocalStorage } from "node:async_hooks";

/** Of each request whether an action has begun with what it asks for; an action says so. */
const requests = new AsyncLocalStorage();
globalThis.ironStepRequests = requests;

/**
 * Answers a request for an action. Where what it asks for cannot even be decoded the framework says that the server failed;
 * it is the request that is bad.
 */
export function answerAction(request, response, handle) {
  if (request.headers["next-action"] === undefined) return handle(request, response);
  const asked = { isRead: false };
  const { writeHead } = response;
  response.writeHead = (status, ...rest) =>
    writeHead.call(response, status >= 500 && !asked.isRead ? 400 : status, ...rest);
  return requests.run(asked, () => handle(request, response));
}
