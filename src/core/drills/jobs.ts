import type { Approach, Drill, Phase } from "../catalog";
import { DEMANDS, type DemandId, JOB_NAMES, JOBS } from "../demands";
import type { AskedDemand } from "./asked-demands";

const jobOfDemand = new Map<DemandId, string>(
  Object.entries(JOBS).flatMap(([job, demands]) => demands.map((demand) => [demand, job] as const)),
);

/** What a drill is for in a session. */
export interface Job {
  /** A job of `JOBS`, held where it is a stretch; in the rehearsal a pattern, with the bar or without. */
  id: string;
  /** The demand that makes it so. */
  demand: number;
}

/**
 * The job of a drill: what it serves most of what today asks. Two drills of one job are told apart by a coach only
 * where the approach has places for two.
 *
 * @param demands all of them, in their order.
 */
export function jobOf(drill: Drill, phase: Phase, demands: readonly AskedDemand[]): Job {
  let demand = -1;
  let most = -1;
  demands.forEach((d, i) => {
    const serves = drill.serves[d.demand] ?? 0;
    if (serves === 0 || !isOfPhase(d.demand, phase)) return;
    // What is asked decides; among what is not asked, what the drill serves most.
    const value = serves * Math.max(d.asked, d.weight, 0.01);
    if (value > most + 1e-9) {
      most = value;
      demand = i;
    }
  });
  if (demand < 0) return { id: "other", demand: 0 };
  const id = demands[demand]!.demand;
  if (DEMANDS[id].kind === "pattern") return { id: `${id}${usesBar(drill) ? ", bar" : ""}`, demand };
  const job = jobOfDemand.get(id) ?? id;
  return { id: drill.stretch ? `${job}, held` : job, demand };
}

/** How many drills may do one job: as the approach has it; one where it says nothing. */
export function placesFor(
  { job, phase }: { job: string; phase: Phase },
  { places }: Pick<Approach, "places">,
): number {
  return (phase === "rehearse" ? places.rehearsal : places[job]) ?? 1;
}

function usesBar(drill: Drill): boolean {
  return drill.load.kind === "empty-bar";
}

/** What a drill of a phase is for: a raise heats, a rehearsal is a pattern; moving is for ranges, waking for muscles. */
function isOfPhase(demand: DemandId, phase: Phase): boolean {
  const { kind } = DEMANDS[demand];
  if (phase === "raise") return demand === "temperature";
  if (phase === "rehearse") return kind === "pattern";
  if (phase === "activate") return kind === "activation";
  if (phase === "power") return demand === "speed" || demand === "jump-land";
  return kind === "range";
}

/** A job's id as it stands inside a sentence: "a hold for the hips", "the squat with the bar". */
export function jobInSentence(id: string): string {
  const [job, how] = id.split(", ");
  const isKnown = (j: string): j is keyof typeof JOB_NAMES => j in JOB_NAMES;
  const isDemand = (j: string): j is DemandId => j in DEMANDS;
  const name = isKnown(job!)
    ? JOB_NAMES[job]
    : isDemand(job!)
      ? `the ${DEMANDS[job].name.toLowerCase()}`
      : "what the coach wants";
  if (how === "held") return `a hold for ${name}`;
  return how === "bar" ? `${name} with the bar` : name;
}
