import {
  doneNow,
  type FloorEvent,
  type FloorPlan,
  foldEvents,
  type Happening,
  itemsOf,
  secondsOf,
} from "../floor";
import { AFTERWARDS } from "./session-record";

/**
 * Events of a session that went as planned: everybody who was there did all of it in its time.
 *
 * @param startAt milliseconds since 1970.
 * @param absent ids of those who were not there.
 * @param newId makes ids that nothing else has.
 */
export function eventsAsPlanned(
  plan: FloorPlan,
  startAt: number,
  absent: readonly string[],
  newId: (at: number) => string,
): FloorEvent[] {
  const at = (seconds: number, athlete: string | null, what: Happening): FloorEvent => {
    const ms = startAt + Math.round(seconds * 1000);
    return { id: newId(ms), athlete, device: AFTERWARDS, at: ms, ...what };
  };
  const none = foldEvents(plan, []);
  let end = plan.readySeconds;
  const events = plan.athletes.flatMap((athlete) => {
    if (absent.includes(athlete.id)) return [at(0, athlete.id, { kind: "absent" })];
    let seconds = 0;
    const done = itemsOf(athlete, none.people[athlete.id]!).map((item) => {
      seconds += secondsOf(item);
      return at(seconds, athlete.id, doneNow(item));
    });
    end = Math.max(end, seconds);
    return done;
  });
  return [
    at(0, null, { kind: "started", due: null }),
    ...events,
    at(end, null, { kind: "finished", complete: true }),
  ];
}
