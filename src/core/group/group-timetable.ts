import { countedKit, type Drill, type DrillId, type EquipmentId, kitInUse } from "../catalog";
import {
  type Candidate,
  changeSeconds,
  knownTests,
  mustPrecede,
  type PlacedTest,
  setUpSecondsAfter,
  testsAfter,
} from "../drills";
import type { GroupRequest, MemberStep } from "./types";

/** Something that one member still has to do. */
export interface Task {
  candidate: Candidate;
  kind: MemberStep["kind"];
  of: DrillId | null;
  /** The rest of its circuit before it. Seconds. */
  restBefore: number;
}

/** A task in its place. */
export interface TimedTask extends Task {
  startsAt: number;
  seconds: number;
  /** Set-up or changing over at the machine counts as using it. */
  holdsFrom: number;
  uses: readonly EquipmentId[];
}

/** One member's way through the warm-up. */
export interface MemberTimes {
  tasks: TimedTask[];
  tests: PlacedTest[];
  waitingSeconds: number;
  /** The second at which the last one ends. */
  seconds: number;
}

/** A thing in use until a second. */
interface Hold {
  kit: EquipmentId;
  until: number;
}

/**
 * Lays out what each member does, second by second. Each goes on with the first of their tasks for which
 * there is a machine now; a task may go ahead of others of its block that need not come before it. Who finds
 * nothing to start waits for the next machine, so nobody waits while there is something they could do.
 *
 * @param plans tasks of each member, in order.
 * @returns for each member start and end of every task, and how long they waited. Seconds.
 */
export function groupTimetable(plans: readonly (readonly Task[])[], request: GroupRequest): MemberTimes[] {
  const holds: Hold[] = [];
  const states = plans.map((tasks) => ({
    left: tasks.slice(),
    clock: 0,
    times: { tasks: [], tests: [], waitingSeconds: 0, seconds: 0 } as MemberTimes,
    last: null as Drill | null,
  }));
  const tests = knownTests(request.tests ?? [], request.drills);
  /** @param done what the member has just done; null: nothing yet. @param of what all have done. */
  const testNow = (state: (typeof states)[number], done: DrillId | null, of: DrillId | null) => {
    const isLast = state.left.length === 0;
    for (const { index, drill, looksFor, seconds } of testsAfter(tests, of, { isLast })) {
      const startsAt = state.clock + changeSeconds(state.last, drill);
      state.times.tests.push({ test: index, drill, looksFor, after: done, startsAt, seconds });
      state.clock = startsAt + seconds;
      state.times.seconds = state.clock;
      state.last = drill;
    }
  };
  for (const state of states) testNow(state, null, null);
  const isFree = (kit: EquipmentId, at: number) =>
    holds.filter((h) => h.kit === kit && h.until > at).length < request.counts[kit]!;

  for (;;) {
    const waiting = states.filter((s) => s.left.length > 0);
    if (waiting.length === 0) return states.map((s) => s.times);
    const state = waiting.reduce((a, b) => (b.clock < a.clock ? b : a));
    const { left, clock, times } = state;
    const next = left.find(
      (task, i) =>
        left.slice(0, i).every((t) => mayOvertake(task, t)) &&
        countedKit(task.candidate.drill.equipment, request).every((kit) => isFree(kit, clock)),
    );
    if (!next) {
      const release = Math.min(...holds.map((h) => h.until).filter((until) => until > clock));
      times.waitingSeconds += release - clock;
      state.clock = release;
      continue;
    }
    const { drill, workSeconds } = next.candidate;
    const before = state.last;
    const startsAt = clock + Math.max(next.restBefore, changeSeconds(before, drill));
    const seconds = setUpSecondsAfter(before, drill) + workSeconds;
    const uses = kitInUse(
      drill.equipment,
      request.equipment ? [...request.equipment] : drill.equipment.flat(),
    );
    state.clock = startsAt + seconds;
    for (const kit of countedKit(drill.equipment, request)) holds.push({ kit, until: state.clock });
    times.tasks.push({ ...next, startsAt, seconds, holdsFrom: clock, uses });
    times.seconds = state.clock;
    left.splice(left.indexOf(next), 1);
    state.last = drill;
    // What goes round is tested after its last round; who does another drill meanwhile is tested with the others.
    const goesOn = left.some((t) => t.candidate.drill === drill && t.of === next.of);
    if (!goesOn) testNow(state, drill.id, next.of ?? drill.id);
  }
}

/** Whether a task may be done before another that stands ahead of it: same block, and neither order is asked for. */
function mayOvertake(task: Task, ahead: Task): boolean {
  if (task.kind === "personal" && ahead.kind === "personal") {
    const isOneRound = task.candidate.circuit !== null && task.candidate.circuit === ahead.candidate.circuit;
    return !isOneRound && !mustPrecede(ahead.candidate.drill, task.candidate.drill);
  }
  if (task.candidate.block !== ahead.candidate.block || task.candidate.rounds > 1) return false;
  return task.kind !== "personal" && !mustPrecede(ahead.candidate.drill, task.candidate.drill);
}
