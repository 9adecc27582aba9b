import fc from "fast-check";
import { floorPlan, happens, started } from "@/__tests__/floor";
import { type FloorEvent, foldEvents } from "@/core/floor";
import { cases } from "@/lib/__tests__/cases";
import { type EventStore, type FeedWays, FloorFeed } from "./floor-feed";

const plan = floorPlan(2);
const [step] = plan.athletes[0]!.steps;

/** A server that keeps events as the real one does. */
class Server {
  rows: FloorEvent[] = [];
  isAway = false;
  losesAnswers = false;
  refuses = false;
  sent = 0;
  hearers = new Set<(event: FloorEvent, seq: number) => void>();
  store(events: readonly FloorEvent[]) {
    for (const e of events) {
      if (this.rows.some((r) => r.id === e.id)) continue;
      this.rows.push(e);
      for (const hear of this.hearers) hear(e, this.rows.length);
    }
  }
}

/** A browser in which time passes when it is told to. */
class Browser {
  time = 0;
  waiting: { at: number; work: () => void }[] = [];
  kept = new Map<string, FloorEvent>();
  seen: readonly FloorEvent[] = [];
  isListening = true;
  constructor(readonly server: Server) {}
  ways: FeedWays = {
    send: async ({ events, since }) => {
      this.server.sent += 1;
      if (this.server.isAway) throw new Error("away");
      if (this.server.refuses) return { kind: "refused", message: "No." };
      this.server.store(events);
      if (this.server.losesAnswers) throw new Error("lost");
      const { rows } = this.server;
      return { kind: "stored", events: rows.slice(since), seq: rows.length, now: this.time };
    },
    listen: (_, heard, isOpen) => {
      if (!this.isListening) return () => {};
      this.server.hearers.add(heard);
      isOpen(true);
      return () => this.server.hearers.delete(heard);
    },
    later: (work, ms) => {
      const entry = { at: this.time + ms, work };
      this.waiting.push(entry);
      return () => {
        this.waiting = this.waiting.filter((w) => w !== entry);
      };
    },
    clock: () => this.time,
  };
  store: EventStore = {
    load: async () => [...this.kept.values()],
    add: async (events) => {
      for (const e of events) this.kept.set(e.id, e);
    },
    remove: async (ids) => {
      for (const id of ids) this.kept.delete(id);
    },
    recall: async () => this.seen,
    remember: async (events) => {
      this.seen = events;
    },
  };
  async pass(ms: number) {
    const until = this.time + ms;
    for (;;) {
      await settled();
      const next = this.waiting.filter((w) => w.at <= until).sort((a, b) => a.at - b.at)[0];
      if (!next) break;
      this.waiting = this.waiting.filter((w) => w !== next);
      this.time = Math.max(this.time, next.at);
      next.work();
    }
    this.time = until;
  }
  open(device: string) {
    const { rows } = this.server;
    return new FloorFeed(
      { events: [...rows], seq: rows.length, now: this.time },
      this.ways,
      this.store,
      device,
    );
  }
}
const settled = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};
const done = (athlete: string) => ({ athlete, what: { kind: "step-done", step: step!.key } as const });

test("what is said is there at once, and with the server and everybody who listens soon after", async () => {
  const server = new Server();
  server.store([started()]);
  const [a, b] = [new Browser(server), new Browser(server)];
  const [mine, theirs] = [a.open("a"), b.open("b")];
  const ends = [mine.start(), theirs.start()];
  let told = 0;
  theirs.subscribe(() => (told += 1));
  mine.say([done("p0")]);
  expect(mine.snapshot()).toMatchObject({ unsent: 1 });
  expect(mine.snapshot().events).toHaveLength(2);
  await settled();
  expect(mine.snapshot().unsent).toBe(0);
  expect(theirs.snapshot().events.map((e) => e.kind)).toEqual(["started", "step-done"]);
  expect(told).toBeGreaterThan(0);
  for (const end of ends) end();
  expect(server.hearers.size).toBe(0);
});

test("what waits is said once this device keeps it, so that a page that is closed then loses nothing", async () => {
  const server = new Server();
  server.store([started()]);
  server.isAway = true;
  const a = new Browser(server);
  const feed = a.open("a");
  feed.say([done("p0")]);
  expect(feed.snapshot()).toMatchObject({ unsent: 1, waiting: 0 });
  await settled();
  expect(feed.snapshot()).toMatchObject({ unsent: 1, waiting: 1 });
  expect(a.kept.size).toBe(1);
});

test("half an hour without the server: nothing lost, nothing twice, the order kept", async () => {
  const server = new Server();
  server.store([started()]);
  const a = new Browser(server);
  const feed = a.open("a");
  const end = feed.start();
  await a.pass(10);
  server.isAway = true;
  for (let minute = 0; minute < 30; minute++) {
    feed.say([{ athlete: "p0", what: { kind: "note", text: `minute ${minute}` } }]);
    await a.pass(60_000);
  }
  expect(feed.snapshot()).toMatchObject({ unsent: 30, isConnected: false });
  server.isAway = false;
  await a.pass(15_000);
  expect(feed.snapshot()).toMatchObject({ unsent: 0, isConnected: true });
  const notes = server.rows.flatMap((e) => (e.kind === "note" ? [e.text] : []));
  expect(notes).toEqual(Array.from({ length: 30 }, (_, i) => `minute ${i}`));
  expect(a.kept.size).toBe(0);
  end();
});

