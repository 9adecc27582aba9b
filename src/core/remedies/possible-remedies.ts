import { joinWords } from "@/lib/join-words";
import type { DemandId } from "../demands";
import { doseLevels } from "../dose";
import { type Candidate, mustPrecede, SHORTFALL_SERVED } from "../drills";
import { Selection } from "../optimizer";
import {
  atHighestDose,
  type Found,
  helpersFor,
  limitersOfSteps,
  mendsPlane,
  type ReviewContext,
  secondsOf,
  servedOf,
  type WrittenStep,
  type WrittenWarmUp,
  workSecondsOf,
  writtenSet,
} from "../review";
import { formatSeconds } from "../units";
import { setRemedies } from "./set-remedies";
import type { Change, Remedy } from "./types";

/** Drills offered to add or to swap in. */
const MOST_OFFERED = 3;
const MOST_MINUTES = 60;

/** What may remove a finding, the best first; whether it does is tried before it is offered. */
export function possibleRemedies(context: ReviewContext, written: WrittenWarmUp, found: Found): Remedy[] {
  const { place } = found;
  switch (found.code) {
    case "unserved":
      return place.kind === "demand" ? toServe(context, written, place.demand) : [];
    case "missing-plane":
      return toAdd(context, written, (c) => mendsPlane(c, found.subject));
    case "over-time":
      return toSaveTime(context, written);
    case "serves-nothing":
    case "repeated-while-warm":
      return onStep(place, (step) => [drop(written, step), ...swaps(context, written, step)]);
    case "not-in-gym":
    case "too-few-machines":
    case "against-area":
      return onStep(place, (step) => [...swaps(context, written, step), drop(written, step)]);
    case "limiter-too-long":
    case "too-many-limiters":
      return onStep(place, (step) => [
        ...(found.code === "limiter-too-long" ? shorter(written, step) : []),
        drop(written, step),
        dropAllFor(context, written, found.subject),
      ]);
    case "stretch-without-movement":
      return onStep(place, (step) => [...toMoveAfter(context, written, step), drop(written, step)]);
    case "explosive-early":
      return onStep(place, (step) => [...later(written, step), drop(written, step)]);
    case "one-sided":
      return onStep(place, (step) => {
        const { drill, block } = written.steps[step]!;
        return [
          { label: "The same on both sides", changes: [{ kind: "both-sides", drill: drill.id, block }] },
          drop(written, step),
        ];
      });
    default:
      return place.kind === "set" ? setRemedies(context, written, found, place.lift, place.set) : [];
  }
}

function onStep(place: Found["place"], offer: (step: number) => Remedy[]): Remedy[] {
  return place.kind === "step" ? offer(place.step) : [];
}

/** Drops a step, with all others of the same drill in its block: rounds of a circuit go together. */
function drop(written: WrittenWarmUp, index: number): Remedy {
  const { drill, block } = written.steps[index]!;
  const changes = written.steps.flatMap((s, step): Change[] =>
    s.drill.id === drill.id && s.block === block ? [{ kind: "drop-step", step }] : [],
  );
  return { label: `Drop ${drill.name}`, changes };
}

/** Drops every step that is there for one limiter alone. */
function dropAllFor(context: ReviewContext, written: WrittenWarmUp, limiter: string): Remedy {
  const theirs = limitersOfSteps(context, written).flatMap((l, step) => (l === limiter ? [step] : []));
  const names = new Set(theirs.map((step) => written.steps[step]!.drill.name));
  return {
    label: `Drop ${joinWords([...names])}`,
    changes: theirs.map((step): Change => ({ kind: "drop-step", step })),
  };
}

/** The choice as it is written, as far as its drills may be chosen, to weigh what could join. */
function selectionOf({ model }: ReviewContext, steps: readonly WrittenStep[]): Selection {
  const selection = new Selection(model.problem);
  const added = new Set<string>();
  for (const step of steps) {
    if (step.block !== 0 || added.has(step.drill.id)) continue;
    added.add(step.drill.id);
    const total = step.sets * step.amount;
    const off = (c: Candidate) => Math.abs(c.sets * c.amount - total);
    const same = model.candidates.flatMap((c, i) => (c.drill.id === step.drill.id ? [i] : []));
    const nearest = same.sort((a, b) => off(model.candidates[a]!) - off(model.candidates[b]!))[0];
    if (nearest !== undefined) selection.add(nearest);
  }
  return selection;
}

