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
import type { Participant, Session, SessionLift } from "./session";

/** One change the coach makes to a session, for everybody. */
export type SessionEdit =
  | { kind: "frame"; change: Partial<Pick<Session, (typeof FRAME)[number]>> }
  | { kind: "add-lift"; lift: SessionLift }
  | { kind: "change-lift"; at: number; change: Partial<SessionLift> }
  | { kind: "remove-lift"; at: number }
  | { kind: "move-lift"; at: number; to: number }
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
      return session.lifts.length < MOST_LIFTS
        ? { ...session, lifts: [...session.lifts, edit.lift] }
        : session;
    case "change-lift":
      return changeLift(session, edit.at, (l) => ({ ...l, ...edit.change }));
    case "remove-lift":
      return removeLift(session, edit.at);
    case "move-lift":
      return moveLift(session, edit.at, edit.to);
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
