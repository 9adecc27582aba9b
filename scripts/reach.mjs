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

/**
 * Whether a connection comes from this machine: from 127.0.0.0/8 or ::1, or from the very address that it goes to, as
 * where HOST is this machine's address in the network.
 */
export function isThisMachine(address, to) {
  return address === "::1" || /^(::ffff:)?127\./.test(address ?? "") || (!!address && address === to);
}

/**
 * Whether everybody has to sign in: always where other machines reach the server, by its own address or through a proxy before it.
 *
 * @param hostname that it listens on; `publicUrl`: under which others know it; absent: nobody else does.
 */
export function needsSignIn(hostname, publicUrl) {
  const known = publicUrl ? nameOf(publicUrl.replace(/^https?:\/\/|\/.*$/g, "")) : null;
  const isHere = (name) => name === "localhost" || name === "[::1]" || isThisMachine(name, null);
  return !isHere(hostname === "::1" ? "[::1]" : hostname) || (known !== null && !isHere(known));
}

/** Whether somebody passes a request on for another machine: it then looks as if it came from this one. */
export function isPassedOn(headers) {
  return ["forwarded", "x-forwarded-for", "x-real-ip", "via"].some((name) => headers[name] !== undefined);
}

/** Where a request comes from: its socket's address, or what the proxy on this machine says. */
export function fromOf(address, headers) {
  const passedOn = isThisMachine(address, null) && headers["x-forwarded-for"];
  // The last is what our own proxy has added; what stands before it anybody may claim.
  return passedOn ? String(passedOn).split(",").at(-1).trim().slice(0, 60) : (address ?? "unknown");
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
