import type { DrillId } from "../catalog";
import {
  changeLift,
  type DrillListEdit,
  editDrillList,
  MOST_LIFTS,
  moveLift,
  pinDrill,
  removeLift,
  swapDrill,
} from "../draft";
import type { OwnDrill, TestStep } from "../drills";
import { MOST_SUB_GROUPS, type Participant, type Session, type SessionLift, type SubGroup } from "./session";

/** One change of the lifts in an order. */
export type LiftEdit =
  | { kind: "add-lift"; lift: SessionLift }
  | { kind: "change-lift"; at: number; change: Partial<SessionLift> }
  | { kind: "remove-lift"; at: number }
  | { kind: "move-lift"; at: number; to: number };

/** One change the coach makes to a session, for everybody. */
export type SessionEdit =
  | { kind: "frame"; change: Partial<Pick<Session, (typeof FRAME)[number]>> }
  | (LiftEdit & {
      /** The place of the sub-group whose lifts they are; absent: those for everybody. */
      of?: number;
    })
  | { kind: "add-sub-group"; name: string; athleteIds: readonly string[] }
  | { kind: "change-sub-group"; of: number; change: Partial<Pick<SubGroup, "name" | "athleteIds">> }
  | { kind: "remove-sub-group"; of: number }
  | { kind: "add-participants"; athleteIds: readonly string[] }
  | { kind: "remove-participant"; athleteId: string }
  | { kind: "absent"; athleteId: string; absent: boolean }
  | ({ kind: "pin" } & OwnDrill)
  | { kind: "tests"; tests: readonly TestStep[] }
  | { kind: "swap"; drill: DrillId; with: DrillId }
  | DrillListEdit;

/** What of a session is one value each. */
const FRAME = [
  "name",
  "day",
  "time",
  "gymId",
  "minutes",
  "approach",
  "room",
  "together",
  "coolDown",
  "racks",
] as const satisfies readonly (keyof Session)[];

/** The session after one change. Nothing is changed where a change makes no sense, such as taking out the last lift. */
export function applySessionEdit(session: Session, edit: SessionEdit): Session {
  switch (edit.kind) {
    case "frame":
      return { ...session, ...edit.change };
    case "add-lift":
    case "change-lift":
    case "remove-lift":
    case "move-lift":
      if (edit.of === undefined) return editLifts(session, edit);
      return {
        ...session,
        subGroups: session.subGroups.map((g, i) => (i === edit.of ? editLifts(g, edit) : g)),
      };
    case "add-sub-group": {
      if (session.subGroups.length >= MOST_SUB_GROUPS) return session;
      const { name, athleteIds } = edit;
      const others = withoutPeople(session.subGroups, athleteIds);
      return { ...session, subGroups: [...others, { name, athleteIds, lifts: session.lifts }] };
    }
    case "change-sub-group": {
      const others = withoutPeople(session.subGroups, edit.change.athleteIds ?? []);
      return {
        ...session,
        subGroups: others.map((g, i) => (i === edit.of ? { ...session.subGroups[i]!, ...edit.change } : g)),
      };
    }
    case "remove-sub-group":
      return { ...session, subGroups: session.subGroups.toSpliced(edit.of, 1) };
    case "add-participants": {
      const known = new Set(session.participants.map((p) => p.athleteId));
      const added: Participant[] = edit.athleteIds
        .filter((id) => !known.has(id))
        .map((athleteId) => ({ athleteId, absent: false }));
      return { ...session, participants: [...session.participants, ...added] };
    }
    case "remove-participant":
      return {
        ...session,
        participants: session.participants.filter((p) => p.athleteId !== edit.athleteId),
        subGroups: withoutPeople(session.subGroups, [edit.athleteId]),
      };
    case "absent":
      return {
        ...session,
        participants: session.participants.map((p) =>
          p.athleteId === edit.athleteId ? { ...p, absent: edit.absent } : p,
        ),
      };
    case "pin":
      return pinDrill(session, edit);
    case "tests":
      return { ...session, tests: edit.tests };
    case "swap":
      return swapDrill(session, edit.drill, { drill: edit.with });
    case "circuit":
    case "reset-drill":
    case "drop":
    case "leave-circuit":
      return editDrillList(session, edit);
  }
}

/** Lifts in an order after one change. */
function editLifts<P extends { lifts: readonly SessionLift[] }>(part: P, edit: LiftEdit): P {
  switch (edit.kind) {
    case "add-lift":
      return part.lifts.length < MOST_LIFTS ? { ...part, lifts: [...part.lifts, edit.lift] } : part;
    case "change-lift":
      return changeLift<SessionLift, P>(part, edit.at, (l) => ({ ...l, ...edit.change }));
    case "remove-lift":
      return removeLift(part, edit.at);
    case "move-lift":
      return moveLift(part, edit.at, edit.to);
  }
}

/** Sub-groups without some people, who are in another by now. */
function withoutPeople(subGroups: readonly SubGroup[], athleteIds: readonly string[]): SubGroup[] {
  return subGroups.map((g) => ({ ...g, athleteIds: g.athleteIds.filter((id) => !athleteIds.includes(id)) }));
}
