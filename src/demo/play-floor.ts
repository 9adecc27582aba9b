import { v7 } from "uuid";
import {
  checkOffers,
  type FloorAthlete,
  type FloorEvent,
  type FloorItem,
  type FloorPlan,
  type FloorSet,
  type FloorState,
  foldEvents,
  goOn,
  type Happening,
  isDone,
  itemsOf,
  lateStart,
  liftNow,
  openCheck,
  quickRack,
  rackQuestions,
  secondsOf,
  sharedNow,
} from "@/core/floor";
import type { Felt } from "@/core/ramp";
import { numbersFrom } from "./random";

const TABLET = "coach demo";
const SECOND_TABLET = "coach second";
const phoneOf = ({ id }: FloorAthlete) => `phone ${id}`;

/** What goes wrong in a session that is played: places of athletes; absent: nobody. */
interface Trouble {
  absent?: number;
  late?: number;
  /** A mild pain at the first loaded set. */
  hurts?: number;
  /** Tight and heavy: takes what is offered first. */
  tight?: number;
}

/** In every which session somebody hurts. */
const HURTS_EVERY = 3;

/** What usually goes wrong with so many people: not the same ones every time. */
function usualTrouble(people: number, seed: number): Trouble {
  if (people < 4) return {};
  const from = Math.abs(seed) % people;
  const place = (offset: number) => (from + offset) % people;
  const hurts = Math.abs(seed) % HURTS_EVERY === 1 ? place(2) : undefined;
  return { absent: place(people - 1), late: place(1), hurts, tight: place(0) };
}

/** How much longer or shorter everybody takes for a drill than planned: it is the drill's own. */
const ownTime = (drill: string) => 0.9 + 0.35 * numbersFrom(seedOf(`takes ${drill}`))();

/** A session played by made-up people: drills take about as long as planned, somebody is late, somebody does not come. */
class Player {
  readonly events: FloorEvent[] = [];
  private readonly random: () => number;
  private state: FloorState;

  constructor(
    private readonly plan: FloorPlan,
    private readonly startAt: number,
    seed: number,
    private readonly trouble: Trouble = usualTrouble(plan.athletes.length, seed),
  ) {
    this.random = numbersFrom(seed);
    this.state = foldEvents(plan, []);
  }

  /** Seconds that what was planned to take so many take here. */
  private taken(seconds: number, drill?: string): number {
    return seconds * (0.92 + 0.16 * this.random()) * (drill ? ownTime(drill) : 1);
  }

  private felt(): Felt {
    const by = this.random();
    return by < 0.25 ? "easy" : by < 0.85 ? "right" : "heavy";
  }

  private say(seconds: number, athlete: string | null, what: Happening, device = TABLET): void {
    const at = Math.round(this.startAt + seconds * 1000);
    this.events.push({ id: v7({ msecs: at }), athlete, device, at, ...what });
    this.state = foldEvents(this.plan, this.events);
  }

  play(): FloorEvent[] {
    const { athletes } = this.plan;
    this.say(0, null, { kind: "started", due: null });
    for (const place of [this.trouble.absent, this.trouble.late]) {
      const away = place === undefined ? undefined : athletes[place];
      if (away) this.say(8, away.id, { kind: "absent" });
    }
    let until = this.plan.isGroup ? this.together() : 0;
    if (!this.plan.isGroup) this.arriveLate(150);
    for (const a of athletes) until = Math.max(until, this.drillsOf(a, this.lastDone(a)));
    until = Math.max(this.ramps(), until);
    for (const a of athletes) until = Math.max(until, this.rest(a));
    this.say(until + 60, null, { kind: "finished", complete: true });
    return this.events.toSorted((a, b) => a.at - b.at);
  }

  private isHere({ id }: FloorAthlete): boolean {
    return this.state.people[id]!.presence === "there";
  }

  /** When somebody did the last thing so far. Seconds; 0: nothing. */
  private lastDone(athlete: FloorAthlete): number {
    const items = itemsOf(athlete, this.state.people[athlete.id]!);
    const doneAt = (item: FloorItem) =>
      (item.kind === "step" ? item.state.done?.at : item.done?.at) ?? this.startAt;
    return Math.max(0, ...items.map((i) => (doneAt(i) - this.startAt) / 1000));
  }

  /** Whoever is late comes, and leaves out what no longer fits. */
  private arriveLate(seconds: number): void {
    const late = this.trouble.late === undefined ? undefined : this.plan.athletes[this.trouble.late];
    if (!late || this.isHere(late)) return;
    const changes = lateStart(
      this.plan,
      late,
      this.state.people[late.id]!,
      this.state,
      this.startAt + seconds * 1000,
    );
    this.say(seconds, late.id, { kind: "arrived" });
    for (const c of changes)
      this.say(
        seconds,
        late.id,
        c.kind === "left-out"
          ? { kind: "step-skipped", step: c.step.key, why: "late" }
          : { kind: "step-shortened", step: c.step.key, dose: c.dose, seconds: c.seconds },
      );
  }

  /** All go through what they do together. @returns when that is over. Seconds. */
  private together(): number {
    let clock = 0;
    for (let shared = sharedNow(this.plan, this.state); shared; shared = sharedNow(this.plan, this.state)) {
      clock += this.taken(shared.step.seconds + shared.step.changeSeconds, shared.step.drill);
      if (clock > 360) this.arriveLate(clock - 5);
      for (const { athlete, what } of goOn(this.plan, this.state, shared)) this.say(clock, athlete, what);
    }
    this.arriveLate(clock);
    return clock;
  }

