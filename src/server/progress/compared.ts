import { tests } from "@/catalog/tests";
import { type Catalog, liftById } from "@/core/catalog";
import { type FirstAndLatest, firstAndLatest } from "@/core/progress";
import { worseSide } from "@/core/response";
import { maximumHistory } from "@/core/strength";
import { convertWeight, type UnitSystem, type Weight } from "@/core/units";
import { listWeights } from "@/data/athletes";
import { listTestResults, listTrials } from "@/data/trials";
import { groupRows } from "@/lib/group-rows";

interface Person {
  id: string;
  name: string;
  unit: UnitSystem;
}

/** Where the people of a group began in a time and where they are, at a lift or a test; by name of the athlete. */
export interface Compared {
  id: string;
  name: string;
  rows: readonly (FirstAndLatest & { name: string })[];
}

function comparedOf(people: readonly Person[], id: string, name: string, found: readonly FirstAndLatest[]) {
  const nameOf = new Map(people.map((p) => [p.id, p.name]));
  const rows = found.map((f) => ({ ...f, name: nameOf.get(f.athlete) ?? "" }));
  return { id, name, rows: rows.sort((a, b) => a.name.localeCompare(b.name)) };
}

const byPeople = (a: Compared, b: Compared) => b.rows.length - a.rows.length || a.name.localeCompare(b.name);

/** Maxima of everybody, estimated or tested, by lift; the lift that most have first. In a unit's fine unit. */
export async function comparedLifts(
  people: readonly Person[],
  since: string,
  unit: UnitSystem,
  catalog: Catalog,
): Promise<Compared[]> {
  const rows = await listWeights(
    people.map((p) => p.id),
    since,
  );
  const ofLift = groupRows(rows, (r) => r.lift);
  return [...new Set(rows.map((r) => r.lift))]
    .map((lift) => {
      const ofAthlete = groupRows(ofLift(lift), (r) => r.athleteId);
      const numbers = people.flatMap((p) =>
        maximumHistory(ofAthlete(p.id).map((r) => ({ ...r, weight: r.weight as Weight }))).map(
          ({ day, maximum }) => ({
            ...{ athlete: p.id, day },
            value: convertWeight(Math.round(maximum) as Weight, p.unit, unit) as number,
          }),
        ),
      );
      return comparedOf(people, lift, liftById(catalog, lift)?.name ?? lift, firstAndLatest(numbers));
    })
    .sort(byPeople);
}

/** What tests have shown before warm-ups, the worse side of two; the test that most have done first. */
export async function comparedTests(people: readonly Person[], since: string): Promise<Compared[]> {
  const ids = people.map((p) => p.id);
  const [results, trials] = await Promise.all([listTestResults(ids), listTrials(ids)]);
  const cold = [
    ...results.filter((r) => r.moment === "cold"),
    ...trials.map((t) => ({ ...t, value: t.before })),
  ].filter((r) => r.day >= since);
  const ofTest = groupRows(cold, (r) => r.test);
  return tests
    .flatMap((test) => {
      const numbers = ofTest(test.id).map((r) => {
        const value = r.value as number[];
        return { athlete: r.athleteId, day: r.day, value: value[worseSide(test, value)]! };
      });
      const compared = comparedOf(people, test.id, test.name, firstAndLatest(numbers));
      return compared.rows.length === 0 ? [] : [compared];
    })
    .sort(byPeople);
}
