/** Words as a list inside a sentence. @example "a, b and c" */
export function joinWords(words: readonly string[], last: "and" | "or" = "and"): string {
  if (words.length < 2) return words.join("");
  return `${words.slice(0, -1).join(", ")} ${last} ${words.at(-1)}`;
}
