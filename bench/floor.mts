import { readFileSync } from "node:fs";
import path from "node:path";
import { v7 } from "uuid";
import { floorPlan, START } from "@/__tests__/floor";
import {
  catchUps,
  type FloorEvent,
  foldEvents,
  orderRack,
  presentIn,
  rackQuestions,
  sharedNow,
} from "@/core/floor";
import { playFloor } from "@/demo/play-floor";
import { formatTimes, measure, spread } from "./measure";
import { seedDemo, serve, temporaryFolder } from "./serve";

/** The floor: a fold of 5,000 events, what a tick has to work out, and how soon 20 other screens hear of it. */
const PORT = Number(process.env.BENCH_PORT ?? 4179);
const SCREENS = 20;
const TICKS = 200;

const plan = floorPlan(60);
const played = playFloor(plan, START, 1);
const many: FloorEvent[] = [];
for (let i = 0; many.length < 5000; i++) {
  const event = played[i % played.length]!;
  many.push({ ...event, id: `${event.id} ${i}`, at: event.at + Math.floor(i / played.length) });
}
const half = played.filter((e) => e.at < START + 12 * 60_000);
const state = foldEvents(plan, half);
const now = START + 12 * 60_000;
const questions = rackQuestions(plan, state, now);

console.log(`${"".padEnd(44)}${"median".padStart(11)}${"95 %".padStart(11)}${"worst".padStart(11)}`);
console.log(formatTimes("fold of 5,000 events, 60 athletes", measure([() => foldEvents(plan, many)], 20)));
console.log(
  formatTimes(
    `fold of a session of 60 (${played.length} events)`,
    measure([() => foldEvents(plan, played)], 20),
  ),
);
console.log(
  formatTimes(
    "what all do, who is there",
    measure([() => [sharedNow(plan, state), presentIn(plan, state)]], 20),
  ),
);
console.log(
  formatTimes("what would be left out, 60 behind", measure([() => catchUps(plan, state, now + 300_000)], 20)),
);
console.log(
  formatTimes(
    `order of a rack, exact (${questions.length} racks)`,
    measure(
      questions.map((q) => () => orderRack(q)),
      3,
    ),
  ),
);

const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
const server = await serve(file, PORT);
const url = `http://127.0.0.1:${PORT}/api/floor/today-masters`;
const post = (events: object[]) =>
  fetch(`${url}/events`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ events, since: 1_000_000 }),
  });
await post([{ id: v7(), athlete: null, device: "bench", at: Date.now(), kind: "started", due: null }]);

const sentAt = new Map<string, number>();
const delays: number[] = [];
const ends = Array.from({ length: SCREENS }, () => {
  const quit = new AbortController();
  void (async () => {
    const answer = await fetch(`${url}/stream?since=1`, { signal: quit.signal });
    let text = "";
    for await (const chunk of answer.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const messages = text.split("\n\n");
      text = messages.pop()!;
      for (const message of messages) {
        const id = /"id":"([^"]+)"/.exec(message)?.[1];
        const at = id === undefined ? undefined : sentAt.get(id);
        if (at !== undefined) delays.push(performance.now() - at);
      }
    }
  })().catch(() => undefined);
  return quit;
});
await new Promise((resolve) => setTimeout(resolve, 1000));
/** Ticks of the processor that the server has had. */
const worked = () => {
  const fields = readFileSync(`/proc/${server.pid}/stat`, "utf8").split(") ")[1]!.split(" ");
  return Number(fields[11]) + Number(fields[12]);
};
const before = worked();
const from = performance.now();
for (let tick = 0; tick < TICKS; tick++) {
  const id = v7();
  sentAt.set(id, performance.now());
  await (
    await post([{ id, athlete: "mei", device: "bench", at: Date.now(), kind: "note", text: `tick ${tick}` }])
  ).arrayBuffer();
  // A session of 60 is ticked about twice a second when everybody is at the bar.
  await new Promise((resolve) => setTimeout(resolve, 250));
}
await new Promise((resolve) => setTimeout(resolve, 500));
const seconds = (performance.now() - from) / 1000;
console.log(formatTimes(`a tick on ${SCREENS} other screens`, spread(delays)));
console.log(
  `${delays.length} of ${SCREENS * TICKS} heard; the server had ${(worked() - before) / seconds} % of one core.`,
);
for (const end of ends) end.abort();
server.kill("SIGKILL");
process.exit(0);
