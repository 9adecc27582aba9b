import { type Entry, findEntries } from "./find-entries";

const entry = (heading: string, label: string, note?: string, words?: string): Entry => ({
  id: `${heading} ${label} ${note}`,
  heading,
  label,
  note,
  words,
});

const ENTRIES = [
  entry("Places", "Files"),
  entry("Places", "Dark screen", undefined, "theme light night day"),
  entry("Sessions", "Throwing squad", "Fri 4 Dec 16:30"),
  entry("Sessions", "Throwing squad", "Wed 2 Dec 16:30"),
  entry("Athletes", "Linnéa Östholm", "Throwers"),
  entry("Athletes", "Winifred Adjei", "Rowers"),
  entry("Athletes", "Fred Winston", "Throwers"),
];

const labels = (search: string) =>
  findEntries(ENTRIES, search).flatMap(({ entries }) => entries.map(({ label }) => label));

describe("findEntries", () => {
  test("a name is found by its beginning, and by nothing whose letters merely occur in that order", () => {
    expect(labels("winifred")).toEqual(["Winifred Adjei"]);
    expect(labels("winxfred")).toEqual([]);
  });

  test("accents and case do not count", () => {
    expect(labels("ostholm LINNEA")).toEqual(["Linnéa Östholm"]);
  });

  test("every word must stand in it; what it notes tells two of a name apart", () => {
    expect(findEntries(ENTRIES, "squad 2 dec")).toEqual([{ heading: "Sessions", entries: [ENTRIES[3]] }]);
    expect(labels("squad oct")).toEqual([]);
  });

  test("who is called so comes before who merely has it in the name or is noted so, and the headings follow", () => {
    expect(labels("win")).toEqual(["Winifred Adjei", "Fred Winston", "Throwing squad", "Throwing squad"]);
    expect(labels("fred")[0]).toBe("Fred Winston");
    expect(findEntries(ENTRIES, "throw").map(({ heading }) => heading)).toEqual(["Sessions", "Athletes"]);
    expect(labels("thro")).toEqual(["Throwing squad", "Throwing squad", "Linnéa Östholm", "Fred Winston"]);
  });

  test("further words find it too", () => {
    expect(labels("theme")).toEqual(["Dark screen"]);
  });

  test("without words all are there, as they came", () => {
    expect(labels("  ")).toEqual(ENTRIES.map(({ label }) => label));
  });
});
