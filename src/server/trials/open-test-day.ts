import { testById } from "@/catalog/tests";
import type { DemandId } from "@/core/demands";
import { isDemandId } from "@/core/demands";
import type { TestValue } from "@/core/response";
import { listAthletes, listGroups, readAthletes } from "@/data/athletes";
import { lastTestResults } from "@/data/trials";
import { today } from "../sessions/day";

/** Somebody who is tested on a day, with the last outcomes. */
export interface Tested {
  id: string;
  name: string;
  limiters: readonly DemandId[];
  /** The last outcome of each test before the day, and that of the day. */
  last: Readonly<Record<string, { day: string; value: TestValue }>>;
}

/** A day of tests for a group; null: there is no such group. Without a group it is the first. */
export async function openTestDay(groupId: string | null) {
  const [groups, athletes] = await Promise.all([listGroups(), listAthletes()]);
  const group = groupId === null ? groups[0] : groups.find((g) => g.id === groupId);
  if (!group) return null;
  const people = athletes.filter((a) => a.groupId === group.id);
  const ids = people.map((p) => p.id);
  const [results, rows] = await Promise.all([lastTestResults(ids), readAthletes(ids, today())]);
  return {
    today: today(),
    group: { id: group.id, name: group.name },
    groups: groups.map(({ id, name }) => ({ id, name })),
    people: people.map(
      ({ id, name }): Tested => ({
        ...{ id, name },
        limiters: (rows.find((r) => r.id === id)?.limiters ?? []).map((l) => l.demand).filter(isDemandId),
        last: Object.fromEntries(
          results
            .filter((r) => r.athleteId === id && testById(r.test))
            .map((r) => [r.test, { day: r.day, value: r.value as number[] }]),
        ),
      }),
    ),
  };
}
export type TestDay = NonNullable<Awaited<ReturnType<typeof openTestDay>>>;
