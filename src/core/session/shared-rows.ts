import { type Catalog, drillById } from "../catalog";
import { conditionInWords, type KnownTest, knownTests, testsAfter } from "../drills";
import type { GroupPlan, SharedDrill } from "../group";
import { circuitOpenedBy, offersInWords } from "../plan";
import type { Session } from "./session";

/** What all do, as it is listed: a drill, or a test between drills. */
export type SharedRow =
  | {
      kind: "drill";
      shared: SharedDrill;
      /** What goes round from here on, in words; null: nothing begins. */
      opens: string | null;
      /** What may be done in its place, in words. */
      offers: string[];
    }
  | { kind: "test"; key: string; test: KnownTest };

/** What may be done in place of what all do, in words. */
function offersOfShared({ anyOf, condition }: SharedDrill, catalog: Catalog): string[] {
  const named = (id: string) => ({ name: drillById(catalog, id)?.name ?? id });
  return [
    ...offersInWords({ anyOf: anyOf.map(named), condition: null, insteadOf: null }),
    ...(condition ? [`${conditionInWords(condition)}: then ${named(condition.next).name}.`] : []),
  ];
}

/** What all of a session do, in its order, with the tests between. */
export function sharedRows({ shared }: GroupPlan, session: Session, catalog: Catalog): SharedRow[] {
  const tests = knownTests(session.tests, catalog.drills);
  const after = (drill: string | null, isLast: boolean) =>
    testsAfter(tests, drill, { isLast }).map(
      (test): SharedRow => ({ kind: "test", key: `test ${test.index} ${drill}`, test }),
    );
  return [
    ...after(null, shared.length === 0),
    ...shared.flatMap((s, i): SharedRow[] => [
      {
        kind: "drill",
        shared: s,
        opens: circuitOpenedBy(s, shared),
        offers: offersOfShared(s, catalog),
      },
      ...after(s.drill, i === shared.length - 1),
    ]),
  ];
}
