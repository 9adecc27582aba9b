import type { AthleteRecord } from "../athlete";
import type { Catalog } from "../catalog";
import type { DraftLift, WarmUpDraft } from "../draft";
import type { GymKit } from "../gym";
import type { Weight } from "../units";
import { applySessionEdit, type SessionEdit } from "./edits";
import { followSession } from "./merge-draft";
import type { Session } from "./session";

/** What an edit of the session does to somebody's working sets; weights in the gym's unit, null: none known. */
export interface WeightMove {
  name: string;
  lift: string;
  from: Weight | null;
  to: Weight | null;
}

/** Working sets that an edit of a session would change, in the order of the people; a lift that comes or goes is none. */
export function weightMoves(
  session: Session,
  people: readonly { athlete: AthleteRecord; given: WarmUpDraft; draft: WarmUpDraft }[],
  edit: SessionEdit,
  gym: GymKit,
  catalog: Catalog,
): WeightMove[] {
  const after = applySessionEdit(session, edit);
  const isMoved = (a: DraftLift, b: DraftLift | undefined) =>
    b?.lift === a.lift && (a.weight !== b.weight || a.sets !== b.sets || a.reps !== b.reps);
  return people.flatMap((person) => {
    const { lifts } = followSession(after, person, gym, catalog).draft;
    return person.draft.lifts.flatMap((lift, i) =>
      isMoved(lift, lifts[i])
        ? [{ name: person.athlete.name, lift: lift.lift, from: lift.weight, to: lifts[i]!.weight }]
        : [],
    );
  });
}
