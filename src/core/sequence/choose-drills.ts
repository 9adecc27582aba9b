import type { Candidate, ChoiceModel } from "./choice-model";
import { Selection } from "./selection";

/** A gain below this is rounding. */
const EPSILON = 1e-9;
const MOST_ROUNDS = 20;
/** An exchange that loses more than this is not worth filling up after. */
const HOPELESS = 1.5;

/**
 * Chooses drills and doses for one athlete: the coach's own first, then a greedy start improved by exchanging,
 * leaving out and forcing in drills until nothing gets better. The same model gives the same choice.
 *
 * The result keeps every limit of the model except where the coach's own drills break it.
 *
 * @param start a choice to improve instead of starting anew, for example one made for a little more time.
 */
export function chooseDrills(model: ChoiceModel, start?: readonly Candidate[]): Candidate[] {
  const own = start?.filter((c) => c.pinned) ?? startWithOwn(model);
  const free = model.candidates.filter((c) => !own.some((o) => o.drill.id === c.drill.id));
  const selection = new Selection(model);
  for (const c of start ?? own) selection.add(c);
  shortenToTime(selection, model);
  fill(selection, free, true);
  improve(model, selection, free);
  return selection.chosen.slice();
}

/** The coach's own drills, those without a dose of their own at the one that gains most. */
function startWithOwn(model: ChoiceModel): Candidate[] {
  const selection = new Selection(model);
  const ids = new Set(model.candidates.filter((c) => c.pinned).map((c) => c.drill.id));
  for (const id of ids) {
    const doses = model.candidates.filter((c) => c.drill.id === id);
    selection.add(doses.reduce((a, b) => (selection.gain(b) > selection.gain(a) + EPSILON ? b : a)));
  }
  return selection.chosen;
}

function shortenToTime(selection: Selection, model: ChoiceModel): void {
  while (selection.seconds > model.seconds) {
    const loser = leastUseful(selection, () => true);
    if (!loser) return;
    selection.remove(loser);
  }
}

/** Adds the best candidate that may join until none gains. */
function fill(selection: Selection, free: readonly Candidate[], perSecond: boolean): void {
  for (;;) {
    const best = bestToAdd(selection, free, perSecond);
    if (!best) return;
    selection.add(best);
  }
}

function bestToAdd(selection: Selection, free: readonly Candidate[], perSecond: boolean): Candidate | null {
  let best: Candidate | null = null;
  let bestScore = EPSILON;
  for (const c of free) {
    if (!selection.admits(c)) continue;
    const gain = selection.gain(c);
    const score = perSecond ? gain / c.seconds : gain;
    if (gain > EPSILON && score > bestScore + EPSILON) {
      best = c;
      bestScore = score;
    }
  }
  return best;
}

/** Cheap exchanges as long as they help, then each candidate forced in once; over again until nothing helps. */
function improve(model: ChoiceModel, selection: Selection, free: readonly Candidate[]): void {
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let helped = false;
    for (const out of selection.chosen.slice()) helped = tryExchange(selection, free, out) || helped;
    if (helped) continue;
    for (const incoming of free) helped = tryForcing(model, selection, free, incoming) || helped;
    if (!helped) return;
  }
}

/** Takes a drill out and fills the room anew in two ways; keeps the better if it beats what was there. */
function tryExchange(selection: Selection, free: readonly Candidate[], out: Candidate): boolean {
  if (!selection.chosen.includes(out) || !selection.canLose(out)) return false;
  const before = selection.chosen.slice();
  const value = selection.objective();
  for (const perSecond of [false, true]) {
    selection.remove(out);
    fill(selection, free, perSecond);
    if (selection.objective() > value + EPSILON) return true;
    restore(selection, before);
  }
  return false;
}

/** Makes room for a drill by losing what it collides with or what is least useful; keeps it if that is better. */
function tryForcing(
  model: ChoiceModel,
  selection: Selection,
  free: readonly Candidate[],
  incoming: Candidate,
): boolean {
  if (selection.chosen.includes(incoming)) return false;
  const sameFamily = selection.chosen.filter((c) => c.family === incoming.family);
  if (sameFamily.some((c) => !selection.canLose(c))) return false;
  const before = selection.chosen.slice();
  const value = selection.objective();
  for (const c of sameFamily) selection.remove(c);
  while (!selection.admits(incoming)) {
    const tooLong = selection.seconds + incoming.seconds > model.seconds;
    const loser = leastUseful(selection, (c) => tooLong || c.phaseIndex === incoming.phaseIndex);
    if (!loser || selection.objective() + selection.gain(incoming) < value - HOPELESS) break;
    selection.remove(loser);
  }
  if (selection.admits(incoming) && selection.objective() + selection.gain(incoming) > value - HOPELESS) {
    selection.add(incoming);
    fill(selection, free, true);
    if (selection.objective() > value + EPSILON) return true;
  }
  restore(selection, before);
  return false;
}

/** The drill, of those that may be lost, whose loss costs least for each second it frees. */
function leastUseful(selection: Selection, mayGo: (c: Candidate) => boolean): Candidate | null {
  let least: Candidate | null = null;
  let leastCost = Number.POSITIVE_INFINITY;
  for (const c of selection.chosen.slice()) {
    if (!mayGo(c) || !selection.canLose(c)) continue;
    selection.remove(c);
    const cost = selection.gain(c) / c.seconds;
    selection.add(c);
    if (cost < leastCost) {
      least = c;
      leastCost = cost;
    }
  }
  return least;
}

/** Puts a selection back to what it was, touching only what differs. */
function restore(selection: Selection, before: readonly Candidate[]): void {
  for (const c of selection.chosen.slice()) if (!before.includes(c)) selection.remove(c);
  for (const c of before) if (!selection.chosen.includes(c)) selection.add(c);
}
