import { headers } from "next/headers";
import { countTry, forgetTries, readTries } from "@/data/access/vain-tries";

const SECOND = 1000;
/** What was tried in vain is forgotten after a day without another try. */
const FORGOTTEN_AFTER = 24 * 60 * 60 * SECOND;

/** From so many vain tries on there is a wait: two seconds, and twice as long each time, up to a quarter of an hour. */
const WAITS = { first: 2 * SECOND, most: 15 * 60 * SECOND } as const;

/** Something that tries are counted by, and how many are free. */
export interface Counted {
  key: string;
  free: number;
}

/** How long has to be waited after so many vain tries. Milliseconds. */
export function waitAfter(times: number, free: number): number {
  return times < free ? 0 : Math.min(WAITS.most, WAITS.first * 2 ** (times - free));
}

/** How long is left to wait before the next try. Milliseconds. */
export async function waitLeft(counted: readonly Counted[], now = Date.now()): Promise<number> {
  const tries = await readTries(counted.map((c) => c.key));
  const left = counted.map(({ key, free }) => {
    const known = tries.find((t) => t.key === key);
    const wait = known ? waitAfter(known.times, free) : 0;
    return wait > 0 ? known!.lastAt + wait - now : 0;
  });
  return Math.max(0, ...left);
}

export async function countVainTry(counted: readonly Counted[], now = Date.now()): Promise<void> {
  await countTry(
    counted.map((c) => c.key),
    now,
    FORGOTTEN_AFTER,
  );
}

export async function forgetVainTries(counted: readonly Counted[]): Promise<void> {
  await forgetTries(counted.map((c) => c.key));
}

/** A wait in words. */
export function waitInWords(left: number): string {
  const seconds = Math.ceil(left / SECOND);
  return seconds < 100 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
}

/** Where the request comes from, as the server has seen it; "here" where it cannot be told. */
export async function askedFrom(): Promise<string> {
  return (await headers()).get("x-from") ?? "here";
}
