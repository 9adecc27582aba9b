/** Without accents and case, so that it is found however it is typed. */
function plain(text: string): string {
  return text.normalize("NFD").replaceAll(/\p{M}/gu, "").toLowerCase();
}

/** Whether every word of `words` stands somewhere in a text, whatever its case and accents. */
export function hasWords(text: string, words: string): boolean {
  const where = plain(text);
  return plain(words)
    .split(/\s+/)
    .every((word) => where.includes(word));
}
