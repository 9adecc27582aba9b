import { joinWords } from "@/lib/join-words";
import { AREAS, type Drill, type Implement, nameInSentence } from "../catalog";
import type { DemandId } from "../demands";
import type { Candidate, ChoiceModel, Refusal } from "../drills";
import { MATTERS_FROM, SHORTFALL_SERVED } from "../drills";
import { formatSeconds, formatWeightWithUnit, type Weight } from "../units";
import { demandInSentence } from "./reasons";
import type { Plan, PlanFinding, PlanRequest, UnservedCause } from "./types";

const MOST_NAMED = 4;

type PlanToJudge = Omit<Plan, "findings">;

/** What the coach should know about a plan: what was left out and why, and what speaks against the lift. */
export function planFindings(request: PlanRequest, plan: PlanToJudge): PlanFinding[] {
  const found: PlanFinding[] = [...liftFindings(request)];
  const available = request.minutes * 60;
  const rampSeconds = plan.seconds - plan.drillSeconds;
  const givenUp = plan.ramps.reduce((sum, ramp) => sum + (ramp?.fewer ?? 0), 0);
  if (givenUp > 0) {
    found.push({
      code: "ramp-shortened",
      message: `To fit the time, the ramp drops ${givenUp === 1 ? "a set" : `${givenUp} sets`}; its jumps stay within their limits.`,
    });
  }
  if (rampSeconds > available) {
    found.push({
      code: "ramp-over-time",
      message: `The ramp alone takes ${formatSeconds(rampSeconds)}; there are ${request.minutes} min. Give it more time, or fewer ramp sets.`,
    });
  }
  request.lifts.forEach(({ lift, kit, working, askedWeight }, i) => {
    if (lift.kind) return;
    if (!kit) {
      found.push({
        code: "drills-only",
        message: `The ${nameInSentence(lift.name)} gets its drills only: ${WANTED[lift.implement]}, and its ramp-up sets are worked out.`,
      });
    } else if (working) {
      if (askedWeight !== undefined) {
        const say = (w: Weight) => formatWeightWithUnit(w, request.unit);
        found.push({
          code: "weight-not-here",
          message: `What this gym has does not make ${say(askedWeight)} for the ${nameInSentence(lift.name)}: the ramp goes to ${say(working.weight)}.`,
        });
      }
      found.push(...plan.ramps[i]!.findings);
    } else {
      found.push({
        code: "no-working-weight",
        message: `No working weight for the ${nameInSentence(lift.name)} yet. Enter one and the ramp is worked out.`,
      });
    }
  });
  found.push(...leftOutFindings(request, plan));
  return found;
}

/** What a lift wants before its ramp can be worked out. */
const WANTED: Record<Implement, string> = {
  barbell: "give this gym a bar with plates",
  dumbbells: "give this gym dumbbells",
  machine: "give this gym the machine with its empty weight",
  stack: "give this gym a stack machine",
  bodyweight: "give the athlete a body weight",
  none: "give it a weight",
};

function liftFindings({ lifts, athlete }: PlanRequest): PlanFinding[] {
  return lifts.flatMap(({ lift }) =>
    athlete.areas
      .filter((a) => lift.loads.includes(a.area) && (a.level === "avoid" || a.level === "sore"))
      .map((a) => ({
        code: a.level === "avoid" ? "lift-against-area" : "lift-loads-sore-area",
        message:
          a.level === "avoid"
            ? `${AREAS[a.area]} is to be avoided and the ${nameInSentence(lift.name)} loads it. Choose another lift.`
            : `${AREAS[a.area]} is sore and the ${nameInSentence(lift.name)} loads it: the ramp has more light sets. Leave the lift out if the first sets do not settle it.`,
      })),
  );
}

const SENTENCES: Record<UnservedCause, (names: string) => string> = {
  time: (names) => `No time for ${names}.`,
  approach: (names) => `This approach has no drill for ${names}.`,
  ramp: (names) => `This approach leaves ${names} to the ramp sets.`,
  equipment: (names) => `This gym has nothing for ${names}.`,
  space: (names) => `There is too little clear floor here for the drills for ${names}.`,
  area: (names) => `Every drill for ${names} loads an injured area of this athlete.`,
  dropped: (names) => `The drills for ${names} have been dropped.`,
};

/** The demands that matter and are hardly served, gathered by what kept them out. */
function leftOutFindings({ drills }: PlanRequest, plan: PlanToJudge): PlanFinding[] {
  const { model, chosen } = plan.blocks[0].choice;
  const byCause = new Map<UnservedCause, { names: string[]; cheapest: Candidate[] }>();
  const isRamped = plan.ramps.some((ramp) => ramp && ramp.sets.length > 0);
  model.demands.forEach((d, i) => {
    const served = chosen.reduce((sum, c) => sum + (c.serves.find((s) => s.demand === i)?.served ?? 0), 0);
    if (d.weight < MATTERS_FROM || served >= SHORTFALL_SERVED) return;
    const helpers = model.candidates.filter(
      (c) =>
        !chosen.some((o) => o.family === c.family) && c.serves.some((s) => s.demand === i && s.served >= 1),
    );
    const why = helpers.length > 0 ? "time" : causeFor(model, drills, d.demand);
    const cause: UnservedCause = why === "approach" && isRamped ? "ramp" : why;
    const entry = byCause.get(cause) ?? { names: [], cheapest: [] };
    entry.names.push(demandInSentence(d.demand));
    const cheapest = helpers.sort((a, b) => a.seconds - b.seconds)[0];
    if (cheapest && !entry.cheapest.some((c) => c.drill.id === cheapest.drill.id))
      entry.cheapest.push(cheapest);
    byCause.set(cause, entry);
  });
  return [...byCause].map(([cause, { names, cheapest }]) => {
    const shown = names.slice(0, MOST_NAMED);
    if (names.length > MOST_NAMED) shown.push(`${names.length - MOST_NAMED} more`);
    const more = cheapest.reduce((sum, c) => sum + c.seconds, 0);
    const cost =
      cause === "time" ? ` About ${formatSeconds(Math.ceil(more / 5) * 5)} more would cover it.` : "";
    return { code: `unserved-${cause}`, message: SENTENCES[cause](joinWords(shown)) + cost };
  });
}

const CAUSE_OF: Record<Refusal, UnservedCause> = {
  dropped: "dropped",
  area: "area",
  equipment: "equipment",
  space: "space",
  approach: "approach",
  "not-asked": "approach",
};

/** What keeps most of the drills for a demand out. */
function causeFor(model: ChoiceModel, drills: readonly Drill[], demand: DemandId): UnservedCause {
  const counts = new Map<UnservedCause, number>();
  for (const drill of drills) {
    const refusal = model.refused.get(drill.id);
    if (!refusal || !drill.serves[demand]) continue;
    const cause = CAUSE_OF[refusal];
    counts.set(cause, (counts.get(cause) ?? 0) + 1);
  }
  const [most] = [...counts].sort(([, a], [, b]) => b - a);
  return most?.[0] ?? "time";
}
