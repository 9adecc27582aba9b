import { isEqual } from "@/lib/equality";
import type { ChoiceOfDrills, ChoiceRequest } from "../drills";

/** Choices of drills that are kept: those of a session's blocks before and after a few changes. */
const MOST_KEPT = 16;

/** What of a request its drills depend on as it stands. */
const DEPENDS_ON = [
  ...["drills", "demands", "approach", "room", "clearFloor", "own", "circuits", "tests"],
  ...["dropped", "seconds", "taken", "begun"],
] as readonly (keyof ChoiceRequest)[];

/** The same with what else of it its drills depend on, as values that can be compared. */
function dependsOn(request: ChoiceRequest): unknown[] {
  const { experience, limiters, areas, responses } = request.athlete;
  const kit = request.equipment && [...request.equipment];
  const lifts = request.lifts.map(({ lift, startsEmpty }) => [lift.id, startsEmpty]);
  return [...DEPENDS_ON.map((key) => request[key]), experience, limiters, areas, responses, kit, lifts];
}

/**
 * A memory of the drills chosen at once for the last plans of one athlete: most changes leave the drills of other lifts
 * as they are, and those need not be chosen again. The same request gives the same drills with it as without.
 */
export class PlanMemory {
  private kept: { from: unknown[]; choice: ChoiceOfDrills }[] = [];

  /** The choice for a request, worked out where it is not known. */
  choose(request: ChoiceRequest, work: () => ChoiceOfDrills): ChoiceOfDrills {
    const from = dependsOn(request);
    const known = this.kept.find((k) => isEqual(k.from, from));
    const entry = known ?? { from, choice: work() };
    this.kept = [entry, ...this.kept.filter((k) => k !== entry)].slice(0, MOST_KEPT);
    return entry.choice;
  }
}
