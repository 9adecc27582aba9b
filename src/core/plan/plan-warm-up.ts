import { drain } from "@/lib/drain";
import { mapNonEmpty, nonEmpty } from "@/lib/non-empty";
import type { DrillId } from "../catalog";
import { DEMAND_IDS, DEMANDS } from "../demands";
import { doseOf } from "../dose";
import {
  type AskedDemand,
  type ChoiceOfDrills,
  type ChoiceRequest,
  type Chooser,
  choiceModels,
  chooseDrills,
  type Decided,
  decideConditions,
  exactly,
  LATER_QUICK_WORK,
  type Placed,
  quickly,
} from "../drills";
import type { Progress } from "../optimizer";
import { blockChoice, blocksOf, rampSecondsOf } from "./block-choice";
import { type CoolDown, coolDownChoice, coolDownChosen, coolDownOf } from "./cool-down";
import { doseReason, usualMinutes } from "./dose-reason";
import { planFindings } from "./findings";
import { PlanMemory } from "./plan-memory";
import { planRamps } from "./plan-ramps";
import { reasonFor } from "./reasons";
import { withSlotOffers } from "./slot-offers";
import type {
  CoveredDemand,
  OwnDrillOfPlan,
  Part,
  Plan,
  PlanBlock,
  PlanOutline,
  PlanRequest,
  PlanStep,
  PlanTest,
} from "./types";
import { workSeconds } from "./work-seconds";

/**
 * Plans the warm-up of one athlete: the ramp of each lift, the drills that serve the session best in the time
 * that the first ramp leaves, and before each later lift what is new. A plan is always given; what it had to
 * give up stands in `findings`. The drills are a very good choice; `planExactly` finds the best.
 *
 * @param memory of the plans of the same athlete before; absent: everything is worked out.
 */
export function planWarmUp(request: PlanRequest, memory = new PlanMemory()): Plan {
  return drain(planWith(request, null, memory));
}

/** As `planWarmUp` with the best choice of drills, proven; yields how far the proof is. */
export function planExactly(request: PlanRequest): Generator<Progress, Plan> {
  return planWith(request, exactly, new PlanMemory());
}

/** A request in which what is known of the athlete has decided the conditions. */
type DecidedRequest = Omit<PlanRequest, "own"> & { own: readonly Decided<OwnDrillOfPlan>[] };

/** @param chooser looks for the best drills; null: very good ones are taken at once, or from memory. */
function* planWith(
  asked: PlanRequest,
  chooser: Chooser | null,
  memory: PlanMemory,
): Generator<Progress, Plan> {
  const request: DecidedRequest = { ...asked, ...decideConditions(asked, asked) };
  const blocks = blocksOf(request.lifts);
  const ramps = planRamps(request, blocks[0]);
  const steps: PlanStep[] = [];
  const tests: PlanTest[] = [];
  const planned: PlanBlock[] = [];
  let clock = 0;
  const served = DEMAND_IDS.map(() => 0);
  let demands: readonly AskedDemand[] = [];
  let first: readonly Placed[] = [];
  for (const [block, lifts] of blocks.entries()) {
    const from = blockChoice(request, ramps, block, { served, drills: steps.map((s) => s.drill.id) });
    if (block === 0) demands = from.demands;
    const isTogether = block === 0 && request.together && !request.begun;
    const choice: ChoiceOfDrills = isTogether
      ? choiceTogether(request.together!, from)
      : chooser
        ? yield* chooseDrills(from, chooser)
        : memory.choose(from, () =>
            drain(chooseDrills(from, quickly(block === 0 ? null : LATER_QUICK_WORK))),
          );
    const { model, chosen, objective, bound } = choice;
    if (block === 0) first = choice.placed;
    for (const c of chosen) for (const s of c.serves) served[s.demand]! += s.served;
    steps.push(...choice.placed.map((p) => stepOf(p, request, model.demands, block, clock)));
    tests.push(...choice.tests.map((t) => ({ ...t, block, startsAt: clock + t.startsAt })));
    const rampsAt = clock + choice.seconds;
    const workAt = rampsAt + rampSecondsOf(ramps, lifts);
    const endsAt = workAt + workSeconds(lifts.map((i) => request.lifts[i]!));
    planned.push({
      lifts,
      startsAt: clock,
      rampsAt,
      workAt,
      endsAt,
      choice: { model, chosen, objective, bound },
    });
    clock = endsAt;
  }
  const inOrder = nonEmpty(planned);
  const asksCoolDown = request.coolDown ?? null;
  let coolDown: CoolDown | null = null;
  if (asksCoolDown === "again") coolDown = coolDownOf(first, clock);
  else if (asksCoolDown) {
    const from = coolDownChoice(request, asksCoolDown);
    coolDown = coolDownChosen(
      chooser
        ? yield* chooseDrills(from, chooser)
        : memory.choose(from, () => drain(chooseDrills(from, quickly(LATER_QUICK_WORK)))),
      clock,
    );
  }
  const plan = {
    steps,
    tests,
    ramps,
    blocks: inOrder,
    coverage: coverageOf(demands, served),
    coolDown,
    drillSeconds: inOrder[0].rampsAt,
    seconds: inOrder[0].workAt,
  };
  const found = { ...plan, findings: planFindings(request, plan) };
  return { ...found, steps: withSlotOffers(found, request) };
}

