/** What another machine may ask for: cards at their addresses, and what a page is made of. */
const OPEN_TO_ALL = [/^\/card\/[^/]+$/, /^\/_next\/static\//, /^\/icon\.svg$/];

/**
 * Whether a connection comes from this machine: from 127.0.0.0/8 or ::1, or from the very address that it goes to, as
 * where HOST is this machine's address in the network.
 */
export function isThisMachine(address, to) {
  return address === "::1" || /^(::ffff:)?127\./.test(address ?? "") || (!!address && address === to);
}

/**
 * Whether a request may be answered. Sign-in comes later: until then the coach's screens are for this machine only, and
 * another one reaches the addresses of cards and nothing else.
 *
 * @param address of the socket, never what a header claims; `to` is the one that it goes to.
 * @param url of the request, with or without a query.
 */
export function mayReach(address, to, url, method = "GET") {
  if (isThisMachine(address, to)) return true;
  const path = (url ?? "").split(/[?#]/)[0];
  // What could be read in two ways is no address of a card.
  if (/%|\\|\/\.|\/\//.test(path)) return false;
  return (method === "GET" || method === "HEAD") && OPEN_TO_ALL.some((open) => open.test(path));
}

/**
 * Whether a page of somebody else's, open in the coach's browser, asks to change something here. The open interface only
 * works things out, so anybody may ask it.
 */
export function isForeignChange(method, url, headers) {
  if (method === "GET" || method === "HEAD" || method === "OPTIONS" || url?.startsWith("/api/")) return false;
  // The server passes some requests on to itself. Somebody else's page cannot send this header: a browser asks first.
  if (headers["x-action-forwarded"]) return false;
  if (headers["sec-fetch-site"] === "cross-site") return true;
  const { origin, host } = headers;
  if (!origin) return false;
  try {
    return new URL(origin).host !== host;
  } catch {
    return true;
  }
}
