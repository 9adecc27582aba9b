/**
 * So many of something, in words.
 *
 * @param one what one of them is called; more take an s.
 * @example counted(1, "athlete") // "1 athlete"
 */
export function counted(count: number, one: string): string {
  return `${count} ${one}${count === 1 ? "" : "s"}`;
}
