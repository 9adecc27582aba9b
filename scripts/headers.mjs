/** What a page may load and do: what the app ships, scripts only with the answer's own nonce. */
function contentPolicy(nonce) {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    // Styles in attributes are how the stair and the plates are drawn.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

/** The headers of every answer. @param path of the request; cards and walls tell nobody where they were. */
export function headersOf(path, nonce) {
  return {
    "content-security-policy": contentPolicy(nonce),
    "x-content-type-options": "nosniff",
    "x-frame-options": "DENY",
    "referrer-policy": /^\/(card|wall|once|calendar)\//.test(path) ? "no-referrer" : "same-origin",
    "cross-origin-opener-policy": "same-origin",
    "permissions-policy": "camera=(), geolocation=(), microphone=()",
  };
}
