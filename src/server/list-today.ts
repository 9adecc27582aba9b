import { catalog } from "@/catalog";
import { planOfLift, planWarmUp } from "@/core/plan";
import type { Finding } from "@/core/result";
import { type Stair, stairOf } from "@/core/stair";
import { type AthleteRecord, type GymKit, planRequestFor, type WarmUpDraft } from "@/core/warm-up";
import { listWarmUps } from "@/data/warm-ups";
import { today } from "./day";
import { athleteChoices, openWarmUp } from "./open-workbench";

/** One athlete's line on the day's page. */
export interface TodayLine {
  athlete: { id: string; name: string };
  warmUp: {
    id: string;
    /** Their names, in order. */
    lifts: string[];
    draft: WarmUpDraft;
    stair: Stair;
    /** What needs the coach's attention, the most important first. */
    attention: Finding[];
  } | null;
}

/** What is worth a word in a list: what speaks against the lift, the time, or a missing weight. */
const WORTH_ATTENTION = [
  "lift-against-area",
  "lift-loads-sore-area",
  "no-working-weight",
  "ramp-over-time",
  "over-time",
  "starts-heavy",
];

interface Drawn {
  stair: Stair;
  attention: Finding[];
}

/** The last picture of each warm-up with what it was drawn from: a day's page plans only what has changed. */
const drawn = new Map<string, { from: string; picture: Drawn }>();
const MOST_KEPT = 500;

function draw(id: string, draft: WarmUpDraft, athlete: AthleteRecord, gym: GymKit): Drawn {
  const from = JSON.stringify([draft, athlete, gym]);
  const known = drawn.get(id);
  if (known?.from === from) return known.picture;
  const plan = planWarmUp(planRequestFor(draft, athlete, gym, catalog));
  const over = plan.seconds > draft.minutes * 60;
  const overTime = { code: "over-time", message: `It takes more than the ${draft.minutes} min there are.` };
  const found = [...plan.findings, ...(over ? [overTime] : [])];
  const attention = WORTH_ATTENTION.flatMap((code) => found.filter((f) => f.code === code));
  const picture = { stair: stairOf(planOfLift(plan, 0), draft.minutes), attention };
  if (drawn.size >= MOST_KEPT) drawn.delete(drawn.keys().next().value!);
  drawn.set(id, { from, picture });
  return picture;
}

/** Today's warm-ups by group, those who have none yet included. */
export async function listToday(): Promise<{
  day: string;
  groups: { id: string; name: string; lines: TodayLine[] }[];
}> {
  const day = today();
  const [athletes, warmUps] = await Promise.all([athleteChoices(), listWarmUps(day)]);
  const groups: { id: string; name: string; lines: TodayLine[] }[] = [];
  for (const { id, name, group, groupId } of athletes) {
    if (groups.at(-1)?.id !== groupId) groups.push({ id: groupId, name: group, lines: [] });
    const row = warmUps.find((w) => w.athleteId === id)?.warmUp;
    const opened = row ? await openWarmUp(row.id) : null;
    let warmUp: TodayLine["warmUp"] = null;
    if (opened?.ok) {
      const { draft, athlete, gym } = opened.value;
      const names = draft.lifts.map((d) => catalog.lifts.find((l) => l.id === d.lift)!.name);
      warmUp = { id: row!.id, lifts: names, draft, ...draw(row!.id, draft, athlete, gym) };
    }
    groups.at(-1)!.lines.push({ athlete: { id, name }, warmUp });
  }
  return { day, groups };
}