/** Candidates that could join or stand in, each drill at its best dose, the most useful first. */
function ranked(
  context: ReviewContext,
  steps: readonly WrittenStep[],
  suits: (candidate: Candidate) => boolean,
): Candidate[] {
  const { candidates } = context.model;
  const selection = selectionOf(context, steps);
  const families = new Set(
    candidates.filter((c) => steps.some((s) => s.drill.id === c.drill.id)).map((c) => c.family),
  );
  const best = new Map<string, { candidate: Candidate; gain: number }>();
  candidates.forEach((candidate, i) => {
    if (families.has(candidate.family) || candidate.drill.stretch || !suits(candidate)) return;
    const gain = selection.gain(i);
    const known = best.get(candidate.drill.id);
    if (!known || gain > known.gain) best.set(candidate.drill.id, { candidate, gain });
  });
  return [...best.values()].sort((a, b) => b.gain - a.gain).map((b) => b.candidate);
}

function addition({ model }: ReviewContext, written: WrittenWarmUp, candidate: Candidate): Change {
  const { drill, sets, amount, block } = candidate;
  const blockOf = (s: WrittenStep) => model.candidates.find((c) => c.drill.id === s.drill.id)?.block ?? block;
  const after = written.steps.findLastIndex((s) => s.block === 0 && blockOf(s) <= block);
  return { kind: "add-step", drill, block: 0, sets, amount, at: after + 1 };
}

function toAdd(
  context: ReviewContext,
  written: WrittenWarmUp,
  suits: (candidate: Candidate) => boolean,
): Remedy[] {
  const fresh = ranked(context, written.steps, suits);
  const found = fresh.length > 0 ? fresh : ranked(context, [], suits);
  return found.slice(0, MOST_OFFERED).map((c) => ({
    label: `Add ${c.drill.name} (${formatSeconds(c.workSeconds)})`,
    changes: [addition(context, written, c)],
  }));
}

function toServe(context: ReviewContext, written: WrittenWarmUp, demand: DemandId): Remedy[] {
  const helpers = helpersFor(context, written, demand);
  const longer = longerFor(written, demand);
  const missing = SHORTFALL_SERVED - servedOf(written.steps, demand);
  const alone = helpers.filter((h) => h.served >= missing - 1e-9).map((h) => h.candidate.drill);
  const single = toAdd(context, written, (c) => alone.includes(c.drill));
  const needed: Candidate[] = [];
  let served = servedOf(atHighestDose(written.steps, demand), demand);
  for (const helper of helpers) {
    if (served >= SHORTFALL_SERVED) break;
    needed.push(helper.candidate);
    served += helper.served;
  }
  const names = needed.map((c) => c.drill.name);
  const parts = [...longer.map((l) => l.label), ...(names.length > 0 ? [`add ${joinWords(names)}`] : [])];
  const words = parts.join(", ");
  const together: Remedy = {
    label: words.charAt(0).toUpperCase() + words.slice(1),
    changes: [...longer.flatMap((l) => l.changes), ...needed.map((c) => addition(context, written, c))],
  };
  // One change alone has been offered already, or it was not enough.
  const isNew = single.length === 0 || longer.length + needed.length > 1;
  return [...longer, ...single, ...(isNew ? [together] : [])];
}

/** Drills that serve a demand, each at its highest dose; rounds of a circuit go together. */
function longerFor(written: WrittenWarmUp, demand: DemandId): Remedy[] {
  const byDrill = new Map<string, Change[]>();
  atHighestDose(written.steps, demand).forEach((to, step) => {
    if (to === written.steps[step]) return;
    const { sets, amount } = to;
    const known = byDrill.get(to.drill.name) ?? [];
    byDrill.set(to.drill.name, [...known, { kind: "dose-step", step, sets, amount }]);
  });
  return [...byDrill].map(([name, changes]) => ({ label: `More of ${name}`, changes }));
}

/** What else could stand in for a step: its own substitutes and versions first. */
function swaps(context: ReviewContext, written: WrittenWarmUp, index: number): Remedy[] {
  const { drill, block } = written.steps[index]!;
  const rest = written.steps.filter((s) => s.drill.id !== drill.id);
  const named = [...drill.substitutes, drill.easier, drill.harder];
  const related = (c: Candidate) => named.includes(c.drill.id);
  const overlap = (c: Candidate) =>
    context.model.demands.some(
      (d, i) => d.weight > 0 && drill.serves[d.demand] && c.serves.some((s) => s.demand === i),
    );
  if (block !== 0) return [];
  const own = ranked(context, rest, related);
  const others = ranked(context, rest, (c) => !related(c) && overlap(c));
  return [...own, ...others].slice(0, MOST_OFFERED).map((c) => ({
    label: `${c.drill.name} instead`,
    changes: written.steps.flatMap((s, step): Change[] =>
      s.drill.id === drill.id && s.block === block
        ? [{ kind: "swap-step", step, drill: c.drill, sets: c.sets, amount: c.amount }]
        : [],
    ),
  }));
}

