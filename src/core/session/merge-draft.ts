import { isEqual } from "@/lib/equality";
import type { AthleteRecord } from "../athlete";
import type { Catalog } from "../catalog";
import type { DraftLift, WarmUpDraft } from "../draft";
import type { GymKit } from "../gym";
import { draftInSession } from "./draft-in-session";
import type { Session } from "./session";

/** Of each field the coach's own value where it differs from what it was given, else what is given now. */
function mergeFields<T extends object>(given: T, own: T, now: T): T {
  const merged = { ...own };
  for (const field of Object.keys(now) as (keyof T)[]) {
    if (isEqual(own[field], given[field])) merged[field] = now[field];
  }
  return merged;
}

/** A lift's place among those of the same kind: the same lift may come twice. */
function keysOf(lifts: readonly DraftLift[]): string[] {
  return lifts.map((l, i) => `${l.lift} ${lifts.slice(0, i).filter((o) => o.lift === l.lift).length}`);
}

function mergeLifts(
  given: readonly DraftLift[],
  own: readonly DraftLift[],
  now: readonly DraftLift[],
): readonly DraftLift[] {
  const [givenKeys, ownKeys, nowKeys] = [keysOf(given), keysOf(own), keysOf(now)];
  const isOwnOrder = !isEqual(givenKeys, ownKeys);
  const merged = (key: string) => {
    const [g, o, n] = [given[givenKeys.indexOf(key)], own[ownKeys.indexOf(key)], now[nowKeys.indexOf(key)]];
    if (o && g && n) return mergeFields(g, o, n);
    return isOwnOrder ? (o ?? n)! : (n ?? o)!;
  };
  return (isOwnOrder ? ownKeys : nowKeys).map(merged);
}

/**
 * An athlete's warm-up after its session has changed: what the coach has changed for this athlete stays, everything
 * else follows the session. Lifts of the athlete's own choice or order stay; weights and ramps of lifts that both
 * have follow where they were not changed.
 *
 * @param given what the session gave when the warm-up was last changed.
 * @param own the warm-up as it was changed.
 * @param now what the session gives now.
 */
export function mergeDraft(given: WarmUpDraft, own: WarmUpDraft, now: WarmUpDraft): WarmUpDraft {
  const merged = mergeFields(given, own, now);
  return { ...merged, lifts: mergeLifts(given.lifts, own.lifts, now.lifts) };
}

/** What a member of a session is planned for, and what the session gave for it. */
interface Followed {
  athlete: AthleteRecord;
  given: WarmUpDraft;
  draft: WarmUpDraft;
}

/** The same after the session has changed. */
export function followSession<T extends Followed>(
  session: Session,
  member: T,
  gym: GymKit,
  catalog: Catalog,
): T {
  const given = draftInSession(session, member.athlete, gym, catalog);
  if (isEqual(given, member.given)) return member;
  return { ...member, given, draft: mergeDraft(member.given, member.draft, given) };
}

/** What of an athlete's warm-up is not as the session gives it. */
export type OwnPart = "lifts" | "weights" | "minutes" | "approach" | "room" | "drills" | "ramp";

/** What the coach has changed for one athlete. */
export function ownParts(given: WarmUpDraft, own: WarmUpDraft): OwnPart[] {
  const parts: OwnPart[] = [];
  const lifts = (d: WarmUpDraft) => d.lifts.map((l) => l.lift);
  const work = (d: WarmUpDraft) =>
    d.lifts.map(({ weight, reps, sets, rir, backOffs }) => ({ weight, reps, sets, rir, backOffs }));
  const drills = (d: WarmUpDraft) => [d.own, d.circuits, d.dropped, d.tests, d.coolDown];
  const ramp = (d: WarmUpDraft) =>
    d.lifts.map(({ rampStyle, rampStart, rampSets, fixed, additions, onBlocks }) => [
      rampStyle,
      rampStart,
      rampSets,
      fixed,
      additions,
      onBlocks,
    ]);
  if (!isEqual(lifts(given), lifts(own))) parts.push("lifts");
  else if (!isEqual(work(given), work(own))) parts.push("weights");
  for (const field of ["minutes", "approach", "room"] as const) {
    if (!isEqual(given[field], own[field])) parts.push(field);
  }
  if (!isEqual(drills(given), drills(own))) parts.push("drills");
  if (parts[0] !== "lifts" && !isEqual(ramp(given), ramp(own))) parts.push("ramp");
  return parts;
}
