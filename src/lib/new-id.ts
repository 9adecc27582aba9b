/** An id that nothing else has, also where a page was not fetched securely. */
export function newId(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((b) => b.toString(16).padStart(2, "0")).join("");
}
