import type { FloorAthlete, FloorEvent, FloorPlan, HappeningKind } from "@/core/floor";

/** What of a session somebody may see: the coach all of it, an assistant all but notes and pain, the wall what concerns everybody, a phone what is its athlete's. */
export type Audience =
  | { kind: "coach" }
  | { kind: "assistant" }
  | { kind: "wall"; hasWeights: boolean; hasNames: boolean }
  | { kind: "athlete"; id: string };

/** What is between an athlete and the coach. */
const PRIVATE: readonly HappeningKind[] = ["pain", "note", "checked", "asked", "answered"];

/** What an assistant does not see; that a lift was stopped they do. */
const HEALTH: readonly HappeningKind[] = ["pain", "note"];

/** Whether an event is for somebody's eyes. What it undoes may not be, so undoing always is: it says nothing. */
export function isFor(event: FloorEvent, audience: Audience): boolean {
  switch (audience.kind) {
    case "coach":
      return true;
    case "assistant":
      return !HEALTH.includes(event.kind);
    case "wall":
      return !PRIVATE.includes(event.kind);
    case "athlete":
      if (event.athlete === audience.id) return true;
      return event.kind === "undone" || (event.athlete === null && event.kind !== "note");
  }
}

/** "Rashid A.", or "RA" where names are not to be shown. */
function nameOnWall({ name }: FloorAthlete, hasNames: boolean): string {
  const [first = "", ...rest] = name.split(/\s+/);
  const last = rest.at(-1)?.replace(/^\W+/, "") ?? "";
  if (!hasNames) return `${first.slice(0, 1)}${last.slice(0, 1)}`.toUpperCase();
  return last ? `${first} ${last.slice(0, 1).toUpperCase()}.` : first;
}

/** What of a plan somebody may see. */
export function planFor(plan: FloorPlan, audience: Audience): FloorPlan {
  switch (audience.kind) {
    case "coach":
    case "assistant":
      return plan;
    case "athlete": {
      const own = plan.athletes.filter((a) => a.id === audience.id);
      const racks = plan.racks.filter((r) => r.athletes.includes(audience.id));
      return { ...plan, athletes: own, racks: racks.map((r) => ({ ...r, athletes: [audience.id] })) };
    }
    case "wall":
      return {
        ...plan,
        athletes: plan.athletes.map((a) => ({
          ...a,
          name: nameOnWall(a, audience.hasNames),
          // What a ramp is worked out from says more than a wall should.
          lifts: a.lifts.map((l) => ({ ...l, request: null, oneSided: null })),
          steps: a.steps.map((s) => ({ ...s, swaps: [], shorter: [] })),
        })),
      };
  }
}