  /** One does the drills that are left before the ramp. @returns when they are done. Seconds. */
  private drillsOf(athlete: FloorAthlete, from: number): number {
    let clock = from;
    if (!this.isHere(athlete)) return clock;
    const person = this.state.people[athlete.id]!;
    if (person.arrived) clock = Math.max(clock, (person.arrived.at - this.startAt) / 1000);
    for (const item of itemsOf(athlete, person)) {
      if (item.kind !== "step") break;
      if (isDone(item)) continue;
      clock += this.taken(secondsOf(item), item.step.drill);
      this.say(clock, athlete.id, { kind: "step-done", step: item.step.key }, phoneOf(athlete));
    }
    return clock;
  }

  /** Who shares a bar lifts in the order of the rack. @returns when all of them have. Seconds. */
  private ramps(): number {
    let last = 0;
    const racks = new Set(this.plan.racks.map((r) => r.rack));
    for (const rack of racks) {
      const ofRack = this.plan.racks.filter((r) => r.rack === rack).flatMap((r) => r.athletes);
      const lifters = this.plan.athletes.filter((a) => ofRack.includes(a.id) && this.isHere(a));
      if (lifters.length === 0) continue;
      const readyAt = new Map(lifters.map((a) => [a.id, this.lastDone(a)]));
      let clock = Math.min(...readyAt.values());
      for (;;) {
        const at = this.startAt + clock * 1000;
        const question = rackQuestions(this.plan, this.state, at).find((q) => q.rack === rack)!;
        const [turn] = quickRack(question).turns;
        if (!turn) break;
        clock = Math.max(clock, readyAt.get(turn.athlete) ?? 0) + this.taken(turn.endsAt);
        const athlete = this.plan.athletes.find((a) => a.id === turn.athlete)!;
        const { sets } = liftNow(athlete.lifts[0]!, this.state.people[athlete.id]!, 0);
        this.lift(clock, athlete, 0, turn.rampSet, sets[turn.rampSet]!, false, SECOND_TABLET);
        this.check(clock + 5, athlete);
      }
      last = Math.max(last, clock);
    }
    return last;
  }

  private lift(
    seconds: number,
    { id }: FloorAthlete,
    lift: number,
    set: number,
    load: Pick<FloorSet, "weight" | "reps">,
    isWork: boolean,
    device: string,
  ): void {
    const { weight, reps } = load;
    this.say(seconds, id, { kind: "set-done", lift, set, isWork, weight, reps, felt: this.felt() }, device);
  }

  /** The check after the first loaded set is answered. */
  private check(seconds: number, athlete: FloorAthlete): void {
    const person = this.state.people[athlete.id]!;
    const lift = openCheck(athlete, person);
    if (lift === null) return;
    const place = this.plan.athletes.indexOf(athlete);
    if (place === this.trouble.hurts && lift === 0) {
      this.say(seconds, athlete.id, {
        ...{ kind: "pain", area: "knee", level: 2, quality: "dull", signs: [], lift },
      });
      this.say(seconds, athlete.id, { kind: "checked", lift, answer: "pain" });
      return;
    }
    if (place !== this.trouble.tight || lift !== 0) {
      this.say(seconds, athlete.id, { kind: "checked", lift, answer: "well" }, phoneOf(athlete));
      return;
    }
    this.say(seconds, athlete.id, { kind: "checked", lift, answer: "tight" });
    const planned = { ...athlete.lifts[lift]!, ...liftNow(athlete.lifts[lift]!, person, lift) };
    const done = planned.sets.flatMap((_, i) => person.lifts[lift]?.sets[i] ?? []);
    const [offer] = checkOffers(planned, done, "tight", null);
    if (offer)
      this.say(seconds, athlete.id, {
        ...{ kind: "ramp-changed", lift, sets: offer.sets, working: offer.working, why: offer.title },
      });
  }

  /** One does all that is left: ramps on no shared bar, working sets, later lifts. @returns when that is over. Seconds. */
  private rest(athlete: FloorAthlete): number {
    if (!this.isHere(athlete)) return 0;
    let clock = this.lastDone(athlete);
    for (;;) {
      const item = itemsOf(athlete, this.state.people[athlete.id]!).find((i) => !isDone(i));
      if (!item) return clock;
      clock += this.taken(secondsOf(item), item.kind === "step" ? item.step.drill : undefined);
      if (item.kind === "step")
        this.say(clock, athlete.id, { kind: "step-done", step: item.step.key }, phoneOf(athlete));
      else {
        this.lift(clock, athlete, item.lift, item.set, item.load, item.kind === "work", TABLET);
        this.check(clock + 5, athlete);
      }
    }
  }
}

/**
 * What would happen in a session with made-up people, from its start to its end, in order: two tablets and a phone for each; somebody is
 * late, somebody absent, one has a mild pain, for one the ramp is changed.
 *
 * @param startAt in milliseconds since 1970.
 * @param seed the same one plays the same session.
 */
export function playFloor(plan: FloorPlan, startAt: number, seed: number): FloorEvent[] {
  return new Player(plan, startAt, seed).play();
}

/** The seed of a session: the same one is played the same way again. */
export function seedOf(sessionId: string): number {
  return [...sessionId].reduce((sum, c) => (sum * 31 + c.charCodeAt(0)) | 0, 7);
}