/** A plan without what its drills were selected from. */
export function outlineOf({ blocks, ...plan }: Plan): PlanOutline {
  return { ...plan, blocks: mapNonEmpty(blocks, ({ choice: _, ...times }) => times) };
}

/** The drills of a group's plan as this athlete's choice; nothing is chosen, so nothing bounds it. */
function choiceTogether(
  { steps: placed, tests }: NonNullable<PlanRequest["together"]>,
  from: ChoiceRequest,
): ChoiceOfDrills {
  const firsts = placed.filter((p) => p.round === 1).map((p) => p.candidate);
  // What the group does is in the athlete's own choice too, whether or not it would be there otherwise.
  const own = firsts.map(({ drill, sets, amount, format, until }) => ({
    drill: drill.id,
    dose: { sets, amount, format, until },
  }));
  const circuits = new Map(
    firsts.flatMap(({ circuit, rounds }) =>
      circuit?.by === "coach" ? [[circuit.key, { ...circuit, rounds }]] : [],
    ),
  );
  const models = choiceModels({ ...from, own, circuits: [...circuits.values()] });
  const goesRound = firsts.filter((c) => c.circuit?.by === "approach");
  const rounds = Math.max(1, ...goesRound.map((c) => c.rounds));
  const model = models.find((m) => m.rounds === rounds) ?? models[0]!;
  return {
    model,
    chosen: firsts.flatMap((c) => model.candidates.find((o) => o.drill.id === c.drill.id) ?? []),
    placed,
    tests: [...tests],
    seconds: Math.max(0, ...[...placed, ...tests].map((p) => p.startsAt + p.seconds)),
    objective: 0,
    bound: Number.POSITIVE_INFINITY,
  };
}

function stepOf(
  { candidate, round, startsAt, seconds, part }: Placed & { part?: Part },
  request: DecidedRequest,
  demands: readonly AskedDemand[],
  block: number,
  blockStartsAt: number,
): PlanStep {
  const dose = doseOf(candidate.drill.dose, candidate);
  const isShort = request.minutes < usualMinutes(request);
  return {
    block,
    drill: candidate.drill,
    phase: candidate.phase,
    round,
    rounds: candidate.rounds,
    circuit: candidate.circuit,
    dose,
    seconds,
    startsAt: blockStartsAt + startsAt,
    serves: candidate.serves
      .map((s) => ({ demand: demands[s.demand]!, served: s.served }))
      .filter((s) => s.demand.weight > 0 || s.demand.asked > 0)
      .map((s) => ({ demand: s.demand.demand, weight: s.served / candidate.rounds })),
    reason: reasonFor(candidate, demands, part, request.athlete.responses),
    doseReason: doseReason(candidate, dose, request.approach, isShort),
    pinned: candidate.pinned,
    ...offersOf(candidate.drill.id, request),
    part,
  };
}

/** What may be done in place of a drill, as the coach has said; drills that there are no longer are left out. */
function offersOf(
  id: DrillId,
  { own, drills }: DecidedRequest,
): Pick<PlanStep, "anyOf" | "condition" | "insteadOf"> {
  const { anyOf = [], condition, insteadOf } = own.find((o) => o.drill === id) ?? {};
  const known = (other: DrillId) => drills.find((d) => d.id === other);
  // All others have been decided.
  const open = condition && "reached" in condition ? condition : null;
  const next = open && known(open.next);
  const first = insteadOf && known(insteadOf.drill);
  return {
    anyOf: anyOf.flatMap((other) => known(other) ?? []),
    condition: open && next ? { reached: open.reached, next } : null,
    insteadOf: insteadOf && first ? { ...insteadOf, drill: first } : null,
  };
}

/** What the whole session asks, and what drills and ramps serve of it. */
function coverageOf(demands: readonly AskedDemand[], served: readonly number[]): CoveredDemand[] {
  return demands
    .map((d, i) => {
      const bonus = d.limiter ? d.weight - d.weightWithoutLimiter : 0;
      return {
        demand: d.demand,
        asked: d.asked + bonus,
        served: served[i]! + (d.asked > 0 ? d.servedByRamp : 0),
        limiter: d.limiter,
      };
    })
    .filter((c) => c.asked > 0)
    .sort((a, b) => b.asked - a.asked || DEMANDS[a.demand].name.localeCompare(DEMANDS[b.demand].name));
}
