/** The path of a request as it is read in the end: without query, dots taken out; null: it is none. */
export function pathOf(url) {
  try {
    return new URL(`http://here${url?.startsWith("/") ? url : `/${url ?? ""}`}`).pathname;
  } catch {
    return null;
  }
}

/**
 * Whether a request is meant for this server: a page elsewhere may have its own name point to this machine and would then
 * be answered as if it were ours.
 *
 * @param host of the request's header; `own`: further names and addresses that are this server's.
 */
export function isOurHost(host, own = []) {
  const name = nameOf(host);
  if (name === null) return false;
  if (name === "localhost" || name === "[::1]" || /^127\.\d+\.\d+\.\d+$/.test(name)) return true;
  return own.some((o) => o && (nameOf(o) === name || nameOf(`[${o}]`) === name));
}

/** The name in "name:port", lower case; null: there is none. */
function nameOf(host) {
  try {
    const { hostname, pathname, username } = new URL(`http://${host}`);
    return hostname && pathname === "/" && !username ? hostname : null;
  } catch {
    return null;
  }
}

/** What another machine may ask for: cards and walls at their addresses, and what a page is made of. */
const OPEN_TO_ALL = [/^\/(card|wall)\/[^/]+(\/(events|stream))?$/, /^\/_next\/static\//, /^\/icon\.svg$/];
/** What another machine may send: what an athlete says on the phone. */
const SENT_BY_ALL = [/^\/card\/[^/]+\/events$/];

/**
 * Whether a connection comes from this machine: from 127.0.0.0/8 or ::1, or from the very address that it goes to, as
 * where HOST is this machine's address in the network.
 */
export function isThisMachine(address, to) {
  return address === "::1" || /^(::ffff:)?127\./.test(address ?? "") || (!!address && address === to);
}

/**
 * Whether a request may be answered. Sign-in comes later: until then the coach's screens are for this machine only, and
 * another one reaches the addresses of cards and walls and nothing else.
 *
 * @param address of the socket, never what a header claims; `to` is the one that it goes to.
 * @param url of the request, with or without a query.
 */
export function mayReach(address, to, url, method = "GET") {
  if (isThisMachine(address, to)) return true;
  const path = (url ?? "").split(/[?#]/)[0];
  // What could be read in two ways is no address of a card.
  if (/%|\\|\/\.|\/\//.test(path)) return false;
  const open = method === "GET" || method === "HEAD" ? OPEN_TO_ALL : method === "POST" ? SENT_BY_ALL : [];
  return open.some((o) => o.test(path));
}

/**
 * Whether a page of somebody else's, open in the coach's browser, asks for something to be done here. Programs have no
 * origin: they may ask the open interface.
 */
export function isForeignChange(method, headers) {
  if (method === "GET" || method === "HEAD" || method === "OPTIONS") return false;
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
