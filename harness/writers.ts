import { ask, demoDatabase, isSound, serverOn } from "./app";

const ATHLETE = "ilse";

interface Opened {
  revision: number;
  draft: { birthYear: number };
}
type Outcome = { kind: "saved" } | { kind: "changed-elsewhere" } | { kind: "refused"; message: string };

/**
 * Many who change the same athlete at once, each adding one to what it has read: every change that was acknowledged has to
 * be there in the end, and no other.
 *
 * @param servers how many run on the one file.
 */
export async function writers(servers: number, people: number, changes: number): Promise<string | null> {
  const file = demoDatabase();
  const running = await Promise.all(Array.from({ length: servers }, () => serverOn(file)));
  const open = async (url: string) =>
    (await (await fetch(`${url}/data/athletes/${ATHLETE}`)).json()) as Opened;
  const save = (url: string, { revision, draft }: Opened, birthYear: number) =>
    ask<Outcome>(url, "saveAthleteAction", { revision, athlete: { ...draft, birthYear } });
  try {
    const first = await open(running[0]!.url);
    await save(running[0]!.url, first, 1900);
    const work = Array.from({ length: people }, async (_, i) => {
      const { url } = running[i % running.length]!;
      for (let done = 0; done < changes; ) {
        const read = await open(url);
        const outcome = await save(url, read, read.draft.birthYear + 1);
        // Who could not be let in is told so, and nothing was written: it is tried again.
        const isLockedOut = outcome?.kind === "refused" && /holds the database/.test(outcome.message);
        if (outcome?.kind === "refused" && !isLockedOut) throw new Error(outcome.message);
        if (outcome?.kind === "saved") done += 1;
      }
    });
    await Promise.all(work);
    const { draft } = await open(running[0]!.url);
    const lost = people * changes - (draft.birthYear - 1900);
    if (lost !== 0) return `${lost} of ${people * changes} changes were lost`;
  } finally {
    await Promise.all(running.map((s) => s.stop()));
  }
  return isSound(file) ? null : "the file is damaged";
}
