import type { DrillId } from "../catalog";
import { changeLift, MOST_LIFTS, moveLift, removeLift } from "../warm-up";
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
  | { kind: "pin"; drill: DrillId; dose?: { sets: number; amount: number }; place?: number }
  | { kind: "unpin"; drill: DrillId }
  | { kind: "drop"; drill: DrillId }
  | { kind: "swap"; drill: DrillId; with: DrillId }
  | { kind: "restore-drill"; drill: DrillId };

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
  "racks",
] as const satisfies readonly (keyof Session)[];

function without({ own, dropped }: Session, drill: DrillId): Pick<Session, "own" | "dropped"> {
  return { own: own.filter((o) => o.drill !== drill), dropped: dropped.filter((d) => d !== drill) };
}

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
    case "pin": {
      const rest = without(session, edit.drill);
      const before = session.own.find((o) => o.drill === edit.drill);
      const { drill, dose, place } = edit;
      const own = { ...before, drill, ...(dose && { dose }), ...(place !== undefined && { place }) };
      return { ...session, ...rest, own: [...rest.own, own] };
    }
    case "unpin":
    case "restore-drill":
      return { ...session, ...without(session, edit.drill) };
    case "drop": {
      const rest = without(session, edit.drill);
      return { ...session, ...rest, dropped: [...rest.dropped, edit.drill] };
    }
    case "swap": {
      const dropped = applySessionEdit(session, { kind: "drop", drill: edit.drill });
      return applySessionEdit(dropped, { kind: "pin", drill: edit.with });
    }
  }
}
