/** Words that keep their capital wherever they stand. */
const PROPER = ["Romanian"];

/** The name of a lift or drill inside a sentence. */
export function nameInSentence(name: string): string {
  const [first] = name.split(" ");
  return PROPER.includes(first!) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