function shorter(written: WrittenWarmUp, index: number): Remedy[] {
  const step = written.steps[index]!;
  const less = doseLevels(step.drill.dose, true)
    .filter((l) => l.sets * l.amount < step.sets * step.amount)
    .sort((a, b) => b.sets * b.amount - a.sets * a.amount);
  return less.map(({ sets, amount }) => ({
    label: `Less of ${step.drill.name}`,
    changes: [{ kind: "dose-step", step: index, sets, amount }],
  }));
}

/** Dynamic work on the range after a stretch: what is there already goes behind it, or a drill is added. */
function toMoveAfter(context: ReviewContext, written: WrittenWarmUp, index: number): Remedy[] {
  const held = written.steps[index]!;
  const follows = (step: WrittenStep) => mustPrecede(held.drill, step.drill);
  const earlier = written.steps.findIndex((s, i) => i < index && s.block === held.block && follows(s));
  const forward: Remedy[] =
    earlier < 0
      ? []
      : [
          {
            label: `${held.drill.name} before ${written.steps[earlier]!.drill.name}`,
            changes: [{ kind: "move-step", step: index, to: earlier }],
          },
        ];
  const movers = ranked(context, written.steps, (c) => mustPrecede(held.drill, c.drill));
  const added = movers.slice(0, MOST_OFFERED).map((c): Remedy => {
    const { drill, sets, amount } = c;
    const change: Change = { kind: "add-step", drill, block: held.block, sets, amount, at: index + 1 };
    return { label: `Add ${drill.name} after it (${formatSeconds(c.workSeconds)})`, changes: [change] };
  });
  return [...forward, ...added];
}

/** Something hard goes behind the first activation of its block, or behind anything gentle. */
function later(written: WrittenWarmUp, index: number): Remedy[] {
  const { drill, block } = written.steps[index]!;
  const behind = (to: number): Remedy => ({
    label: `${drill.name} after ${written.steps[to]!.drill.name}`,
    changes: [{ kind: "move-step", step: index, to: to + 1 }],
  });
  const activated = written.steps.findLastIndex(
    (s) => s.block === block && s.drill.phases.includes("activate"),
  );
  const gentle = written.steps.findIndex((s, i) => i > index && s.block === block && s.drill.effort <= 2);
  return [activated, gentle].filter((to) => to > index).map(behind);
}

function toSaveTime(context: ReviewContext, written: WrittenWarmUp): Remedy[] {
  const over = secondsOf(context, written) - written.minutes * 60;
  const needed = written.minutes + Math.ceil(over / 60);
  const longer: Remedy[] =
    needed <= MOST_MINUTES
      ? [{ label: `Give it ${needed} min`, changes: [{ kind: "minutes", minutes: needed }] }]
      : [];
  const first = written.steps.flatMap((step, i) => (step.block === 0 ? [{ step, i }] : []));
  const selection = selectionOf(context, written.steps);
  const { candidates } = context.model;
  const worth = (step: WrittenStep) => {
    const index = candidates.findIndex((c, i) => c.drill.id === step.drill.id && selection.has(i));
    return index < 0 ? 0 : selection.loss(index);
  };
  const leastUseful = first.toSorted(
    (a, b) => worth(a.step) / workSecondsOf(a.step) - worth(b.step) / workSecondsOf(b.step),
  );
  const dropped: typeof first = [];
  let saved = 0;
  for (const entry of leastUseful) {
    if (saved >= over) break;
    dropped.push(entry);
    saved += workSecondsOf(entry.step);
  }
  const drops: Remedy = {
    label: `Drop ${[...new Set(dropped.map((d) => d.step.drill.name))].join(", ")}`,
    changes: dropped.map(({ i }) => ({ kind: "drop-step", step: i })),
  };
  const least = first.flatMap(({ step, i }): Change[] => {
    const [lowest] = doseLevels(step.drill.dose, true).toSorted(
      (a, b) => a.sets * a.amount - b.sets * b.amount,
    );
    const isLess = lowest && lowest.sets * lowest.amount < step.sets * step.amount;
    return isLess ? [{ kind: "dose-step", step: i, sets: lowest.sets, amount: lowest.amount }] : [];
  });
  const shorten: Remedy[] = least.length > 0 ? [{ label: "Shorten every drill", changes: least }] : [];
  const ownRamps = context.blocks[0].flatMap((lift): Change[] => {
    const ramp = context.ramps[lift];
    return ramp ? [{ kind: "replace-ramp", lift, sets: ramp.sets.map(writtenSet) }] : [];
  });
  const everything: Remedy = {
    label: "No drills, and the suggested ramp",
    changes: [...first.map(({ i }): Change => ({ kind: "drop-step", step: i })), ...ownRamps],
  };
  return [drops, ...shorten, ...longer, everything];
}