test("a page that is closed with events waiting sends them when it is opened again", async () => {
  const server = new Server();
  server.store([started()]);
  const a = new Browser(server);
  server.isAway = true;
  const first = a.open("a");
  const end = first.start();
  first.say([done("p0"), done("p1")]);
  await a.pass(1000);
  end();
  server.isAway = false;
  const second = a.open("a");
  const endSecond = second.start();
  await a.pass(100);
  expect(server.rows).toHaveLength(3);
  expect(second.snapshot().unsent).toBe(0);
  endSecond();
});

test("a page that is opened again without the server knows what was seen before", async () => {
  const server = new Server();
  server.store([started()]);
  const a = new Browser(server);
  const first = a.open("a");
  const end = first.start();
  first.say([done("p0")]);
  await a.pass(1000);
  end();
  server.isAway = true;
  // The page that is kept came before anything had happened.
  const second = new FloorFeed({ events: [], seq: 0, now: a.time }, a.ways, a.store, "a");
  const endSecond = second.start();
  await a.pass(100);
  expect(
    second
      .snapshot()
      .events.map((e) => e.kind)
      .sort(),
  ).toEqual(["started", "step-done"]);
  expect(second.snapshot().unsent).toBe(0);
  endSecond();
});

test("a page that is closed right after the server had it knows it when it is opened without the server", async () => {
  const server = new Server();
  const browser = new Browser(server);
  const opened = { events: [], seq: 0, now: 0 };
  const before = new FloorFeed(opened, browser.ways, browser.store, "a");
  before.start();
  before.say([{ athlete: null, what: { kind: "started", due: null } }, done("p0")]);
  await settled();
  expect(before.snapshot().unsent).toBe(0);
  // The page as it was kept before, and nothing has passed since the answer.
  server.isAway = true;
  const after = new FloorFeed(opened, browser.ways, browser.store, "a");
  after.start();
  await settled();
  expect(after.snapshot().events.map((e) => e.kind)).toEqual(["started", "step-done"]);
  server.isAway = false;
  await browser.pass(5000);
  expect(server.rows).toHaveLength(2);
  expect([after.snapshot().unsent, browser.kept.size]).toEqual([0, 0]);
});

test("an answer that is lost is no second event", async () => {
  const server = new Server();
  const a = new Browser(server);
  const feed = a.open("a");
  const end = feed.start();
  server.losesAnswers = true;
  feed.say([done("p0")]);
  await a.pass(3000);
  server.losesAnswers = false;
  await a.pass(15_000);
  expect(server.rows).toHaveLength(1);
  expect(feed.snapshot()).toMatchObject({ unsent: 0, isConnected: true });
  end();
});

test("what the server will never take is said and no longer sent", async () => {
  const server = new Server();
  server.refuses = true;
  const a = new Browser(server);
  const feed = a.open("a");
  const end = feed.start();
  feed.say([done("p0")]);
  await a.pass(60_000);
  expect(feed.snapshot()).toMatchObject({ unsent: 0, refusal: "No.", events: [] });
  const { sent } = server;
  await a.pass(60_000);
  expect(server.sent).toBe(sent);
  end();
});

test("where no stream gets through it is asked for every few seconds", async () => {
  const server = new Server();
  const a = new Browser(server);
  a.isListening = false;
  const feed = a.open("a");
  const end = feed.start();
  server.store([started()]);
  await a.pass(2500);
  expect(feed.snapshot().events).toHaveLength(1);
  end();
});

test("a clock that goes wrong is put right by the server's", async () => {
  const server = new Server();
  const a = new Browser(server);
  a.ways.clock = () => a.time - 100_000;
  const feed = a.open("a");
  const end = feed.start();
  feed.say([done("p0")]);
  await a.pass(10);
  const [event] = feed.say([done("p1")]);
  expect(Math.abs(event!.at - a.time)).toBeLessThan(1000);
  end();
});

test("two devices, either of them away at times: the same state on both in the end", async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc.record({
          who: fc.constantFrom(0, 1),
          away: fc.boolean(),
          ms: fc.nat(4000),
          what: fc.constantFrom("step-done", "left", "arrived", "lift-stopped"),
        }),
        { maxLength: 15 },
      ),
      async (script) => {
        const server = new Server();
        server.store([started()]);
        const browsers = [new Browser(server), new Browser(server)];
        const feeds = browsers.map((b, i) => b.open(`d${i}`));
        const ends = feeds.map((f) => f.start());
        for (const { who, away, ms, what } of script) {
          server.isAway = away;
          const said =
            what === "step-done"
              ? done("p0").what
              : what === "lift-stopped"
                ? ({ kind: what, lift: 0 } as const)
                : ({ kind: what as "left" } as const);
          feeds[who]!.say([{ athlete: "p0", what: said }]);
          for (const b of browsers) await b.pass(ms);
        }
        server.isAway = false;
        for (const b of browsers) await b.pass(30_000);
        const states = [...feeds.map((f) => f.snapshot().events), server.rows].map((e) =>
          foldEvents(plan, e),
        );
        expect(states[0]).toEqual(states[2]);
        expect(states[1]).toEqual(states[2]);
        expect(server.rows).toHaveLength(script.length + 1);
        for (const end of ends) end();
      },
    ),
    cases(40),
  );
});

test("events of others that are known already change nothing", async () => {
  const server = new Server();
  const a = new Browser(server);
  const event = happens(1, "p0", { kind: "left" });
  server.store([event]);
  const feed = a.open("a");
  const before = feed.snapshot();
  const end = feed.start();
  for (const hear of server.hearers) hear(event, 1);
  expect(feed.snapshot()).toBe(before);
  end();
});
